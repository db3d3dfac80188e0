import { freeFloor } from '../geometry/freeFloor.ts';
import { boundsOf, type Point, type Polygon } from '../geometry/point.ts';

/** Spacing of the points at which distances to walls and things are kept, metres. */
const GRID_M = 0.5;

/** A floor to run on, looked up in a grid: metres free at a point, and the way to more of it. */
export interface Field {
  x: number;
  y: number;
  width: number;
  depth: number;
  areaM2: number;
  /** Metres to the nearest wall or thing less the clearance; negative outside. */
  slack(x: number, y: number): number;
  /** Direction away from the nearest wall or thing, not of length 1: its x, its y. */
  awayX(x: number, y: number): number;
  awayY(x: number, y: number): number;
  /** Somewhere free, by two numbers from 0 to 1. */
  somewhere(u: number, v: number): Point;
}

/** A floor as a setup tells it. */
export interface RunFloor {
  outline: Polygon;
  keepOut?: readonly Polygon[];
  wallClearance?: number;
}

/** A floor as a grid, made once for many plays. */
export function fieldOf(floor: RunFloor): Field {
  const box = boundsOf(floor.outline);
  const free = freeFloor({ outline: floor.outline, keepOut: floor.keepOut, wallClearance: floor.wallClearance ?? 0 });
  const [columns, rows] = [Math.ceil(box.width / GRID_M) + 1, Math.ceil(box.depth / GRID_M) + 1];
  const slacks = new Float64Array(columns * rows);
  const open: Point[] = [];
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++) {
      const at = { x: box.x + i * GRID_M, y: box.y + j * GRID_M };
      slacks[j * columns + i] = free.slack(at);
      if (slacks[j * columns + i] >= 0) open.push(at);
    }
  const clamp = (v: number, most: number) => Math.max(0, Math.min(most, v));
  const slack = (x: number, y: number) => {
    const [u, v] = [clamp((x - box.x) / GRID_M, columns - 1.001), clamp((y - box.y) / GRID_M, rows - 1.001)];
    const [i, j] = [u | 0, v | 0];
    const [a, b] = [u - i, v - j];
    const at = j * columns + i;
    const inside =
      (slacks[at] * (1 - a) + slacks[at + 1] * a) * (1 - b) + (slacks[at + columns] * (1 - a) + slacks[at + columns + 1] * a) * b;
    // Past the grid's edge the way back counts too.
    return inside - Math.abs((x - box.x) / GRID_M - u) - Math.abs((y - box.y) / GRID_M - v);
  };
  const [awayX, awayY] = [new Float64Array(columns * rows), new Float64Array(columns * rows)];
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++) {
      const [x, y] = [box.x + i * GRID_M, box.y + j * GRID_M];
      awayX[j * columns + i] = slack(x + 0.3, y) - slack(x - 0.3, y);
      awayY[j * columns + i] = slack(x, y + 0.3) - slack(x, y - 0.3);
    }
  const nearest = (x: number, y: number) =>
    Math.round(clamp((y - box.y) / GRID_M, rows - 1)) * columns + Math.round(clamp((x - box.x) / GRID_M, columns - 1));
  return {
    ...box,
    areaM2: Math.max(1, open.length * GRID_M * GRID_M),
    slack,
    awayX: (x, y) => awayX[nearest(x, y)],
    awayY: (x, y) => awayY[nearest(x, y)],
    somewhere: (u, v) => {
      const at = open[Math.min(open.length - 1, Math.floor(u * open.length))];
      return at ? { x: at.x + (v - 0.5) * 0.2, y: at.y } : { x: box.x + box.width / 2, y: box.y + box.depth / 2 };
    },
  };
}
