import { edgesOf, type Point, type Polygon, polygonsMeet } from '../geometry/point.ts';
import { endsOf, facing, footprint, type LaidPiece } from '../model/laidPiece.ts';

/** What is thrown or struck flies or rolls on past a lane's end by so much, metres; house figure, local rules decide. */
export const FLIES_ON_M = 3;
/** Edges that merely touch are no overlap, metres. */
const TOUCH_M = 0.02;

/** The lane with what goes along it past its far end: `onM` metres more. */
export function flight(lane: LaidPiece, onM: number): LaidPiece {
  const { x, y } = facing(lane);
  return { ...lane, x: lane.x + (x * onM) / 2, y: lane.y + (y * onM) / 2, lengthM: lane.lengthM + onM };
}

/** How far past its end things go on a lane of this use; a runner's own run-out is reckoned elsewhere. */
export const fliesOn = (lane: LaidPiece): number =>
  lane.use === 'throw' || lane.use === 'strike' ? FLIES_ON_M : lane.use === 'roll' ? 1 : 0;

/** True where two pieces overlap by more than a touch. */
export function overlap(a: LaidPiece, b: LaidPiece): boolean {
  const less = { ...a, widthM: Math.max(0.01, a.widthM - 2 * TOUCH_M), lengthM: Math.max(0.01, a.lengthM - 2 * TOUCH_M) };
  return polygonsMeet(footprint(less), footprint(b));
}

/** Degrees between two pieces' directions, 0 to 180. */
export function betweenDeg(a: LaidPiece, b: LaidPiece): number {
  const apart = Math.abs(a.turnedDeg - b.turnedDeg) % 360;
  return apart > 180 ? 360 - apart : apart;
}
const PARALLEL_DEG = 20;

/** What two lanes do to each other: 'cross' where their flights meet at an angle, 'oppose' where each points at the other, 'overlap' where they lie on one another. */
export function lanesMeet(a: LaidPiece, b: LaidPiece): 'cross' | 'oppose' | 'overlap' | undefined {
  const between = betweenDeg(a, b);
  if (between >= 180 - PARALLEL_DEG) {
    const f = facing(a);
    const off = { x: b.x - a.x, y: b.y - a.y };
    const ahead = off.x * f.x + off.y * f.y;
    const aside = Math.abs(off.x * f.y - off.y * f.x);
    const reach = a.use === 'run' || b.use === 'run' ? 0 : 1;
    const pointed = ahead > 0 && aside < (a.widthM + b.widthM) / 2 - TOUCH_M;
    if (pointed && reach && a.use !== 'roll' && b.use !== 'roll') return 'oppose';
    return overlap(a, b) ? 'overlap' : undefined;
  }
  if (!overlap(flight(a, fliesOn(a)), flight(b, fliesOn(b)))) return undefined;
  return between <= PARALLEL_DEG ? (overlap(a, b) ? 'overlap' : undefined) : 'cross';
}

/** Metres that are free straight on from a lane's end before a wall (`wall` its index) or something in the way (`thing` its index); at most `lookM`. */
export function freeAhead(
  lane: LaidPiece,
  outline: Polygon,
  things: readonly Polygon[],
  lookM = 40,
): { metres: number; wall?: number; thing?: number } {
  const f = facing(lane);
  const [, end] = endsOf(lane);
  let found: { metres: number; wall?: number; thing?: number } = { metres: lookM };
  const half = lane.widthM / 2 - TOUCH_M;
  for (const off of [-half, 0, half]) {
    const from = { x: end.x + f.y * off, y: end.y - f.x * off };
    const meet = ([p, q]: readonly [Point, Point], what: { wall?: number; thing?: number }) => {
      const at = rayMeets(from, f, p, q);
      if (at < found.metres) found = { metres: at, ...what };
    };
    edgesOf(outline).forEach((edge, wall) => {
      meet(edge, { wall });
    });
    things.forEach((thing, i) => {
      for (const edge of edgesOf(thing)) meet(edge, { thing: i });
    });
  }
  return found;
}

/** How far along a ray from `from` towards `f` (length 1) it meets a segment; Infinity where it does not. */
function rayMeets(from: Point, f: Point, p: Point, q: Point): number {
  const [sx, sy] = [q.x - p.x, q.y - p.y];
  const cross = f.x * sy - f.y * sx;
  if (Math.abs(cross) < 1e-12) return Number.POSITIVE_INFINITY;
  const along = ((p.x - from.x) * sy - (p.y - from.y) * sx) / cross;
  const share = ((p.x - from.x) * f.y - (p.y - from.y) * f.x) / cross;
  return along >= -1e-6 && share >= -1e-9 && share <= 1 + 1e-9 ? Math.max(0, along) : Number.POSITIVE_INFINITY;
}
