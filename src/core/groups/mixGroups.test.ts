import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { type Design, designsOf } from './designs.ts';
import { ringOf } from './field.ts';
import { type MixRequest, mixGroups } from './mixGroups.ts';

const class_ = (n: number) => Array.from({ length: n }, (_, i) => `s${String(i).padStart(3, '0')}`);
type Met = Record<string, number>;

/** Counts every meeting of the rounds on top of `met`. */
function meetings(rounds: readonly (readonly (readonly string[])[])[], met: Met = {}): Met {
  const total = { ...met };
  for (const group of rounds.flat()) {
    for (const a of group) for (const b of group) if (a < b) total[`${a}|${b}`] = (total[`${a}|${b}`] ?? 0) + 1;
  }
  return total;
}

/** The contract's sum, by the book. */
const repeatsOf = (met: Met, total: Met) =>
  Object.entries(total).reduce((sum, [pair, n]) => sum + Math.max(0, n - 1) - Math.max(0, (met[pair] ?? 0) - 1), 0);

function expectSound({ students, groupSize, met }: MixRequest, { rounds, repeats }: ReturnType<typeof mixGroups>): void {
  for (const round of rounds) {
    expect(round.flat().sort()).toEqual([...students].sort());
    expect(round).toHaveLength(Math.ceil(students.length / groupSize));
    const sizes = round.map((g) => g.length);
    expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
  }
  const known = Object.fromEntries(Object.entries(met ?? {}).filter(([pair]) => pair.split('|').every((id) => students.includes(id))));
  expect(repeats).toBe(repeatsOf(known, meetings(rounds, known)));
}

describe('ringOf', () => {
  it.each([2, 3, 4, 5, 7, 8, 9, 11, 12, 15, 16, 25, 27])(
    'adds and multiplies over %i elements, units differing by what can be divided by',
    (n) => {
      const ring = ringOf(n);
      const all = Array.from({ length: n }, (_, x) => x);
      for (const a of all) {
        expect(new Set(all.map((b) => ring.add(a, b))).size).toBe(n);
        expect(ring.times(a, 0)).toBe(0);
        for (const b of all) {
          expect(ring.times(a, b)).toBe(ring.times(b, a));
          const c = (a * 7 + b) % n;
          expect(ring.times(a, ring.add(b, c))).toBe(ring.add(ring.times(a, b), ring.times(a, c)));
        }
      }
      for (const u of ring.units) {
        for (const v of ring.units) {
          if (u === v) continue;
          const difference = all.find((x) => ring.add(v, x) === u)!;
          expect(new Set(all.map((x) => ring.times(difference, x))).size).toBe(n);
        }
      }
    },
  );
});

/** Every round holds every point, in groups of that size, and no two points are ever together twice. */
function expectMeetingOnce(design: Design, n: number, size: number): void {
  const met = new Set<number>();
  for (const round of design) {
    expect(new Set(round.flat()).size).toBe(n);
    for (const group of round) {
      expect(group).toHaveLength(size);
      for (const a of group) {
        for (const b of group) {
          if (a >= b) continue;
          expect(met.has(a * n + b)).toBe(false);
          met.add(a * n + b);
        }
      }
    }
  }
}

describe('designsOf', () => {
  it('never lets two points meet twice, and every round holds every point', () => {
    for (const [n, size, least] of [
      [18, 3, 8],
      [20, 4, 5],
      [21, 3, 10],
      [24, 3, 11],
      [24, 4, 7],
      [25, 5, 6],
      [27, 3, 13],
      [30, 3, 14],
      [28, 4, 9],
      [30, 5, 6],
      [32, 4, 9],
      [33, 3, 16],
      [36, 4, 11],
      [39, 3, 19],
      [40, 4, 13],
    ]) {
      const designs = designsOf(n, size);
      expect(designs[0].length, `${n} in groups of ${size}`).toBeGreaterThanOrEqual(least);
      for (const design of designs) expectMeetingOnce(design, n, size);
    }
  });
});

