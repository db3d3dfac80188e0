import type { Area } from '../geometry/area.ts';
import type { Rect } from '../geometry/point.ts';
import { freeGrid, GRID_M } from './freeGrid.ts';

/** A field narrower than this is none, metres. */
const LEAST_M = 3;

/**
 * The largest rectangle along the axes that is free of everything and keeps the area's clearance, to half a metre; not larger than
 * `mostM2` if that is given, then as square as it can be and nearest to the middle. Undefined if none is 3 m wide.
 */
export function fieldIn(area: Area, mostM2 = Number.POSITIVE_INFINITY): Rect | undefined {
  const { columns, rows, at, isBlocked } = freeGrid(area);
  /** sums[j][i]: blocked grid points left of i and below j. */
  const sums = Array.from({ length: rows + 1 }, () => new Int32Array(columns + 1));
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++) sums[j + 1][i + 1] = sums[j][i + 1] + sums[j + 1][i] - sums[j][i] + (isBlocked(i, j) ? 1 : 0);
  const blocked = (x0: number, x1: number, y0: number, y1: number) =>
    sums[y1 + 1][x1 + 1] - sums[y0][x1 + 1] - sums[y1 + 1][x0] + sums[y0][x0];
  const least = Math.ceil(LEAST_M / GRID_M);
  // All the floor there is may be as long as it likes; of a part of it the squarer one is better.
  const squareness = Number.isFinite(mostM2) ? 2 : 0.2;
  let best: { x0: number; x1: number; y0: number; y1: number; score: number } | undefined;
  for (let x0 = 0; x0 < columns; x0++)
    for (let x1 = x0 + least; x1 < columns; x1++)
      for (let y0 = 0; y0 < rows; y0++)
        for (let y1 = y0 + least; y1 < rows; y1++) {
          // A taller one from here is blocked too.
          if (blocked(x0, x1, y0, y1)) break;
          const [w, d] = [(x1 - x0) * GRID_M, (y1 - y0) * GRID_M];
          if (w * d > mostM2 + 0.3 * GRID_M * (w + d)) break;
          const far = (Math.abs(x0 + x1 - columns + 1) + Math.abs(y0 + y1 - rows + 1)) * GRID_M;
          const score = w * d - 0.1 * far - squareness * Math.abs(w - d);
          if (!best || score > best.score + 1e-9) best = { x0, x1, y0, y1, score };
        }
  if (!best) return undefined;
  const { x0, x1, y0, y1 } = best;
  return { ...at(x0, y0), width: (x1 - x0) * GRID_M, depth: (y1 - y0) * GRID_M };
}
