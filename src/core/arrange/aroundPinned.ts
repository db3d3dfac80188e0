import type { Area } from '../geometry/area.ts';
import type { Rect } from '../geometry/point.ts';
import { nearestClear } from './nearestClear.ts';
import { gapBetween } from './validate.ts';

/**
 * The units with those moved that stand nearer than `gap` to a pinned one: each to the nearest clear place, `wants[i]` from walls
 * and keepOut. Pinned ones stay; one that finds no place stays too, and the checks tell.
 */
export function aroundPinned<U extends Rect & { pinned: boolean }>(
  area: Area,
  units: readonly U[],
  wants: readonly number[],
  gap: number,
): U[] {
  return units.reduce<U[]>(
    (placed, unit, i) => {
      const pinned = placed.filter((u, j) => j !== i && u.pinned);
      if (unit.pinned || pinned.every((p) => gapBetween(unit, p) >= gap - 1e-6)) return placed;
      const others = placed.filter((_, j) => j !== i);
      const to = nearestClear(area, unit, others, wants[i], gap);
      return to ? placed.map((u, j) => (j === i ? { ...u, ...to } : u)) : placed;
    },
    [...units],
  );
}
