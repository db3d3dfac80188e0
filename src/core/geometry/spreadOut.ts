import type { Area } from './area.ts';
import { freeSpans, type Span } from './freeSpans.ts';
import type { PackedRow } from './packRows.ts';

const TRIES = [1, 0.75, 0.5, 0.25];

/** Units of one row moved apart inside the span they stand in, ends to the ends; a lone unit to the middle. */
function justify(row: PackedRow, spans: readonly Span[]): number[] {
  return spans.flatMap(([from, to]) => {
    const inside = row.xs.filter((x) => x >= from - 1e-7 && x <= to + 1e-7);
    if (inside.length === 1) return [(from + to) / 2];
    return inside.map((_, i) => from + ((to - from) * i) / (inside.length - 1));
  });
}

/**
 * The rows with at most `max` units left, spaced evenly over the free floor. Units are taken away first from the row with
 * the least room for each, then rows move towards the far wall as evenly as their free spans allow; `gap` still holds.
 */
export function spreadOut(area: Area, rows: PackedRow[], gap: number, max: number): PackedRow[] {
  const kept = rows.map((r) => ({ ...r, xs: [...r.xs] }));
  let count = kept.reduce((sum, r) => sum + r.xs.length, 0);
  for (; count > max; count--) {
    const fullest = kept.reduce((a, b) => (b.xs.length >= a.xs.length ? b : a));
    fullest.xs.pop();
  }
  const rowsLeft = kept.filter((r) => r.xs.length);
  const clearance = area.wallClearance ?? 0;
  const top = Math.max(...area.outline.map((p) => p.y)) - clearance;
  const last = rowsLeft[rowsLeft.length - 1];
  const slack = top - (last.y + last.depth);
  const share = (i: number) => (rowsLeft.length === 1 ? 0.5 : i / (rowsLeft.length - 1));
  for (const part of TRIES) {
    const moved = rowsLeft.map((r, i) => {
      const y = r.y + slack * share(i) * part;
      return { ...r, y, spans: freeSpans(area, r.width, r.depth, y) };
    });
    const refilled = moved.map((r) => refill(r, r.xs.length, gap));
    if (refilled.every((r) => r !== undefined)) return refilled as PackedRow[];
  }
  return rowsLeft.map((r) => ({ ...r, xs: justifyFilled(r, gap) }));
}

function refill(row: PackedRow, count: number, gap: number): PackedRow | undefined {
  const xs: number[] = [];
  let next = Number.NEGATIVE_INFINITY;
  for (const [from, to] of row.spans) {
    for (let x = Math.max(from, next); x <= to + 1e-9 && xs.length < count; x = next) {
      xs.push(Math.min(x, to));
      next = x + row.width + gap;
    }
  }
  if (xs.length < count) return undefined;
  const filled = { ...row, xs };
  return { ...filled, xs: justifyFilled(filled, gap) };
}

/** Evenly spaced where that keeps the gap between neighbours of different spans too; else as they were. */
function justifyFilled(row: PackedRow, gap: number): number[] {
  const even = justify(row, row.spans);
  const fits = even.length === row.xs.length && even.every((x, i) => i === 0 || x - even[i - 1] >= row.width + gap - 1e-9);
  return fits ? even : row.xs;
}
