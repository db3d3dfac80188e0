import type { Point } from './point.ts';

/** Somebody on a straight leg: starts at second `at`, `speed` in m/s. */
export interface Leg {
  from: Point;
  to: Point;
  at: number;
  speed: number;
}

/**
 * The least distance between two while both are under way, metres; Infinity if they never are at the same time. Both move evenly,
 * so that their distance is a parabola in time: its lowest point in the time that they share.
 */
export function closestApproach(a: Leg, b: Leg): number {
  const [p, q] = [onLeg(a), onLeg(b)];
  const from = Math.max(a.at, b.at);
  const until = Math.min(p.until, q.until);
  if (until < from) return Number.POSITIVE_INFINITY;
  const [dx, dy] = [p.x - q.x, p.y - q.y];
  const [vx, vy] = [p.vx - q.vx, p.vy - q.vy];
  const square = vx * vx + vy * vy;
  const lowest = square > 0 ? -(dx * vx + dy * vy) / square : from;
  const t = Math.max(from, Math.min(until, lowest));
  return Math.hypot(dx + vx * t, dy + vy * t);
}

/** Where somebody would be at second 0 on this line, how they move, and when they arrive. */
function onLeg({ from, to, at, speed }: Leg) {
  if (!Number.isFinite(speed) || speed <= 0) throw new RangeError(`invalid speed: ${speed}`);
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = Math.hypot(dx, dy);
  const [vx, vy] = length ? [(dx / length) * speed, (dy / length) * speed] : [0, 0];
  return { x: from.x - vx * at, y: from.y - vy * at, vx, vy, until: at + length / speed };
}
