import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { groupsFrom } from './groupsFrom.ts';

const ids = (from: number, to: number) => Array.from({ length: to - from }, (_, i) => `s${from + i}`);
/** Groups of so many, cut from a row of students. */
function groups(...sizes: number[]): string[][] {
  const row = ids(
    0,
    sizes.reduce((a, b) => a + b, 0),
  );
  return sizes.map((length) => row.splice(0, length));
}

describe('groups of a game that goes on', () => {
  it('are the same groups if there are as many', () => {
    expect(groupsFrom(groups(4, 3, 4), groups(4, 4, 3))).toEqual(groups(4, 3, 4));
  });
  it('are whole groups together if there are fewer, as even as whole groups can be', () => {
    const before = groups(4, 4, 3, 3, 4, 3, 3, 4, 3);
    const sides = groupsFrom(before, groups(16, 15));
    for (const group of before) expect(sides.filter((side) => group.every((id) => side.includes(id)))).toHaveLength(1);
    expect(Math.abs(sides[0].length - sides[1].length)).toBeLessThanOrEqual(1);
  });
  it('stay whole but for the ones that are spread where whole groups would be uneven', () => {
    const before = groups(5, 5, 5, 5, 5, 5);
    const next = groupsFrom(before, groups(6, 6, 6, 6, 6));
    expect(next.map((g) => g.length)).toEqual([6, 6, 6, 6, 6]);
    expect(before.filter((group) => next.some((g) => group.every((id) => g.includes(id))))).toHaveLength(5);
  });
  it('are cut in their order if there are more: pairs come from one group', () => {
    const before = groups(4, 4, 4);
    const pairs = groupsFrom(before, groups(2, 2, 2, 2, 2, 2));
    expect(pairs.map((p) => p.length)).toEqual([2, 2, 2, 2, 2, 2]);
    for (const pair of pairs) expect(before.some((g) => pair.every((id) => g.includes(id)))).toBe(true);
  });
  it('leave out who is not there any more, and take in who came', () => {
    const next = groupsFrom(groups(3, 3), [
      ['s0', 's1', 'new'],
      ['s3', 's4', 's5'],
    ]);
    expect(next).toEqual([
      ['s0', 's1', 'new'],
      ['s3', 's4', 's5'],
    ]);
  });
  it('have everyone once, whatever the sizes', () => {
    const random = seededRng(11);
    for (let n = 0; n < 300; n++) {
      const count = 2 + random.below(38);
      const deal = () => {
        const sizes = Array.from({ length: 1 + random.below(Math.min(12, count)) }, () => [] as string[]);
        for (const [i, id] of ids(0, count).entries()) sizes[i % sizes.length].push(id);
        return sizes;
      };
      const [before, after] = [deal(), deal()];
      const next = groupsFrom(before, after);
      expect(next).toHaveLength(after.length);
      expect(next.flat().sort()).toEqual(ids(0, count).sort());
      expect(Math.min(...next.map((g) => g.length))).toBeGreaterThan(0);
    }
  });
});
