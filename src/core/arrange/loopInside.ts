import type { Area } from '../geometry/area.ts';
import type { Point } from '../geometry/point.ts';
import { freeGrid, GRID_M } from './freeGrid.ts';

/** Metres that are cut off each corner, so that nobody turns on the spot. */
export const CORNER_M = 0.8;

/** Counts of blocked grid points before each, so that a stretch is looked up in one step. */
const counted = (blocked: (i: number) => boolean, length: number): Int32Array => {
  const sums = new Int32Array(length + 1);
  for (let i = 0; i < length; i++) sums[i + 1] = sums[i] + (blocked(i) ? 1 : 0);
  return sums;
};

interface Sides {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
}

/**
 * A closed loop with four sides along the axes and cut corners that keeps the area's clearance and half of `widthM` from walls and
 * everything that stands there, at least `lengthM` long: the shortest such loop nearest to the middle of the room ('close'), or the
 * longest there is ('wide'). Clockwise from its upper left side. Undefined if no loop is long enough.
 */
export function loopInside(area: Area, widthM: number, lengthM: number, spacing: 'close' | 'wide'): Point[] | undefined {
  const { columns, rows, at, isBlocked } = freeGrid({ ...area, wallClearance: (area.wallClearance ?? 0) + widthM / 2 });
  const along = Array.from({ length: rows }, (_, j) => counted((i) => isBlocked(i, j), columns));
  const up = Array.from({ length: columns }, (_, i) => counted((j) => isBlocked(i, j), rows));
  const isFree = (sums: Int32Array, from: number, to: number) => sums[to + 1] === sums[from];
  const least = Math.ceil((2 * CORNER_M + 1) / GRID_M);
  let best: (Sides & { cost: number }) | undefined;
  for (let x0 = 0; x0 < columns; x0++)
    for (let x1 = x0 + least; x1 < columns; x1++)
      for (let y0 = 0; y0 < rows; y0++) {
        if (!isFree(along[y0], x0, x1)) continue;
        for (let y1 = y0 + least; y1 < rows; y1++) {
          const length = loopLength(x1 - x0, y1 - y0);
          if (length < lengthM) continue;
          const far = Math.abs(x0 + x1 - columns + 1) + Math.abs(y0 + y1 - rows + 1);
          // A loop much longer than wide brings runners of both ways face to face.
          const shape = Math.abs(x1 - x0 - (y1 - y0)) * 0.05;
          const cost = (spacing === 'close' ? length : -length) + far * 0.1 + shape;
          if (best && cost >= best.cost - 1e-9) continue;
          if (isFree(along[y1], x0, x1) && isFree(up[x0], y0, y1) && isFree(up[x1], y0, y1)) best = { x0, x1, y0, y1, cost };
        }
      }
  if (!best) return undefined;
  const [low, high] = [at(best.x0, best.y0), at(best.x1, best.y1)];
  const cut = CORNER_M;
  return [
    { x: low.x, y: high.y - cut },
    { x: low.x + cut, y: high.y },
    { x: high.x - cut, y: high.y },
    { x: high.x, y: high.y - cut },
    { x: high.x, y: low.y + cut },
    { x: high.x - cut, y: low.y },
    { x: low.x + cut, y: low.y },
    { x: low.x, y: low.y + cut },
  ];
}

/** Metres around a loop of so many grid steps, its corners cut. */
const loopLength = (across: number, deep: number) => 2 * GRID_M * (across + deep) - 8 * CORNER_M + 4 * CORNER_M * Math.SQRT2;
