import type { Area } from '../geometry/area.ts';
import { fitSpots } from '../geometry/fitSpots.ts';
import { freeFloor } from '../geometry/freeFloor.ts';
import { packRows } from '../geometry/packRows.ts';
import { boundsOf, distance, type Point } from '../geometry/point.ts';
import { spreadSpots } from '../geometry/spreadSpots.ts';

/** Where a piece comes to lie: its middle, and the way it points (degrees, 0 away from the main door wall, clockwise). */
export interface Laying extends Point {
  turnedDeg: number;
}
/** How several are laid out. */
export const ARRANGEMENTS = ['spread', 'spaced', 'side-by-side', 'ring', 'arc', 'row'] as const;
export type Arrangement = (typeof ARRANGEMENTS)[number];

/** Metres between two looks for the middle of the widest free circle. */
const LOOK_M = 0.25;

/** The widest circle that lies free of walls and keepOut: its middle and radius, to about a centimetre. */
export function widestCircle(area: Area): { x: number; y: number; radius: number } | undefined {
  const floor = freeFloor(area);
  const { x, y, width, depth } = floor.bounds;
  let best = { x: x + width / 2, y: y + depth / 2, radius: floor.slack({ x: x + width / 2, y: y + depth / 2 }) };
  const look = (p: Point) => {
    const radius = floor.slack(p);
    if (radius > best.radius + 1e-9) best = { ...p, radius };
  };
  for (let i = 0; i * LOOK_M <= width; i++) for (let j = 0; j * LOOK_M <= depth; j++) look({ x: x + i * LOOK_M, y: y + j * LOOK_M });
  for (let step = LOOK_M / 2; step > 0.005; step /= 2)
    for (let round = 0; round < 4; round++) {
      const { x: cx, y: cy } = best;
      for (const [dx, dy] of [
        [1, 0],
        [-1, 0],
        [0, 1],
        [0, -1],
        [1, 1],
        [-1, 1],
        [1, -1],
        [-1, -1],
      ])
        look({ x: cx + dx * step, y: cy + dy * step });
    }
  return best.radius > 0 ? best : undefined;
}

/** Points on a circle, evenly, the first at `fromDeg`; each points to the middle. Neighbours stand 2·r·sin(π/n) apart on a whole circle. */
export function onCircle(middle: Point, radius: number, count: number, fromDeg = 0, sweepDeg = 360): Laying[] {
  const step = sweepDeg >= 360 ? 360 / count : sweepDeg / Math.max(1, count - 1);
  return Array.from({ length: count }, (_, i) => {
    const deg = fromDeg + i * step;
    const angle = (deg * Math.PI) / 180;
    return { x: middle.x + radius * Math.sin(angle), y: middle.y + radius * Math.cos(angle), turnedDeg: (((deg + 180) % 360) + 360) % 360 };
  });
}

/** Lanes side by side, all pointing the same way: up the room or along it, whichever holds more (then whichever is asked). */
function sideBySide(area: Area, unit: { widthM: number; lengthM: number; gapM: number }, count: number): Laying[] {
  const pack = (width: number, depth: number) => packRows(area, { width, depth, gap: unit.gapM }, { max: count, turn: 'never' });
  const up = pack(unit.widthM, unit.lengthM);
  const along = pack(unit.lengthM, unit.widthM);
  const turned = along.length > up.length;
  return (turned ? along : up).map((p) => ({ x: p.x + p.width / 2, y: p.y + p.depth / 2, turnedDeg: turned ? 90 : 0 }));
}

/** A straight row through the middle of the widest free circle, along the room's longer side, shortened to what is free. */
function inRow(area: Area, count: number, spacingM: number): Laying[] {
  const floor = freeFloor(area);
  const middle = widestCircle(area);
  if (!middle) return [];
  const box = boundsOf(area.outline);
  const flat = box.width >= box.depth;
  const at = (off: number): Point => (flat ? { x: middle.x + off, y: middle.y } : { x: middle.x, y: middle.y + off });
  let [from, to] = [0, 0];
  const step = 0.05;
  while (floor.slack(at(from - step)) >= 0) from -= step;
  while (floor.slack(at(to + step)) >= 0) to += step;
  const room = Math.max(1, Math.floor((to - from) / spacingM + 1e-9) + 1);
  const n = Math.min(count, room);
  const start = (from + to - (n - 1) * spacingM) / 2;
  return Array.from({ length: n }, (_, i) => ({ ...at(start + i * spacingM), turnedDeg: flat ? 0 : 90 }));
}

/**
 * Where up to `count` equal pieces come to lie: 'spread' as far apart as can be found; 'spaced' as many as keep `spacingM` (of
 * middles); 'side-by-side' lanes with one common direction and `spacingM` between their edges; 'ring' and 'arc' on the widest free
 * circle, pointing to its middle; 'row' with `spacingM` of middles. Fewer than asked where the floor holds fewer; the area's
 * clearance is kept by the pieces' edges.
 */
export function layMany(
  area: Area,
  piece: { widthM: number; lengthM: number },
  how: Arrangement,
  count: number,
  spacingM: number,
): Laying[] {
  const half = Math.hypot(piece.widthM, piece.lengthM) / 2;
  const middles: Area = { ...area, wallClearance: (area.wallClearance ?? 0) + half };
  const straight = (points: readonly Point[]) => points.map((p) => ({ ...p, turnedDeg: 0 }));
  if (how === 'side-by-side') return sideBySide(area, { ...piece, gapM: spacingM }, count);
  if (how === 'spaced') return straight(fitSpots(middles, spacingM, count).slice(0, count));
  if (how === 'row') return inRow(middles, count, spacingM);
  if (how === 'spread') {
    // The floor may hold none at all: then no spot is found.
    const { spots } = spreadSpots(middles, count);
    return straight(spots);
  }
  const circle = widestCircle(middles);
  if (!circle) return [];
  return how === 'ring' ? onCircle(circle, circle.radius, count) : onCircle(circle, circle.radius, count, -90, 180);
}

/** The least distance between two of the layings, metres; Infinity for one. */
export function leastGap(layings: readonly Point[]): number {
  let least = Number.POSITIVE_INFINITY;
  layings.forEach((p, i) => {
    for (const q of layings.slice(i + 1)) least = Math.min(least, distance(p, q));
  });
  return least;
}
