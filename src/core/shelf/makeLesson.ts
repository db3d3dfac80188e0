import { ALL_CHECKS, draftFit, QUICK_CHECKS } from '../fit/draftFit.ts';
import type { FitDraft, FittedBlock } from '../fit/fitted.ts';
import type { Edit } from '../model/edit.ts';
import type { LessonNumbers } from '../model/finding.ts';
import type { FormatId, Game, GameFamily } from '../model/game.ts';
import type { Block, Lesson } from '../model/lesson.ts';
import { openLesson } from '../model/newLesson.ts';
import { bellText, clockSeconds } from '../model/period.ts';
import { gameBlock, judge, type ShelfInput, type ShelfRow } from './judge.ts';

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
/** A warm-up, and practice between two halves of a game, is this long if its game may be, seconds. */
const WARM_S = 360;
const SHORT_S = 480;
/** Games of each role that are tried, lessons that are fitted, and lessons that come out. */
const EACH = 5;
const TRIED = 60;
const OFFERED = 3;

export interface LessonWish {
  families: readonly GameFamily[];
  minutes: number;
  /** null: either. */
  school: LessonSchool | null;
}

/** Why a lesson is offered: a code and its numbers, worded by words/. */
export interface LessonReason {
  code: 'for' | 'on-task' | 'waits' | 'fills' | 'gear' | 'fresh' | 'to-adapt' | 'short';
  data: Record<string, unknown>;
}
/** A whole lesson without a stop: its blocks, how they lie in the time, and why. */
export interface MadeLesson {
  /** More is better, by time on task, what it is for, how whole it is, and waits. */
  merit: number;
  school: LessonSchool;
  title: string;
  blocks: Block[];
  parts: { role: PartRole; gameId: string; blockId: string }[];
  fitted: Pick<FittedBlock, 'id' | 'title' | 'phase' | 'at' | 'seconds'>[];
  /** The floor of each game, by block. */
  floors: Record<string, Pick<ShelfRow, 'pieces' | 'things'>>;
  numbers: LessonNumbers;
  spareSeconds: number;
  periodSeconds: number;
  reasons: LessonReason[];
}

interface Candidate {
  game: Game;
  row: ShelfRow;
  isFor: boolean;
}
interface Draft {
  school: LessonSchool;
  parts: { role: PartRole; of: Candidate }[];
  /** What it promises before it is fitted. */
  hope: number;
}

/** How well a game does in a lesson, from its row: time on task, being for what is wanted, no long wait. */
const worth = ({ row, isFor }: Candidate): number =>
  row.measures.activeShare + (isFor ? 0.6 : 0) - Math.min(0.4, row.measures.waitSeconds / 600) - 0.05 * row.toAdapt.length;

