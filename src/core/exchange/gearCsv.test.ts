import { describe, expect, it } from 'vitest';
import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { GEAR_NAMES } from '../../content/gearWords.ts';
import { Gear } from '../model/gear.ts';
import { newHeader } from '../model/record.ts';
import { seededRng } from '../rng.ts';
import { type GearAnswer, gearCsv, readGearCsv, wishCsv } from './gearCsv.ts';

const read = (text: string) => readGearCsv(text, GEAR_CATALOGUE);
const wrong = (text: string) => read(text).errors.map(({ row, column, code, value }) => [row, column, code, value]);

describe('a gear list', () => {
  it('of the whole closet is read again as it was, and says nothing that is only typical', () => {
    const text = gearCsv(DEMO_CUPBOARD, GEAR_CATALOGUE);
    const { rows, errors, kinds } = read(text);
    expect([errors, kinds]).toEqual([[], []]);
    const fields = (g: Gear) => {
      const { kind: _k, version: _v, schoolId: _s, revision: _r, id: _i, limits: _l, ...rest } = g;
      return JSON.parse(JSON.stringify(rest));
    };
    expect(rows.map((r) => JSON.parse(JSON.stringify(r.fields)))).toEqual(DEMO_CUPBOARD.map(fields));
    expect(text.split('\r\n')[0]).toContain('Name,Count,Kind,Family,Kept in,Across (m)');
    expect(text).toContain('Benches,4,bench,mat or support,along the wall,,3,');
  });

  it.each([
    ['name, count, kind, place without headings', 'Foam balls,12,foam ball,cart'],
    ['headings in any order and other words', 'Where;How many;Item\ncart;12;Foam balls'],
    ['tabs and a byte order mark', '\uFEFFQty\tEquipment\tLocation\r\n12\tFoam balls\tcart\r\n\r\n'],
    ['quotes', 'name,count,place\n"Foam balls",12,"cart"'],
  ])('is read with %s', (_, text) => {
    const { rows, errors } = read(text);
    expect(errors).toEqual([]);
    expect(rows.map((r) => r.fields)).toEqual([{ name: 'Foam balls', count: 12, gearKind: 'foam ball', place: 'cart' }]);
  });

  it('takes decimals with a comma, and a kind of its own if its family is said', () => {
    const { rows, kinds } = read('Name;Count;Kind;Family;Across (m)\nSock balls;9;Sock ball;Ball;0,08\nMore;2;sock ball;;');
    expect(rows[0].fields).toMatchObject({ gearKind: 'sock ball', diameterM: 0.08 });
    expect(kinds).toEqual([{ kind: 'sock ball', family: 'ball', uses: ['throw', 'catch', 'roll'], typical: {} }]);
    expect(rows).toHaveLength(2);
  });

  it('says what is wrong by row and column, every time', () => {
    expect(wrong('Name,Count,Kind,Firmness\nBalls,four,foam ball,\n,3,,\nNets,2,giant net,\nMats,2,mat,fluffy\nHoops,-1,hoop,')).toEqual([
      [2, 'Count', 'number', 'four'],
      [3, 'Name', 'empty', ''],
      [4, 'Kind', 'unknown-kind', 'giant net'],
      [5, 'Firmness', 'choice', 'fluffy'],
      [6, 'Count', 'too-small', '-1'],
    ]);
    expect(wrong('Name,Count,Kind,Family\nNets,2,giant net,cannon')).toEqual([[2, 'Family', 'choice', 'cannon']]);
    expect(wrong('Balls,4\nballs,5')).toEqual([[2, 'Name', 'repeated', 'balls']]);
    expect(wrong('Name,Count\n"Balls,4').map((e) => e[2])).toContain('quotes');
    expect(wrong('Name,Count')).toEqual([[1, '', 'no-rows', '']]);
    expect(wrong(`Name,Count\n${'Ball,1\n'.repeat(2001)}`)).toEqual([[2001, '', 'too-many', '2001']]);
  });

  it('keeps a spreadsheet from running a name as a formula, and reads it back', () => {
    const odd = Gear.parse({ ...newHeader('gear', 2), id: 'odd', name: '=cmd|x', gearKind: 'cone', count: 1, place: '-shelf' });
    const text = gearCsv([odd], GEAR_CATALOGUE);
    expect(text).toContain("'=cmd|x");
    expect(read(text).rows[0].fields).toMatchObject({ name: '=cmd|x', place: '-shelf' });
  });

  it('of garbage gives errors and never throws', () => {
    const random = seededRng(7);
    const marks = 'abz09,;"\t\n\r\'=+-\u0000é{}[]|';
    for (let i = 0; i < 400; i++) {
      const text = Array.from({ length: 1 + random.below(200) }, () => marks[random.below(marks.length)]).join('');
      const { rows, errors } = read(text);
      expect(rows.length + errors.length, JSON.stringify(text)).toBeGreaterThan(0);
      for (const { fields } of rows) expect(fields.count).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('a wish list', () => {
  it('is a table with its total, and no name is a formula', () => {
    const lines = [
      { id: 'a', name: 'Light balls', count: 6, costCents: 7500 },
      { id: 'b', name: '=1+1', count: 1, costCents: 5 },
    ];
    expect(wishCsv(lines, 7505).split('\r\n')).toEqual(['Name,Count,Cost', 'Light balls,6,75.00', "'=1+1,1,0.05", 'Total,,75.05']);
  });
});

/** A list as an office sends it, read with what things are called. */
const named = (text: string, answers: GearAnswer[] = []) =>
  readGearCsv(text, GEAR_CATALOGUE, { vocabulary: { names: GEAR_NAMES }, answers });
const counted = (text: string) => named(text).rows.map(({ fields: f }) => `${f.count} ${f.gearKind}${f.place ? ` @${f.place}` : ''}`);

describe('a list as six offices send it', () => {
  it.each([
    [
      'an inventory with a title, its own headings, a category and a total',
      'Alder Hollow School\nPE inventory 2026\n\nItem Description,Category,Qty on hand,Room\nPinnies red,Apparel,24,Closet A\nPoly spots,Markers,30,Closet A\n"Balls, foam, 8 in",Balls,12,Closet B\nGrand total,,66,\n',
      ['24 pinnie @Closet A', '30 floor spot @Closet A', '12 foam ball @Closet B'],
    ],
    [
      'lines typed by hand, the count in front',
      '24 foam balls\n20 hula hoops\n1 parachute 20 ft\ntwo dozen cones\n- 12 gym scooters',
      ['24 foam ball', '20 hoop', '1 large cloth', '24 cone', '12 scooter board'],
    ],
    [
      'lines with the count behind, each parted in its own way',
      'Hula hoops, 20\nJump ropes x 30\nBibs\t24\nFloor tape; 6\nFoam balls (12)\nStop watches - 4',
      ['20 hoop', '30 jump rope', '24 pinnie', '6 marking tape', '12 foam ball', '4 timer'],
    ],
    [
      'parts with headings of their own',
      'Gear room:\nBALLS:\nFoam balls 24\nSoccer balls size 4 - 10\nSTRIKING:\nFloor hockey sticks 30\nPucks 12',
      ['24 foam ball', '10 soccer ball', '30 push stick', '12 sliding stone'],
    ],
    [
      'count first, semicolons, a place behind',
      '12;Bean bags;shelf 2\n8;Agility hurdles;shelf 3\n4;Folding mats 4x6;wall',
      ['12 beanbag @shelf 2', '8 hurdle @shelf 3', '4 mat @wall'],
    ],
    [
      'a bulleted note with colors counted one by one',
      '• Team vests - 12 red, 12 blue\n• Bowling pins: 20\n• 10 8" playground balls\n• Whistles w/ lanyards (3)',
      ['24 pinnie', '20 pin', '10 playground ball', '3 whistle'],
    ],
  ])('%s', (_, text, expected) => {
    expect(named(text).errors).toEqual([]);
    expect(counted(text)).toEqual(expected);
    expect(named(text).rows.filter((r) => r.isUnknown)).toEqual([]);
  });

  it('says which lines it left out, and takes one that is gear all the same', () => {
    const text = 'Shelf list\nFoam balls 12\nSwivel thing:\nSubtotal 12';
    expect(named(text).leftOut).toEqual([
      { row: 1, text: 'Shelf list' },
      { row: 3, text: 'Swivel thing:' },
      { row: 4, text: 'Subtotal 12' },
    ]);
    const kept = named(text, [{ row: 3, count: 2, family: 'other' }]);
    expect(kept.rows.map((r) => [r.row, r.fields.name, r.fields.count, r.fields.gearKind])).toEqual([
      [2, 'Foam balls', 12, 'foam ball'],
      [3, 'Swivel thing', 2, 'swivel thing'],
    ]);
    expect(named('Shelf list\nGear room:').errors.map((e) => e.code)).toEqual(['no-rows']);
  });

  it('reads color and size from the name, where no column says them', () => {
    const { rows } = named('8.5" foam balls, red, 12\nJump ropes 8 ft x 20\nCones 9 in - 10 orange');
    expect(rows.map((r) => r.fields)).toMatchObject([
      { gearKind: 'foam ball', diameterM: 0.216, colour: 'red', count: 12 },
      { gearKind: 'jump rope', lengthM: 2.438, count: 20 },
      { gearKind: 'cone', count: 10 },
    ]);
    expect(rows[1].fields.diameterM).toBeUndefined();
    expect(named('Name,Count,Color,Across (m)\nFoam balls red 8 in,3,blue,0.3').rows[0].fields).toMatchObject({
      colour: 'blue',
      diameterM: 0.3,
    });
  });

  it('asks what a thing is that nobody knows, and takes the answer: a kind there is, or a new one of a family', () => {
    const text = 'Wobbly nets 3\nFoam balls 12\nYoga blocks 20';
    expect(
      named(text)
        .rows.filter((r) => r.isUnknown)
        .map((r) => r.row),
    ).toEqual([1, 3]);
    const { rows, kinds, errors } = named(text, [
      { row: 1, kind: 'low net' },
      { row: 3, family: 'mat or support' },
    ]);
    expect(errors).toEqual([]);
    expect(rows.map((r) => [r.fields.gearKind, r.isUnknown])).toEqual([
      ['low net', undefined],
      ['foam ball', undefined],
      ['yoga blocks', undefined],
    ]);
    expect(kinds.map((k) => [k.kind, k.family])).toEqual([['yoga blocks', 'mat or support']]);
    expect(named(text, [{ row: 1, kind: 'no such kind' }]).errors).toMatchObject([{ row: 1, code: 'unknown-kind', line: 'Wobbly nets 3' }]);
  });

  it('quotes the line that is wrong, and takes a count that the list does not say', () => {
    const text = 'Name,Count\nPinnies,lots\nHoops,';
    expect(named(text).errors).toMatchObject([
      { row: 2, column: 'Count', code: 'number', line: 'Pinnies, lots' },
      { row: 3, column: 'Count', code: 'empty', line: 'Hoops,' },
    ]);
    expect(
      named(text, [
        { row: 2, count: 9 },
        { row: 3, count: 4 },
      ]).rows.map((r) => r.fields.count),
    ).toEqual([9, 4]);
  });
});
