import type { Area } from './area.ts';
import { kindsOf, type PackOptions, type Placement, packRows, spansOn, type UnitSize } from './packRows.ts';
import { placeMore } from './placeMore.ts';
import type { Point } from './point.ts';

export type { Placement, UnitSize } from './packRows.ts';

/** Where walls and things begin and end along x and along y, the clearance included. */
function endsOn(area: Area): { xs: { low: number[]; high: number[] }; ys: { low: number[]; high: number[] } } {
  const clearance = area.wallClearance ?? 0;
  const corners = [...area.outline, ...(area.keepOut ?? []).flat()];
  const ends = (of: (p: Point) => number) => {
    const at = [...new Set(corners.map((p) => Math.round(of(p) * 1e9) / 1e9))];
    return { low: at.map((v) => v + clearance), high: at.map((v) => v - clearance) };
  };
  return { xs: ends((p) => p.x), ys: ends((p) => p.y) };
}

/**
 * Equal rectangles inside the area, kept `wallClearance` from walls and keepOut (plain distance) and `gap` from one another in
 * x or in y; one result may mix orientations. Rows and columns first (see `packRows`); if they hold fewer than is wanted, a
 * search over single places tries for more, so never fewer than the best plain grid of either orientation or the best mix of
 * rows. With `max`, at most that many, spread over the floor. RangeError naming what breaks its shape.
 */
export function packUnits(area: Area, unit: UnitSize, options: PackOptions = {}): Placement[] {
  const { max = Number.POSITIVE_INFINITY, turn = 'any' } = options;
  const start = packRows(area, unit, options);
  if (start.length >= max) return start;
  return placeMore({ kinds: kindsOf(unit, turn), gap: unit.gap, spansAt: spansOn(area), ...endsOn(area), start, most: max });
}