/** Games for each role, the best first. */
function casting(all: readonly Candidate[], families: readonly GameFamily[]): Record<'warm-up' | 'practice' | 'game', Candidate[]> {
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
function drafts(school: LessonSchool, shape: readonly PartRole[], cast: ReturnType<typeof casting>): Draft[] {
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

const lengthOf = (role: PartRole, row: ShelfRow, school: LessonSchool): number | undefined => {
  const wanted = role === 'warm-up' ? WARM_S : role === 'practice' && school === 'game-first' ? SHORT_S : undefined;
  return wanted === undefined ? undefined : Math.max(row.least, Math.min(row.most, wanted));
};

/** A draft as a lesson. Ids of blocks are the same for the same game in the same part, so that its plan is worked out once. */
function lessonOf({ school, parts }: Draft): { lesson: Lesson; placed: MadeLesson['parts'] } {
  const open = openLesson('made-lesson', 'Made', (i) => `made-${['arrive', 'explain', 'close'][i]}`);
  const placed = parts.map(({ role, of }) => ({ role, gameId: of.game.id as string, blockId: `made-${role}-${of.game.id}`.slice(0, 60) }));
  const blocks = parts.map(({ role, of }, i): Block => {
    const seconds = lengthOf(role, of.row, school);
    const block = gameBlock(of.game, placed[i].blockId, of.row.settings);
    return {
      ...block,
      title: role === 'again' ? `${of.game.title} again`.slice(0, 60) : of.game.title,
      ...(seconds === undefined ? {} : { seconds: { value: Math.round(seconds / 5) * 5, by: 'fit' as const, pinned: false } }),
    };
  });
  return { lesson: { ...open, blocks: [...open.blocks.slice(0, -1), ...blocks, ...open.blocks.slice(-1)] }, placed };
}

const stops = (draft: Pick<FitDraft, 'noticed'>) => draft.noticed.filter((n) => n.weight === 'stop').length;

function reasonsFor(draft: FitDraft, { parts }: Draft, wish: LessonWish, input: ShelfInput, played: ReadonlySet<string>): LessonReason[] {
  const { numbers, spareSeconds } = draft;
  const games = [...new Map(parts.map(({ of }) => [of.game.id, of])).values()];
  const families = wish.families.filter((f) => games.some((c) => c.game.families.includes(f)));
  const mine = games.filter((c) => c.isFor);
  const fresh = games.filter((c) => !played.has(c.game.title));
  const toAdapt = new Set(games.flatMap((c) => c.row.toAdapt));
  return [
    ...(families.length ? [{ code: 'for' as const, data: { families, count: mine.length, of: games.length } }] : []),
    { code: 'on-task', data: { share: numbers.timeOnTask } },
    { code: 'waits', data: { seconds: Math.round(numbers.longestWaitSeconds) } },
    spareSeconds <= 120 ? { code: 'fills', data: { minutes: wish.minutes } } : { code: 'short', data: { seconds: spareSeconds } },
    ...(numbers.gearShort ? [] : [{ code: 'gear' as const, data: {} }]),
    ...(fresh.length
      ? [{ code: 'fresh' as const, data: { titles: fresh.map((c) => c.game.title), students: input.students.length } }]
      : []),
    ...(toAdapt.size ? [{ code: 'to-adapt' as const, data: { count: toAdapt.size } }] : []),
  ];
}

/** How good a fitted lesson is: time on task of all the time, for what is wanted, without long waits; a whole shape before a part of it. */
function merit(draft: FitDraft, { parts }: Draft, wish: LessonWish): number {
  const { numbers, periodSeconds, spareSeconds } = draft;
  const isFor = parts.filter(({ of }) => of.isFor).length / parts.length;
  return (
    numbers.timeOnTask * (1 - spareSeconds / periodSeconds) +
    (wish.families.length ? 0.7 * isFor : 0) +
    0.3 * Math.min(3, parts.length) -
    Math.min(0.4, numbers.longestWaitSeconds / 600)
  );
}

const gamesOf = (draft: Draft) => new Set(draft.parts.map(({ of }) => of.game.id));
const mainOf = (draft: Draft) => draft.parts.find((p) => p.role === 'game')!.of.game.id;
/** The most games that a lesson has in common with another one; Infinity if they are about the same game. */
const inCommon = (draft: Draft, offered: readonly Draft[]): number =>
  Math.max(
    0,
    ...offered.map((other) =>
      mainOf(other) === mainOf(draft) ? Number.POSITIVE_INFINITY : [...gamesOf(draft)].filter((id) => gamesOf(other).has(id)).length,
    ),
  );
/** How unlike those that are offered the next one has to be: of the school that is missing and with no game of theirs, else with none, else with one. */
const UNLIKE: readonly ((draft: Draft, offered: readonly Draft[]) => boolean)[] = [
  (draft, offered) => inCommon(draft, offered) === 0 && !offered.some((o) => o.school === draft.school),
  (draft, offered) => inCommon(draft, offered) === 0,
  (draft, offered) => inCommon(draft, offered) <= 1,
];

/**
 * Up to three whole lessons for a class and a room, unlike one another, none with a stop, the best first: games that fit, in the shapes of
 * both schools, fitted from bell to bell. `minutes` counts from the period's start, at most to its end. Tells how far it has come. A fixed
 * amount of work; the same arguments give the same lessons.
 */
export function* makeLessons(
  input: ShelfInput,
  wish: LessonWish,
  played: readonly string[] = [],
): Generator<{ done: number; total: number }, MadeLesson[]> {
  const start = clockSeconds(input.period.start);
  const end = Math.min(clockSeconds(input.period.end), start + wish.minutes * 60);
  const given: ShelfInput = { ...input, period: { ...input.period, end: bellText(end) } };
  const total = input.games.length + TRIED;
  const candidates: Candidate[] = [];
  for (const [i, game] of input.games.entries()) {
    yield { done: i, total };
    const row = judge(given, game);
    if (row.state === 'fits') candidates.push({ game, row, isFor: wish.families.some((f) => game.families.includes(f)) });
  }
  const cast = casting(candidates, wish.families);
  const schools = SCHOOLS.filter((s) => wish.school === null || s === wish.school);
  const shapes = schools.flatMap((school) => SHAPES[school].map((shape) => ({ school, shape })));
  // The most hopeful of every shape, so that a short period finds a shape that fits it.
  const hopeful = shapes.flatMap(({ school, shape }) => {
    const list = drafts(school, shape, cast).sort((a, b) => b.hope - a.hope);
    return list.slice(0, Math.ceil(TRIED / shapes.length));
  });
  const fitted: { draft: Draft; merit: number }[] = [];
  for (const [i, draft] of hopeful.entries()) {
    yield { done: input.games.length + i, total };
    const { lesson } = lessonOf(draft);
    const fit = draftFit({ ...given, lesson }, QUICK_CHECKS);
    if (!stops(fit)) fitted.push({ draft, merit: merit(fit, draft, wish) });
  }
  fitted.sort((a, b) => b.merit - a.merit);
  const offered: Draft[] = [];
  const made: MadeLesson[] = [];
  while (made.length < OFFERED) {
    const unlike = UNLIKE.find((rule) => fitted.some(({ draft }) => rule(draft, offered)));
    if (!unlike) break;
    const at = fitted.findIndex(({ draft }) => unlike(draft, offered));
    const [{ draft, merit: worthOf }] = fitted.splice(at, 1);
    yield { done: total, total };
    const { lesson, placed } = lessonOf(draft);
    const fit = draftFit({ ...given, lesson }, ALL_CHECKS);
    if (stops(fit)) continue;
    offered.push(draft);
    made.push({
      merit: worthOf,
      school: draft.school,
      title: draft.parts.find((p) => p.role === 'game')!.of.game.title,
      blocks: lesson.blocks,
      parts: placed,
      fitted: fit.blocks.map(({ id, title, phase, at, seconds }) => ({ id, title, phase, at, seconds })),
      floors: Object.fromEntries(fit.blocks.flatMap((b) => (b.game ? [[b.id, { pieces: b.game.pieces, things: b.game.things }]] : []))),
      numbers: fit.numbers,
      spareSeconds: fit.spareSeconds,
      periodSeconds: fit.periodSeconds,
      reasons: reasonsFor(fit, draft, wish, input, new Set(played)),
    });
  }
  return made.sort((a, b) => b.merit - a.merit);
}

/** One gesture that makes a lesson of a period the made one; ids of its blocks are new. */
export function takeLesson(lesson: Lesson, made: Pick<MadeLesson, 'blocks' | 'title'>, newId: () => string): Edit {
  const remove = lesson.blocks.map((b): Edit => ({ kind: 'remove-block', blockId: b.id }));
  const insert = made.blocks.map(
    (block, index): Edit => ({ kind: 'insert-block', index, block: { ...block, id: newId() as Block['id'] } }),
  );
  return { kind: 'many', edits: [...remove, ...insert, { kind: 'rename', title: made.title }] };
}
