import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { closestApproach, type Leg } from './closestApproach.ts';

const leg = (from: [number, number], to: [number, number], at = 0, speed = 4): Leg => ({
  ...{ from: { x: from[0], y: from[1] }, to: { x: to[0], y: to[1] } },
  ...{ at, speed },
});
/** The same by looking every hundredth of a second. */
function naive(a: Leg, b: Leg): number {
  const place = ({ from, to, at, speed }: Leg, t: number) => {
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    const share = ((t - at) * speed) / length;
    return share < 0 || share > 1 ? undefined : { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
  };
  let least = Number.POSITIVE_INFINITY;
  for (let t = 0; t < 20; t += 0.01) {
    const [p, q] = [place(a, t), place(b, t)];
    if (p && q) least = Math.min(least, Math.hypot(p.x - q.x, p.y - q.y));
  }
  return least;
}

describe('the closest approach of two runners', () => {
  it('is nothing for two diagonals that begin together, and half a diagonal away from it with half a leg between them', () => {
    const [one, other] = [leg([0, 0], [8, 6]), leg([8, 0], [0, 6])];
    expect(closestApproach(one, other)).toBeCloseTo(0);
    // Half a leg is 5 m; by the angle of the diagonals (cosine 0.6 of half of it) 3 m are left of it.
    expect(closestApproach(one, { ...other, at: 10 / 4 / 2 })).toBeCloseTo(3);
  });

  it('is unlimited for two who are never under way at the same time', () => {
    expect(closestApproach(leg([0, 0], [4, 0]), leg([4, 0], [0, 0], 1.5))).toBe(Number.POSITIVE_INFINITY);
  });

  it('agrees with looking every hundredth of a second in 200 random pairs', () => {
    const random = seededRng(5);
    const point = (): [number, number] => [random.float() * 20, random.float() * 12];
    for (let i = 0; i < 200; i++) {
      const [a, b] = [leg(point(), point(), random.float() * 3, 2 + random.float() * 4), leg(point(), point(), random.float() * 3)];
      const [exact, looked] = [closestApproach(a, b), naive(a, b)];
      if (!Number.isFinite(looked)) continue;
      expect(exact).toBeLessThanOrEqual(looked + 1e-9);
      expect(looked - exact).toBeLessThan(0.1);
    }
  });

  it('refuses who does not move', () => {
    expect(() => closestApproach(leg([0, 0], [1, 0], 0, 0), leg([0, 0], [1, 0]))).toThrowError('invalid speed: 0');
  });
});
