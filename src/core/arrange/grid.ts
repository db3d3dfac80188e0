import type { Area } from '../geometry/area.ts';
import { type Placement, packRows, type UnitSize } from '../geometry/packRows.ts';

/** Up to `count` equal units spread over the floor, not turned, numbered row by row from the far left corner. */
export function unitsInRows(area: Area, unit: UnitSize, count: number): Placement[] {
  const placed = packRows(area, unit, { max: count, turn: 'never' });
  return [...placed].sort((a, b) => (Math.abs(a.y - b.y) > unit.depth / 2 ? b.y - a.y : a.x - b.x));
}

/** How many of them the floor holds. */
export function unitsThatFit(area: Area, unit: UnitSize): number {
  return packRows(area, unit, { turn: 'never' }).length;
}
