import type { Area } from './area.ts';
import { EPS, edgesOf, insidePolygon, type Point } from './point.ts';

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

/** The open span of x in which a point at height y is closer than `clearance` to a convex hull (anticlockwise), or undefined. */
function blockedSpan(hull: Point[], y: number, clearance: number): [number, number] | undefined {
  const ys = hull.map((p) => p.y);
  if (y <= Math.min(...ys) - clearance + EPS || y >= Math.max(...ys) + clearance - EPS) return undefined;
  let from = Number.POSITIVE_INFINITY;
  let to = Number.NEGATIVE_INFINITY;
  const take = (x: number) => {
    from = Math.min(from, x);
    to = Math.max(to, x);
  };
  for (const [a, b] of edgesOf(hull)) {
    // A corner at this very height counts too: both edges that meet there end on it.
    const dy = Math.abs(y - a.y);
    if (dy <= clearance + EPS) {
      const reach = Math.sqrt(Math.max(0, clearance * clearance - dy * dy));
      take(a.x - reach);
      take(a.x + reach);
    }
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    const nx = ((b.y - a.y) / length) * clearance;
    const ny = (-(b.x - a.x) / length) * clearance;
    const low = a.y + ny;
    const high = b.y + ny;
    if (Math.abs(high - low) > EPS && y >= Math.min(low, high) && y <= Math.max(low, high)) {
      take(a.x + nx + ((y - low) / (high - low)) * (b.x - a.x));
    }
  }
  return to - from > EPS ? [from, to] : undefined;
}

/**
 * For a `width` × `depth` unit: the spans in which its left edge may stand when its lower edge is at y, keeping the area's
 * clearance from every wall and keepOut. Exact (slices of convex sums rounded by the clearance), so that a row packed left
 * to right cannot be beaten. The sums are made once, the answer is asked for row by row.
 */
export function spanFinder(area: Area, width: number, depth: number): (y: number) => Span[] {
  const clearance = area.wallClearance ?? 0;
  const walls = [...edgesOf(area.outline), ...(area.keepOut ?? []).flatMap((k) => edgesOf(k))];
  const hulls = walls.map(([a, b]) => ({
    low: Math.min(a.y, b.y) - clearance - depth,
    high: Math.max(a.y, b.y) + clearance,
    hull: meetingHull(a, b, width, depth),
  }));
  const free = (from: number, to: number, y: number) => {
    const at = { x: (from + to) / 2 + width / 2, y: y + depth / 2 };
    return insidePolygon(area.outline, at) && !(area.keepOut ?? []).some((k) => insidePolygon(k, at));
  };
  return (y) => {
    const blocked: [number, number][] = [];
    for (const { low, high, hull } of hulls) {
      if (high < y || low > y) continue;
      const span = blockedSpan(hull, y, clearance);
      if (span) blocked.push(span);
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
export function freeSpans(area: Area, width: number, depth: number, y: number): Span[] {
  return spanFinder(area, width, depth)(y);
}
