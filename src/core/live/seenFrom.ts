import type { Rect } from '../geometry/point.ts';
import { middleOf } from '../geometry/point.ts';

/** The wall that a teacher looks at, in the order in which one press turns to the next. */
export const FACINGS = ['north', 'east', 'south', 'west'] as const;
export type Facing = (typeof FACINGS)[number];

/** To the right and ahead of somebody who looks that way, for a floor whose x grows to the east and y to the north. */
const SEEN: Record<Facing, (x: number, y: number) => { right: number; ahead: number }> = {
  north: (x, y) => ({ right: x, ahead: y }),
  east: (x, y) => ({ right: -y, ahead: x }),
  south: (x, y) => ({ right: -x, ahead: -y }),
  west: (x, y) => ({ right: y, ahead: -x }),
};

/** Cells of a grid: rows from the farthest to the nearest, columns from left to right, both from 0. */
export interface SeenGrid {
  columns: number;
  cells: { column: number; row: number }[];
}

/** Values that lie close together are one line; the index of each value's line, lowest first. */
function linesOf(values: readonly number[], apart: number): number[] {
  const sorted = [...values].sort((a, b) => a - b);
  const starts = sorted.filter((v, i) => i === 0 || v - sorted[i - 1] > apart);
  return values.map((v) => starts.findLastIndex((start) => start <= v));
}

/**
 * Where each box is for somebody who faces that way: in aligned rows and columns where the boxes are, else in rows alone, from
 * left to right.
 */
export function seenFrom(boxes: readonly Rect[], facing: Facing): SeenGrid {
  const seen = boxes.map((box) => SEEN[facing](middleOf(box).x, middleOf(box).y));
  const least = Math.min(...boxes.flatMap((b) => [b.width, b.depth]));
  const rights = seen.map((s) => s.right);
  const rows = linesOf(
    seen.map((s) => -s.ahead),
    least / 2,
  );
  const columns = linesOf(rights, least / 2);
  const isFree = new Set(rows.map((row, i) => `${row} ${columns[i]}`)).size === boxes.length;
  const widest = Math.max(0, ...rows.map((row) => rows.filter((r) => r === row).length));
  const count = Math.max(0, ...columns.map((c) => c + 1));
  if (isFree && count <= widest + 1) return { columns: count, cells: rows.map((row, i) => ({ row, column: columns[i] })) };
  const inRow = (i: number) =>
    rows.filter((row, j) => row === rows[i] && (rights[j] < rights[i] || (rights[j] === rights[i] && j < i))).length;
  return { columns: widest, cells: rows.map((row, i) => ({ row, column: inRow(i) })) };
}
