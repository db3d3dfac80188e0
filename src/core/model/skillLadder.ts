import { z } from 'zod';
import { line, whole } from './text.ts';

/** Families of skills, each with a ladder of its own. */
export const SKILLS = [
  'throw',
  'catch',
  'strike-hand',
  'strike-implement',
  'kick',
  'roll',
  'release',
  'dribble',
  'volley',
  'aim',
  'jump',
  'travel',
  'wheels',
  'guided-run',
  'balance',
  'rhythm',
  'tag',
] as const;
export const Skill = z.enum(SKILLS, { message: 'choice' });
export type Skill = z.infer<typeof Skill>;

/** What a step of a ladder may change: one of these at a time. */
export const AXES = ['object', 'implement', 'motion', 'distance'] as const;
export const Axis = z.enum(AXES, { message: 'choice' });
export type Axis = z.infer<typeof Axis>;

/** How much help a try had, the least first: none, a word, a model, a hand (only with the student's yes). */
export const PROMPTS = ['alone', 'word', 'model', 'hand'] as const;
export const Prompt = z.enum(PROMPTS, { message: 'choice' });
export type Prompt = z.infer<typeof Prompt>;

const MOST_VALUES = 8;
const key = whole(0, 999);
/** Where on a ladder: the index of the value on each axis; stored, its key. Everything at 0 is the start: slow, light, large, near. */
export const Cell = z.strictObject({ object: key, implement: key, motion: key, distance: key });
export type Cell = z.infer<typeof Cell>;

export const FIRST_CELL: Cell = { object: 0, implement: 0, motion: 0, distance: 0 };

/** Words for a student's own position. Standing is not harder than a chair, so none of them can be a step. */
const OWN_POSITION = /\b(seated|sitting|standing|wheelchair|in a chair|walker|crutch(es)?|kneeling|lying)\b/i;

const value = line(60).refine((text) => !OWN_POSITION.test(text), { message: 'own-position' });
const values = z
  .array(value)
  .min(1, { message: 'empty' })
  .max(MOST_VALUES, { message: 'too-many' })
  .refine((list) => new Set(list.map((text) => text.toLowerCase())).size === list.length, { message: 'repeated' });
const metres = z.number({ message: 'number' }).min(0, { message: 'too-small' }).max(60, { message: 'too-large' });

const isKeyed = (keys: readonly number[] | undefined, length: number) =>
  !keys || (keys.length === length && new Set(keys).size === keys.length);

/**
 * The ladder of a skill: a grid of object × implement × motion × distance, each from the easiest. `distance`: metres from near to far,
 * 0 is on the spot. `order`: which axis goes up one after another for somebody who climbs it all; each as often as it has values beyond the first.
 */
export const SkillLadder = z
  .object({
    skill: Skill,
    object: values,
    implement: values,
    motion: values,
    distance: z
      .array(metres)
      .min(1, { message: 'empty' })
      .max(MOST_VALUES, { message: 'too-many' })
      .refine((list) => list.every((m, i) => i === 0 || m > list[i - 1]), { message: 'not-rising' }),
    order: z.array(Axis).max(4 * MOST_VALUES),
    /** By which number each value is stored, so that what was tried keeps its meaning when values come between; its index if left out. */
    keys: z.partialRecord(Axis, z.array(key)).optional(),
    /** The highest number that a value of an axis ever had: none is given to another value. */
    topKeys: z.partialRecord(Axis, key).optional(),
  })
  .refine(({ keys = {}, ...ladder }) => AXES.every((axis) => isKeyed(keys[axis], ladder[axis].length)), {
    message: 'repeated',
    path: ['keys'],
  })
  .refine((ladder) => AXES.every((axis) => ladder.order.filter((a) => a === axis).length === ladder[axis].length - 1), {
    message: 'order',
    path: ['order'],
  });
export type SkillLadder = z.infer<typeof SkillLadder>;

/** A step that the teacher decided on: where on the ladder, with how much help, and since when (wall clock, ms). */
export const LadderPlace = z.object({ at: Cell, prompt: Prompt, since: z.number().int().min(0).max(9e15) });
export type LadderPlace = z.infer<typeof LadderPlace>;

/** A skill that a student's steps are followed in, the oldest step first. Private. */
export const FollowedSkill = z.object({
  skill: Skill,
  places: z.array(LadderPlace).min(1, { message: 'empty' }).max(200, { message: 'too-many' }),
});
export type FollowedSkill = z.infer<typeof FollowedSkill>;

const percent = whole(0, 100);
/** When a step is suggested: after so many tries on so many days, harder from `upPercent` made, easier at `downPercent`. */
export const LadderFigures = z
  .object({ tries: whole(2, 100), days: whole(1, 10), upPercent: percent, downPercent: percent })
  .refine((f) => f.downPercent < f.upPercent, { message: 'too-large', path: ['downPercent'] });
export type LadderFigures = z.infer<typeof LadderFigures>;

/** Side Court defaults, editable; no standard sets them. */
export const LADDER_FIGURES: LadderFigures = { tries: 10, days: 2, upPercent: 80, downPercent: 40 };
