import { z } from 'zod';
import { PurposeAction } from './demand.ts';
import { BlockId, EventId, LessonId, StudentId } from './ids.ts';
import { line, mapKey, optionalLine, whole } from './text.ts';

/** What a change of a game may turn. */
export const DIALS = ['object', 'implement', 'target', 'signal', 'position', 'space', 'time', 'rule', 'people'] as const;
export type DialName = (typeof DIALS)[number];

/** A change as it was accepted: what matching said of it then. */
export const StoredDial = z.object({
  dial: z.enum(DIALS, { message: 'choice' }),
  to: mapKey(40),
  data: z.record(mapKey(40), z.union([z.string().max(80), z.number(), z.boolean()])),
  uses: z
    .array(z.object({ gearId: mapKey(80), count: whole(1, 999) }))
    .max(8)
    .optional(),
  homeMade: mapKey(40).optional(),
  adultId: mapKey(64).optional(),
  peerId: mapKey(64).optional(),
  keeps: z.array(PurposeAction).max(14),
  openToAll: z.boolean().optional(),
  cost: z.number().min(-100).max(1000),
});

/** What a teacher chose for a student at a place of a block: a plan that was accepted, changes that were refused and why. */
export const AdaptationChoice = z.object({
  accepted: z.array(StoredDial).max(8, { message: 'too-many' }).nullable(),
  refused: z.array(z.object({ to: mapKey(40), why: optionalLine(160) })).max(40, { message: 'too-many' }),
  /** What is done while the adult of the accepted plan is away. */
  withoutAdult: z.array(StoredDial).max(8, { message: 'too-many' }).optional(),
});
export type AdaptationChoice = z.infer<typeof AdaptationChoice>;

const seq = whole(0, 1e9);

/**
 * One step in the private log of a lesson's adaptations. It belongs to the lesson, the block and the student: a copy of the lesson, an
 * export, a card or a run never carries it. `lessonRevision`: where it stands among the lesson's own edits, so that undo takes the newest.
 */
export const AdaptationEdit = z.object({
  id: EventId,
  name: line(160),
  lessonRevision: whole(0, 1e9),
  student: StudentId,
  block: BlockId,
  place: mapKey(64).optional(),
  after: AdaptationChoice,
  undoes: seq.optional(),
  redoes: seq.optional(),
  /** Steps of one gesture say the same: they are undone and redone together. */
  gesture: EventId.optional(),
});
export type AdaptationEdit = z.infer<typeof AdaptationEdit>;

export const StoredAdaptation = AdaptationEdit.extend({ seq, lessonId: LessonId, before: AdaptationChoice });
export type StoredAdaptation = z.infer<typeof StoredAdaptation>;

export const NO_CHOICE: AdaptationChoice = { accepted: null, refused: [] };

/** A choice with a plan in use; what was refused before stays refused. */
export const accepting = (
  { refused }: AdaptationChoice,
  accepted: AdaptationChoice['accepted'],
  withoutAdult?: AdaptationChoice['accepted'],
): AdaptationChoice => ({
  ...{ accepted, refused },
  ...(withoutAdult ? { withoutAdult } : {}),
});

/** A choice with whom and what it is about. */
export interface AdaptationFor extends AdaptationChoice {
  student: string;
  block: string;
  place?: string;
}

const keyOf = ({ student, block, place = '' }: { student: string; block: string; place?: string }) => `${student}|${block}|${place}`;

/** What holds after a log of edits: the last choice for each student, block and place. */
export function choicesAfter(log: readonly Pick<AdaptationEdit, 'student' | 'block' | 'place' | 'after'>[]): AdaptationFor[] {
  const held = new Map<string, AdaptationFor>();
  for (const { student, block, place, after } of log)
    held.set(keyOf({ student, block, place }), { student, block, ...(place === undefined ? {} : { place }), ...after });
  return [...held.values()].filter((c) => c.accepted !== null || c.refused.length > 0);
}

/** The choice that holds for a student at a place of a block. */
export const choiceFor = (choices: readonly AdaptationFor[], at: { student: string; block: string; place?: string }): AdaptationChoice =>
  choices.find((c) => keyOf(c) === keyOf(at)) ?? NO_CHOICE;
