import { type Area, checkArea, transposeArea } from './area.ts';
import { type Span, spanFinder } from './freeSpans.ts';
import { boundsOf, EPS, edgesOf, type Point } from './point.ts';
import { rowHeights } from './rowHeights.ts';
import { spreadOut } from './spreadOut.ts';

/** Lower left corner; width along x and depth along y as placed (turned 90: the unit's depth and width). Metres. */
export interface Placement {
  x: number;
  y: number;
  width: number;
  depth: number;
  turned: 0 | 90;
}
export interface PackOptions {
  /** No more than this many, spread over the floor. */
  max?: number;
  turn?: 'any' | 'never';
}
export interface UnitSize {
  width: number;
  depth: number;
  gap: number;
}
export type Kind = Pick<Placement, 'width' | 'depth' | 'turned'>;
/** A row of equal units: `spans` are where left edges may stand. */
export interface PackedRow extends Kind {
  y: number;
  xs: number[];
  spans: readonly Span[];
}

/** True where every edge is square to the axes and no corner is rounded by a clearance: the corners' heights are then all that matter. */
function isSquare(area: Area): boolean {
  const edges = [area.outline, ...(area.keepOut ?? [])].flatMap((polygon) => edgesOf(polygon));
  if (edges.some(([a, b]) => Math.abs(a.x - b.x) > EPS && Math.abs(a.y - b.y) > EPS)) return false;
  return (area.wallClearance ?? 0) === 0 || (area.outline.length === 4 && !area.keepOut?.length);
}
/** Mixed rows stop growing at this many start heights, so that the work is bounded. */
const MOST_HEIGHTS = 1500;

/** Left edges of units put side by side from the left, as close as `step` allows. */
function alongRow(spans: readonly Span[], step: number, put: (x: number) => void): void {
  let next = Number.NEGATIVE_INFINITY;
  for (const [from, to] of spans) {
    for (let x = Math.max(from, next); x <= to + EPS; x = next) {
      put(Math.min(x, to));
      next = x + step;
    }
  }
}

function fillRow(spans: readonly Span[], step: number): number[] {
  const xs: number[] = [];
  alongRow(spans, step, (x) => xs.push(x));
  return xs;
}

/** How many `fillRow` would place. */
function countRow(spans: readonly Span[], step: number): number {
  let count = 0;
  alongRow(spans, step, () => count++);
  return count;
}

/** Where left edges may stand, by orientation and height: the same for every gap, so it is found once. */
type Spans = (kind: Kind, y: number) => readonly Span[];

export function spansOn(area: Area): Spans {
  /** By height in nanometres. */
  const known = { 0: new Map<number, readonly Span[]>(), 90: new Map<number, readonly Span[]>() };
  const finders: { 0?: (y: number) => readonly Span[]; 90?: (y: number) => readonly Span[] } = {};
  return (kind, y) => {
    const heights = known[kind.turned];
    const key = Math.round(y * 1e9);
    let spans = heights.get(key);
    if (!spans) {
      finders[kind.turned] ??= spanFinder(area, kind.width, kind.depth);
      spans = finders[kind.turned]!(y);
      heights.set(key, spans);
    }
    return spans;
  };
}

/** The best stack of rows: each row wholly of one orientation, rows `gap` apart, found by longest path over start heights. */
function bestRows(area: Area, spansAt: Spans, unit: UnitSize, kinds: readonly Kind[], fine: boolean): PackedRow[] {
  const clearance = area.wallClearance ?? 0;
  const corners: Point[] = [...area.outline, ...(area.keepOut ?? []).flat()];
  const top = Math.max(...area.outline.map((p) => p.y)) - clearance;
  const bottom = Math.min(...area.outline.map((p) => p.y)) + clearance;
  const row = (kind: Kind, y: number): PackedRow => {
    const spans = spansAt(kind, y);
    return { y, width: kind.width, depth: kind.depth, turned: kind.turned, spans, xs: fillRow(spans, kind.width + unit.gap) };
  };
  const starts = new Set<number>([bottom]);
  for (const { y } of corners) {
    starts.add(y + clearance);
    for (const kind of kinds) starts.add(y - clearance - kind.depth);
  }
  const critical = [...starts].filter((y) => y >= bottom - EPS && y <= top);
  const ends = (y: number, depth: number) => y + depth <= top + EPS;

  // Longest path: every height reached from a critical one by whole rows, or by waiting for the next critical height.
  const heights = new Map<number, { y: number; total: number; from?: number; row?: PackedRow }>();
  const keyOf = (y: number) => Math.round(y * 1e7);
  const queue: number[] = [];
  const reach = (y: number, total: number, from?: number, via?: PackedRow) => {
    const key = keyOf(y);
    const seen = heights.get(key);
    if (!seen && heights.size > MOST_HEIGHTS) return;
    if (!seen) {
      queue.push(key);
      heights.set(key, { y, total, from, row: via });
    } else if (total > seen.total) heights.set(key, { y: seen.y, total, from, row: via });
  };
  for (const y of [...critical].sort((a, b) => a - b)) reach(y, 0);
  const done = new Set<number>();
  let best = { key: keyOf(bottom), total: 0 };
  const sorted = [...critical].sort((a, b) => a - b);
  while (queue.length) {
    const lowest = queue.reduce((least, key, i) => (key < queue[least] ? i : least), 0);
    const [key] = queue.splice(lowest, 1);
    if (done.has(key)) continue;
    done.add(key);
    const at = heights.get(key)!;
    if (at.total > best.total) best = { key, total: at.total };
    const next = sorted.find((y) => y > at.y + 1e-6);
    if (next !== undefined) reach(next, at.total, key);
    for (const kind of kinds) {
      if (!ends(at.y, kind.depth)) continue;
      const made = row(kind, at.y);
      if (made.xs.length) reach(at.y + kind.depth + unit.gap, at.total + made.xs.length, key, made);
    }
  }
  const rows: PackedRow[] = [];
  for (let at = heights.get(best.key); at; at = at.from === undefined ? undefined : heights.get(at.from)) if (at.row) rows.unshift(at.row);
  if (!fine) return rows;

  let chosen = rows;
  let count = best.total;
  for (const kind of kinds) {
    const pitch = kind.depth + unit.gap;
    const countAt = (y: number) => countRow(spansAt(kind, y), kind.width + unit.gap);
    const read = (y: number) => ({ count: countAt(y), spans: spansAt(kind, y) });
    const offsets = [...critical, ...(isSquare(area) ? [] : rowHeights(read, bottom, top - kind.depth, critical))];
    for (const start of offsets) {
      const plain: number[] = [];
      for (let y = start - Math.floor((start - bottom + EPS) / pitch) * pitch; ends(y, kind.depth); y += pitch) plain.push(y);
      const total = plain.reduce((sum, y) => sum + countAt(y), 0);
      if (total > count) {
        chosen = plain.map((y) => row(kind, y)).filter((r) => r.xs.length);
        count = total;
      }
    }
  }
  return chosen;
}

