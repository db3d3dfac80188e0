import type { Area } from '../geometry/area.ts';
import type { Rect } from '../geometry/point.ts';
import { type Guide, snapTo } from './snapTo.ts';
import { gapBetween, validateLayout } from './validate.ts';

/**
 * The units with those moved onto painted lines that lie near one (SNAP_M): what is painted needs no tape. A unit moves only where
 * it stays clear (`wants[i]` from walls and keepOut) and `gap` from the others; pinned ones stay. `taped`: what of a unit is taped.
 */
export function ontoPaint<U extends Rect & { pinned: boolean; turned: 0 | 90 }>(
  area: Area,
  units: readonly U[],
  taped: (unit: U) => Rect,
  painted: readonly Guide[],
  wants: readonly number[],
  gap: number,
): U[] {
  if (!painted.length) return [...units];
  return units.reduce<U[]>(
    (placed, unit, i) => {
      if (unit.pinned) return placed;
      const rect = taped(unit);
      const on = snapTo(rect, [], painted);
      const [dx, dy] = [on.x - rect.x, on.y - rect.y];
      const ways = [
        { x: unit.x + dx, y: unit.y + dy },
        { x: unit.x + dx, y: unit.y },
        { x: unit.x, y: unit.y + dy },
      ].filter((to) => to.x !== unit.x || to.y !== unit.y);
      const fits = ways.find((to) => {
        const moved = { ...unit, ...to };
        const apart = placed.every((other, j) => j === i || gapBetween(moved, other) >= gap - 1e-6);
        return apart && !validateLayout(area, [moved], [wants[i]], 0).length;
      });
      return fits ? placed.map((u, j) => (j === i ? { ...u, ...fits } : u)) : placed;
    },
    [...units],
  );
}
