import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { fitTime } from './fitTime.ts';
import { fitFives, fives } from './fives.ts';

const block = (id: string, least: number, most: number, weight = 1) => ({ id, least, most, weight });
const sum = (seconds: Record<string, number>) => Object.values(seconds).reduce((a, b) => a + b, 0);
const got = (request: Parameters<typeof fitFives>[0]) => {
  const result = fitFives(request);
  if (!result.ok) throw new Error('does not fit');
  return result;
};

describe('times in whole 5 s', () => {
  it('are never longer than what they were, and at least 5 s', () => {
    expect([fives(0), fives(4.9), fives(5), fives(179), fives(180)]).toEqual([5, 5, 5, 175, 180]);
  });

  it('fill the period where it can be filled', () => {
    const { seconds, spare } = got({
      periodSeconds: 2700,
      blocks: [block('a', 120, 240, 2), block('b', 61, 999, 7), block('c', 1, 3000, 90)],
    });
    expect(spare).toBe(0);
    expect(sum(seconds)).toBe(2700);
    for (const s of Object.values(seconds)) expect(s % 5).toBe(0);
  });

  it('leave a typed length as it is; what is left over goes to the last block that can take it', () => {
    const { seconds, spare } = got({
      periodSeconds: 600,
      blocks: [block('typed', 133, 133), block('game', 60, 600, 5), block('close', 30, 300)],
    });
    expect(seconds.typed).toBe(133);
    expect(spare).toBe(0);
    expect(seconds.game % 5).toBe(0);
    expect(sum(seconds)).toBe(600);
  });

  it('are whole seconds where whole 5 s do not fit', () => {
    const tight = { periodSeconds: 124, blocks: [block('a', 62, 90), block('b', 62, 90)] };
    expect(fitFives(tight)).toEqual(fitTime(tight));
    expect(fitFives(tight)).toMatchObject({ ok: true, seconds: { a: 62, b: 62 } });
    expect(fitFives({ ...tight, periodSeconds: 100 })).toMatchObject({ ok: false, over: 24 });
  });

  it('keep every bound, lose nothing, and are within 5 s a block of the exact share', () => {
    const rng = seededRng(5);
    const random = () => rng.float();
    for (let i = 0; i < 400; i++) {
      const blocks = Array.from({ length: 1 + Math.floor(random() * 7) }, (_, b) => {
        const least = Math.floor(random() * 300);
        return block(`b${b}`, least, least + Math.floor(random() * 900), Math.floor(random() * 4));
      });
      const request = { periodSeconds: 600 + Math.floor(random() * 2400), blocks };
      const [exact, inFives] = [fitTime(request), fitFives(request)];
      expect(inFives.ok).toBe(exact.ok);
      if (!inFives.ok || !exact.ok) continue;
      expect(sum(inFives.seconds) + inFives.spare).toBe(request.periodSeconds);
      for (const b of blocks) {
        expect(inFives.seconds[b.id]).toBeGreaterThanOrEqual(b.least);
        expect(inFives.seconds[b.id]).toBeLessThanOrEqual(b.most);
        expect(Math.abs(inFives.seconds[b.id] - exact.seconds[b.id])).toBeLessThanOrEqual(5 * blocks.length);
      }
    }
  });
});
