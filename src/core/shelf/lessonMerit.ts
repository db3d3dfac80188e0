import type { FitDraft } from '../fit/fitted.ts';
import type { ShelfInput } from './judge.ts';
import type { Draft, LessonReason, LessonWish } from './lessonParts.ts';

/** Why a lesson is offered, by what it is for, comes to and needs. */
export function reasonsFor(
  draft: FitDraft,
  { parts }: Pick<Draft, 'parts'>,
  wish: LessonWish,
  input: ShelfInput,
  played: ReadonlySet<string>,
): LessonReason[] {
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
export function merit(draft: FitDraft, { parts }: Pick<Draft, 'parts'>, wish: LessonWish): number {
  const { numbers, periodSeconds, spareSeconds } = draft;
  const isFor = parts.filter(({ of }) => of.isFor).length / Math.max(1, parts.length);
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
export const UNLIKE: readonly ((draft: Draft, offered: readonly Draft[]) => boolean)[] = [
  (draft, offered) => inCommon(draft, offered) === 0 && !offered.some((o) => o.school === draft.school),
  (draft, offered) => inCommon(draft, offered) === 0,
  (draft, offered) => inCommon(draft, offered) <= 1,
];
