import { CORNER_M, loopInside } from '../arrange/loopInside.ts';
import type { Area } from '../geometry/area.ts';
import { boundsOf, distanceToSegment, edgesOf, insidePolygon, type Point, type Rect, rectPolygon } from '../geometry/point.ts';
import { memoize } from '../memoize.ts';
import type { Piece } from '../model/piece.ts';
import { roomArea } from '../model/room.ts';
import { lengthOf, movedTo, type PathShape, pointAlong } from '../model/shape.ts';
import type { PlanInput } from './format.ts';

const loop = memoize(loopInside);

/** A loop to run: how wide it is, how long at the least, as short as that ('close') or as long as the floor allows. */
export interface LoopWish {
  id: string;
  title: string;
  number: number;
  widthM: number;
  leastM: number;
  spacing: 'close' | 'wide';
}
export interface LoopPlace {
  piece: Piece;
  path: PathShape;
  /** Its true length, metres. */
  lengthM: number;
}

/** How much farther a bend reaches, as a share of the width. */
const BEND = (Math.SQRT2 - 1) / 2;

const grown = ({ x, y, width, depth }: Rect, m: number): Rect => ({ x: x - m, y: y - m, width: width + 2 * m, depth: depth + 2 * m });

/** A loop around the floor, or around what is left of it inside `within`; undefined if there is none so long. Dragged loops stay where they were put. */
export function loopOnFloor(
  context: PlanInput,
  { id, title, number, widthM, leastM, spacing }: LoopWish,
  within?: Rect,
): LoopPlace | undefined {
  const { room, wallClearanceM, taken, placed } = context;
  // At a bend the ribbon reaches a little farther out than half its width.
  const clearance = wallClearanceM + BEND * widthM;
  const whole = roomArea(room, clearance, taken);
  const area = within ? { ...whole, outline: rectPolygon(grown(within, wallClearanceM)) } : whole;
  const points = loop(area, widthM, leastM, spacing);
  if (!points) return undefined;
  const drawn: PathShape = { shape: 'path', points, widthM, closed: true };
  const path = placed[id] ? (movedTo(drawn, placed[id]) as PathShape) : drawn;
  const box = boundsOf(path.points);
  // Number and name stand on the loop itself, below its middle: inside of it lies what is played on.
  const label = { x: box.x + box.width / 2 - widthM, y: box.y + widthM / 2 };
  const piece: Piece = { id, number, title, shape: path, taped: false, label, pinned: placed[id] !== undefined };
  return { piece, path, lengthM: lengthOf(path) };
}

/** The floor inside a loop, so far from its middle line; undefined if there is none. */
export function insideOf({ points, widthM }: PathShape, gapM: number): Rect | undefined {
  const { x, y, width, depth } = boundsOf(points);
  // The cut corners of the loop come farther in than its sides.
  const cut = (Math.SQRT2 * (gapM + (0.5 + BEND) * widthM) + CORNER_M) / 2;
  const off = Math.max(widthM / 2 + gapM, cut);
  return width > 2 * off && depth > 2 * off ? { x: x + off, y: y + off, width: width - 2 * off, depth: depth - 2 * off } : undefined;
}

/** That floor as an area to lay places on: posts and what the teacher put there are kept clear, its own edge is not. */
export const areaInside = ({ room, taken, wallClearanceM }: Pick<PlanInput, 'room' | 'taken' | 'wallClearanceM'>, inside: Rect): Area => ({
  ...roomArea(room, wallClearanceM, taken),
  outline: rectPolygon(grown(inside, wallClearanceM)),
});

/** Points along the edge of a rectangle, evenly, none at a corner. */
export function alongEdge({ x, y, width, depth }: Rect, count: number): Point[] {
  const around = 2 * (width + depth);
  return Array.from({ length: count }, (_, i) => {
    const along = ((i + 0.5) * around) / count;
    if (along < width) return { x: x + along, y };
    if (along < width + depth) return { x: x + width, y: y + along - width };
    if (along < 2 * width + depth) return { x: x + width - (along - width - depth), y: y + depth };
    return { x, y: y + depth - (along - 2 * width - depth) };
  });
}

/** Candidates for each point that is wanted. */
const FINE = 8;

/** Points along the edge of a rectangle, evenly, at least `clearM` from posts and everything else that stands there. */
export function clearAlongEdge(area: Area, rect: Rect, count: number, clearM: number): Point[] {
  const isClear = (p: Point) =>
    (area.keepOut ?? []).every((k) => !insidePolygon(k, p) && edgesOf(k).every((edge) => distanceToSegment(p, edge) >= clearM));
  const points = alongEdge(rect, count * FINE).filter(isClear);
  return Array.from({ length: Math.min(count, points.length) }, (_, i) => points[Math.floor(((i + 0.5) * points.length) / count)]);
}

/** Points along a path, evenly, with the direction in which it is run. */
export const alongPath = (path: PathShape, count: number): (Point & { turnedDeg: number })[] => {
  const whole = lengthOf(path);
  return Array.from({ length: count }, (_, i) => {
    const at = pointAlong(path, (i * whole) / Math.max(1, count));
    return { ...at, turnedDeg: Math.round(at.turnedDeg * 10) / 10 };
  });
};
