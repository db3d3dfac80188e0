import type { Area } from '../geometry/area.ts';
import { spanFinder } from '../geometry/freeSpans.ts';
import { type Placement, packRows, type UnitSize } from '../geometry/packRows.ts';
import { boundsOf } from '../geometry/point.ts';

/** Up to `count` equal units spread over the floor, not turned, numbered row by row from the far left corner. */
export function unitsInRows(area: Area, unit: UnitSize, count: number): Placement[] {
  const placed = packRows(area, unit, { max: count, turn: 'never' });
  return [...placed].sort((a, b) => (Math.abs(a.y - b.y) > unit.depth / 2 ? b.y - a.y : a.x - b.x));
}

/** How many of them the floor holds. */
export function unitsThatFit(area: Area, unit: UnitSize): number {
  return packRows(area, unit, { turn: 'never' }).length;
}

/** Metres between places that play has room with, if the floor has it. */
const EASY_GAP_M = 2;
/** Steps in which a block of places is slid over the floor, metres. */
const SLIDE_M = 0.5;

/** The lower left corner at which a block of `columns` × `rows` units (the last row as full as `count` leaves it) lies free, nearest to the middle of the room. */
function blockCorner(area: Area, unit: UnitSize, gap: number, columns: number, count: number) {
  const box = boundsOf(area.outline);
  const rows = Math.ceil(count / columns);
  const [width, depth] = [columns * unit.width + (columns - 1) * gap, rows * unit.depth + (rows - 1) * gap];
  const spansAt = spanFinder(area, unit.width, unit.depth);
  /** Row 0 is the far one, which is always full. */
  const rowFits = (x: number, y: number, row: number) => {
    const spans = spansAt(y);
    const inRow = row === rows - 1 ? count - columns * (rows - 1) : columns;
    return Array.from({ length: inRow }, (_, c) => x + c * (unit.width + gap)).every((at) =>
      spans.some(([from, to]) => at >= from - 1e-9 && at <= to + 1e-9),
    );
  };
  let best: { x: number; y: number; far: number } | undefined;
  for (let y = box.y; y + depth <= box.y + box.depth + 1e-9; y += SLIDE_M)
    for (let x = box.x; x + width <= box.x + box.width + 1e-9; x += SLIDE_M) {
      const far = Math.hypot(x + width / 2 - box.x - box.width / 2, y + depth / 2 - box.y - box.depth / 2);
      if (best && far >= best.far - 1e-9) continue;
      const fits = Array.from({ length: rows }, (_, r) => rowFits(x, y + (rows - 1 - r) * (unit.depth + gap), r)).every(Boolean);
      if (fits) best = { x, y, far };
    }
  return best && { ...best, width, depth };
}

/**
 * Equal units in one block of aligned rows, not turned, as near together as play allows, so that one voice reaches them: 2 m apart,
 * or `unit.gap` if only that fits. The block with the shortest diagonal is taken, nearest to the middle; if no block is free, spread
 * over the floor. Numbered row by row from the far left corner.
 */
export function unitsInBlock(area: Area, unit: UnitSize, count: number): Placement[] {
  for (const gap of unit.gap < EASY_GAP_M ? [EASY_GAP_M, unit.gap] : [unit.gap]) {
    const blocks = Array.from({ length: count }, (_, i) => i + 1).flatMap((columns) => {
      const at = blockCorner(area, unit, gap, columns, count);
      return at ? [{ columns, at, cost: Math.hypot(at.width, at.depth) + at.far / 10 }] : [];
    });
    if (!blocks.length) continue;
    const { columns, at } = blocks.reduce((a, b) => (b.cost < a.cost - 1e-9 ? b : a));
    const rows = Math.ceil(count / columns);
    return Array.from({ length: count }, (_, i) => ({
      x: at.x + (i % columns) * (unit.width + gap),
      y: at.y + (rows - 1 - Math.floor(i / columns)) * (unit.depth + gap),
      width: unit.width,
      depth: unit.depth,
      turned: 0,
    }));
  }
  return unitsInRows(area, unit, count);
}
