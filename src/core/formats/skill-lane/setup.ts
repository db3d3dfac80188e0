import { z } from 'zod';
import { roundValues, spacingValue } from '../sharedSetup.ts';

const id = z.string().min(1);
const share = z.number().min(0).max(1);
/** A place on the ladder of a skill (model/skillLadder.ts). */
const index = z.number().int().min(0).max(7);
const cell = z.object({ object: index, implement: index, motion: index, distance: index });

/**
 * The setup of play for one student's lane (plays.ts). `ladder`: steps from the easiest; `step`: index of the one to begin at.
 * A step up is suggested from `up` of at least `enough` tries made, a step down to `down` of them. `ownSeconds`: how much of a block
 * the student has the lane, of `blockSeconds`; `waitSeconds`: the longest stretch without it and without a part in it.
 */
export const LanePlaySetup = z.object({
  player: id,
  ladder: z.array(id).min(1),
  step: z.number().int().min(0),
  enough: z.number().int().min(1).default(10),
  up: share.default(0.8),
  down: share.default(0.4),
  ownSeconds: z.number().min(0).optional(),
  blockSeconds: z.number().positive().optional(),
  waitSeconds: z.number().min(0).optional(),
  /** Index of the lane, and which of how many there the student is in the order of turns. */
  lane: z.number().int().min(0).optional(),
  order: z.number().int().min(0).optional(),
  of: z.number().int().min(1).optional(),
  /** How many objects may fall at a try, if that is counted. */
  falls: z.number().int().min(1).max(20).optional(),
  /** Stages of form that may be marked beside success, the first to come first. */
  forms: z.array(z.string().min(1)).optional(),
  /** The skill whose own ladder the tries count for, and where on it each step is. */
  skill: id.optional(),
  cells: z.array(cell).optional(),
});
export type LanePlaySetup = z.infer<typeof LanePlaySetup>;

const words = z.string().trim().min(1).max(240);
const kind = z.string().min(1).max(40);

/** A skill in lanes: a ladder of steps from the easiest, what stands in a lane, what the partner does. */
export const SkillLaneGame = z.object({
  /** What one lane is called in this game. */
  lane: z.string().trim().min(1).max(24),
  /** What goes along the lane: decides what must be free at its end. */
  use: z.enum(['throw', 'roll', 'strike', 'run']),
  /** Whose ladder the tries count for, if every step says where on it it is. */
  skill: id.max(40).optional(),
  /** Something stands or lies at the far end to be met. */
  target: z.boolean(),
  ladder: z
    .array(
      z.object({
        id: kind,
        title: z.string().trim().min(1).max(40),
        task: words,
        /** Which of the band's target distances it is played over, and the share of it. */
        reach: z.enum(['near', 'middle', 'far']),
        share: z.number().min(0.3).max(1.5).optional(),
        /** Where on the ladder of the game's skill it is. */
        cell: cell.optional(),
      }),
    )
    .min(2)
    .max(8),
  /** For each lane. */
  gear: z.array(z.object({ gearKind: kind, count: z.number().int().min(1).max(20) })).max(6),
  /** Stages of form to watch, the first to come first. */
  forms: z.array(z.string().trim().min(1).max(60)).max(6),
  /** Several objects stand there: how many fall is counted. */
  counts: z.boolean(),
  /** What is said before an object is sent. */
  countdown: words,
  partner: words,
  cues: z.array(words).max(4),
  seated: words,
});
export type SkillLaneGame = z.infer<typeof SkillLaneGame>;

/** How many turns there are follows from the lanes. */
const { bouts: _, ...laneRounds } = roundValues;

/** What the teacher, the game or the band decides. `lanes` and `workSeconds` (a turn) are solved if not set. */
export const SkillLaneValues = z.object({
  step: z.number().int().min(1).max(8),
  startAt: z.enum(['own', 'same']),
  perLane: z.number().int().min(1).max(3),
  groups: z.number().int().min(1).max(20).optional(),
  turnsEach: z.number().int().min(1).max(6),
  enough: z.number().int().min(2).max(40),
  upPercent: z.number().int().min(50).max(100),
  downPercent: z.number().int().min(0).max(50),
  laneM: z.number().min(1).max(4),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
  waitingTask: z.string().trim().max(160),
  ...laneRounds,
  stopSignal: z.string().trim().max(160),
});
export type SkillLaneValues = z.infer<typeof SkillLaneValues>;
