import { distanceToSegment, EPS, edgesOf, insidePolygon, type Point, type Polygon } from './point.ts';

/** How close to a boundary a point counts as lying on it, metres. */
const ON = 1e-7;

const onBoundary = (polygon: Polygon, p: Point) => edgesOf(polygon).some((edge) => distanceToSegment(p, edge) <= ON);
/** Inside the outline or on it. */
const withinOutline = (outline: Polygon, p: Point): boolean => insidePolygon(outline, p) || onBoundary(outline, p);
/** Inside the polygon and not on its boundary. */
const strictlyInside = (polygon: Polygon, p: Point): boolean => insidePolygon(polygon, p) && !onBoundary(polygon, p);

/** Shares of the way from a to b at which it meets an edge, the ends of an edge that it runs along included. */
function meetings(a: Point, b: Point, [c, d]: readonly [Point, Point]): number[] {
  const rx = b.x - a.x;
  const ry = b.y - a.y;
  const sx = d.x - c.x;
  const sy = d.y - c.y;
  const cross = rx * sy - ry * sx;
  const length2 = rx * rx + ry * ry;
  if (Math.abs(cross) <= EPS * Math.sqrt(length2)) {
    return [c, d].map((p) => ((p.x - a.x) * rx + (p.y - a.y) * ry) / length2);
  }
  return [((c.x - a.x) * sy - (c.y - a.y) * sx) / cross];
}

/** True where the straight line from a to b stays within the outline and crosses no keepOut; touching either is no obstruction. */
export function clearLine(a: Point, b: Point, outline: Polygon, keepOut: readonly Polygon[] = []): boolean {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const free = (p: Point) => withinOutline(outline, p) && !keepOut.some((k) => strictlyInside(k, p));
  if (!free(a) || !free(b)) return false;
  if (length <= ON) return true;
  const cuts = [outline, ...keepOut]
    .flatMap(edgesOf)
    .flatMap((edge) => meetings(a, b, edge))
    .filter((t) => t > 0 && t < 1)
    .sort((s, t) => s - t);
  const at = [0, ...cuts, 1];
  for (let i = 1; i < at.length; i++) {
    if ((at[i] - at[i - 1]) * length <= ON) continue;
    const t = (at[i] + at[i - 1]) / 2;
    if (!free({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t })) return false;
  }
  return true;
}
