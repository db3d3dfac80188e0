import { z } from 'zod';
import { areaOf, boundsOf, distance, edgesOf, middleOf, type Point, type Rect, rectPolygon } from '../geometry/point.ts';
import { degrees, metres } from './text.ts';

const x = metres(-100, 200);
const y = metres(-100, 200);
const point = z.object({ x, y });

/**
 * The floor that a place takes, metres. `rect`: lower left corner before it is turned, width along x, depth along y, turned clockwise
 * around its middle. `path`: the middle line that is traveled, `widthM` wide; closed: from the last point back to the first.
 */
export const Shape = z.discriminatedUnion('shape', [
  z.object({ shape: z.literal('rect'), x, y, width: metres(0.1, 100), depth: metres(0.1, 100), turnedDeg: degrees(0, 359.99) }),
  z.object({ shape: z.literal('circle'), x, y, radiusM: metres(0.1, 50) }),
  z.object({ shape: z.literal('path'), points: z.array(point).min(2).max(200), widthM: metres(0.1, 20), closed: z.boolean() }),
  z.object({ shape: z.literal('zone'), outline: z.array(point).min(3).max(200) }),
]);
export type Shape = z.infer<typeof Shape>;
export type PathShape = Extract<Shape, { shape: 'path' }>;

/** A rectangle that is not turned, as a shape. */
export const rectShape = ({ x, y, width, depth }: Rect): Shape => ({ shape: 'rect', x, y, width, depth, turnedDeg: 0 });

const CIRCLE = 32;
/** A circle as a polygon of 32 corners. */
export const circlePolygon = (at: Point, radius: number): Point[] =>
  Array.from({ length: CIRCLE }, (_, i) => {
    const angle = (i * 2 * Math.PI) / CIRCLE;
    return { x: at.x + radius * Math.cos(angle), y: at.y + radius * Math.sin(angle) };
  });

/** A rectangle turned clockwise around its middle, its corners anticlockwise from the lower left. */
function turnedRect(rect: Rect, turnedDeg: number): Point[] {
  if (!turnedDeg) return rectPolygon(rect);
  const middle = middleOf(rect);
  const angle = (-turnedDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return rectPolygon(rect).map((p) => {
    const [dx, dy] = [p.x - middle.x, p.y - middle.y];
    return { x: middle.x + dx * cos - dy * sin, y: middle.y + dx * sin + dy * cos };
  });
}

/** The straight stretches of a path, in the order they are traveled. */
export const stretchesOf = ({ points, closed }: Pick<PathShape, 'points' | 'closed'>): [Point, Point][] =>
  closed ? edgesOf(points) : edgesOf(points).slice(0, -1);

/** A stretch of a path as wide as the path is, half a width longer at both ends so that corners are covered. */
function ribbon([a, b]: [Point, Point], widthM: number): Point[] {
  const length = Math.max(distance(a, b), 1e-9);
  const [ux, uy] = [((b.x - a.x) / length) * (widthM / 2), ((b.y - a.y) / length) * (widthM / 2)];
  return [
    { x: a.x - ux + uy, y: a.y - uy - ux },
    { x: b.x + ux + uy, y: b.y + uy - ux },
    { x: b.x + ux - uy, y: b.y + uy + ux },
    { x: a.x - ux - uy, y: a.y - uy + ux },
  ];
}

/** The polygons that a shape covers together; a path covers one for each of its stretches, and not what it goes around. */
export function partsOf(shape: Shape): Point[][] {
  if (shape.shape === 'rect') return [turnedRect(shape, shape.turnedDeg)];
  if (shape.shape === 'circle') return [circlePolygon(shape, shape.radiusM)];
  if (shape.shape === 'zone') return [shape.outline];
  return stretchesOf(shape).map((stretch) => ribbon(stretch, shape.widthM));
}

/** The outline of a shape that covers all within it; of a path its middle line. */
export const outlineOf = (shape: Shape): Point[] => (shape.shape === 'path' ? shape.points : partsOf(shape)[0]);

/** The smallest rectangle along the axes that holds the shape. */
export const boxOf = (shape: Shape): Rect => {
  if (shape.shape === 'rect' && !shape.turnedDeg) return { x: shape.x, y: shape.y, width: shape.width, depth: shape.depth };
  return boundsOf(partsOf(shape).flat());
};

/** Square metres of floor that a shape covers; of a path its length times its width. */
export const floorM2 = (shape: Shape): number =>
  shape.shape === 'path'
    ? lengthOf(shape) * shape.widthM
    : shape.shape === 'circle'
      ? Math.PI * shape.radiusM ** 2
      : areaOf(outlineOf(shape));

/** Where one meets at a shape: its middle; of a path its start. */
export const meetingPoint = (shape: Shape): Point => (shape.shape === 'path' ? shape.points[0] : middleOf(boxOf(shape)));

/** A copy of the shape, moved. */
export function movedBy(shape: Shape, dx: number, dy: number): Shape {
  const by = (p: Point): Point => ({ x: p.x + dx, y: p.y + dy });
  if (shape.shape === 'path') return { ...shape, points: shape.points.map(by) };
  if (shape.shape === 'zone') return { ...shape, outline: shape.outline.map(by) };
  return { ...shape, ...by(shape) };
}

/** A copy of the shape whose box has its lower left corner there. */
export function movedTo(shape: Shape, corner: Point): Shape {
  const box = boxOf(shape);
  return movedBy(shape, corner.x - box.x, corner.y - box.y);
}

/** Metres once along a path. */
export const lengthOf = (path: Pick<PathShape, 'points' | 'closed'>): number =>
  stretchesOf(path).reduce((sum, [a, b]) => sum + distance(a, b), 0);

/** The point that many metres along a path, and the direction there: 0° points up the room, 90° to the right. Around again past a closed path's end. */
export function pointAlong(path: Pick<PathShape, 'points' | 'closed'>, m: number): Point & { turnedDeg: number } {
  const stretches = stretchesOf(path);
  const whole = lengthOf(path);
  let left = path.closed && whole > 0 ? ((m % whole) + whole) % whole : Math.max(0, Math.min(whole, m));
  const at = stretches.findIndex(([a, b]) => {
    const length = distance(a, b);
    if (left <= length + 1e-9) return true;
    left -= length;
    return false;
  });
  const [a, b] = stretches[at < 0 ? stretches.length - 1 : at];
  const share = at < 0 ? 1 : left / Math.max(1e-9, distance(a, b));
  const turnedDeg = ((Math.atan2(b.x - a.x, b.y - a.y) * 180) / Math.PI + 360) % 360;
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share, turnedDeg };
}