describe('mixGroups', () => {
  it.each([
    [9, 3, 4],
    [12, 3, 4],
    [15, 3, 7],
    [16, 4, 5],
    [18, 3, 8],
    [24, 3, 9],
    [25, 5, 6],
    [28, 4, 7],
    [32, 4, 8],
    [20, 2, 19],
    [31, 4, 9],
    [31, 2, 31],
    [40, 5, 8],
    [25, 4, 8],
    [28, 4, 9],
    [33, 3, 16],
    [36, 4, 11],
    [40, 4, 13],
    [21, 5, 5],
    [22, 5, 4],
    [22, 5, 5],
    [23, 5, 5],
    [45, 7, 7],
    [46, 7, 7],
    [47, 7, 7],
  ])('%i students in groups of %i meet nobody twice in %i rounds', (n, groupSize, rounds) => {
    const request = { students: class_(n), groupSize, rounds, seed: 5 };
    const result = mixGroups(request);
    expectSound(request, result);
    expect(result.repeats).toBe(0);
  });

  it('goes on, one lesson at a time, where a design leads without a repeat', () => {
    for (const [n, groupSize, rounds] of [
      [9, 3, 4],
      [16, 4, 5],
      [24, 3, 9],
      [31, 4, 9],
      [22, 5, 5],
      [46, 7, 7],
    ]) {
      let met: Met = {};
      for (let lesson = 0; lesson < rounds; lesson++) {
        const result = mixGroups({ students: class_(n), groupSize, rounds: 1, met, seed: lesson * 3 });
        expect(result.repeats).toBe(0);
        met = meetings(result.rounds, met);
      }
    }
  });

  it('repeats no more than counting allows once all have met', () => {
    const students = class_(20);
    const { repeats } = mixGroups({ students, groupSize: 2, rounds: 25, seed: 1 });
    expect(repeats).toBe(25 * 10 - 190);
  });

  it('goes on around absences with far fewer repeats than dealing at random', () => {
    const random = seededRng(8);
    let met: Met = {};
    let ours = 0;
    let dealt = 0;
    let blind: Met = {};
    for (let lesson = 0; lesson < 8; lesson++) {
      const students = class_(31).filter(() => random.below(10) > 0);
      const request = { students, groupSize: 4, rounds: 1, met, seed: lesson };
      const result = mixGroups(request);
      expectSound(request, result);
      ours += result.repeats;
      met = meetings(result.rounds, met);
      const order = [...students].sort((a, b) => (a < b ? 1 : -1) * (random.below(2) ? 1 : -1));
      const round = [
        Array.from({ length: Math.ceil(students.length / 4) }, (_, g) => order.filter((_s, i) => i % Math.ceil(students.length / 4) === g)),
      ];
      const next = meetings(round, blind);
      dealt += repeatsOf(blind, next);
      blind = next;
    }
    expect(ours).toBeLessThan(dealt / 3);
  });

  it('keeps sizes, everybody and its own count for any class, with any past', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 0, max: 4 }),
        fc.dictionary(
          fc
            .tuple(fc.integer({ min: 0, max: 45 }), fc.integer({ min: 0, max: 45 }))
            .map(([a, b]) => [`s${String(Math.min(a, b)).padStart(3, '0')}`, `s${String(Math.max(a, b)).padStart(3, '0')}`])
            .filter(([a, b]) => a !== b)
            .map((pair) => pair.join('|')),
          fc.integer({ min: 0, max: 4 }),
        ),
        (n, groupSize, rounds, met) => {
          const request = { students: class_(n), groupSize, rounds, met, seed: 2 };
          const result = mixGroups(request);
          expect(result.rounds).toHaveLength(rounds);
          if (n) expectSound(request, result);
          expect(mixGroups(request)).toEqual(result);
        },
      ),
      { numRuns: 8, seed: 4 },
    );
  });

  it('copes with 200 students', () => {
    const request = { students: class_(200), groupSize: 4, rounds: 10, seed: 1 };
    const result = mixGroups(request);
    expectSound(request, result);
    expect(result.repeats).toBe(0);
  });

  it.each([
    [{ students: ['a', 'a'] }, 'repeated'],
    [{ students: ['a|b'] }, 'a|b'],
    [{ students: undefined }, 'students'],
    [{ groupSize: 0 }, 'groupSize'],
    [{ groupSize: 2.5 }, 'groupSize'],
    [{ rounds: -1 }, 'rounds'],
    [{ met: { 'a|b': -1 } }, 'met'],
    [{ met: { ab: 1 } }, 'ab'],
    [{ seed: Number.NaN }, 'seed'],
  ])('refuses %j by name', (change, name) => {
    const request = { students: ['a', 'b', 'c'], groupSize: 2, rounds: 1, seed: 1, ...change } as MixRequest;
    expect(() => mixGroups(request)).toThrowError(RangeError);
    expect(() => mixGroups(request)).toThrowError(name);
  });
});
