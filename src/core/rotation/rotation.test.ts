import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitTime } from './fitTime.ts';
import { stationRotation } from './stationRotation.ts';

describe('stationRotation', () => {
  it('takes L·S·w + (L·S − 1)·m', () => {
    expect(stationRotation({ groups: 9, stations: 9, workSeconds: 90, moveSeconds: 20, laps: 1 }).totalSeconds).toBe(9 * 90 + 8 * 20);
    expect(stationRotation({ groups: 4, stations: 5, workSeconds: 60, moveSeconds: 15, laps: 2 }).totalSeconds).toBe(10 * 60 + 9 * 15);
  });

  it('takes every group to every station once a lap, one group at a station', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 14 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 3 }),
        fc.constantFrom(1 as const, -1 as const),
        (groups, stations, laps, direction) => {
          const { rounds, findings } = stationRotation({ groups, stations, workSeconds: 60, moveSeconds: 15, laps, direction });
          const slots = Math.max(groups, stations);
          expect(rounds).toHaveLength(slots * laps);
          for (const { stationOf } of rounds) {
            const used = stationOf.filter((s) => s >= 0);
            expect(new Set(used).size).toBe(used.length);
            expect(stationOf.filter((s) => s < 0)).toHaveLength(Math.max(0, groups - stations));
          }
          for (let g = 0; g < groups; g++) {
            for (let lap = 0; lap < laps; lap++) {
              const visits = rounds
                .slice(lap * slots, (lap + 1) * slots)
                .map((r) => r.stationOf[g])
                .filter((s) => s >= 0);
              expect([...visits].sort((a, b) => a - b)).toEqual(Array.from({ length: stations }, (_, s) => s));
            }
          }
          rounds.forEach((r, i) => {
            expect(r.until - r.at).toBe(60);
            if (i) expect(r.at - rounds[i - 1].until).toBe(15);
          });
          expect(findings.map((f) => f.code)).toEqual(groups > stations ? ['rotation-overflow'] : []);
        },
      ),
      { numRuns: 80, seed: 1 },
    );
  });

  it('starts group i at station i and moves on by one, or back', () => {
    const on = stationRotation({ groups: 3, stations: 3, workSeconds: 10, moveSeconds: 5, laps: 1 }).rounds.map((r) => r.stationOf);
    expect(on).toEqual([
      [0, 1, 2],
      [1, 2, 0],
      [2, 0, 1],
    ]);
    const back = stationRotation({ groups: 3, stations: 3, workSeconds: 10, moveSeconds: 5, laps: 1, direction: -1 }).rounds.map(
      (r) => r.stationOf,
    );
    expect(back).toEqual([
      [0, 1, 2],
      [2, 0, 1],
      [1, 2, 0],
    ]);
  });

  it.each([
    [{ groups: 0 }, 'groups'],
    [{ stations: 1.5 }, 'stations'],
    [{ workSeconds: 0 }, 'workSeconds'],
    [{ moveSeconds: -1 }, 'moveSeconds'],
    [{ laps: 0 }, 'laps'],
    [{ direction: 2 }, 'direction'],
  ])('refuses %j', (change, name) => {
    const request = { groups: 3, stations: 3, workSeconds: 60, moveSeconds: 10, laps: 1, ...change } as never;
    expect(() => stationRotation(request)).toThrowError(RangeError);
    expect(() => stationRotation(request)).toThrowError(name);
  });
});

const block = fc.record({
  least: fc.integer({ min: 0, max: 600 }),
  more: fc.integer({ min: 0, max: 900 }),
  weight: fc.constantFrom(0, 0.5, 1, 2, 3.7, 10),
});

describe('fitTime', () => {
  it('shares by weight within bounds', () => {
    const blocks = [
      { id: 'a', least: 60, most: 120, weight: 1 },
      { id: 'b', least: 0, most: 3600, weight: 2 },
      { id: 'c', least: 100, most: 900, weight: 0 },
    ];
    expect(fitTime({ periodSeconds: 1000, blocks })).toEqual({ ok: true, seconds: { a: 120, b: 780, c: 100 }, spare: 0 });
    expect(fitTime({ periodSeconds: 9000, blocks })).toEqual({ ok: true, seconds: { a: 120, b: 3600, c: 100 }, spare: 5180 });
  });

  it('says by how much it does not fit', () => {
    const result = fitTime({ periodSeconds: 100, blocks: [{ id: 'a', least: 130, most: 200, weight: 1 }] });
    expect(result).toMatchObject({ ok: false, over: 30, findings: [{ code: 'over-time' }] });
  });

  it('rounds by largest remainder, ties to the earlier', () => {
    const thirds = ['a', 'b', 'c'].map((id) => ({ id, least: 0, most: 100, weight: 1 }));
    expect(fitTime({ periodSeconds: 100, blocks: thirds })).toEqual({ ok: true, seconds: { a: 34, b: 33, c: 33 }, spare: 0 });
  });

  it('fills the period exactly, never leaves its bounds, and follows one level (naive twin: bisection)', () => {
    fc.assert(
      fc.property(fc.array(block, { minLength: 1, maxLength: 8 }), fc.integer({ min: 0, max: 5400 }), (raw, periodSeconds) => {
        const blocks = raw.map((b, i) => ({ id: `b${i}`, least: b.least, most: b.least + b.more, weight: b.weight }));
        const result = fitTime({ periodSeconds, blocks });
        const least = blocks.reduce((s, b) => s + b.least, 0);
        expect(result.ok).toBe(least <= periodSeconds);
        if (!result.ok) return;
        const share = (b: (typeof blocks)[number], level: number) =>
          b.weight === 0 ? b.least : Math.min(b.most, Math.max(b.least, level * b.weight));
        const target = periodSeconds - result.spare;
        let [low, high] = [0, 1e5];
        for (let i = 0; i < 200; i++) {
          const middle = (low + high) / 2;
          if (blocks.reduce((s, b) => s + share(b, middle), 0) < target) low = middle;
          else high = middle;
        }
        expect(Object.values(result.seconds).reduce((s, x) => s + x, 0)).toBe(target);
        for (const b of blocks) {
          const seconds = result.seconds[b.id];
          expect(Number.isInteger(seconds)).toBe(true);
          expect(seconds).toBeGreaterThanOrEqual(b.least);
          expect(seconds).toBeLessThanOrEqual(b.most);
          expect(Math.abs(seconds - share(b, high))).toBeLessThan(1 + 1e-6);
        }
        if (result.spare > 0) for (const b of blocks) expect(result.seconds[b.id]).toBe(b.weight > 0 ? b.most : b.least);
      }),
      { numRuns: 300, seed: 11 },
    );
  });

  it.each([
    [{ periodSeconds: 10.5 }, 'periodSeconds'],
    [{ periodSeconds: Number.NaN }, 'periodSeconds'],
    [{ blocks: [{ id: 'a', least: 5, most: 4, weight: 1 }] }, 'most'],
    [{ blocks: [{ id: 'a', least: 0.5, most: 4, weight: 1 }] }, 'least'],
    [{ blocks: [{ id: 'a', least: 0, most: 4, weight: -1 }] }, 'weight'],
    [
      {
        blocks: [
          { id: 'a', least: 0, most: 4, weight: 1 },
          { id: 'a', least: 0, most: 4, weight: 1 },
        ],
      },
      'repeated',
    ],
  ])('refuses %j', (change, name) => {
    const request = { periodSeconds: 100, blocks: [], ...change };
    expect(() => fitTime(request)).toThrowError(RangeError);
    expect(() => fitTime(request)).toThrowError(name);
  });
});
