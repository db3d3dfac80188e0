import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { exactCover } from './exactCover.ts';

/** The slow, plain twin: whether some set of rows holds the first `must` items once and the others at most once. */
function coverThere(must: number, rows: readonly (readonly number[])[]): boolean {
  const held = new Set<number>();
  const from = (r: number): boolean => {
    if (Array.from({ length: must }, (_, i) => i).every((i) => held.has(i))) return true;
    if (r === rows.length) return false;
    if (rows[r].every((i) => !held.has(i))) {
      for (const i of rows[r]) held.add(i);
      if (from(r + 1)) return true;
      for (const i of rows[r]) held.delete(i);
    }
    return from(r + 1);
  };
  return from(0);
}

describe('exactCover', () => {
  it('finds rows that hold every item once, those beyond at most once, just where there are such rows', () => {
    const random = seededRng(11);
    let found = 0;
    for (let trial = 0; trial < 300; trial++) {
      const must = 3 + random.below(4);
      const items = must + random.below(4);
      const rows = Array.from({ length: 3 + random.below(8) }, () => {
        const row = Array.from({ length: items }, (_, i) => i).filter(() => random.below(3) === 0);
        return row.length ? row : [random.below(items)];
      });
      const cover = exactCover(must, items, rows, 1e6);
      expect(cover.whole).toBe(true);
      expect(cover.rows !== undefined, JSON.stringify({ must, rows })).toBe(coverThere(must, rows));
      if (!cover.rows) continue;
      found++;
      const held = cover.rows.flatMap((r) => rows[r]);
      expect(new Set(held).size).toBe(held.length);
      for (let i = 0; i < must; i++) expect(held).toContain(i);
    }
    expect(found).toBeGreaterThan(40);
    expect(found).toBeLessThan(260);
  });

  it('gives up where it has spent what it may, and says that not everything was tried', () => {
    // Pairs of 13: none covers an odd number of items, but there are many to try.
    const pairs = Array.from({ length: 13 }, (_, a) => Array.from({ length: a }, (_, b) => [b, a])).flat();
    const soon = exactCover(13, 13, pairs, 500);
    expect(soon).toMatchObject({ whole: false });
    expect(soon.rows).toBeUndefined();
    expect(exactCover(13, 13, pairs, 1e9)).toMatchObject({ whole: true });
    expect(exactCover(13, 13, pairs, 1e9).rows).toBeUndefined();
    expect(
      exactCover(
        12,
        12,
        pairs.filter(([, a]) => a < 12),
        1e6,
      ).rows,
    ).toHaveLength(6);
  });

  it('nothing to hold is held by no rows', () => expect(exactCover(0, 2, [[0], [1]], 10).rows).toEqual([]));
});
