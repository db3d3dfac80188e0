import type { Area } from '../geometry/area.ts';
import type { Rect } from '../geometry/point.ts';
import { type Guide, snapTo } from './snapTo.ts';
import { gapBetween, validateLayout } from './validate.ts';

/** Metres of a box's four sides that lie on painted guides. */
function onGuides({ x, y, width, depth }: Rect, painted: readonly Guide[]): number {
  const side = (along: 'x' | 'y', at: number, from: number, to: number) =>
    Math.max(
      0,
      ...painted.filter((g) => g.along === along && Math.abs(g.at - at) < 1e-3).map((g) => Math.min(to, g.to) - Math.max(from, g.from)),
    );
  return side('x', x, y, y + depth) + side('x', x + width, y, y + depth) + side('y', y, x, x + width) + side('y', y + depth, x, x + width);
}

/**
 * The units moved as one onto painted lines that lie near one of them (SNAP_M): what is painted needs no tape, and rows stay
 * straight. Of the moves that bring one unit onto paint, the one with the most metres on paint is taken, if all stay clear
 * (`wants[i]` from walls and keepOut) and `gap` from pinned ones, which stay. `taped`: what of a unit is taped.
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
  const shifted = (dx: number, dy: number) => units.map((u) => (u.pinned ? u : { ...u, x: u.x + dx, y: u.y + dy }));
  const saved = (list: readonly U[]) => list.reduce((sum, u) => sum + (u.pinned ? 0 : onGuides(taped(u), painted)), 0);
  const isClear = (list: readonly U[]) =>
    list.every(
      (u, i) =>
        u.pinned || (list.every((o) => !o.pinned || gapBetween(u, o) >= gap - 1e-6) && !validateLayout(area, [u], [wants[i]], 0).length),
    );
  const moves = units.flatMap((unit) => {
    if (unit.pinned) return [];
    const rect = taped(unit);
    const on = snapTo(rect, [], painted);
    const [dx, dy] = [on.x - rect.x, on.y - rect.y];
    return [
      [dx, dy],
      [dx, 0],
      [0, dy],
    ];
  });
  return moves.reduce<{ list: U[]; metres: number }>(
    (best, [dx, dy]) => {
      const list = shifted(dx, dy);
      const metres = saved(list);
      return metres > best.metres + 1e-6 && isClear(list) ? { list, metres } : best;
    },
    { list: [...units], metres: saved(units) },
  ).list;
}
