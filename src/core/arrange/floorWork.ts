import { type Point, polygonsMeet } from '../geometry/point.ts';
import type { FloorChangeFigures } from '../model/floorChangeFigures.ts';
import { type FloorThing, floorChange } from './floorChange.ts';
import { SET_OUT_RATES } from './setOutList.ts';

/** Tape comes off in half the time that it goes on. */
export const TAPE_OFF = 0.5;

/** The work between two games of a lesson: metres of tape, pieces of gear, and its seconds for the people who do it. */
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
  const { changes, carried, walkM } = floorChange(before, after, door);
  /** Metres of the tape among things of one floor that lie in the way of the other. */
  const inTheWay = (mine: readonly (FloorThing | undefined)[], others: readonly FloorThing[]) =>
    mine.reduce((sum, thing) => (thing?.tapeM && others.some((o) => polygonsMeet(thing.outline, o.outline)) ? sum + thing.tapeM : sum), 0);
  const tapeOutM = inTheWay(
    changes.map((c) => (c.change === 'goes' ? before[c.before!] : undefined)),
    after,
  );
  const tapeInM = inTheWay(
    changes.map((c) => (c.change === 'comes' ? after[c.after!] : undefined)),
    before,
  );
  const { adults, crew, secondsPerTapeM, secondsPerPiece } = figures;
  const taping = ((tapeInM + tapeOutM * TAPE_OFF) * secondsPerTapeM) / adults;
  const carrying = carried ? (carried * secondsPerPiece + walkM / SET_OUT_RATES.walkMs) / (adults + crew) : 0;
  return { tapeOutM, tapeInM, carried, seconds: Math.ceil(taping + carrying) };
}
