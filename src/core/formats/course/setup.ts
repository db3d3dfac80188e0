import { z } from 'zod';
import { roundValues, spacingValue } from '../sharedSetup.ts';

const id = z.string().min(1);

/**
 * The setup of play on one loop (plays.ts). Seconds of an element: mean and spread; `capacity`: how many at once; `skippedBy`:
 * students who go past it. `starts[i]`: index of player i's first element. Bout and rest serve the timeline.
 */
export const CoursePlaySetup = z.object({
  players: z.array(id),
  elements: z
    .array(
      z.object({
        id,
        seconds: z.number().positive(),
        sd: z.number().min(0).optional(),
        capacity: z.number().int().min(1),
        skippedBy: z.array(id).optional(),
        noOvertaking: z.boolean().optional(),
      }),
    )
    .min(1),
  headwaySeconds: z.number().min(0),
  starts: z.array(z.number().int().min(0)).optional(),
  boutSeconds: z.number().positive().optional(),
  restSeconds: z.number().min(0).optional(),
  /** How many seconds of a block are traveled, rests left out; all of it if absent. */
  playSeconds: z.number().min(0).optional(),
});
export type CoursePlaySetup = z.infer<typeof CoursePlaySetup>;

const words = z.string().trim().min(1).max(240);
const kind = z.string().min(1).max(40);
const gear = z.array(z.object({ gearKind: kind, count: z.number().int().min(1).max(20) })).max(6);
/** The bands of model/band.ts, which a setup cannot import. */
const band = z.enum(['pre-k', 'k-1', '2-3', '4-5', '6-8', '9-12']);

export const CourseElement = z.object({
  id: z.string().regex(/^[a-z0-9-]{1,30}$/),
  title: z.string().trim().min(1).max(40),
  task: words,
  /** Seconds of a fourth grader, and how many at once. */
  seconds: z.number().min(1).max(120),
  capacity: z.number().int().min(1).max(8),
  /** Metres of the path. */
  spaceM: z.number().min(0.5).max(12),
  gear,
  /** Who puts it back as it was. */
  resetBy: z.enum(['student', 'teacher', 'nobody']),
  /** What goes wrong most often. */
  watch: words,
  noOvertaking: z.boolean(),
  /** Slow on purpose: never counted as something to speed up. */
  brake: z.boolean(),
  /** What these bands do in its place. */
  instead: z.object({ bands: z.array(band).min(1), title: z.string().trim().min(1).max(40), task: words }).optional(),
});
export type CourseElement = z.infer<typeof CourseElement>;

/** A loop of elements in order, and what is said of going around. */
export const CourseGame = z.object({
  elements: z.array(CourseElement).min(3).max(12),
  travel: words,
  passing: words,
  easier: words,
  harder: words,
});
export type CourseGame = z.infer<typeof CourseGame>;

/** What the teacher, the game or the band decides. `doubled`: the element that stands there twice, or ''. */
export const CourseValues = z.object({
  picks: z.array(z.string().max(40)).min(1, { message: 'too-small' }).max(12, { message: 'too-large' }),
  headwaySeconds: z.number().int().min(0).max(60),
  groups: z.number().int().min(1).max(12),
  doubled: z.string().max(40),
  pacePercent: z.number().int().min(50).max(250),
  direction: z.union([z.literal(1), z.literal(-1)]),
  waitingTask: z.string().trim().max(160),
  pathM: z.number().min(0.6).max(4),
  freeM: z.number().min(0.5).max(8),
  spacing: spacingValue,
  ...roundValues,
  stopSignal: z.string().trim().max(160),
});
export type CourseValues = z.infer<typeof CourseValues>;
