import { describe, expect, it } from 'vitest';
import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { HOME_MADE } from '../../content/homeMade.ts';
import { Gear } from '../model/gear.ts';
import { newHeader } from '../model/record.ts';
import { changeOver } from './changeOver.ts';
import { coverNeeds, handfuls } from './cover.ts';
import { kindOfName } from './gearNames.ts';
import { making } from './homeMade.ts';
import { isLatexFree, kindsOf, newKind, propertiesOf } from './kinds.ts';
import type { GearNeed } from './need.ts';
import { standInsFor } from './standIns.ts';

const need = (pieceId: string, gearKind: string, count: number): GearNeed => ({ pieceId, title: pieceId, gearKind, count, use: 'stays' });
const gear = (id: string, gearKind: string, count: number) =>
  Gear.parse({ ...newHeader('gear', 2), id, name: id, gearKind, count, place: 'shelf' });

describe('coverNeeds', () => {
  it('adds up what is needed at once and holds it against every line of that kind', () => {
    const [line] = coverNeeds(
      'b',
      [need('one', 'hoop', 4), need('two', 'hoop', 5)],
      [gear('red', 'hoop', 3), gear('blue', 'hoop', 4), gear('x', 'cone', 9)],
    );
    expect(line).toMatchObject({ blockId: 'b', gearKind: 'hoop', need: 9, have: 7, short: 2 });
    expect(line.from.map((f) => f.id)).toEqual(['red', 'blue']);
    expect(line.at.map((a) => a.count)).toEqual([4, 5]);
  });
  it('is short of everything where there is nothing, and of nothing where nothing is needed', () => {
    expect(coverNeeds('b', [need('one', 'bell', 2)], [])).toMatchObject([{ have: 0, short: 2, from: [] }]);
    expect(coverNeeds('b', [], DEMO_CUPBOARD)).toEqual([]);
  });
});

describe('handfuls', () => {
  it('are what one carries at once of a kind to a place, of what is there', () => {
    const needs = [need('one', 'beanbag', 12), need('two', 'beanbag', 5), need('two', 'hoop', 1), need('three', 'bell', 2)];
    const lines = coverNeeds('b', needs, [gear('x', 'beanbag', 40), gear('y', 'hoop', 9)]);
    expect(handfuls(lines)).toBe(2 + 1 + 1);
    expect(handfuls(coverNeeds('b', needs, [gear('x', 'beanbag', 7)]))).toBe(2);
    expect(handfuls([])).toBe(0);
  });
});

describe('changeOver', () => {
  const line = (gearKind: string, count: number) => coverNeeds('b', [need('p', gearKind, count)], [])[0];
  it('tells what comes, goes and stays; together they are what was and what will be', () => {
    const before = [line('hoop', 4), line('cone', 10), line('mat', 2)];
    const after = [line('hoop', 6), line('cone', 7), line('bell', 1)];
    const { comes, goes, stays } = changeOver(before, after);
    expect(comes).toEqual([
      { gearKind: 'hoop', count: 2 },
      { gearKind: 'bell', count: 1 },
    ]);
    expect(goes).toEqual([
      { gearKind: 'cone', count: 3 },
      { gearKind: 'mat', count: 2 },
    ]);
    const sum = (list: { count: number }[]) => list.reduce((a, b) => a + b.count, 0);
    expect(sum(stays) + sum(goes)).toBe(16);
    expect(sum(stays) + sum(comes)).toBe(14);
  });
  it('counts the most that two blocks of one lesson need, not their sum', () => {
    expect(changeOver([], [line('hoop', 4), line('hoop', 6)]).comes).toEqual([{ gearKind: 'hoop', count: 6 }]);
  });
  it('changes nothing for the same lesson again', () => {
    const same = [line('hoop', 4)];
    expect(changeOver(same, same)).toEqual({ comes: [], goes: [], stays: [{ gearKind: 'hoop', count: 4 }] });
  });
});

