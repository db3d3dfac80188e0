import { z } from 'zod';
import { distanceToSegment, edgesOf, insidePolygon, type Point, segmentsMeet } from '../geometry/point.ts';
import { line, metres } from './text.ts';

const end = z.object({ x: metres(0, 100), y: metres(0, 100) });

/** A curtain that parts a room in two: a straight line from wall to wall. Each part has a name of its own. */
export const Curtain = z.object({ id: z.string().min(1).max(64), name: line(40), a: end, b: end, parts: z.tuple([line(40), line(40)]) });
export type Curtain = z.infer<typeof Curtain>;

/** An end this near to a wall hangs on it, metres. */
const ON_WALL_M = 0.05;

/** One part of a room: its outline, and for each of its walls the room's wall it lies on (−1: the curtain) and where it begins on it. */
export interface Part {
  outline: Point[];
  wallOf: number[];
}

/** The wall that a point lies on, or −1; a corner belongs to the wall that begins there. */
function wallAt(outline: readonly Point[], p: Point): number {
  const near = edgesOf(outline).map((edge) => distanceToSegment(p, edge));
  const corner = outline.findIndex((c) => Math.hypot(c.x - p.x, c.y - p.y) <= ON_WALL_M);
  return corner >= 0 ? corner : near.findIndex((d) => d <= ON_WALL_M);
}

/** The walls from point `from` on wall `i` round to point `to` on wall `j`, closed by the curtain. */
function walk(outline: readonly Point[], from: Point, i: number, to: Point, j: number): Part {
  const same = (p: Point, q: Point) => Math.hypot(p.x - q.x, p.y - q.y) <= ON_WALL_M;
  const points: Point[] = [from];
  const wallOf = [i];
  for (let k = i; k !== j; k = (k + 1) % outline.length) {
    const next = outline[(k + 1) % outline.length];
    if (same(next, points[points.length - 1])) wallOf[wallOf.length - 1] = (k + 1) % outline.length;
    else {
      points.push(next);
      wallOf.push((k + 1) % outline.length);
    }
  }
  if (same(to, points[points.length - 1])) wallOf[wallOf.length - 1] = -1;
  else {
    points.push(to);
    wallOf.push(-1);
  }
  return { outline: points, wallOf };
}

/**
 * The two parts that a curtain makes of an outline, the one to the left of a → b first; undefined where it does not reach from
 * wall to wall through the room.
 */
export function parted(outline: readonly Point[], { a, b }: Pick<Curtain, 'a' | 'b'>): [Part, Part] | undefined {
  const [i, j] = [wallAt(outline, a), wallAt(outline, b)];
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  if (i < 0 || j < 0 || i === j || !insidePolygon(outline, middle)) return undefined;
  const inner = (t: number) => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const short = (2 * ON_WALL_M) / length;
  if (short >= 0.5 || edgesOf(outline).some((edge) => segmentsMeet(edge, [inner(short), inner(1 - short)]))) return undefined;
  const parts = [walk(outline, b, j, a, i), walk(outline, a, i, b, j)].filter((p) => p.outline.length >= 3);
  if (parts.length < 2) return undefined;
  const left = (p: Part) => p.outline.reduce((sum, c) => sum + (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x), 0);
  return left(parts[0]) >= left(parts[1]) ? [parts[0], parts[1]] : [parts[1], parts[0]];
}
