import { roundsOf } from '../formats/bouts.ts';
import type { Card, SwitchCall } from '../formats/format.ts';
import { stockOf } from '../gear/cover.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import { initialsOf, shortNames } from '../model/names.ts';
import { clockSeconds } from '../model/period.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import type { Rule } from '../model/rule.ts';
import type { SupportKind } from '../model/support.ts';
import type { BlockChange } from './blockChange.ts';
import { type FitInput, type FittedBlock, type FittedLesson, laidIn } from './fitted.ts';

/** What a guest does, or leaves, for everybody's sake; never for whom. */
export const GUEST_LIMITS = [
  'no-latex',
  'nothing-small',
  'quiet',
  'full-light',
  'no-hands-on',
  'stop-early',
  'signals-seen',
  'say-where',
  'paths-clear',
  'watch-the-door',
  'rest-any-time',
  'never-alone',
  'no-pulling',
  'no-rolls',
  'low-and-soft',
  'no-jumps',
  'one-step',
] as const;
export type GuestLimit = (typeof GUEST_LIMITS)[number];

const LIMIT_OF: Partial<Record<SupportKind, GuestLimit>> = {
  latex: 'no-latex',
  'mouths-things': 'nothing-small',
  noise: 'quiet',
  'no-dim-light': 'full-light',
  touch: 'no-hands-on',
  'stops-late': 'stop-early',
  'hard-of-hearing': 'signals-seen',
  deaf: 'signals-seen',
  signs: 'signals-seen',
  blind: 'say-where',
  'low-vision': 'say-where',
  wheelchair: 'paths-clear',
  'power-chair': 'paths-clear',
  walker: 'paths-clear',
  crutches: 'paths-clear',
  'may-leave': 'watch-the-door',
  stamina: 'rest-any-time',
  breath: 'rest-any-time',
  heat: 'rest-any-time',
  breaks: 'rest-any-time',
  'light-activity': 'rest-any-time',
  'may-lose-awareness': 'never-alone',
  'worn-device': 'no-pulling',
  'no-roll': 'no-rolls',
  'no-head-down': 'no-rolls',
  'no-neck-load': 'no-rolls',
  'no-belly-lying': 'no-rolls',
  'no-head-contact': 'low-and-soft',
  'no-jolt': 'low-and-soft',
  'no-jump': 'no-jumps',
  'one-step': 'one-step',
};

/** What an adult in charge must know of a student. */
export const CARE_KINDS = [
  'care-plan',
  'may-lose-awareness',
  'worn-device',
  'latex',
  'breath',
  'heat',
  'may-leave',
  'mouths-things',
] as const;
export type CareKind = (typeof CARE_KINDS)[number];
/** By initials, unique in the lesson. */
export interface CareAlert {
  initials: string;
  kinds: CareKind[];
}

export interface GuestGame {
  title: string;
  format: string;
  aim: string;
  rules: Rule[];
  cards: Card[];
  calls: SwitchCall[];
  groups: string[][];
  pieces: Piece[];
  things: LaidPiece[];
  /** Which place each group is at, by round: index of the place, −1 waiting. */
  rounds: number[][];
  /** When each round begins and ends, seconds of the day. */
  bouts: { at: number; until: number }[];
  moveSeconds: number;
  gear: { pieceId: string; gearKind: string; count: number }[];
  questions: string[];
}
export interface GuestBlock {
  id: string;
  title: string;
  phase: FittedBlock['phase'];
  /** Seconds of the day. */
  at: number;
  seconds: number;
  change?: BlockChange;
  game?: GuestGame;
  limits: { limit: GuestLimit; gear?: string[] }[];
}
/** A lesson as somebody who stands in may see it: nothing private but limits as actions. */
export interface GuestView {
  className: string;
  date: string;
  start: string;
  end: string;
  playing: number;
  /** Short names of those who play, by id. */
  names: Record<string, string>;
  room: Room;
  lessonTitle: string;
  stopSignal: string;
  blocks: GuestBlock[];
  gear: { gearKind: string; count: number; place: string }[];
  hasAlerts: boolean;
}

