import { boundsOf, millimetres, type Polygon } from '../geometry/point.ts';
import type { LaidKind, LaidPiece } from '../model/laidPiece.ts';
import { laidMarks } from './setOutUnit.ts';
import { ROUND_M } from './straighten.ts';

/** These follow the outline of their place or divide it evenly; rounded on their own they would no longer fit it. */
const OF_ITS_PLACE: readonly LaidKind[] = ['court', 'lane', 'line', 'position'];

/**
 * Things with their marks at round distances from the walls: the middle of what is round, the lower left one of several, moved by
 * half a step at most. What is turned askew, needs no mark, or lies exactly on its place stays.
 */
export const atRound = (outline: Polygon, things: readonly LaidPiece[], stepM: number = ROUND_M): LaidPiece[] => {
  const room = boundsOf(outline);
  const off = (at: number, low: number) => Math.round((at - low) / stepM) * stepM + low - at;
  return things.map((thing) => {
    if (thing.bare || OF_ITS_PLACE.includes(thing.laid) || thing.turnedDeg % 90 !== 0) return thing;
    const marks = laidMarks(thing).map(([, point]) => point);
    if (!marks.length) return thing;
    const { x, y } = boundsOf(marks);
    return { ...thing, x: millimetres(thing.x + off(x, room.x)), y: millimetres(thing.y + off(y, room.y)) };
  });
};
