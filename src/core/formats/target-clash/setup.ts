import { z } from 'zod';
import { roundValues, spacingValue } from '../sharedSetup.ts';

const id = z.string().min(1);
export const CLASH_MODES = ['drive', 'topple', 'protect', 'pen'] as const;

/**
 * The setup of play (plays.ts). `members` include feeders and guards. `targets`: those of each side's row, in 'topple' and
 * 'protect'; `to`: the score that ends play, except in 'protect', where the score is what still stands.
 */
export const ClashPlaySetup = z.object({
  mode: z.enum(CLASH_MODES),
  sides: z
    .array(z.object({ id, members: z.array(id), feeders: z.array(id).optional(), guards: z.array(id).optional() }))
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

const words = z.string().trim().min(1).max(240);
const kind = z.string().min(1).max(40);

/** Sides behind no-cross lines and many small objects: what is sent, what is hit, what is said. */
export const TargetClashGame = z.object({
  mode: z.enum(CLASH_MODES),
  /** What the sides are called. */
  sides: z.array(z.string().trim().min(1).max(24)).min(2).max(4),
  /** Kinds of small object that it is played with, the usual one first; how many for each student. */
  objects: z.array(kind).min(1).max(6),
  objectsEach: z.number().min(0.25).max(4),
  /** What is driven, toppled, protected or pushed through a gap, and how many there are: in all (drive, pen), of each side (topple, protect). */
  target: z.object({ gearKind: kind, count: z.number().int().min(1).max(12) }),
  feeders: z.number().int().min(0).max(4),
  guards: z.number().int().min(0).max(3),
  task: words,
  cues: z.array(words).max(4),
  easier: words,
  harder: words,
});
export type TargetClashGame = z.infer<typeof TargetClashGame>;

/** What the teacher, the game or the band decides. `groups`: sides; `to` 0: until the clock. */
export const TargetClashValues = z.object({
  object: kind,
  groups: z.number().int().min(2).max(4),
  targets: z.number().int().min(1).max(12),
  feeders: z.number().int().min(0).max(4),
  guards: z.number().int().min(0).max(3),
  nearPeople: z.boolean(),
  to: z.number().int().min(0).max(30),
  neutralM: z.number().min(0).max(10),
  edgeM: z.number().min(0.5).max(5),
  spacing: spacingValue,
  ...roundValues,
  stopSignal: z.string().trim().max(160),
});
export type TargetClashValues = z.infer<typeof TargetClashValues>;
