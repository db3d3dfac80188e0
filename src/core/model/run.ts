import { z } from 'zod';
import { BlockId, ClassId, EventId, LessonId, PeriodId, RunId, StudentId } from './ids.ts';
import { Presence } from './period.ts';
import { recordFields } from './record.ts';
import { LadderStep } from './school.ts';
import { Cell, Prompt, Skill } from './skillLadder.ts';
import { mapKey, note, whole } from './text.ts';

const base = { id: EventId, at: z.number().int().min(0).max(9e15) };

/** A code, such as that of an offence. */
const CODE = /^[a-z0-9-]{0,40}$/;

/** An event of a play. Why a student sits out is a code or nothing: words about a student have no place in a log and are not stored. */
const playEvent = z
  .looseObject({ type: z.string().min(1).max(40) })
  .transform((event) => (event.type === 'box' && !(typeof event.why === 'string' && CODE.test(event.why)) ? { ...event, why: '' } : event));

/** A frozen block as far as every reader relies on it; live/runPlan.ts knows the rest. */
const block = z.looseObject({ id: z.string(), segments: z.array(z.looseObject({})) });

/** What may happen in a run. `at`: wall clock, milliseconds. Corrections are events too. */
export const RunEvent = z.discriminatedUnion('type', [
  z.object({ ...base, type: z.literal('pause') }),
  z.object({ ...base, type: z.literal('resume') }),
  /** On to the next step now. */
  z.object({ ...base, type: z.literal('skip') }),
  z.object({ ...base, type: z.literal('adjust'), seconds: z.number().int().min(-600).max(600) }),
  /**
   * `play`: which of the block's plays; the first where not given. `visit`: of a group's stay at a place that is a game of its
   * own, `play` is then one of that game's. `since`: a late addition, when it really happened.
   */
  z.object({
    ...base,
    type: z.literal('play'),
    blockId: BlockId,
    play: whole(0, 99).optional(),
    visit: whole(0, 9999).optional(),
    since: z.number().int().min(0).max(9e15).optional(),
    event: playEvent,
  }),
  /** A latecomer, or a student who leaves: from now on in every play. Private, like attendance. */
  z.object({ ...base, type: z.literal('presence'), student: StudentId, status: Presence.shape.status, role: Presence.shape.role }),
  /** What somebody did, by the code of one of the game's offences, and the step of the ladder that followed. Private, like attendance. */
  z.object({
    ...base,
    type: z.literal('offence'),
    blockId: BlockId,
    play: whole(0, 99).optional(),
    visit: whole(0, 9999).optional(),
    student: StudentId,
    what: z.string().regex(CODE),
    step: LadderStep,
  }),
  /** A try at a step of a student's ladder, seen in passing. A hand is given with the student's yes alone, and the mark says so. Private. */
  z
    .object({
      ...base,
      type: z.literal('mark'),
      student: StudentId,
      skill: Skill,
      cell: Cell,
      made: z.boolean(),
      count: whole(1, 50).optional(),
      prompt: Prompt,
      saidYes: z.literal(true).optional(),
    })
    .refine((mark) => mark.prompt !== 'hand' || mark.saidYes, { message: 'yes-first', path: ['saidYes'] }),
  /** The blocks that have not begun are these from now on. */
  z.object({ ...base, type: z.literal('replan'), blocks: z.array(block).max(24) }),
  z.object({ ...base, type: z.literal('count'), gearKind: mapKey(40), counted: whole(0, 999) }),
  /** Several kinds at once, such as everything at a switch. */
  z.object({ ...base, type: z.literal('count-all'), counts: z.record(mapKey(40), whole(0, 999)) }),
  z.object({ ...base, type: z.literal('strike'), target: EventId }),
  /** The target play event counts as this one instead. */
  z.object({ ...base, type: z.literal('replace'), target: EventId, event: playEvent }),
  z.object({ ...base, type: z.literal('note'), text: note(2000) }),
  z.object({ ...base, type: z.literal('end') }),
]);
export type RunEvent = z.infer<typeof RunEvent>;

/** The frozen plan as far as every reader relies on it; live/runPlan.ts knows the rest. */
const plan = z.looseObject({
  content: z.number(),
  playVersion: z.number(),
  className: z.string(),
  lessonTitle: z.string(),
  blocks: z.array(block),
});

export const Run = z.object({
  ...recordFields('run', 4),
  id: RunId,
  periodId: PeriodId,
  classId: ClassId,
  lessonId: LessonId,
  date: z.string(),
  startedAt: z.number().int(),
  /** The real last bell, milliseconds, if it was blown in its period; else the bell counts from the start. */
  bellAt: z.number().int().optional(),
  endedAt: z.number().int().nullable(),
  /** Made by mistake: kept, but out of trends and of what a class has had. */
  discarded: z.boolean().optional(),
  plan,
});
export type Run = z.infer<typeof Run>;
