import type { Area } from '../geometry/area.ts';
import { freeFloor } from '../geometry/freeFloor.ts';
import { boundsOf, type Point } from '../geometry/point.ts';

/** Metres between two points of the grid on which loops and fields are looked for. */
export const GRID_M = 0.5;

/** The points of a grid over an area, from its lower left corner, and which of them are too near to a wall or to something that stands there. */
export interface FreeGrid {
  columns: number;
  rows: number;
  at(i: number, j: number): Point;
  isBlocked(i: number, j: number): boolean;
}

export function freeGrid(area: Area): FreeGrid {
  const box = boundsOf(area.outline);
  const [columns, rows] = [Math.floor(box.width / GRID_M) + 1, Math.floor(box.depth / GRID_M) + 1];
  const floor = freeFloor(area);
  const at = (i: number, j: number): Point => ({ x: box.x + i * GRID_M, y: box.y + j * GRID_M });
  const blocked = Uint8Array.from({ length: columns * rows }, (_, k) =>
    floor.slack(at(k % columns, Math.floor(k / columns))) < -1e-9 ? 1 : 0,
  );
  return { columns, rows, at, isBlocked: (i, j) => blocked[j * columns + i] === 1 };
}
