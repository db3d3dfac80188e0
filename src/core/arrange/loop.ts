import type { Area } from '../geometry/area.ts';
import { type Placement, packRows, type UnitSize } from '../geometry/packRows.ts';
import { boundsOf, middleOf, type Rect, rectPolygon } from '../geometry/point.ts';
import { nearestClear } from './nearestClear.ts';
import { validateLayout } from './validate.ts';
import { walkRound } from './walkRound.ts';

const apart = (a: Rect, b: Rect) => Math.hypot(middleOf(a).x - middleOf(b).x, middleOf(a).y - middleOf(b).y);

/** Metres from one unit's middle to the next, round the loop. */
export function legsOf(loop: readonly Rect[]): number[] {
  return loop.map((unit, i) => apart(unit, loop[(i + 1) % loop.length]));
}

/** A walk that leads through another unit is as bad as one this much longer: people and gear are in the way. */
const THROUGH = 1.6;

/** True where the straight way from the middle of one unit to that of another leads through a third. */
function isThrough(a: Rect, b: Rect, over: Rect): boolean {
  const [p, q] = [middleOf(a), middleOf(b)];
  let [from, to] = [0, 1];
  for (const [start, step, low, size] of [
    [p.x, q.x - p.x, over.x, over.width],
    [p.y, q.y - p.y, over.y, over.depth],
  ]) {
    if (Math.abs(step) < 1e-9) {
      if (start <= low || start >= low + size) return false;
      continue;
    }
    const [one, other] = [(low - start) / step, (low + size - start) / step];
    from = Math.max(from, Math.min(one, other));
    to = Math.min(to, Math.max(one, other));
  }
  return to - from > 1e-6;
}

/** The units in an order whose longest walk from one to the next is short, then all of them, clockwise from the far left corner. */
export function loopOrder(units: readonly Placement[]): Placement[] {
  if (units.length < 3) return [...units].sort((a, b) => a.x - b.x || b.y - a.y);
  const middle = {
    x: units.reduce((sum, u) => sum + middleOf(u).x, 0) / units.length,
    y: units.reduce((sum, u) => sum + middleOf(u).y, 0) / units.length,
  };
  const angle = (u: Placement) => Math.atan2(middleOf(u).y - middle.y, middleOf(u).x - middle.x);
  const round = [...units].sort((a, b) => angle(b) - angle(a) || a.x - b.x || a.y - b.y);
  const far = round.map((a) => round.map((b) => apart(a, b) * (round.some((c) => c !== a && c !== b && isThrough(a, b, c)) ? THROUGH : 1)));
  const loop = walkRound(far, [...round.keys()]).map((i) => round[i]);
  const turn = loop.reduce((sum, u, i) => {
    const next = loop[(i + 1) % loop.length];
    return sum + middleOf(u).x * middleOf(next).y - middleOf(next).x * middleOf(u).y;
  }, 0);
  if (turn > 0) loop.reverse();
  const first = loop.reduce(
    (best, u, i) => (middleOf(u).y - middleOf(u).x > middleOf(loop[best]).y - middleOf(loop[best]).x + 1e-9 ? i : best),
    0,
  );
  return [...loop.slice(first), ...loop.slice(0, first)];
}

/** How far the free middle may shrink before the loop along the walls is given up, metres a step. */
const SHRINK = [0, 1, 2, 3];

/**
 * Up to `count` equal units on a walking loop: along the walls, with as large a middle left free as holds them all outside
 * it, otherwise spread over the floor. Units are not turned, so that their signs read one way. Kept clear as packRows keeps.
 */
export function unitsOnLoop(area: Area, unit: UnitSize, count: number): Placement[] {
  const box = boundsOf(area.outline);
  const clearance = area.wallClearance ?? 0;
  for (const less of count > 2 ? SHRINK : []) {
    const inset = { x: unit.width + clearance + less, y: unit.depth + clearance + less };
    const hole = { x: box.x + inset.x, y: box.y + inset.y, width: box.width - 2 * inset.x, depth: box.depth - 2 * inset.y };
    if (hole.width < 1 || hole.depth < 1) break;
    // The middle is no obstacle: units may touch it, so it is shrunk by what they keep from real ones.
    const middle = { x: hole.x + clearance, y: hole.y + clearance, width: hole.width - 2 * clearance, depth: hole.depth - 2 * clearance };
    if (middle.width <= 0 || middle.depth <= 0) break;
    const ring = packRows({ ...area, keepOut: [...(area.keepOut ?? []), rectPolygon(middle)] }, unit, { max: count, turn: 'never' });
    if (ring.length === count) return loopOrder(ring);
  }
  return loopOrder(packRows(area, unit, { max: count, turn: 'never' }));
}

/**
 * The loop with units moved that stand nearer to walls or keepOut than they want: each in turn to the nearest clear place
 * within `reach` metres, the others standing. `wants[i]`: metres unit i wants free.
 */
export function settleLoop(area: Area, loop: readonly Placement[], wants: readonly number[], gap: number, reach = 3): Placement[] {
  return wants.reduce<Placement[]>(
    (settled, want, i) => {
      const unit = settled[i];
      const others = settled.filter((_, j) => j !== i);
      if (!unit || !validateLayout(area, [unit], [want], 0).length) return settled;
      const to = nearestClear(area, unit, others, want, gap);
      if (!to || Math.hypot(to.x - unit.x, to.y - unit.y) > reach) return settled;
      return settled.map((u, j) => (j === i ? { ...u, ...to } : u));
    },
    [...loop],
  );
}
