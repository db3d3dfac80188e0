import { describe, expect, it } from 'vitest';
import { StudentId } from '../model/ids.ts';
import { diffRoster } from './rosterDiff.ts';
import { type Namesake, namesakesAfter, repeatedMarks } from './rosterNamesakes.ts';

const there = (...names: [string, string, string?][]) =>
  names.map(([givenName, familyName, mark], i) => ({ id: StudentId.parse(`s${i}`), givenName, familyName, mark, rating: 3 }));
const rows = (...names: [string, string][]) => names.map(([givenName, familyName], i) => ({ row: i + 1, givenName, familyName }));
const said = (who: Namesake[]) => who.map((w) => w.id ?? `row ${w.row}`);

describe('namesakesAfter', () => {
  it('asks about a row beside a row, and a row beside one who is there, however they are written', () => {
    const known = there(['Wren', 'Oak', 'tall'], ['Brea', 'Quarrie']);
    const list = rows(['wren', 'OAK'], ['Tova', 'Larch'], ['Tova', 'Larch']);
    const asked = namesakesAfter(known, list, diffRoster(known, list), null);
    expect(asked.map((a) => [a.name, said(a.who)])).toEqual([
      ['Wren Oak', ['s0', 'row 1']],
      ['Tova Larch', ['row 2', 'row 3']],
    ]);
    expect(asked[0].who[0].mark).toBe('tall');
  });

  it('in an update asks about those alone who come or are called otherwise, beside those who stay', () => {
    const known = there(['Wren', 'Oak'], ['Wren', 'Oak'], ['Brea', 'Quarrie'], ['Tova', 'Larch']);
    const list = rows(['Wren', 'Oak'], ['Wren', 'Oak'], ['Brea', 'Quarrie'], ['Brea', 'Quarrie']);
    const diff = diffRoster(known, list);
    expect(diff.gone.map((g) => g.id)).toEqual(['s3']);
    expect(namesakesAfter(known, list, diff, { keepGone: false }).map((a) => said(a.who))).toEqual([['s2', 'row 4']]);
    const more = rows(['Wren', 'Oak'], ['Wren', 'Oak'], ['Brea', 'Quarrie'], ['Tova', 'Larch'], ['tova', 'larch']);
    const kept = diffRoster(known.slice(0, 3), more);
    expect(namesakesAfter(known.slice(0, 3), more, kept, { keepGone: true }).map((a) => said(a.who))).toEqual([['row 4', 'row 5']]);
  });
});

describe('repeatedMarks', () => {
  it('finds a word that was given twice, not two that were left empty', () => {
    const asked = [{ name: 'Wren Oak', who: [{ id: 's0' }, { row: 1 }, { row: 2 }] }];
    const words: Record<string, string> = { s0: 'tall', 1: ' Tall' };
    expect(repeatedMarks(asked, (w) => words[w.id ?? w.row!])).toEqual([{ row: 1 }]);
    expect(repeatedMarks(asked, () => undefined)).toEqual([]);
  });
});
