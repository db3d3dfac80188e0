import { type PlannedLesson, planLesson } from '../core/fit/draftFit.ts';
import { type BesideLesson, laidIn, type NeighborFloor } from '../core/fit/fitted.ts';
import { stopSignalOf } from '../core/fit/stopSignalOf.ts';
import type { GearClaim } from '../core/gear/cover.ts';
import type { Point } from '../core/geometry/point.ts';
import { besideOf, originIn } from '../core/model/besideRoom.ts';
import { laidMoved } from '../core/model/laidPiece.ts';
import { clockSeconds, type Period } from '../core/model/period.ts';
import { pieceMoved } from '../core/model/piece.ts';
import type { DeskInput } from './deskInput.ts';

/** True if two periods of one day are at the same time. */
export const overlap = (a: Period, b: Period): boolean => a.id !== b.id && a.date === b.date && a.start < b.end && b.start < a.end;

/** True if the first of two periods at the same time has its floor first: it starts earlier, or its id comes before. */
const hasFloorFirst = (a: Period, b: Period): boolean => a.start < b.start || (a.start === b.start && a.id < b.id);

const isBefore = (a: DeskInput, b: DeskInput): boolean =>
  a.period.date === b.period.date && a.room.id === b.room.id && a.period.end <= b.period.start;

/** The periods that a period's day is read from: those at the same time, and the last one before it in its room. */
export function besides(period: Period, sameDay: readonly Period[]): Period[] {
  const before = sameDay
    .filter((other) => other.id !== period.id && other.roomId === period.roomId && other.end <= period.start)
    .sort((a, b) => (a.end < b.end ? 1 : -1));
  return [...before.slice(0, 1), ...sameDay.filter((other) => overlap(period, other))];
}

/** The most of each kind that a lesson has at once. */
function claimOf(to: string, { draft }: PlannedLesson): GearClaim {
  const gear: Record<string, number> = {};
  for (const line of draft.gear) gear[line.gearKind] = Math.max(gear[line.gearKind] ?? 0, line.need);
  return { to, gear };
}

/** What is heard of a lesson in the same room, and where that is. */
function besideIn(other: DeskInput, { draft }: PlannedLesson, { room }: DeskInput): BesideLesson[] {
  const where = besideOf(room, other.room);
  if (!where) return [];
  const start = clockSeconds(other.period.start);
  const games = draft.blocks.flatMap(({ game, title, at, seconds }) => {
    const own = game && other.games.find((g) => g.id === game.gameId);
    return own ? [{ title, noise: own.noise, from: start + at, until: start + at + seconds }] : [];
  });
  const signals = draft.blocks.flatMap(({ game }) => (game ? [stopSignalOf(other, game)] : []));
  return [{ to: other.schoolClass.name, where, signals: [...new Set(signals)], games }];
}

/** How far the floor of another room is moved to lie in one's own; undefined where they share none. */
function shiftTo(mine: DeskInput['room'], other: DeskInput['room']): Point | undefined {
  const where = besideOf(mine, other);
  if (where === 'same') return { x: 0, y: 0 };
  if (where === 'part') return originIn(other, mine);
  const origin = where === 'whole' ? originIn(mine, other) : undefined;
  return origin && { x: -origin.x, y: -origin.y };
}

/** The floor of a lesson: all of its blocks' for one at the same time, the last block's that has one for the lesson before. */
function floorOf(other: DeskInput, { draft }: PlannedLesson, { period, room }: DeskInput): NeighborFloor {
  const isSame = overlap(period, other.period);
  const blocks = draft.blocks.filter((b) => (b.game?.pieces.length ?? 0) + b.laid.length > 0);
  const shown = isSame ? blocks : blocks.slice(-1);
  const { x, y } = shiftTo(room, other.room) ?? { x: 0, y: 0 };
  return {
    to: other.schoolClass.name,
    when: isSame ? 'same' : 'before',
    gapSeconds: isSame ? 0 : clockSeconds(period.start) - clockSeconds(other.period.end),
    pieces: shown.flatMap((b) => b.game?.pieces ?? []).map((piece) => pieceMoved(piece, x, y)),
    laid: shown.flatMap((b) => laidIn(b)).map((thing) => laidMoved(thing, x, y)),
    ...(isSame && besideOf(room, other.room) === 'part' ? { part: other.room.outline.map((p) => ({ x: p.x + x, y: p.y + y })) } : {}),
  };
}

/** Desks with what the others of the day have of the gear and of the floor; what is alone stays as it is. */
export function withDay(desks: readonly DeskInput[], all: readonly DeskInput[] = desks): DeskInput[] {
  // A period that does not take place has neither gear nor floor.
  const others = all.filter((other) => other.period.cancelled === undefined);
  const known = new Map<DeskInput, PlannedLesson | undefined>();
  /** A lesson as it is planned beside those that have their floor first. */
  const plannedOf = (desk: DeskInput): PlannedLesson | undefined => {
    if (known.has(desk)) return known.get(desk);
    const { lesson } = desk;
    const planned = lesson ? planLesson({ ...desk, lesson, day: { claims: [], floors: sameTime(desk) } }) : undefined;
    known.set(desk, planned);
    return planned;
  };
  const floors = (list: readonly DeskInput[], desk: DeskInput) =>
    list.flatMap((other) => {
      const planned = plannedOf(other);
      return planned ? [floorOf(other, planned, desk)] : [];
    });
  const sameTime = (desk: DeskInput): NeighborFloor[] =>
    floors(
      others.filter((o) => shiftTo(desk.room, o.room) && overlap(desk.period, o.period) && hasFloorFirst(o.period, desk.period)),
      desk,
    );
  return desks.map((desk) => {
    const beside = others.filter((other) => overlap(desk.period, other.period));
    const last = others.filter((other) => isBefore(other, desk)).sort((a, b) => (a.period.end < b.period.end ? 1 : -1));
    if (!beside.length && !last.length) return desk;
    const claims = beside.map((other) => {
      const planned = plannedOf(other);
      return planned ? claimOf(other.schoolClass.name, planned) : { to: other.schoolClass.name, gear: {} };
    });
    const heard = beside.flatMap((other) => {
      const planned = plannedOf(other);
      return planned ? besideIn(other, planned, desk) : [];
    });
    return {
      ...desk,
      day: { claims, floors: [...sameTime(desk), ...floors(last.slice(0, 1), desk)], ...(heard.length && { beside: heard }) },
    };
  });
}
