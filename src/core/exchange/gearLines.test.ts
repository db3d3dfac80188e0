import { describe, expect, it } from 'vitest';
import { cutLine, readLine } from './gearLines.ts';

describe('readLine', () => {
  it.each([
    ['24 foam balls', 'Foam balls', 24],
    ['24x foam balls', 'Foam balls', 24],
    ['24 x foam balls', 'Foam balls', 24],
    ['(24) foam balls', 'Foam balls', 24],
    ['20+ cones', 'Cones', 20],
    ['approx. 20 cones', 'Cones', 20],
    ['12 ea. cones', 'Cones', 12],
    ['two dozen cones', 'Cones', 24],
    ['Four mats', 'Mats', 4],
    ['2 sets of bowling pins', 'Bowling pins', 2],
    ['10 8" playground balls', '8" playground balls', 10],
    ['- 24 foam balls', 'Foam balls', 24],
    ['3) Foam balls – 24', 'Foam balls', 24],
    ['1. Foam balls 24', 'Foam balls', 24],
    ['Hula hoops, 20', 'Hula hoops', 20],
    ['Jump ropes x 30', 'Jump ropes', 30],
    ['Jump ropes x30', 'Jump ropes', 30],
    ['Jump ropes 30', 'Jump ropes', 30],
    ['Cones (12)', 'Cones', 12],
    ['Foam balls: 24 ea', 'Foam balls', 24],
    ['Foam balls Qty: 24', 'Foam balls', 24],
    ['Mats .... 4', 'Mats', 4],
    ['Balls,four', 'Balls', 4],
    ['Balls, foam, 8 inch, 12', 'Balls, foam, 8 inch', 12],
    ['Jump ropes - 8ft - 15', 'Jump ropes - 8ft', 15],
    ['8 in foam balls 12', '8 in foam balls', 12],
    ['8.5" foam balls x 12', '8.5" foam balls', 12],
    ['Size 4 soccer balls 10', 'Size 4 soccer balls', 10],
    ['Pinnies - 12 red, 12 blue', 'Pinnies red, blue', 24],
    ['Scooters (12 square)', 'Scooters, square', 12],
    ['Soccer balls size 4', 'Soccer balls size 4', undefined],
    ['36" hoops', '36" hoops', undefined],
    ['7 ft jump ropes', '7 ft jump ropes', undefined],
    ['4x6 mats', '4x6 mats', undefined],
    ['3-way balls', '3-way balls', undefined],
    ['Poly spots', 'Poly spots', undefined],
  ])('%s', (line, name, count) => expect(readLine(line)).toEqual(count === undefined ? { name } : { name, count }));
});

describe('cutLine', () => {
  it('cuts a line by whatever parts its cells, if a count is among the first two', () => {
    expect(cutLine('Cones;12;cart')).toEqual(['Cones', '12', 'cart']);
    expect(cutLine('12\tCones')).toEqual(['12', 'Cones']);
    expect(cutLine('"Balls, foam",12')).toEqual(['Balls, foam', '12']);
    expect(cutLine('Balls, foam, 12')).toBeUndefined();
    expect(cutLine('Balls, foam, 12', 3)).toEqual(['Balls', ' foam', ' 12']);
    expect(cutLine('12 cones')).toBeUndefined();
  });
});
