import { describe, expect, it } from 'vitest';
import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { Gear } from '../model/gear.ts';
import { newHeader } from '../model/record.ts';
import { seededRng } from '../rng.ts';
import { gearCsv, readGearCsv, wishCsv } from './gearCsv.ts';

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
