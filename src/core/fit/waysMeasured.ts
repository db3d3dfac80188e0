import { layingSeconds, SET_OUT_RATES } from '../arrange/setOutList.ts';
import { laidTape, setOutUnits, tapeLines, tapeNeeded } from '../arrange/setOutUnit.ts';
import { freeM2 } from '../geometry/area.ts';
import { boundsOf, middleOf, type Point } from '../geometry/point.ts';
import { roomArea } from '../model/room.ts';
import { limitsFor } from '../model/school.ts';
import { floorM2, meetingPoint } from '../model/shape.ts';
import { inTheWay, unseen } from '../safety/sight.ts';
import { type FitDraft, type FitInput, type FittedBlock, laidIn } from './fitted.ts';

/** What one way of running a block comes to. Seconds, shares 0–1, minutes. */
export interface WayMeasures {
  /** Share of the block in which the mean student is active. */
  activeShare: number;
  turns: number;
  /** The longest wait of nine students in ten. */
  waitSeconds: number;
  /** The same where those who wait have nothing to do, else 0. */
  idleSeconds: number;
  /** Active share of the student with least against the mean's. */
  evenness: number;
  /** Share of the free floor that its places take. */
  floorShare: number;
  gearShort: number;
  /** How many must stand there for all places to be seen. */
  adults: number;
  setUpMinutes: number;
}
export type Measure = keyof WayMeasures;

/** Of each measure whether more of it is better. */
export const MORE_IS_BETTER: Record<Measure, boolean> = {
  activeShare: true,
  turns: true,
  waitSeconds: false,
  idleSeconds: false,
  evenness: true,
  floorShare: false,
  gearShort: false,
  adults: false,
  setUpMinutes: false,
};

/** Metres between the spots that are tried for somebody who watches. */
const WATCH_M = 3;

/** The fewest who see every place: one in the middle where that will do, else by taking the spot that sees most of what is left (greedy cover). */
function watchers(input: FitInput, block: FittedBlock): number {
  const places = (block.game?.pieces ?? []).map((p) => meetingPoint(p.shape));
  const { outline } = input.room;
  const blockers = inTheWay(input.room, laidIn(block), limitsFor(input.school).seenOverM);
  const hiddenFrom = (spot: Point) => new Set(unseen(outline, blockers, [spot], places));
  const box = boundsOf(outline);
  if (!hiddenFrom(middleOf(box)).size) return 1;
  const spots: Point[] = [];
  for (let x = box.x + 1; x < box.x + box.width; x += WATCH_M)
    for (let y = box.y + 1; y < box.y + box.depth; y += WATCH_M) spots.push({ x, y });
  const hidden = spots.map(hiddenFrom);
  let left = places.map((_, i) => i);
  let count = 0;
  while (left.length) {
    const best = Math.min(...hidden.map((h) => left.filter((i) => h.has(i)).length));
    if (!spots.length || best === left.length) break;
    const from = hidden.findIndex((h) => left.filter((i) => h.has(i)).length === best);
    left = left.filter((i) => hidden[from].has(i));
    count += 1;
  }
  return Math.max(1, count + left.length);
}

/** What a block of a fitted lesson comes to; set-up by the house rates of the set-out list, walking left out. */
export function measuresOf(input: FitInput, bare: Pick<FitDraft, 'gear'>, block: FittedBlock): WayMeasures {
  const game = block.game!;
  const { activeShare, turns, longestWait } = game.forecast;
  const free = freeM2(roomArea(input.room, 0));
  const taken = game.pieces.reduce((sum, p) => sum + floorM2(p.shape), 0);
  const { tapeM } = tapeNeeded([...game.pieces.flatMap(tapeLines), ...game.things.flatMap(laidTape)], input.room);
  const marks = setOutUnits(game.pieces, game.things).reduce((sum, u) => sum + u.marks.length, 0);
  const gear = game.needs.reduce((sum, n) => sum + n.count, 0);
  return {
    activeShare: activeShare.mean,
    turns: turns.mean,
    waitSeconds: Math.round(longestWait.p90),
    idleSeconds: game.ideas.waitingTask ? 0 : Math.round(longestWait.p90),
    evenness: activeShare.mean ? activeShare.low / activeShare.mean : 1,
    floorShare: free > 0 ? taken / free : 1,
    gearShort: bare.gear.filter((line) => line.blockId === block.id).reduce((sum, line) => sum + line.short, 0),
    adults: watchers(input, block),
    setUpMinutes: layingSeconds(marks, tapeM, gear, SET_OUT_RATES) / 60,
  };
}
