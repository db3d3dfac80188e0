import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RosterRow } from './roster.ts';
import { diffRoster, type Known } from './rosterDiff.ts';

const known = (id: string, name: string, rating = 3): Known => ({
  id,
  givenName: name.split(' ')[0],
  familyName: name.split(' ')[1],
  rating,
});
const row = (name: string, rating?: number): RosterRow => ({
  row: 1,
  givenName: name.split(' ')[0],
  familyName: name.split(' ')[1],
  ...(rating ? { rating } : {}),
});

describe('diffRoster', () => {
  it('tells who stays, who is rated anew, who comes and who goes', () => {
    const diff = diffRoster(
      [known('a', 'Wren Ashgrove'), known('b', 'Brea Quarrie', 2), known('c', 'Tova Larch')],
      [row('wren ASHGROVE'), row('Brea Quarrie', 4), row('Juno Oakley')],
    );
    expect(diff).toMatchObject({
      same: ['a'],
      rated: [{ id: 'b', from: 2, to: 4 }],
      renamed: [],
      added: [{ givenName: 'Juno' }],
      gone: [{ id: 'c', name: 'Tova Larch' }],
    });
  });
  it('takes one likely pair for a new name, and no doubtful one', () => {
    const one = diffRoster([known('a', 'Wren Ashgrove')], [row('Wren Oakley')]);
    expect(one.renamed).toMatchObject([{ id: 'a', from: 'Wren Ashgrove', to: { familyName: 'Oakley' } }]);
    const two = diffRoster([known('a', 'Wren Ashgrove')], [row('Wren Oakley'), row('Brea Ashgrove')]);
    expect(two.renamed).toEqual([]);
    expect(two.gone).toHaveLength(1);
  });
  it('adds what is new in a note to what waits to be sorted, and says nothing of a note that is known', () => {
    const withNote = (name: string, note: string) => ({ ...row(name), note });
    const { noted, same } = diffRoster(
      [{ ...known('a', 'Wren Ashgrove'), toSort: 'asthma' }, known('b', 'Brea Quarrie'), { ...known('c', 'Tova Larch'), toSort: 'cane' }],
      [withNote('Wren Ashgrove', 'inhaler'), withNote('Brea Oakley', 'walker'), withNote('Tova Larch', 'cane')],
    );
    expect(same).toEqual(['a', 'c']);
    expect(noted).toEqual([
      { id: 'a', name: 'Wren Ashgrove', toSort: 'asthma; inhaler' },
      { id: 'b', name: 'Brea Quarrie', toSort: 'walker' },
    ]);
  });
  it('pairs off students of one name', () => {
    const diff = diffRoster([known('a', 'Wren Ashgrove'), known('b', 'Wren Ashgrove')], [row('Wren Ashgrove')]);
    expect(diff.same).toEqual(['a']);
    expect(diff.gone).toEqual([{ id: 'b', name: 'Wren Ashgrove' }]);
  });
  it('puts everyone in exactly one place', () => {
    const name = fc
      .tuple(fc.constantFrom('Wren', 'Brea', 'Juno'), fc.constantFrom('Ashgrove', 'Quarrie', 'Oakley'))
      .map((n) => n.join(' '));
    fc.assert(
      fc.property(fc.array(name, { maxLength: 12 }), fc.array(name, { maxLength: 12 }), (there, list) => {
        const rows = list.map((n) => row(n));
        const diff = diffRoster(
          there.map((n, i) => known(`s${i}`, n)),
          rows,
        );
        const ids = [...diff.same, ...diff.rated.map((r) => r.id), ...diff.renamed.map((r) => r.id), ...diff.gone.map((g) => g.id)];
        expect(ids.sort()).toEqual(there.map((_, i) => `s${i}`).sort());
        expect(diff.same.length + diff.rated.length + diff.renamed.length + diff.added.length).toBe(rows.length);
      }),
      { numRuns: 300, seed: 4 },
    );
  });
});
