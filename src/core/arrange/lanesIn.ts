import type { Area } from '../geometry/area.ts';
import type { Placement } from '../geometry/packRows.ts';
import type { Point, Rect } from '../geometry/point.ts';
import { unitsInBlock, unitsInRows } from './grid.ts';

/** Lanes side by side, all pointing the same way: up the room (0°) or along it to the right (90°). */
export interface Lanes {
  spots: Placement[];
  turnedDeg: 0 | 90;
}

/** Up to `count` equal lanes with one common direction, whichever holds more of them, else up the room; close together or spread out. */
export function lanesIn(
  area: Area,
  lane: { widthM: number; lengthM: number; gapM: number },
  count: number,
  spacing: 'close' | 'wide',
): Lanes {
  const lay = spacing === 'close' ? unitsInBlock : unitsInRows;
  const up = lay(area, { width: lane.widthM, depth: lane.lengthM, gap: lane.gapM }, count);
  if (up.length === count) return { spots: up, turnedDeg: 0 };
  const along = lay(area, { width: lane.lengthM, depth: lane.widthM, gap: lane.gapM }, count);
  return along.length > up.length ? { spots: along, turnedDeg: 90 } : { spots: up, turnedDeg: 0 };
}

/** Points of a lane's rectangle by its own measures: metres across from its left edge, and along from its near end, seen along its direction. */
export const inLane =
  (rect: Rect, turnedDeg: 0 | 90) =>
  (across: number, along: number): Point =>
    turnedDeg === 0 ? { x: rect.x + across, y: rect.y + along } : { x: rect.x + along, y: rect.y + rect.depth - across };
