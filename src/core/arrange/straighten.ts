import type { Area } from '../geometry/area.ts';
import { boundsOf, millimetres, type Rect } from '../geometry/point.ts';
import { aroundPinned } from './aroundPinned.ts';
import { gapBetween, validateLayout } from './validate.ts';

/** Distances from walls come to whole tenths of a metre, unless somebody measures in inches. */
export const ROUND_M = 0.1;
/** Units whose edges differ by less than this share of their size are meant to stand in one row. */
const ROW_SHARE = 0.5;
/** A row may move up to this many steps past its own units to a round distance. */
const STEPS_BEYOND = 3;

type Axis = 'x' | 'y';
const SIZE = { x: 'width', y: 'depth' } as const;

/** Units in rows (or columns) by their lower edge on the axis: a row is no wider than half a unit. */
function rowsOf(units: readonly Rect[], axis: Axis): number[][] {
  const sorted = [...units.keys()].sort((a, b) => units[a][axis] - units[b][axis] || a - b);
  const rows: number[][] = [];
  for (const i of sorted) {
    const row = rows.at(-1);
    const first = row && units[row[0]];
    if (row && first && units[i][axis] - first[axis] <= Math.min(units[i][SIZE[axis]], first[SIZE[axis]]) * ROW_SHARE) row.push(i);
    else rows.push([i]);
  }
  return rows;
}

/** Positions for a row at round distances from the nearer wall, up to a few steps past its units. */
function roundValues(area: Area, row: readonly Rect[], axis: Axis, stepM: number): number[] {
  const box = boundsOf(area.outline);
  const [low, high] = [box[axis], box[axis] + box[SIZE[axis]]];
  const size = row[0][SIZE[axis]];
  const at = row.map((u) => u[axis]);
  const isFar = at.reduce((sum, v) => sum + v, 0) / at.length + size / 2 > (low + high) / 2;
  const toSteps = (v: number) => (isFar ? high - size - v : v - low) / stepM;
  const [from, to] = [Math.min(...at.map(toSteps)), Math.max(...at.map(toSteps))];
  const first = Math.ceil(from - STEPS_BEYOND - 1e-6);
  const count = Math.floor(to + STEPS_BEYOND + 1e-6) - first + 1;
  return Array.from({ length: Math.max(0, count) }, (_, k) =>
    millimetres(isFar ? high - size - (first + k) * stepM : low + (first + k) * stepM),
  );
}

/**
 * The units in straight rows and columns at round distances from the walls: those that stand nearly in one row come onto one line,
 * with the least movement, if all of them stay clear there (`wants[i]` metres from walls and keepOut, `gap` from one another). A row
 * that cannot be straight comes to round distances unit by unit, as far as it can. A pinned unit stays, and its row comes to it.
 */
export function straighten<U extends Rect & { pinned?: boolean }>(
  area: Area,
  units: readonly U[],
  wants: readonly number[],
  gap: number,
  stepM: number = ROUND_M,
): U[] {
  let placed = [...units];
  // A row is tried whole, then without one after the other: the same unit is asked about at the same place again and again.
  const known = new Map<string, boolean>();
  const isFree = (unit: U, i: number): boolean => {
    const key = `${i} ${unit.x} ${unit.y}`;
    const free = known.get(key) ?? !validateLayout(area, [unit], [wants[i]], 0).length;
    known.set(key, free);
    return free;
  };
  const isClear = (moved: readonly U[], which: readonly number[]) =>
    which.every(
      (i) =>
        moved.every((other, j) => j === i || gapBetween(moved[i], other) >= Math.min(gap, gapBetween(units[i], units[j])) - 1e-6) &&
        isFree(moved[i], i),
    );
  const bring = (row: readonly number[], axis: Axis, values: readonly number[]): boolean => {
    const free = row.filter((i) => !placed[i].pinned);
    const cost = (v: number) => free.reduce((sum, i) => sum + Math.abs(placed[i][axis] - v), 0);
    const sorted = [...values].sort((a, b) => cost(a) - cost(b) || a - b);
    for (const v of sorted) {
      const moved = placed.map((u, i) => (free.includes(i) ? { ...u, [axis]: v } : u));
      if (!isClear(moved, free)) continue;
      placed = moved;
      return true;
    }
    return false;
  };
  const bringRound = (row: readonly number[], axis: Axis): boolean =>
    bring(
      row,
      axis,
      roundValues(
        area,
        row.map((i) => placed[i]),
        axis,
        stepM,
      ),
    );
  for (const axis of ['y', 'x'] as const)
    for (const row of rowsOf(placed, axis)) {
      const pinned = row.filter((i) => placed[i].pinned).map((i) => placed[i][axis]);
      if (pinned.length ? bring(row, axis, pinned) : bringRound(row, axis)) continue;
      // One that stands in the way of a straight row is left out of it.
      const canLeaveOut = row.length > 2 && !pinned.length;
      const out = canLeaveOut
        ? row.find((one) =>
            bringRound(
              row.filter((i) => i !== one),
              axis,
            ),
          )
        : undefined;
      for (const i of out === undefined ? row : [out]) if (!placed[i].pinned) bringRound([i], axis);
    }
  return placed;
}

/** The units clear of the pinned ones, then straight: every unit wants `want` metres from walls and keepOut, `gap` from the others. */
export function straightAroundPinned<U extends Rect & { pinned: boolean }>(
  area: Area,
  units: readonly U[],
  want: number,
  gap: number,
  stepM?: number,
): U[] {
  const wants = units.map(() => want);
  return straighten(area, aroundPinned(area, units, wants, gap), wants, gap, stepM);
}
