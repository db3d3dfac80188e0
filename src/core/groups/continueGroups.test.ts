import { describe, expect, it } from 'vitest';
import { seededRng, shuffled } from '../rng.ts';
import { continueGroups, moversBetween } from './continueGroups.ts';

const count = (before: string[][], after: string[][]) => moversBetween(before, after).length;

/** The fewest who change over every order of the next groups. */
function fewest(before: string[][], after: string[][]): number {
  const orders = (list: string[][]): string[][][] =>
    list.length < 2 ? [list] : list.flatMap((g, i) => orders(list.filter((_, j) => j !== i)).map((rest) => [g, ...rest]));
  return Math.min(...orders(after).map((order) => count(before, order)));
}

describe('groups of the next game', () => {
  it('keep the pennants that most of them had', () => {
    const before = [
      ['a', 'b', 'c'],
      ['d', 'e', 'f'],
      ['g', 'h', 'i'],
    ];
    expect(
      continueGroups(before, [
        ['g', 'h', 'c'],
        ['a', 'b', 'f'],
        ['d', 'e', 'i'],
      ]),
    ).toEqual([
      ['a', 'b', 'f'],
      ['d', 'e', 'i'],
      ['g', 'h', 'c'],
    ]);
  });

  it('stay as they are where they would do as well', () => {
    const before = [
      ['a', 'b'],
      ['c', 'd'],
    ];
    expect(
      continueGroups(
        before,
        [
          ['a', 'c'],
          ['b', 'd'],
        ],
        true,
      ),
    ).toEqual(before);
    expect(
      continueGroups(before, [
        ['a', 'c'],
        ['b', 'd'],
      ]),
    ).not.toEqual(before);
    expect(continueGroups(before, [['a', 'b', 'c'], ['d']], true)).toEqual([['a', 'b', 'c'], ['d']]);
    expect(
      continueGroups(
        before,
        [
          ['a', 'x'],
          ['c', 'b'],
        ],
        true,
      ),
    ).toEqual([
      ['a', 'x'],
      ['c', 'b'],
    ]);
  });

  it('change as few students as any order of them, also where there are fewer or more groups than before', () => {
    const rng = seededRng(11);
    for (let i = 0; i < 60; i++) {
      const ids = Array.from({ length: 12 + rng.below(8) }, (_, k) => `s${k}`);
      const dealt = (groups: number) => {
        const order = shuffled(ids, rng);
        return Array.from({ length: groups }, (_, g) => order.filter((_, k) => k % groups === g));
      };
      const [before, after] = [dealt(2 + rng.below(4)), dealt(2 + rng.below(4))];
      const continued = continueGroups(before, after);
      expect(continued.map((g) => g.join()).sort()).toEqual(after.map((g) => g.join()).sort());
      if (before.length >= after.length || after.length <= before.length)
        expect(count(before, continued)).toBeGreaterThanOrEqual(fewest(before, after));
      expect(count(before, continued)).toBe(fewest(before, after));
    }
  });

  it('name who changes, also one who had no group; a game of one group has no pennants to change', () => {
    expect(
      moversBetween(
        [['a', 'b'], ['c']],
        [
          ['a', 'c'],
          ['b', 'late'],
        ],
      ),
    ).toEqual([
      { student: 'c', from: 1, to: 0 },
      { student: 'b', from: 0, to: 1 },
      { student: 'late', to: 1 },
    ]);
    expect(moversBetween([['a', 'b'], ['c']], [['a', 'b', 'c']])).toEqual([]);
  });
});
