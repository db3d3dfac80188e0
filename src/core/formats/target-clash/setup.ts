import { z } from 'zod';
import { cardWords, fieldValues, idValue, kindValue, placeName, roundValues, saidValue, sideValue } from '../sharedSetup.ts';

export const CLASH_MODES = ['drive', 'topple', 'protect', 'pen'] as const;

/**
 * The setup of play (plays.ts). `members` include feeders and guards. `targets`: those of each side's row, in 'topple' and
 * 'protect'; `to`: the score that ends play, except in 'protect', where the score is what still stands.
 */
export const ClashPlaySetup = z.object({
  mode: z.enum(CLASH_MODES),
  sides: z
    .array(sideValue.extend({ feeders: z.array(idValue).optional(), guards: z.array(idValue).optional() }))
    .min(2)
    .max(4),
  targets: z.number().int().min(1).default(3),
  to: z.number().int().min(1).optional(),
  /** How much of a block is played, breaks left out, and in how many rounds. */
  playSeconds: z.number().min(0).optional(),
  rounds: z.number().int().min(1).optional(),
  breaks: z.boolean().optional(),
});
export type ClashPlaySetup = z.infer<typeof ClashPlaySetup>;

/** Sides behind no-cross lines and many small objects: what is sent, what is hit, what is said. */
export const TargetClashGame = z.object({
  mode: z.enum(CLASH_MODES),
  /** What the sides are called. */
  sides: z.array(placeName).min(2).max(4),
  /** Kinds of small object that it is played with, the usual one first; how many for each student. */
  objects: z.array(kindValue).min(1).max(6),
  objectsEach: z.number().min(0.25).max(4),
  /** What is driven, toppled, protected or pushed through a gap, and how many there are: in all (drive, pen), of each side (topple, protect). */
  target: z.object({ gearKind: kindValue, count: z.number().int().min(1).max(12) }),
  feeders: z.number().int().min(0).max(4),
  guards: z.number().int().min(0).max(3),
  ...cardWords,
});
export type TargetClashGame = z.infer<typeof TargetClashGame>;

/** What the teacher, the game or the band decides. `groups`: sides; `to` 0: until the clock. */
export const TargetClashValues = z.object({
  object: kindValue,
  groups: z.number().int().min(2).max(4),
  targets: z.number().int().min(1).max(12),
  feeders: z.number().int().min(0).max(4),
  guards: z.number().int().min(0).max(3),
  nearPeople: z.boolean(),
  to: z.number().int().min(0).max(30),
  neutralM: z.number().min(0).max(10),
  ...fieldValues,
  ...roundValues,
  stopSignal: saidValue,
});
export type TargetClashValues = z.infer<typeof TargetClashValues>;
