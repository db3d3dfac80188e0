import type { FreeFloor } from './freeFloor.ts';
import type { Point } from './point.ts';

/** Walls push so many times as hard as neighbours: a neighbour gives way too, a wall does not. */
const WALL = 4;
const MEMORY = 6;

/** Overlap energy of points (x0, y0, x1, y1, …): squares of what pairs lack of `wanted` and of what clearances lack. Fills `gradient`. */
function overlap(coords: Float64Array, wanted: number, floor: FreeFloor, gradient: Float64Array): number {
  const n = coords.length;
  gradient.fill(0);
  const wanted2 = wanted * wanted;
  let sum = 0;
  for (let i = 0; i < n; i += 2) {
    const x = coords[i];
    const y = coords[i + 1];
    for (let j = i + 2; j < n; j += 2) {
      const dx = x - coords[j];
      if (dx > wanted || dx < -wanted) continue;
      const dy = y - coords[j + 1];
      const d2 = dx * dx + dy * dy;
      if (d2 >= wanted2) continue;
      const d = Math.sqrt(d2) || 1e-12;
      const lack = wanted - d;
      sum += lack * lack;
      const pull = (2 * lack) / d;
      gradient[i] -= pull * dx;
      gradient[i + 1] -= pull * dy;
      gradient[j] += pull * dx;
      gradient[j + 1] += pull * dy;
    }
    sum += floor.penalty(x, y, WALL, gradient, i >> 1);
  }
  return sum;
}

const dot = (a: Float64Array, b: Float64Array) => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i] * b[i];
  return sum;
};

/**
 * Moves the points (in place) until they overlap least for a distance of `wanted`; returns what overlap is left, 0 where all of
 * them fit. At most `steps` steps of L-BFGS (Nocedal & Wright, Numerical Optimization, 2006, ch. 7). Mutates `coords`.
 */
export function relax(coords: Float64Array, wanted: number, floor: FreeFloor, steps: number): number {
  const n = coords.length;
  const enough = wanted * wanted * 1e-20;
  let gradient = new Float64Array(n);
  let next = new Float64Array(n);
  const trial = new Float64Array(n);
  const direction = new Float64Array(n);
  const corrections: { s: Float64Array; y: Float64Array; rho: number }[] = [];
  let energy = overlap(coords, wanted, floor, gradient);
  for (let step = 0; step < steps && energy > enough; step++) {
    for (let i = 0; i < n; i++) direction[i] = -gradient[i];
    const shares: number[] = [];
    for (let k = corrections.length - 1; k >= 0; k--) {
      const { s, y, rho } = corrections[k];
      const a = rho * dot(s, direction);
      shares[k] = a;
      for (let i = 0; i < n; i++) direction[i] -= a * y[i];
    }
    const last = corrections[corrections.length - 1];
    const scale = last ? 1 / (last.rho * dot(last.y, last.y)) : 0.25;
    for (let i = 0; i < n; i++) direction[i] *= scale;
    for (let k = 0; k < corrections.length; k++) {
      const { s, y, rho } = corrections[k];
      const b = rho * dot(y, direction);
      for (let i = 0; i < n; i++) direction[i] += (shares[k] - b) * s[i];
    }
    let down = dot(direction, gradient);
    if (down >= 0) {
      corrections.length = 0;
      for (let i = 0; i < n; i++) direction[i] = -0.25 * gradient[i];
      down = dot(direction, gradient);
      if (down > -1e-30) break;
    }
    let t = 1;
    let after = energy;
    for (let tries = 0; tries < 12; tries++) {
      for (let i = 0; i < n; i++) trial[i] = coords[i] + t * direction[i];
      after = overlap(trial, wanted, floor, next);
      if (after <= energy + 1e-4 * t * down) break;
      t *= 0.5;
    }
    if (!(after < energy)) break;
    const s = new Float64Array(n);
    const y = new Float64Array(n);
    for (let i = 0; i < n; i++) {
      s[i] = trial[i] - coords[i];
      y[i] = next[i] - gradient[i];
    }
    const curve = dot(s, y);
    if (curve > 1e-18) {
      corrections.push({ s, y, rho: 1 / curve });
      if (corrections.length > MEMORY) corrections.shift();
    }
    coords.set(trial);
    [gradient, next] = [next, gradient];
    const stalls = energy - after < 1e-7 * energy;
    energy = after;
    if (stalls) break;
  }
  return energy;
}

/** The points as a flat list, and back. */
export const flat = (points: readonly Point[]): Float64Array => Float64Array.from(points.flatMap((p) => [p.x, p.y]));
export const pointsOf = (coords: Float64Array): Point[] =>
  Array.from({ length: coords.length / 2 }, (_, i) => ({ x: coords[2 * i], y: coords[2 * i + 1] }));

/** The points as they come to lie free, or undefined where one finds no free place. */
export function freed(coords: Float64Array, floor: FreeFloor): Point[] | undefined {
  const free = pointsOf(coords).map((p) => floor.nearest(p));
  return free.every((p) => p !== undefined) ? (free as Point[]) : undefined;
}

/** Least distance between two of the points; Infinity for fewer than two. */
export function leastDistance(points: readonly Point[]): number {
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < points.length; i++)
    for (let j = i + 1; j < points.length; j++) {
      const dx = points[i].x - points[j].x;
      const dy = points[i].y - points[j].y;
      least = Math.min(least, dx * dx + dy * dy);
    }
  return Math.sqrt(least);
}