const countOf = (rows: PackedRow[]) => rows.reduce((sum, r) => sum + r.xs.length, 0);

function flip(rows: PackedRow[]): Placement[] {
  return rows.flatMap((r) => r.xs.map((x) => ({ x: r.y, y: x, width: r.depth, depth: r.width, turned: r.turned })));
}
function plain(rows: PackedRow[]): Placement[] {
  return rows.flatMap((r) => r.xs.map((x) => ({ x, y: r.y, width: r.width, depth: r.depth, turned: r.turned })));
}

function checkPacking(area: Area, unit: UnitSize, { max, turn }: PackOptions): void {
  checkArea(area);
  for (const [name, value] of Object.entries({ width: unit.width, depth: unit.depth })) {
    if (!Number.isFinite(value) || value <= 0) throw new RangeError(`invalid unit ${name}: ${value}`);
  }
  if (!Number.isFinite(unit.gap) || unit.gap < 0) throw new RangeError(`invalid unit gap: ${unit.gap}`);
  if (max !== undefined && (!Number.isInteger(max) || max < 0)) throw new RangeError(`invalid max: ${max}`);
  if (turn !== 'any' && turn !== 'never') throw new RangeError(`invalid turn: ${turn}`);
}

/** The unit as it may be placed: as it is, and turned unless that is the same or not wanted. */
export function kindsOf({ width, depth }: UnitSize, turn: 'any' | 'never'): Kind[] {
  const kinds: Kind[] = [{ width, depth, turned: 0 }];
  if (turn === 'any' && Math.abs(width - depth) > EPS) kinds.push({ width: depth, depth: width, turned: 90 });
  return kinds;
}

/** Halvings of the gap when units are spread: to a few centimetres. */
const GAP_STEPS = 7;

/** No gap above this can hold `max` units: units grown by it to the right and upwards lie side by side in the grown room. */
function widestGap(area: Area, { width, depth, gap }: UnitSize, max: number): number {
  const { width: w, depth: d } = boundsOf(area.outline);
  const holds = (g: number) => max * (width + g) * (depth + g) <= (w + g) * (d + g);
  let most = gap + w + d;
  for (let least = gap, i = 0; i < 12; i++) {
    const middle = (least + most) / 2;
    if (holds(middle)) least = middle;
    else most = middle;
  }
  return most;
}

/**
 * Equal rectangles in rows or in columns, kept `wallClearance` from walls and keepOut (plain distance) and `gap` from one
 * another in x or in y; orientations may mix from row to row. Never fewer than the best plain grid of either orientation. With
 * `max`, at most that many, spread over the floor: the widest gap that still holds them, rows then spaced out evenly.
 * Rows are filled left to right over exact free spans, so no anchoring of a grid along the row can hold more.
 */
export function packRows(area: Area, unit: UnitSize, { max, turn = 'any' }: PackOptions = {}): Placement[] {
  checkPacking(area, unit, { max, turn });
  if (max === 0) return [];
  const across = transposeArea(area);
  const [spans, spansAcross] = [spansOn(area), spansOn(across)];
  const pack = (gap: number, fine: boolean) => {
    const size = { ...unit, gap };
    const kinds = kindsOf(unit, turn);
    const rows = bestRows(area, spans, size, kinds, fine);
    const columns = bestRows(
      across,
      spansAcross,
      size,
      kinds.map((k) => ({ width: k.depth, depth: k.width, turned: k.turned })),
      fine,
    );
    return countOf(columns) > countOf(rows) ? { rows: columns, placed: flip, on: across } : { rows, placed: plain, on: area };
  };
  const coarse = pack(unit.gap, false);
  const full = max !== undefined && countOf(coarse.rows) > max ? coarse : pack(unit.gap, true);
  if (max === undefined || countOf(full.rows) <= max) return full.placed(full.rows);
  let least = unit.gap;
  let most = widestGap(area, unit, max);
  let widest = full;
  for (let i = 0; i < GAP_STEPS; i++) {
    const middle = (least + most) / 2;
    const tried = pack(middle, false);
    if (countOf(tried.rows) >= max) {
      least = middle;
      widest = tried;
    } else most = middle;
  }
  return widest.placed(spreadOut(widest.on, widest.rows, least, max));
}
