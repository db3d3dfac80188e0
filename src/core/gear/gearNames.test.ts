import { describe, expect, it } from 'vitest';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { GEAR_NAMES } from '../../content/gearWords.ts';
import { coloursIn, kindOfName, sizeIn } from './gearNames.ts';

const kindOf = (name: string) => kindOfName(name, GEAR_CATALOGUE, { names: GEAR_NAMES });

describe('what gear is called', () => {
  it('is a list of at least 300 names, each of one kind that there is, and each read as that kind', () => {
    expect(new Set(GEAR_NAMES.map((n) => n.name)).size).toBe(GEAR_NAMES.length);
    expect(GEAR_NAMES.length).toBeGreaterThanOrEqual(300);
    const kinds = new Set(GEAR_CATALOGUE.map((k) => k.kind));
    expect(GEAR_NAMES.filter((n) => !kinds.has(n.kind) || kinds.has(n.name))).toEqual([]);
    expect(GEAR_NAMES.filter((n) => kindOf(n.name) !== n.kind)).toEqual([]);
    expect(GEAR_CATALOGUE.filter(({ kind }) => kindOf(kind) !== kind)).toEqual([]);
  });

  it.each([
    ['Pinnies, red', 'pinnie'],
    ['Bibs', 'pinnie'],
    ['Poly spots (numbered)', 'floor spot'],
    ['Gym Scooters 12" square', 'scooter board'],
    ['Balls, foam, 8 in', 'foam ball'],
    ['8.5" coated foam balls', 'foam ball'],
    ['Soccer balls size 4', 'soccer ball'],
    ['Hula-Hoops 30 in', 'hoop'],
    ['Floor tape', 'marking tape'],
    ['Jumpropes 8ft', 'jump rope'],
    ['Bean bags', 'beanbag'],
    ['Cones in a bag', 'cone'],
    ['Cone carrier', 'gear cart'],
    ['Ball pump', 'air pump'],
    ['Tennis racquets 23 in', 'long racket'],
    ['Foam disks', 'disc'],
    ['Whistles w/ lanyards', 'whistle'],
    ['Medicine balls 4 lb', 'weighted ball'],
    ['Folding mats 4x6', 'mat'],
    ['Set of 6 hurdles', 'hurdle'],
  ])('reads %j as %s', (name, kind) => expect(kindOf(name)).toBe(kind));

  it.each(['Nets', 'Yoga blocks', 'First aid kit', 'Heart monitors', 'Rubber chickens', 'Cone painter', 'Wrapping paper', ''])(
    'guesses nothing of %j',
    (name) => expect(kindOf(name)).toBe('other'),
  );

  it('is what the school calls it, whatever everybody else says, in the singular and in any color', () => {
    const taught = [
      { name: 'Stompers', kind: 'foam rocket' },
      { name: 'Bibs', kind: 'scarf' },
      { name: 'Gone', kind: 'no kind' },
    ];
    const own = (name: string) => kindOfName(name, GEAR_CATALOGUE, { names: GEAR_NAMES, taught });
    expect(own('stomper, red')).toBe('foam rocket');
    expect(own('24 bibs')).toBe('scarf');
    expect(own('Team bibs')).toBe('pinnie');
    expect(own('Gone')).toBe('other');
  });
});

describe('what a name says beside its kind', () => {
  it('is its colors, in their order', () => {
    expect(coloursIn('Pinnies, Red/blue')).toEqual(['red', 'blue']);
    expect(coloursIn('Bored cones, redder')).toEqual([]);
  });

  it.each([
    ['8.5" foam balls', 0.216],
    ['6-inch', 0.152],
    ['Ropes 8ft', 2.438],
    ["Parachute 20'", 6.096],
    ['Balls 20 cm', 0.2],
    ['Tape 1 1/2 in', 0.038],
    ['Poles 2 m', 2],
    ['Mats 4x6', undefined],
    ['12 medicine balls 4 lb', undefined],
  ])('is a size: %s', (name, metres) => expect(sizeIn(name)).toBe(metres));
});