describe('stand-ins', () => {
  const kind = (name: string) => GEAR_CATALOGUE.find((k) => k.kind === name)!;
  const flying = ['throw', 'catch', 'kick', 'be hit', 'juggle'];

  it('share the usual use of what they stand in for, and none stands in for itself', () => {
    for (const { kind: name, uses } of GEAR_CATALOGUE)
      for (const standIn of standInsFor(name, GEAR_CATALOGUE)) {
        expect(standIn.kind).not.toBe(name);
        expect(kind(standIn.kind).uses, `${name}: ${standIn.kind}`).toContain(uses[0]);
      }
    expect(standInsFor('never heard of', GEAR_CATALOGUE)).toEqual([]);
  });

  it('are no harder and not half again as heavy where an object comes at somebody', () => {
    const order = ['soft', 'medium', 'hard'];
    for (const { kind: name, uses, typical } of GEAR_CATALOGUE) {
      if (!flying.includes(uses[0])) continue;
      for (const standIn of standInsFor(name, GEAR_CATALOGUE)) {
        const other = kind(standIn.kind).typical;
        expect(order.indexOf(other.firmness ?? 'hard'), `${name}: ${standIn.kind}`).toBeLessThanOrEqual(
          order.indexOf(typical.firmness ?? 'hard'),
        );
        expect(other.massG ?? 0).toBeLessThanOrEqual(1.5 * (typical.massG ?? Number.POSITIVE_INFINITY));
      }
    }
    expect(standInsFor('disc', GEAR_CATALOGUE).map((s) => s.kind)).not.toContain('firm disc');
  });

  it('come nearest first, and say what is different', () => {
    const list = standInsFor('soft ball', GEAR_CATALOGUE);
    expect(list.map((s) => s.far)).toEqual(list.map((s) => s.far).toSorted((a, b) => a - b));
    expect(list[0].kind).toBe('egg ball');
    const light = list.find((s) => s.kind === 'light ball')!;
    expect(light.changes).toEqual(['larger', 'lighter', 'slower']);
    expect(
      standInsFor('light ball', GEAR_CATALOGUE).map((s) => s.kind),
      'a balloon is not thrown',
    ).not.toContain('balloon');
    expect(standInsFor('punch balloon', GEAR_CATALOGUE).map((s) => s.kind)).toContain('film balloon');
    expect(standInsFor('whistle', GEAR_CATALOGUE)[0].kind).toBe('beeper');
  });

  it('are never much the same because nothing is known of them', () => {
    const kinds = kindsOf(GEAR_CATALOGUE, [newKind('peg', 'marker')]);
    const unknown = standInsFor('cone', kinds).find((s) => s.kind === 'peg')!;
    expect(unknown.changes).toEqual(['not known how alike']);
    expect(unknown.far).toBeGreaterThan(standInsFor('cone', kinds)[0].far);
    expect(standInsFor('peg', kinds).every((s) => s.changes.length > 0)).toBe(true);
    expect(standInsFor('other', kinds)).toEqual([]);
    for (const { kind: name } of kinds) expect(standInsFor(name, kinds).map((s) => s.kind)).not.toContain('other');
  });

  it('know a school’s own kind by its properties alone', () => {
    const own = {
      ...newKind('sock ball', 'ball'),
      typical: { diameterM: 0.08, massG: 60, firmness: 'soft' as const, bounce: 'none' as const },
    };
    const kinds = kindsOf(GEAR_CATALOGUE, [own]);
    expect(standInsFor('soft ball', kinds).map((s) => s.kind)).toContain('sock ball');
    expect(standInsFor('sock ball', kinds)[0].kind).toBe('fluff ball');
  });
});

