import type { FormatId, Game, GameFamily } from '../model/game.ts';
import type { ShelfRow } from './judge.ts';

/** Which way a lesson goes: skill stage by stage and then the game, or the game, what it showed, and the game again. */
export const SCHOOLS = ['build-up', 'game-first'] as const;
export type LessonSchool = (typeof SCHOOLS)[number];

/** What a game is in a lesson. */
export type PartRole = 'warm-up' | 'practice' | 'game' | 'again';

/** The shapes of each school, the whole one first: what a short period has no room for is left out. */
export const SHAPES: Record<LessonSchool, readonly (readonly PartRole[])[]> = {
  'build-up': [['warm-up', 'practice', 'game'], ['practice', 'game'], ['warm-up', 'game'], ['game']],
  'game-first': [['game', 'practice', 'again'], ['game', 'practice'], ['game']],
};

/** Formats in which everybody works at something by themselves or step by step, and those that are played against one another. */
const PRACTICE: readonly FormatId[] = ['stations', 'skill-lane', 'course', 'open-floor', 'winners-ring', 'advance-court', 'pods'];
const PLAYED: readonly FormatId[] = [
  ...(['target-clash', 'tournament', 'ladder', 'call-up', 'toss-targets', 'chase'] as const),
  ...(['advance-court', 'winners-ring', 'pods', 'stations', 'course', 'open-floor'] as const),
];
const LIVELY: readonly FormatId[] = ['chase', 'open-floor', 'pods'];
/** Games of each role that are tried. */
const EACH = 5;
/** A warm-up, and practice between two halves of a game, is this long if its game may be, seconds. */
export const WARM_S = 360;
export const SHORT_S = 480;

export interface LessonWish {
  families: readonly GameFamily[];
  minutes: number;
  /** null: either. */
  school: LessonSchool | null;
}

/** Why a lesson is offered: a code and its numbers, worded by words/. */
export interface LessonReason {
  code: 'for' | 'on-task' | 'waits' | 'fills' | 'gear' | 'fresh' | 'to-adapt' | 'short' | 'stops' | 'gone' | 'left-out' | 'changed';
  data: Record<string, unknown>;
}
export interface Candidate {
  game: Game;
  row: ShelfRow;
  isFor: boolean;
}
export interface Draft {
  school: LessonSchool;
  parts: { role: PartRole; of: Candidate }[];
  /** What it promises before it is fitted. */
  hope: number;
}

/** How well a game does in a lesson, from its row: time on task, being for what is wanted, no long wait. */
const worth = ({ row, isFor }: Candidate): number =>
  row.measures.activeShare + (isFor ? 0.6 : 0) - Math.min(0.4, row.measures.waitSeconds / 600) - 0.05 * row.toAdapt.length;

/** Games for each role, the best first. */
export function casting(all: readonly Candidate[], families: readonly GameFamily[]): Record<'warm-up' | 'practice' | 'game', Candidate[]> {
  const best = (list: readonly Candidate[]) => [...list].sort((a, b) => worth(b) - worth(a)).slice(0, EACH);
  const warm = all.filter(
    ({ game, row }) => row.least <= 2 * WARM_S && (game.families.includes('warm up') || LIVELY.includes(game.format)),
  );
  const wanted = all.filter((c) => !families.length || c.isFor);
  const enough = (formats: readonly FormatId[]) => {
    const mine = wanted.filter((c) => formats.includes(c.game.format));
    const others = all.filter((c) => formats.includes(c.game.format) && !mine.includes(c));
    return mine.length >= EACH ? best(mine) : [...best(mine), ...best(others)].slice(0, EACH);
  };
  return { 'warm-up': best(warm), practice: enough(PRACTICE), game: enough(PLAYED) };
}

/** Every lesson of a shape: one game for each part, none twice but the one that comes again. */
export function drafts(school: LessonSchool, shape: readonly PartRole[], cast: ReturnType<typeof casting>): Draft[] {
  let found: Candidate[][] = [[]];
  for (const role of shape)
    found = found.flatMap((parts) => {
      if (role === 'again') return [[...parts, parts[0]]];
      return cast[role].filter((c) => !parts.includes(c)).map((c) => [...parts, c]);
    });
  return found.map((list) => ({
    school,
    parts: shape.map((role, i) => ({ role, of: list[i] })),
    hope: list.reduce((sum, c, i) => sum + worth(c) * (shape[i] === 'warm-up' ? 0.5 : 1), 0) / list.length + 0.25 * shape.length,
  }));
}
