import type { Area } from '../geometry/area.ts';
import { spanFinder } from '../geometry/freeSpans.ts';
import { type Placement, packRows, type UnitSize } from '../geometry/packRows.ts';
import { boundsOf, millimetres, type Point } from '../geometry/point.ts';

/** How many of them the floor holds. */
export function unitsThatFit(area: Area, unit: UnitSize): number {
  return packRows(area, unit, { turn: 'never' }).length;
}

/** Metres between places that play has room with, if the floor has it. */
const EASY_GAP_M = 2;
/** Steps in which a block of places is slid over the floor, metres. */
const SLIDE_M = 0.5;

/** Metres between columns and between rows. */
type Gaps = readonly [across: number, along: number];

/** Looks for a block of `count` units in so many columns; the last row may be short. */
type FindBlock = (
  gaps: Gaps,
  columns: number,
  count: number,
) => { x: number; y: number; width: number; depth: number; far: number } | undefined;

/** Finds the lower left corner at which a block lies free, nearest to the middle of the room. */
function blockFinder(area: Area, unit: UnitSize): FindBlock {
  const box = boundsOf(area.outline);
  const find = spanFinder(area, unit.width, unit.depth);
  const known = new Map<number, ReturnType<typeof find>>();
  const spansAt = (y: number) => {
    const key = Math.round(y * 1000);
    const spans = known.get(key) ?? find(y);
    known.set(key, spans);
    return spans;
  };
  return (gaps, columns, count) => {
    const rows = Math.ceil(count / columns);
    const [width, depth] = [columns * unit.width + (columns - 1) * gaps[0], rows * unit.depth + (rows - 1) * gaps[1]];
    let best: ReturnType<FindBlock>;
    for (let y = box.y; y + depth <= box.y + box.depth + 1e-9; y += SLIDE_M) {
      // Row 0 is the far one, which is always full.
      const spans = Array.from({ length: rows }, (_, r) => spansAt(y + (rows - 1 - r) * (unit.depth + gaps[1])));
      if (spans.some((s) => !s.length)) continue;
      for (let x = box.x; x + width <= box.x + box.width + 1e-9; x += SLIDE_M) {
        const far = Math.hypot(x + width / 2 - box.x - box.width / 2, y + depth / 2 - box.y - box.depth / 2);
        if (best && far >= best.far - 1e-9) continue;
        const isFree = spans.every((free, r) => {
          const inRow = r === rows - 1 ? count - columns * (rows - 1) : columns;
          for (let c = 0; c < inRow; c++) {
            const at = x + c * (unit.width + gaps[0]);
            if (!free.some(([from, to]) => at >= from - 1e-9 && at <= to + 1e-9)) return false;
          }
          return true;
        });
        if (isFree) best = { x, y, width, depth, far };
      }
    }
    return best;
  };
}

/**
 * Equal units in one block of aligned rows, not turned, as near together as play allows, so that one voice reaches them: 2 m apart,
 * or `unit.gap` if only that fits. The block with the shortest diagonal is taken, nearest to the middle; if no block is free, spread
 * over the floor. Numbered row by row from the far left corner.
 */
export function unitsInBlock(area: Area, unit: UnitSize, count: number): Placement[] {
  const find = blockFinder(area, unit);
  for (const gap of unit.gap < EASY_GAP_M ? [EASY_GAP_M, unit.gap] : [unit.gap]) {
    const blocks = Array.from({ length: count }, (_, i) => i + 1).flatMap((columns) => {
      const at = find([gap, gap], columns, count);
      return at ? [{ columns, at, cost: Math.hypot(at.width, at.depth) + at.far / 10 }] : [];
    });
    if (!blocks.length) continue;
    const { columns, at } = blocks.reduce((a, b) => (b.cost < a.cost - 1e-9 ? b : a));
    return inBlock(at, unit, [gap, gap], columns, count);
  }
  return unitsInRows(area, unit, count);
}

/** The units of a block from its lower left corner, row by row from the far left one. */
function inBlock(at: Point, unit: UnitSize, gaps: Gaps, columns: number, count: number): Placement[] {
  const rows = Math.ceil(count / columns);
  return Array.from({ length: count }, (_, i) => ({
    x: millimetres(at.x + (i % columns) * (unit.width + gaps[0])),
    y: millimetres(at.y + (rows - 1 - Math.floor(i / columns)) * (unit.depth + gaps[1])),
    width: unit.width,
    depth: unit.depth,
    turned: 0,
  }));
}

/** A row that is not full costs as much as this much less between two units: an empty corner is a long walk round it. */
const EMPTY_M = 2;

/** Steps in which gaps are tried, from the widest down. */
const GAP_STEP_M = 0.5;

/** The widest gap from `most` down to `least` at which something is found. A wider one may fit where a narrower does not: round a post. */
function widest<T>(least: number, most: number, find: (gap: number) => T | undefined): { gap: number; found: T } | undefined {
  for (let k = Math.floor((most - least) / GAP_STEP_M + 1e-6); k >= 0; k--) {
    const gap = millimetres(least + k * GAP_STEP_M);
    const found = find(gap);
    if (found !== undefined) return { gap, found };
  }
  return undefined;
}

/** A block of aligned rows and columns as far apart as the floor allows, first between columns; undefined where no block lies free. */
function spreadBlock(area: Area, unit: UnitSize, count: number): Placement[] | undefined {
  const box = boundsOf(area.outline);
  const find = blockFinder(area, unit);
  let best: { units: Placement[]; apart: number } | undefined;
  for (let columns = 1; columns <= count; columns++) {
    const rows = Math.ceil(count / columns);
    const most = (room: number, size: number, n: number) => (n > 1 ? Math.max(unit.gap, (room - n * size) / (n - 1)) : unit.gap);
    const across = widest(unit.gap, most(box.width, unit.width, columns), (gap) => find([gap, unit.gap], columns, count));
    if (!across) continue;
    const along = widest(unit.gap, most(box.depth, unit.depth, rows), (gap) => find([across.gap, gap], columns, count));
    if (!along) continue;
    const gaps: Gaps = [across.gap, along.gap];
    const least = Math.min(columns > 1 ? across.gap : along.gap, rows > 1 ? along.gap : across.gap);
    const apart = least + (across.gap + along.gap) / 100 - (columns * rows > count ? EMPTY_M : 0);
    if (!best || apart > best.apart + 1e-9) best = { units: inBlock(along.found, unit, gaps, columns, count), apart };
  }
  return best?.units;
}

/**
 * Up to `count` equal units spread over the floor, not turned, numbered row by row from the far left corner: in straight rows and
 * columns with the widest gaps that fit, else wherever they fit.
 */
export function unitsInRows(area: Area, unit: UnitSize, count: number): Placement[] {
  const block = spreadBlock(area, unit, count);
  if (block) return block;
  const placed = packRows(area, unit, { max: count, turn: 'never' });
  return [...placed].sort((a, b) => (Math.abs(a.y - b.y) > unit.depth / 2 ? b.y - a.y : a.x - b.x));
}
