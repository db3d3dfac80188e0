import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type RunningBlock, timeLeft } from './timeLeft.ts';

const block = (id: string, least: number, most: number, more: Partial<RunningBlock> = {}): RunningBlock => ({
  id,
  least,
  most,
  weight: 1,
  seconds: least,
  ...more,
});
const lesson = [
  block('arrive', 120, 240),
  block('game', 600, 1800, { weight: 10 }),
  block('water', 60, 120, { pinned: true, seconds: 90 }),
  block('close', 120, 300),
];

describe('timeLeft', () => {
  it('shares what is left among the block under way and the ones after it', () => {
    const result = timeLeft(lesson, 1, 300, 900);
    if (!result.ok) throw new Error('should fit');
    expect(Object.keys(result.seconds)).toEqual(['game', 'water', 'close']);
    expect(result.seconds.water).toBe(90);
    expect(Object.values(result.seconds).reduce((a, b) => a + b, 0) + result.spare).toBe(1200);
  });
  it('never lets a block end before now, even over its most', () => {
    const result = timeLeft(lesson, 0, 500, 1500);
    if (!result.ok) throw new Error('should fit');
    expect(result.seconds.arrive).toBe(500);
  });
  it('says by how much the rest does not fit', () => {
    expect(timeLeft(lesson, 1, 100, 400)).toMatchObject({ ok: false, over: 600 + 90 + 120 - 500, findings: [{ code: 'over-time' }] });
  });
  it('nothing happened, all as a fresh lesson; and what has run is never taken back', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 0, max: 4000 }),
        (index, elapsed, left) => {
          const result = timeLeft(lesson, index, elapsed, left);
          if (!result.ok) {
            expect(result.over).toBeGreaterThan(0);
            return;
          }
          const rest = lesson.slice(index);
          expect(result.seconds[rest[0].id]).toBeGreaterThanOrEqual(elapsed);
          for (const b of rest.slice(1)) {
            expect(result.seconds[b.id]).toBeGreaterThanOrEqual(b.pinned ? b.seconds : b.least);
            expect(result.seconds[b.id]).toBeLessThanOrEqual(b.pinned ? b.seconds : b.most);
          }
          expect(Object.values(result.seconds).reduce((a, b) => a + b, 0)).toBe(elapsed + left - result.spare);
        },
      ),
      { numRuns: 200, seed: 3 },
    );
  });
  it.each([
    [4, 0, 0, 'index'],
    [0, -1, 0, 'elapsed'],
    [0, 0, 1.5, 'left'],
  ])('refuses %i %i %i', (index, elapsed, left, name) => {
    expect(() => timeLeft(lesson, index, elapsed, left)).toThrowError(RangeError);
    expect(() => timeLeft(lesson, index, elapsed, left)).toThrowError(name);
  });
});
