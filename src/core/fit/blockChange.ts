import { floorThings } from '../arrange/floorChange.ts';
import { type FloorWork, floorWork } from '../arrange/floorWork.ts';
import type { Segment } from '../formats/format.ts';
import type { Point } from '../geometry/point.ts';
import { type Mover, moversBetween } from '../groups/continueGroups.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import { doorSpot, type Room } from '../model/room.ts';
import { floorChangeFigures, type School } from '../model/school.ts';
import { upToFives } from '../rotation/fives.ts';
import type { FittedGame } from './fitted.ts';

/** A floor as it lies before a block: of the block before it that has one. */
export interface StandingFloor {
  title: string;
  pieces: readonly Piece[];
  laid: readonly LaidPiece[];
  groups: readonly (readonly string[])[];
  /** What the game's settings are, and where each student is when it ends. */
  values?: Readonly<Record<string, unknown>>;
  /** Kinds of gear that are out. */
  gear?: readonly string[];
  ends?: ReadonlyMap<string, Point>;
}

/** What is done before a block's game can begin, at the block's start. */
export interface BlockChange {
  /** Title of the block whose floor lies there. */
  from: string;
  work: FloorWork;
  /** Seconds of it for which the blocks in between have no room, and seconds to find new groups: whole 5 s. */
  floorSeconds: number;
  regroupSeconds: number;
  /** Who changes pennant. */
  movers: Mover[];
}

/** What there is to do from one floor to the next: of the two floors, the room and the hands alone. */
export const floorWorkBetween = (
  { room, school }: { room: Room; school: School },
  before: Pick<StandingFloor, 'pieces' | 'laid'>,
  after: Pick<StandingFloor, 'pieces' | 'laid'>,
): FloorWork =>
  floorWork(
    floorThings(before.pieces, before.laid, room),
    floorThings(after.pieces, after.laid, room),
    doorSpot(room),
    floorChangeFigures(school),
  );

/** The change to a block's floor; `between`: seconds of blocks that have no floor of their own. Undefined where there is nothing to do. */
export function blockChange(
  school: School,
  before: StandingFloor,
  { groups }: Pick<StandingFloor, 'groups'>,
  work: FloorWork,
  between: number,
): BlockChange | undefined {
  const movers = moversBetween(before.groups, groups);
  if (work.seconds === 0 && !movers.length) return undefined;
  return {
    ...{ from: before.title, work, movers },
    floorSeconds: upToFives(Math.max(0, work.seconds - between)),
    regroupSeconds: movers.length ? upToFives(floorChangeFigures(school).regroupSeconds) : 0,
  };
}

export const leadSeconds = (change: BlockChange | undefined): number => (change ? change.floorSeconds + change.regroupSeconds : 0);

/** The steps at a block's start: new groups first, then the floor. */
export function leadSegments(change: BlockChange | undefined): Segment[] {
  if (!change) return [];
  const steps = [
    ['regroup', change.regroupSeconds],
    ['floor-change', change.floorSeconds],
  ] as const;
  let at = 0;
  return steps.flatMap(([code, seconds]): Segment[] => {
    const segment: Segment = { kind: 'phase', code, at, until: at + seconds };
    at += seconds;
    return seconds ? [segment] : [];
  });
}

/** A game whose block begins with other steps: everything of it is so much later. */
export function later(game: FittedGame, lead: readonly Segment[]): FittedGame {
  const by = lead.at(-1)?.until ?? 0;
  if (!by) return game;
  const moved = <T extends { at: number; until: number }>(each: T): T => ({ ...each, at: each.at + by, until: each.until + by });
  const { timeline } = game;
  return { ...game, timeline: { ...timeline, segments: [...lead, ...timeline.segments.map(moved)], bouts: timeline.bouts.map(moved) } };
}
