/** The one tolerance of the floor, in metres: distances closer than this are the same. */
export const EPS = 1e-9;

export interface Point {
  x: number;
  y: number;
}
/** Corners in order, not closed; at least three; simple. */
export type Polygon = readonly Point[];

/** A rectangle along the axes: lower left corner, width along x, depth along y (metres). */
export interface Rect {
  x: number;
  y: number;
  width: number;
  depth: number;
}

/** The four corners of a rectangle, anticlockwise from the lower left. */
export function rectPolygon({ x, y, width, depth }: Rect): Point[] {
  return [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + depth },
    { x, y: y + depth },
  ];
}

/** The corners as pairs: [from, to] for every edge of the outline. */
export function edgesOf(polygon: Polygon): [Point, Point][] {
  return polygon.map((p, i) => [p, polygon[(i + 1) % polygon.length]]);
}

/** The smallest rectangle along the axes that holds all corners. */
export function boundsOf(polygon: Polygon): Rect {
  let [x, y, right, far] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const p of polygon) {
    x = Math.min(x, p.x);
    y = Math.min(y, p.y);
    right = Math.max(right, p.x);
    far = Math.max(far, p.y);
  }
  return { x, y, width: right - x, depth: far - y };
}

/** The middle of a rectangle. */
export const middleOf = ({ x, y, width, depth }: Rect): Point => ({ x: x + width / 2, y: y + depth / 2 });

const signedDouble = (polygon: Polygon) => edgesOf(polygon).reduce((sum, [a, b]) => sum + a.x * b.y - b.x * a.y, 0);

/** Area in square metres, positive whichever way the corners go round. */
export function areaOf(polygon: Polygon): number {
  return Math.abs(signedDouble(polygon)) / 2;
}

/** True where the corners go round anticlockwise: the inside is to the left of every edge. */
export function turnsLeft(polygon: Polygon): boolean {
  return signedDouble(polygon) > 0;
}

/** True where the point lies inside or on the outline's lower/left edge (even-odd rule). */
export function insidePolygon(polygon: Polygon, { x, y }: Point): boolean {
  let inside = false;
  for (const [a, b] of edgesOf(polygon)) {
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
  }
  return inside;
}

/** Straight distance between two points, in metres. */
export function distance(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}

/** To a thousandth, as a tape is read. */
export const millimetres = (metres: number): number => Math.round(metres * 1000) / 1000;

/** How far along a segment, from 0 to 1, its nearest point to p lies. */
function shareAlong(p: Point, [a, b]: readonly [Point, Point]): number {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const length2 = dx * dx + dy * dy;
  return length2 < EPS * EPS ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / length2));
}

/** Distance from a point to a segment, in metres. */
export function distanceToSegment(p: Point, segment: readonly [Point, Point]): number {
  const [a, b] = segment;
  const t = shareAlong(p, segment);
  return Math.hypot(p.x - a.x - t * (b.x - a.x), p.y - a.y - t * (b.y - a.y));
}

/** The point of a segment that is nearest to p. */
export function nearestOn(p: Point, segment: readonly [Point, Point]): Point {
  const [a, b] = segment;
  const t = shareAlong(p, segment);
  return { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) };
}

/** Points by a wall's own measures: metres along it from its start, and metres into the room (negative: outwards). Wall i runs from outline[i]. */
export function byWall(outline: Polygon, wall: number): (along: number, inwards: number) => Point {
  const [a, b] = edgesOf(outline)[wall];
  const length = distance(a, b);
  const [ux, uy] = [(b.x - a.x) / length, (b.y - a.y) / length];
  const side = turnsLeft(outline) ? 1 : -1;
  return (along, inwards) => ({ x: a.x + ux * along - uy * side * inwards, y: a.y + uy * along + ux * side * inwards });
}

function side(a: Point, b: Point, p: Point): number {
  return (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
}

function onBox(a: Point, b: Point, p: Point): boolean {
  return p.x >= Math.min(a.x, b.x) && p.x <= Math.max(a.x, b.x) && p.y >= Math.min(a.y, b.y) && p.y <= Math.max(a.y, b.y);
}

/** True where two segments share a point, touching included. */
export function segmentsMeet([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
  const d1 = side(c, d, a);
  const d2 = side(c, d, b);
  const d3 = side(a, b, c);
  const d4 = side(a, b, d);
  if (((d1 > 0 && d2 < 0) || (d1 < 0 && d2 > 0)) && ((d3 > 0 && d4 < 0) || (d3 < 0 && d4 > 0))) return true;
  return (d1 === 0 && onBox(c, d, a)) || (d2 === 0 && onBox(c, d, b)) || (d3 === 0 && onBox(a, b, c)) || (d4 === 0 && onBox(a, b, d));
}

/** Distance between two segments, in metres; 0 where they meet. */
export function segmentDistance(s: readonly [Point, Point], t: readonly [Point, Point]): number {
  if (segmentsMeet(s, t)) return 0;
  return Math.min(distanceToSegment(s[0], t), distanceToSegment(s[1], t), distanceToSegment(t[0], s), distanceToSegment(t[1], s));
}

/** Shortest distance between two areas, in metres; 0 where they overlap or touch. */
export function polygonDistance(p: Polygon, q: Polygon): number {
  if (insidePolygon(p, q[0]) || insidePolygon(q, p[0])) return 0;
  let least = Number.POSITIVE_INFINITY;
  for (const e of edgesOf(p)) for (const f of edgesOf(q)) least = Math.min(least, segmentDistance(e, f));
  return least;
}

/** Metres between the bounding boxes of two areas: never more than the areas' own distance, and found at once. */
export function boxDistance(p: Polygon, q: Polygon): number {
  const [a, b] = [boundsOf(p), boundsOf(q)];
  const dx = Math.max(0, a.x - b.x - b.width, b.x - a.x - a.width);
  const dy = Math.max(0, a.y - b.y - b.depth, b.y - a.y - a.depth);
  return Math.sqrt(dx * dx + dy * dy);
}

/** True if two areas overlap or touch. */
export const polygonsMeet = (p: Polygon, q: Polygon): boolean => boxDistance(p, q) <= 0 && polygonDistance(p, q) <= 0;

/** Throws RangeError unless the polygon has three finite corners or more, an area and no self-crossing. */
export function checkPolygon(name: string, polygon: Polygon): void {
  if (!Array.isArray(polygon) || polygon.length < 3) throw new RangeError(`invalid ${name}: ${JSON.stringify(polygon)}`);
  for (const p of polygon) {
    if (!Number.isFinite(p?.x) || !Number.isFinite(p?.y)) throw new RangeError(`invalid ${name} corner: ${JSON.stringify(p)}`);
  }
  if (areaOf(polygon) < EPS) throw new RangeError(`invalid ${name}: no area`);
  const crossing = crossingEdges(polygon);
  if (crossing) throw new RangeError(`invalid ${name}: edges ${crossing[0]} and ${crossing[1]} cross`);
}

/** The first two edges that meet although they are not neighbours, or undefined for a simple outline. */
export function crossingEdges(polygon: Polygon): [number, number] | undefined {
  const edges = edgesOf(polygon);
  for (let i = 0; i < edges.length; i++) {
    for (let j = i + 2; j < edges.length; j++) {
      if (i === 0 && j === edges.length - 1) continue;
      if (segmentsMeet(edges[i], edges[j])) return [i, j];
    }
  }
  return undefined;
}
