import { distance, distanceToSegment, type Point } from '../geometry/point.ts';
import { paintedLines } from '../model/painted.ts';
import type { Room } from '../model/room.ts';

/** A painted line this near and alongside stands for tape, metres. */
const ON_PAINT = 0.05;
const SAMPLE_M = 0.1;

/** Metres of the line that run along paint, in steps of ten centimetres. */
function alongPaint([a, b]: readonly [Point, Point], painted: readonly (readonly [Point, Point])[]): number {
  const length = distance(a, b);
  const near = painted.filter(([c, d]) => {
    const isFar =
      Math.min(c.x, d.x) - ON_PAINT > Math.max(a.x, b.x) ||
      Math.max(c.x, d.x) + ON_PAINT < Math.min(a.x, b.x) ||
      Math.min(c.y, d.y) - ON_PAINT > Math.max(a.y, b.y) ||
      Math.max(c.y, d.y) + ON_PAINT < Math.min(a.y, b.y);
    if (isFar) return false;
    const cross = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
    return Math.abs(cross) <= 0.02 * length * distance(c, d);
  });
  if (!near.length) return 0;
  const samples = Math.max(1, Math.round(length / SAMPLE_M));
  let on = 0;
  for (let i = 0; i < samples; i++) {
    const t = (i + 0.5) / samples;
    const p = { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t };
    if (near.some((line) => distanceToSegment(p, line) <= ON_PAINT)) on += 1;
  }
  return (on / samples) * length;
}

/** The lines of a room's paint, looked up once for every floor that is measured against it. */
const known = new WeakMap<Room['painted'], [Point, Point][]>();
function linesOf(painted: Room['painted']): [Point, Point][] {
  const lines = known.get(painted) ?? painted.flatMap(paintedLines);
  known.set(painted, lines);
  return lines;
}

/** Metres of the lines that are painted on the room's floor already: they need no tape. */
export function paintedMetres(lines: readonly (readonly [Point, Point])[], room: Pick<Room, 'painted'>): number {
  const painted = linesOf(room.painted);
  return lines.reduce((sum, line) => sum + alongPaint(line, painted), 0);
}
