import type { Area } from '../geometry/area.ts';
import { boundsOf, insidePolygon, type Rect, rectPolygon } from '../geometry/point.ts';

/** The part of a floor inside a box that a teacher drew, cut at the room's bounds; undefined where the box goes over a wall of a room that is no rectangle, or nothing is left. */
export function boxedArea(area: Area, box: Rect): Area | undefined {
  const bounds = boundsOf(area.outline);
  const x = Math.max(bounds.x, box.x);
  const y = Math.max(bounds.y, box.y);
  const width = Math.min(bounds.x + bounds.width, box.x + box.width) - x;
  const depth = Math.min(bounds.y + bounds.depth, box.y + box.depth) - y;
  if (width <= 0.1 || depth <= 0.1) return undefined;
  const inner = { x: x + 1e-6, y: y + 1e-6, width: width - 2e-6, depth: depth - 2e-6 };
  const corners = rectPolygon(inner);
  const isInside = corners.every((p) => insidePolygon(area.outline, p)) && !area.outline.some((p) => insidePolygon(corners, p));
  return isInside ? { ...area, outline: rectPolygon({ x, y, width, depth }) } : undefined;
}

/** From a corner to the opposite one, whichever way it was dragged; whole 10 cm. */
export function boxBetween(a: { x: number; y: number }, b: { x: number; y: number }): Rect {
  const tenth = (v: number) => Math.round(v * 10) / 10;
  const [x, y] = [tenth(Math.min(a.x, b.x)), tenth(Math.min(a.y, b.y))];
  return { x, y, width: tenth(Math.max(a.x, b.x) - x), depth: tenth(Math.max(a.y, b.y) - y) };
}
