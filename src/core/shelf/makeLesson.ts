import { ALL_CHECKS, type Check, draftFit, QUICK_CHECKS } from '../fit/draftFit.ts';
import type { FitDraft, FittedBlock } from '../fit/fitted.ts';
import { gameBlock } from '../formats/gameBlock.ts';
import type { Edit } from '../model/edit.ts';
import type { LessonNumbers } from '../model/finding.ts';
import type { Block, Lesson } from '../model/lesson.ts';
import { openLesson } from '../model/newLesson.ts';
import { bellText, clockSeconds } from '../model/period.ts';
import { judge, type ShelfInput, type ShelfRow } from './judge.ts';
import { merit, reasonsFor, UNLIKE } from './lessonMerit.ts';
import {
  type Candidate,
  casting,
  type Draft,
  drafts,
  type LessonReason,
  type LessonSchool,
  type LessonWish,
  type PartRole,
  SCHOOLS,
  SHAPES,
  SHORT_S,
  WARM_S,
} from './lessonParts.ts';

/** Lessons that are fitted, and lessons that come out. */
const TRIED = 60;
const OFFERED = 3;

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

const lengthOf = (role: PartRole, row: ShelfRow, school: LessonSchool): number | undefined => {
  const wanted = role === 'warm-up' ? WARM_S : role === 'practice' && school === 'game-first' ? SHORT_S : undefined;
  return wanted === undefined ? undefined : Math.max(row.least, Math.min(row.most, wanted));
};

/** A draft as a lesson. Ids of blocks are the same for the same game in the same part, so that its plan is worked out once. */
function lessonOf({ school, parts }: Pick<Draft, 'school' | 'parts'>): { lesson: Lesson; placed: MadeLesson['parts'] } {
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

/** The parts of a lesson in a class's period, looked at by some checks. */
export const fitDraft = (given: ShelfInput, draft: Pick<Draft, 'school' | 'parts'>, checks: readonly Check[]): FitDraft =>
  draftFit({ ...given, lesson: lessonOf(draft).lesson }, checks);

/** A lesson of parts with how it lies in the time and why, and how many things stop it. */
export function wholeLesson(
  given: ShelfInput,
  draft: Pick<Draft, 'school' | 'parts'>,
  wish: LessonWish,
  played: readonly string[],
): { lesson: MadeLesson; stops: number } {
  const { lesson, placed } = lessonOf(draft);
  const fit = draftFit({ ...given, lesson }, ALL_CHECKS);
  const made: MadeLesson = {
    merit: merit(fit, draft, wish),
    school: draft.school,
    title: draft.parts.find((p) => p.role === 'game')?.of.game.title ?? lesson.title,
    blocks: lesson.blocks,
    parts: placed,
    fitted: fit.blocks.map(({ id, title, phase, at, seconds }) => ({ id, title, phase, at, seconds })),
    floors: Object.fromEntries(fit.blocks.flatMap((b) => (b.game ? [[b.id, { pieces: b.game.pieces, things: b.game.things }]] : []))),
    numbers: fit.numbers,
    spareSeconds: fit.spareSeconds,
    periodSeconds: fit.periodSeconds,
    reasons: reasonsFor(fit, draft, wish, given, new Set(played)),
  };
  return { lesson: made, stops: stops(fit) };
}

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
    const fit = fitDraft(given, draft, QUICK_CHECKS);
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
    const whole = wholeLesson(given, draft, wish, played);
    if (whole.stops) continue;
    offered.push(draft);
    made.push({ ...whole.lesson, merit: worthOf });
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