describe('kinds of gear', () => {
  const item = (more: object) =>
    Gear.parse({ ...newHeader('gear', 2), id: 'i', name: 'Thing', gearKind: 'soft ball', count: 1, place: '', ...more });

  it.each([
    ['Foam discs', 'disc'],
    ['Curling stones, felt', 'other'],
    ['Sliding stones, felt', 'sliding stone'],
    ['Juggling scarves', 'scarf'],
    ['6 small foam balls, red', 'small foam ball'],
    ['Foam balls', 'foam ball'],
    ['Benches', 'bench'],
    ['Boxes of chalk', 'chalk'],
    ['Wrapping paper', 'other'],
    ['', 'other'],
  ])('%j is read as %s', (name, kind) => expect(kindOfName(name, GEAR_CATALOGUE)).toBe(kind));

  it('lend an item what it does not say itself, marked as typical', () => {
    const { properties, typical } = propertiesOf(item({ massG: 90, colour: 'green' }), GEAR_CATALOGUE);
    expect(properties).toMatchObject({ massG: 90, colour: 'green', diameterM: 0.16, firmness: 'soft' });
    expect(typical).toEqual(expect.arrayContaining(['diameterM', 'firmness', 'latex']));
    expect(typical).not.toContain('massG');
    expect(propertiesOf(item({ gearKind: 'gone' }), GEAR_CATALOGUE)).toEqual({ properties: expect.anything(), typical: [] });
  });

  it('count latex that nobody knows of as latex', () => {
    expect(isLatexFree(item({}), GEAR_CATALOGUE)).toBe(true);
    expect(isLatexFree(item({ latex: 'yes' }), GEAR_CATALOGUE)).toBe(false);
    expect(isLatexFree(item({ gearKind: 'playground ball' }), GEAR_CATALOGUE)).toBe(false);
    expect(isLatexFree(item({ gearKind: 'playground ball', latex: 'no' }), GEAR_CATALOGUE)).toBe(true);
    expect(isLatexFree(item({ gearKind: 'gone' }), GEAR_CATALOGUE)).toBe(false);
  });

  it('of a school hold over the catalogue’s of the same name', () => {
    const own = { ...newKind('hoop', 'goal'), uses: ['aim into' as const] };
    const kinds = kindsOf(GEAR_CATALOGUE, [own]);
    expect(kinds.filter((k) => k.kind === 'hoop')).toEqual([own]);
    expect(kinds).toHaveLength(GEAR_CATALOGUE.length);
  });
});

describe('making a thing', () => {
  const thing = (id: string) => HOME_MADE.find((t) => t.id === id)!;
  const stock = (list: [string, number][]) => list.map(([gearKind, count]) => ({ gearKind, count }));

  it('says how many can be made, what is short, how long it takes and what it costs', () => {
    const here = stock([
      ['target', 4],
      ['bell', 3],
    ]);
    expect(making(thing('sounding-target'), here, 2)).toMatchObject({ canMake: 3, minutes: 20, costCents: 1040 });
    const five = making(thing('sounding-target'), here, 5).materials;
    expect(five.map((m) => [m.gearKind, m.count, m.short])).toEqual([
      ['target', 5, 1],
      ['bell', 5, 2],
      [undefined, 5, 0],
      [undefined, 5, 0],
    ]);
  });

  it('needs once what is only lent, and a part of a thing as a whole one', () => {
    expect(
      making(
        thing('soft-playground-ball'),
        stock([
          ['playground ball', 6],
          ['air pump', 1],
        ]),
        4,
      ).materials[1],
    ).toMatchObject({ count: 1, short: 0 });
    expect(making(thing('soft-playground-ball'), stock([['playground ball', 6]]), 1).canMake).toBe(0);
    const handles = making(
      thing('foam-handle'),
      stock([
        ['short racket', 8],
        ['foam tube', 1],
      ]),
      8,
    );
    expect(handles.canMake).toBe(8);
    expect(handles.materials[1].count).toBe(1);
    expect(making(thing('tactile-line'), [], 3).canMake).toBe(Number.POSITIVE_INFINITY);
  });
});
