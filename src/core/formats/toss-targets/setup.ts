import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, sideValue, spacingValue } from '../sharedSetup.ts';

/**
 * The setup of play (plays.ts). `zones[i]`: points of zone i, the innermost first. `distances`: metres from line to target by round.
 * `striker`: by side, who may aim at the objects of another side with the last throw. `atOnce`: how many of a side throw together.
 */
export const TossPlaySetup = z.object({
  sides: z.array(sideValue).min(1),
  objectsEach: z.number().int().min(1).max(40),
  zones: z.array(z.number()).min(1).max(6),
  to: z.number().positive().optional(),
  seconds: z.number().positive().optional(),
  distances: z.array(z.number().positive()).optional(),
  striker: z.record(z.string(), idValue).optional(),
  atOnce: z.number().int().min(1).optional(),
  /** How much of a block is played, breaks left out, and in how many rounds. */
  playSeconds: z.number().min(0).optional(),
  rounds: z.number().int().min(1).optional(),
  /** A side may be empty: a fitted lesson draws what is there. */
  lone: z.boolean().optional(),
});
export type TossPlaySetup = z.infer<typeof TossPlaySetup>;

/** Equal objects for every side and a target of nested zones at the end of its lane. */
export const TossTargetsGame = z.object({
  /** What a lane is called. */
  lane: placeName,
  /** How the objects get there. */
  use: z.enum(['throw', 'roll']),
  lofted: z.boolean().optional(),
  objects: z.array(kindValue).min(1).max(6),
  objectsEach: z.number().int().min(2).max(12),
  /** Points of the zones, the innermost first, and what the target is made of. */
  zones: z.array(z.number().int().min(0).max(20)).min(1).max(5),
  target: z.object({ gearKind: kindValue, count: z.number().int().min(1).max(6) }),
  start: gameWords,
  ...cardWords,
});
export type TossTargetsGame = z.infer<typeof TossTargetsGame>;

/** What the teacher, the game or the band decides. `distanceM` (the band's middle distance) and `groups` (lanes) are solved where not given; `to` 0: the clock. */
export const TossTargetsValues = z.object({
  object: kindValue,
  objectsEach: z.number().int().min(2).max(12),
  to: z.number().int().min(0).max(60),
  turns: z.enum(['together', 'one']),
  striker: z.boolean(),
  ownDistance: z.boolean(),
  stopSignal: saidValue,
  perSide: z.number().int().min(1).max(8),
  groups: z.number().int().min(1).max(16).optional(),
  waitingTask: saidValue,
  distanceM: z.number().min(1).max(20).optional(),
  stepM: z.number().min(0).max(3),
  targetM: z.number().min(0.4).max(4),
  laneM: z.number().min(1).max(4),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
  ...roundValues,
});
export type TossTargetsValues = z.infer<typeof TossTargetsValues>;
