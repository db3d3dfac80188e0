import { z } from 'zod';
import type { Point } from '../geometry/point.ts';
import { degrees, line, metres } from './text.ts';

export const PAINT_COLOURS = ['white', 'black', 'grey', 'red', 'blue', 'green', 'yellow', 'orange'] as const;
export type PaintColour = (typeof PAINT_COLOURS)[number];

const corner = z.object({ x: metres(-100, 100), y: metres(-100, 100) });

/** One stroke of paint in its set's own frame: a run of straight lines, or part of a circle (degrees, anticlockwise from x). */
export const PaintedMark = z.discriminatedUnion('mark', [
  z.object({ mark: z.literal('line'), points: z.array(corner).min(2, { message: 'too-few' }).max(64, { message: 'too-many' }) }),
  z.object({
    mark: z.literal('arc'),
    x: metres(-100, 100),
    y: metres(-100, 100),
    radiusM: metres(0.05, 60),
    fromDeg: degrees(-360, 360),
    sweepDeg: degrees(1, 360),
  }),
]);
export type PaintedMark = z.infer<typeof PaintedMark>;

/** Lines that somebody painted together, true to size: their own frame's origin lies at xM, yM of the room, turned by turnedDeg about it. */
export const PaintedSet = z.object({
  id: z.string().min(1).max(64),
  name: line(60),
  colour: z.enum(PAINT_COLOURS, { message: 'choice' }),
  xM: metres(0, 100),
  yM: metres(0, 100),
  turnedDeg: degrees(0, 359),
  marks: z.array(PaintedMark).min(1, { message: 'empty' }).max(120, { message: 'too-many' }),
});
export type PaintedSet = z.infer<typeof PaintedSet>;

/** A set of painted lines by its size, true to size, its own origin at its lower left corner: what a catalogue offers. */
export interface PaintedKind {
  key: string;
  /** Its size in words, as it is offered. */
  name: string;
  widthM: number;
  depthM: number;
  marks: PaintedMark[];
}

/** Degrees of one straight piece of a drawn arc: off the true arc by at most 0.1 % of its radius. */
const STEP_DEG = 5;

/** A stroke as a run of points in its set's frame. */
function pathOf(mark: PaintedMark): Point[] {
  if (mark.mark === 'line') return mark.points;
  const steps = Math.ceil(mark.sweepDeg / STEP_DEG);
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = ((mark.fromDeg + (mark.sweepDeg * i) / steps) * Math.PI) / 180;
    return { x: mark.x + mark.radiusM * Math.cos(angle), y: mark.y + mark.radiusM * Math.sin(angle) };
  });
}

/** Every stroke of a set as a run of points in the room, metres. */
export function paintedPaths(set: Pick<PaintedSet, 'xM' | 'yM' | 'turnedDeg' | 'marks'>): Point[][] {
  const angle = (set.turnedDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const inRoom = (p: Point) => ({ x: set.xM + p.x * cos - p.y * sin, y: set.yM + p.x * sin + p.y * cos });
  return set.marks.map((mark) => pathOf(mark).map(inRoom));
}

/** Every straight piece of a set's strokes in the room, from where to where, metres. */
export function paintedLines(set: Parameters<typeof paintedPaths>[0]): [Point, Point][] {
  return paintedPaths(set).flatMap((path) => path.slice(1).map((to, i): [Point, Point] => [path[i], to]));
}
