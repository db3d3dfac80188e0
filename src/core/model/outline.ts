import { boundsOf, distance, edgesOf, millimetres, type Point } from '../geometry/point.ts';
import type { Door } from './door.ts';
import { type Room, rectangleOutline, type WallKind } from './room.ts';

/** Why a drawing gives no outline; `at`: where, in the drawing's own units or as a wall's number. */
export type OutlineProblem =
  | { code: 'not-a-drawing' }
  /** The file breaks off or breaks the rules of its format there. */
  | { code: 'broken'; at: string }
  | { code: 'too-deep'; at: string }
  | { code: 'too-much'; at: string }
  | { code: 'too-slow' }
  | { code: 'no-outline' }
  | { code: 'transformed'; at: string }
  | { code: 'curved'; at: string }
  | { code: 'open'; at: string }
  | { code: 'crosses'; at: string }
  | { code: 'too-many-corners'; at: string }
  | { code: 'wrong-scale'; at: string };

type Shape = Pick<Room, 'outline' | 'doors' | 'walls'>;

/** Doors that no longer fit their wall, moved and narrowed to it; a wall shorter than the narrowest door loses its door. */
function fitted(outline: readonly Point[], doors: readonly Door[]): Door[] {
  const walls = edgesOf(outline);
  return doors.flatMap((door) => {
    const [a, b] = walls[door.wall];
    const length = distance(a, b);
    if (length < 0.5) return [];
    const widthM = millimetres(Math.min(door.widthM, length));
    return [{ ...door, widthM, atM: millimetres(Math.max(0, Math.min(door.atM, length - widthM))) }];
  });
}

/** True for four walls along the axes: then two measures say all. */
export function isRectangle(outline: readonly Point[]): boolean {
  const { x, y, width, depth } = boundsOf(outline);
  const on = (v: number, low: number, size: number) => Math.abs(v - low) < 1e-6 || Math.abs(v - low - size) < 1e-6;
  return outline.length === 4 && outline.every((p) => on(p.x, x, width) && on(p.y, y, depth));
}

/** Another outline, doors fitted to it where their walls are still there. */
export const withOutline = ({ doors, walls }: Shape, outline: Point[]): Shape => ({
  outline,
  walls: outline.map((_, i) => walls[i] ?? 'bare'),
  doors: fitted(
    outline,
    doors.filter((d) => d.wall < outline.length),
  ),
});

/** The outline as a rectangle of these measures. Doors stay on their walls where those are still there. */
export function asRectangle(shape: Shape, widthM: number, depthM: number): Shape {
  return withOutline(shape, rectangleOutline(widthM, depthM));
}

/** One corner moved. */
export function moveCorner({ outline, doors, walls }: Shape, corner: number, to: Point): Shape {
  const moved = outline.map((p, i) => (i === corner ? { x: millimetres(to.x), y: millimetres(to.y) } : p));
  return { outline: moved, walls, doors: fitted(moved, doors) };
}

/** A corner more, in the middle of the wall that begins at `corner`; doors of that wall stay on its first half where they stood there. */
export function addCorner({ outline, doors, walls }: Shape, corner: number): Shape {
  const [a, b] = edgesOf(outline)[corner];
  const middle = { x: millimetres((a.x + b.x) / 2), y: millimetres((a.y + b.y) / 2) };
  const half = distance(a, middle);
  const more = [...outline.slice(0, corner + 1), middle, ...outline.slice(corner + 1)];
  const placed = doors.map((door) => {
    if (door.wall > corner) return { ...door, wall: door.wall + 1 };
    if (door.wall < corner || door.atM + door.widthM / 2 < half) return door;
    return { ...door, wall: corner + 1, atM: Math.max(0, door.atM - half) };
  });
  return { outline: more, walls: walls.toSpliced(corner, 0, walls[corner]), doors: fitted(more, placed) };
}

/** A corner less: the walls on both sides become one. RangeError where only three are left. */
export function removeCorner({ outline, doors, walls }: Shape, corner: number): Shape {
  if (outline.length <= 3) throw new RangeError('invalid outline: three corners are the least');
  const less = outline.filter((_, i) => i !== corner);
  const last = outline.length - 1;
  const placed = doors.map((door) => {
    if (corner === 0) return { ...door, wall: door.wall === 0 ? less.length - 1 : door.wall === last ? less.length - 1 : door.wall - 1 };
    return { ...door, wall: door.wall >= corner ? door.wall - 1 : door.wall };
  });
  return { outline: less, walls: walls.toSpliced(corner, 1), doors: fitted(less, placed) };
}

/** A corner cut out as a rectangle along its two walls: an L out of a rectangle. Undefined where the walls are shorter than that. */
export function cutCorner({ outline, doors, walls }: Shape, corner: number, alongBefore: number, alongAfter: number): Shape | undefined {
  const n = outline.length;
  const p = outline[corner];
  const toward = (q: Point, by: number) => {
    const length = distance(p, q);
    return by > 0 && by < length - 1e-6 ? { x: p.x + ((q.x - p.x) * by) / length, y: p.y + ((q.y - p.y) * by) / length } : undefined;
  };
  const before = toward(outline[(corner + n - 1) % n], alongBefore);
  const after = toward(outline[(corner + 1) % n], alongAfter);
  if (!before || !after) return undefined;
  const inner = { x: before.x + after.x - p.x, y: before.y + after.y - p.y };
  const points = [before, inner, after].map((q) => ({ x: millimetres(q.x), y: millimetres(q.y) }));
  // The main door wall stays wall 0: what comes before the cut of corner 0 goes to the end of the list.
  const cut =
    corner === 0
      ? [points[2], ...outline.slice(1), points[0], points[1]]
      : [...outline.slice(0, corner), ...points, ...outline.slice(corner + 1)];
  const placed = doors.map((door) => {
    if (corner === 0) return door.wall === 0 ? { ...door, atM: door.atM - alongAfter } : door;
    if (door.wall < corner) return door;
    return { ...door, wall: door.wall + 2, atM: door.wall === corner ? door.atM - alongAfter : door.atM };
  });
  const bare: WallKind[] = ['bare', 'bare'];
  return { outline: cut, walls: corner === 0 ? [...walls, ...bare] : walls.toSpliced(corner, 0, ...bare), doors: fitted(cut, placed) };
}
