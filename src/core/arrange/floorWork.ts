import type { Point } from '../geometry/point.ts';
import { polygonsMeet } from '../geometry/point.ts';
import type { FloorChangeFigures } from '../model/floorChangeFigures.ts';
import { type FloorThing, floorChange } from './floorChange.ts';
import { SET_OUT_RATES } from './setOutList.ts';

/** Tape comes off in half the time that it goes on. */
export const TAPE_OFF = 0.5;

/** What has to be done between two games of a lesson; metres of tape, pieces of gear, seconds with the hands there are. */
export interface FloorWork {
  tapeOutM: number;
  tapeInM: number;
  carried: number;
  seconds: number;
}

/**
 * The floor changed while a class waits. Tape that is in nobody's way stays, and tape of the next game that nobody is in the way of
 * lies there from the start: only what meets the other floor is work then. Gear is carried as `floorChange` says. Adults tape;
 * they and the crew carry.
 */
export function floorWork(
  before: readonly FloorThing[],
  after: readonly FloorThing[],
  door: Point,
  figures: FloorChangeFigures,
): FloorWork {
  const { changes, walkM } = floorChange(before, after, door);
  const meets = (thing: FloorThing, others: readonly FloorThing[]) => others.some((other) => polygonsMeet(thing.outline, other.outline));
  let [tapeOutM, tapeInM, carried] = [0, 0, 0];
  for (const change of changes) {
    if (change.change === 'stays') continue;
    const thing = change.after === undefined ? before[change.before!] : after[change.after];
    if (thing.tapeM === 0) carried += 1;
    else if (change.change === 'goes' && meets(thing, after)) tapeOutM += thing.tapeM;
    else if (change.change === 'comes' && meets(thing, before)) tapeInM += thing.tapeM;
  }
  const { adults, crew, secondsPerTapeM, secondsPerPiece } = figures;
  const taping = ((tapeInM + tapeOutM * TAPE_OFF) * secondsPerTapeM) / adults;
  const carrying = carried ? (carried * secondsPerPiece + walkM / SET_OUT_RATES.walkMs) / (adults + crew) : 0;
  return { tapeOutM, tapeInM, carried, seconds: Math.ceil(taping + carrying) };
}
