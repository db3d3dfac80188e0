import { memoize } from '../memoize.ts';
import type { Area } from './area.ts';
import { boundsOf, EPS, edgesOf, insidePolygon, type Point } from './point.ts';

/** Where the left edge of a unit may stand along one row: [from, to], metres, in order. */
export type Span = readonly [number, number];

/** Corners of the convex sum of a segment and the mirrored unit: the unit at p meets the segment exactly where p lies inside. */
function meetingHull(a: Point, b: Point, width: number, depth: number): Point[] {
  const points = [a, b].flatMap((p) => [
    { x: p.x, y: p.y },
    { x: p.x - width, y: p.y },
    { x: p.x - width, y: p.y - depth },
    { x: p.x, y: p.y - depth },
  ]);
  points.sort((p, q) => p.x - q.x || p.y - q.y);
  const half = (list: Point[]): Point[] => {
    const hull: Point[] = [];
    for (const p of list) {
      while (hull.length > 1) {
        const o = hull[hull.length - 2];
        const q = hull[hull.length - 1];
        if ((q.x - o.x) * (p.y - o.y) - (q.y - o.y) * (p.x - o.x) > EPS * EPS) break;
        hull.pop();
      }
      hull.push(p);
    }
    return hull.slice(0, -1);
  };
  return [...half(points), ...half([...points].reverse())];
}

/** A hull made ready for slicing: corners, and every edge pushed out by the clearance. Flat arrays, one entry a corner or edge. */
interface Slicer {
  low: number;
  high: number;
  x: Float64Array;
  y: Float64Array;
  /** Pushed-out edge: its lower end's height and x, its higher end's height, and x per metre of height. */
  from: Float64Array;
  until: Float64Array;
  at: Float64Array;
  slope: Float64Array;
}

function slicerOf(hull: Point[], clearance: number): Slicer {
  const n = hull.length;
  const make = () => new Float64Array(n);
  const s: Slicer = { low: Infinity, high: -Infinity, x: make(), y: make(), from: make(), until: make(), at: make(), slope: make() };
  edgesOf(hull).forEach(([a, b], i) => {
    s.x[i] = a.x;
    s.y[i] = a.y;
    s.low = Math.min(s.low, a.y - clearance);
    s.high = Math.max(s.high, a.y + clearance);
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    const nx = ((b.y - a.y) / length) * clearance;
    const ny = (-(b.x - a.x) / length) * clearance;
    const rise = b.y - a.y;
    s.from[i] = Math.min(a.y, b.y) + ny;
    // A level edge is never sliced: its corners are.
    s.until[i] = Math.abs(rise) > EPS ? Math.max(a.y, b.y) + ny : -Infinity;
    s.slope[i] = Math.abs(rise) > EPS ? (b.x - a.x) / rise : 0;
    s.at[i] = (rise > 0 ? a.x : b.x) + nx;
  });
  return s;
}

/** The open span of x in which a point at height y is closer than `clearance` to a convex hull, written to `out`; false where there is none. */
function blockedSpan(s: Slicer, y: number, clearance: number, out: [number, number]): boolean {
  if (y <= s.low + EPS || y >= s.high - EPS) return false;
  let from = Infinity;
  let to = -Infinity;
  for (let i = 0; i < s.x.length; i++) {
    // A corner at this very height counts too: both edges that meet there end on it.
    const dy = Math.abs(y - s.y[i]);
    if (dy <= clearance + EPS) {
      const reach = Math.sqrt(Math.max(0, clearance * clearance - dy * dy));
      if (s.x[i] - reach < from) from = s.x[i] - reach;
      if (s.x[i] + reach > to) to = s.x[i] + reach;
    }
    if (y >= s.from[i] && y <= s.until[i]) {
      const x = s.at[i] + (y - s.from[i]) * s.slope[i];
      if (x < from) from = x;
      if (x > to) to = x;
    }
  }
  out[0] = from;
  out[1] = to;
  return to - from > EPS;
}

/** Finders that are kept, and rows of each: a unit is moved around on the same floor again and again while fixes are weighed. */
const KEPT_FINDERS = 24;
const MOST_ROWS = 3_000;

/**
 * For a `width` × `depth` unit: the spans in which its left edge may stand when its lower edge is at y, keeping the area's
 * clearance from every wall and keepOut. Exact (slices of convex sums rounded by the clearance), so that a row packed left
 * to right cannot be beaten. The sums are made once, the answer is asked for row by row.
 */
export const spanFinder = memoize((area: Area, width: number, depth: number): ((y: number) => readonly Span[]) => {
  const find = freshFinder(area, width, depth);
  const rows = new Map<number, Span[]>();
  return (y) => {
    const known = rows.get(y);
    if (known) return known;
    const spans = find(y);
    if (rows.size < MOST_ROWS) rows.set(y, spans);
    return spans;
  };
}, KEPT_FINDERS);

function freshFinder(area: Area, width: number, depth: number): (y: number) => Span[] {
  const clearance = area.wallClearance ?? 0;
  const walls = [...edgesOf(area.outline), ...(area.keepOut ?? []).flatMap((k) => edgesOf(k))];
  const slicers = walls.map(([a, b]) => slicerOf(meetingHull(a, b, width, depth), clearance));
  const things = (area.keepOut ?? []).map((polygon) => ({ polygon, box: boundsOf(polygon) }));
  const free = (from: number, to: number, y: number) => {
    const at = { x: (from + to) / 2 + width / 2, y: y + depth / 2 };
    const inThing = things.some(
      // The box first: most things lie elsewhere.
      ({ polygon, box }) =>
        at.x > box.x && at.x < box.x + box.width && at.y > box.y && at.y < box.y + box.depth && insidePolygon(polygon, at),
    );
    return !inThing && insidePolygon(area.outline, at);
  };
  return (y) => {
    const blocked: [number, number][] = [];
    let span: [number, number] = [0, 0];
    for (const slicer of slicers) {
      if (!blockedSpan(slicer, y, clearance, span)) continue;
      blocked.push(span);
      span = [0, 0];
    }
    blocked.sort((p, q) => p[0] - q[0]);
    const spans: Span[] = [];
    let from = Number.NEGATIVE_INFINITY;
    for (const [left, right] of blocked) {
      if (left >= from - EPS && from !== Number.NEGATIVE_INFINITY && free(from, left, y)) spans.push([from, Math.max(from, left)]);
      from = Math.max(from, right);
    }
    return spans;
  };
}

/** The free spans of one row; see spanFinder. */
export function freeSpans(area: Area, width: number, depth: number, y: number): readonly Span[] {
  return spanFinder(area, width, depth)(y);
}