/** The supports of those who are in the lesson today. */
function supportsToday({ ratings }: FitInput, fitted: FittedLesson): { studentId: string; kinds: SupportKind[] }[] {
  const here = new Set(
    Object.entries(fitted.people.roles)
      .flatMap(([role, ids]) => (role === 'away' ? [] : (ids ?? [])))
      .concat(fitted.people.playing),
  );
  return ratings.filter((r) => here.has(r.studentId)).map((r) => ({ studentId: r.studentId, kinds: r.supports.map((s) => s.kind) }));
}

/** Items of the closet that hold, or may hold, latex among those that a block uses. */
function latexIn({ cupboard }: FitInput, kinds: ReadonlySet<string>): string[] {
  return cupboard.filter((g) => g.count > 0 && kinds.has(g.gearKind) && g.latex !== 'no').map((g) => g.name);
}

function limitsOf(input: FitInput, needed: ReadonlySet<SupportKind>, gearKinds: ReadonlySet<string>): GuestBlock['limits'] {
  const wanted = new Set([...needed].flatMap((kind) => LIMIT_OF[kind] ?? []));
  return GUEST_LIMITS.filter((limit) => wanted.has(limit)).flatMap((limit): GuestBlock['limits'] => {
    if (limit !== 'no-latex') return [{ limit }];
    const gear = latexIn(input, gearKinds);
    return gear.length ? [{ limit, gear }] : [];
  });
}

/** The projection that a guest is served. */
export function guestView(input: FitInput, fitted: FittedLesson): GuestView {
  const { lesson, schoolClass, period, room, school, games } = input;
  const bell = clockSeconds(period.start);
  const needed = new Set(supportsToday(input, fitted).flatMap((s) => s.kinds));
  const short = shortNames(input.students);
  const playing = new Set(fitted.people.playing);
  const gear = new Map<string, number>();
  for (const { gearKind, need } of fitted.gear) gear.set(gearKind, Math.max(gear.get(gearKind) ?? 0, need));
  const stops = lesson.blocks.flatMap((b) => games.find((g) => g.id === b.game?.gameId)?.stopSignal || []);
  return {
    className: schoolClass.name,
    date: period.date,
    start: period.start,
    end: period.end,
    playing: playing.size,
    names: Object.fromEntries([...short].filter(([id]) => playing.has(id))),
    room,
    lessonTitle: lesson.title,
    stopSignal: stops[0] ?? school.stopSignal,
    blocks: fitted.blocks.map((block): GuestBlock => {
      const lines = fitted.gear.filter((l) => l.blockId === block.id);
      const game = block.game;
      const known = game && games.find((g) => g.id === game.gameId);
      return {
        id: block.id,
        title: block.title,
        phase: block.phase,
        at: bell + block.at,
        seconds: block.seconds,
        ...(block.change && { change: block.change }),
        ...(game && {
          game: {
            title: game.title,
            format: game.format,
            aim: known?.aim ?? '',
            rules: game.rules,
            cards: game.cards,
            calls: game.calls,
            groups: game.groups,
            pieces: game.pieces,
            things: laidIn(block),
            rounds: roundsOf(game.groups, game.timeline.bouts),
            bouts: game.timeline.bouts.map((b) => ({ at: bell + block.at + b.at, until: bell + block.at + b.until })),
            moveSeconds: game.moveSeconds,
            gear: lines.flatMap((l) => l.at.map(({ pieceId, count }) => ({ pieceId, gearKind: l.gearKind, count }))),
            questions: known?.questions ?? [],
          },
        }),
        limits: limitsOf(input, needed, new Set(lines.map((l) => l.gearKind))),
      };
    }),
    gear: [...gear].map(([gearKind, count]) => ({
      gearKind,
      count: Math.min(count, stockOf(input.cupboard, gearKind)),
      place: input.cupboard.find((g) => g.gearKind === gearKind && g.place)?.place ?? '',
    })),
    hasAlerts: careAlerts(input, fitted).length > 0,
  };
}

/** What a guest sees behind one press that is logged: by initials, without a word about why. */
export function careAlerts(input: FitInput, fitted: FittedLesson): CareAlert[] {
  return supportsToday(input, fitted).flatMap(({ studentId, kinds }) => {
    const own = CARE_KINDS.filter((kind) => kinds.includes(kind));
    const student = input.students.find((s) => s.id === studentId);
    return own.length && student ? [{ initials: initialsOf(student, input.students), kinds: own }] : [];
  });
}
