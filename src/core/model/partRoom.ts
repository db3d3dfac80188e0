import { boundsOf, distance, edgesOf, insidePolygon, millimetres, type Point, type Polygon, segmentsMeet } from '../geometry/point.ts';
import { type Curtain, type Part, parted } from './curtain.ts';
import type { Door } from './door.ts';
import type { FixedThing } from './fixedThing.ts';
import { type PaintedSet, paintedLines } from './painted.ts';
import type { Room } from './room.ts';

/** Where a straight line enters or leaves an outline, as shares of its length from 0 to 1, in order. */
function cuts([p, q]: readonly [Point, Point], outline: Polygon): number[] {
  const shares = edgesOf(outline).flatMap(([a, b]) => {
    const d = (q.x - p.x) * (b.y - a.y) - (q.y - p.y) * (b.x - a.x);
    if (Math.abs(d) < 1e-12 || !segmentsMeet([p, q], [a, b])) return [];
    return [((a.x - p.x) * (b.y - a.y) - (a.y - p.y) * (b.x - a.x)) / d];
  });
  return [0, ...shares.filter((t) => t > 1e-9 && t < 1 - 1e-9).sort((a, b) => a - b), 1];
}

/** The pieces of a straight line that lie inside the outline. */
export function clippedLine(line: readonly [Point, Point], outline: Polygon): [Point, Point][] {
  const [p, q] = line;
  const at = (t: number) => ({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
  const shares = cuts(line, outline);
  return shares.slice(1).flatMap((t, i): [Point, Point][] => {
    const middle = at((shares[i] + t) / 2);
    return insidePolygon(outline, middle) ? [[at(shares[i]), at(t)]] : [];
  });
}

/** The most strokes that one set keeps. */
const MOST_MARKS = 120;

/** The paint of a set that lies in the part, as lines of the part's own frame; nothing where none does. */
function paintIn(set: PaintedSet, outline: Polygon, origin: Point): PaintedSet[] {
  const lines = paintedLines(set).flatMap((line) => clippedLine(line, outline));
  if (!lines.length) return [];
  const inPart = (p: Point) => ({ x: millimetres(p.x - origin.x), y: millimetres(p.y - origin.y) });
  // Lines that go on from one another are one stroke again.
  const runs: Point[][] = [];
  for (const [a, b] of lines.map(([p, q]) => [inPart(p), inPart(q)])) {
    const last = runs.at(-1);
    const end = last?.at(-1);
    if (last && end && last.length < 60 && distance(end, a) < 2e-3) last.push(b);
    else runs.push([a, b]);
  }
  const marks = runs.filter((r) => r.length > 2 || distance(r[0], r[1]) > 0.01).slice(0, MOST_MARKS);
  return marks.length ? [{ ...set, xM: 0, yM: 0, turnedDeg: 0, marks: marks.map((points) => ({ mark: 'line' as const, points })) }] : [];
}

/** A thing as far as it stands in the part's bounds; nothing where the middle of that lies in the other part. */
function thingIn(thing: FixedThing, outline: Polygon, origin: Point): FixedThing[] {
  const box = boundsOf(outline);
  const [x, y] = [Math.max(thing.xM, box.x), Math.max(thing.yM, box.y)];
  const widthM = millimetres(Math.min(thing.xM + thing.widthM, box.x + box.width) - x);
  const depthM = millimetres(Math.min(thing.yM + thing.depthM, box.y + box.depth) - y);
  if (widthM < 0.05 || depthM < 0.05 || !insidePolygon(outline, { x: x + widthM / 2, y: y + depthM / 2 })) return [];
  return [{ ...thing, xM: millimetres(x - origin.x), yM: millimetres(y - origin.y), widthM, depthM }];
}

/** The part with its corners told from its first wall: the main door wall where it has a stretch of it. */
function fromMainWall({ outline, wallOf }: Part): Part {
  const first = wallOf.indexOf(Math.min(...wallOf.filter((w) => w >= 0)));
  const turn = <T>(list: readonly T[]) => [...list.slice(first), ...list.slice(0, first)];
  return { outline: turn(outline), wallOf: turn(wallOf) };
}

/**
 * One part of a parted room as a room of its own, `side` 0 to the left of the curtain's a → b: outline moved to the origin, walls
 * with their kinds and the curtain as one of them, the doors, things and paint that lie in it. Undefined where the curtain does
 * not part the room.
 */
export function partRoom(
  room: Room,
  curtain: Curtain,
  side: 0 | 1,
): Pick<Room, 'name' | 'floorKind' | 'outside' | 'outline' | 'walls' | 'doors' | 'fixed' | 'painted' | 'curtains' | 'partOf'> | undefined {
  const found = parted(room.outline, curtain)?.[side];
  if (!found) return undefined;
  const part = fromMainWall(found);
  const origin = boundsOf(part.outline);
  const doors = room.doors.flatMap((door): Door[] => {
    const wall = part.wallOf.indexOf(door.wall);
    if (wall < 0) return [];
    const [from, to] = edgesOf(part.outline)[wall];
    const atM = door.atM - distance(room.outline[door.wall], from);
    const inside = atM >= -1e-6 && atM + door.widthM <= distance(from, to) + 1e-6;
    return inside ? [{ ...door, wall, atM: millimetres(Math.max(0, atM)) }] : [];
  });
  return {
    name: curtain.parts[side],
    floorKind: room.floorKind,
    outside: room.outside,
    outline: part.outline.map((p) => ({ x: millimetres(p.x - origin.x), y: millimetres(p.y - origin.y) })),
    walls: part.wallOf.map((wall) => (wall < 0 ? 'curtain' : room.walls[wall])),
    doors,
    fixed: room.fixed.flatMap((thing) => thingIn(thing, part.outline, origin)),
    painted: room.painted.flatMap((set) => paintIn(set, part.outline, origin)),
    curtains: [],
    partOf: room.id,
  };
}
