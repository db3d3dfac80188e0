import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, spacingValue } from '../sharedSetup.ts';

/**
 * The setup of play (plays.ts). `courts`: who stands at place A and at place B, court 1 first, the last one the top; `members`: who plays
 * together with one of them. `playSeconds`: how much of the block is played; `lone`: courts and players may be missing (a fitted lesson
 * draws what is there). `strengths`: P(a beats b) = a / (a + b), for forecasts alone.
 */
export const LadderPlaySetup = z.object({
  courts: z.array(z.tuple([idValue, idValue])),
  roundSeconds: z.number().positive(),
  rounds: z.number().int().min(1),
  count: z.enum(['top', 'all']),
  resting: z.array(idValue).optional(),
  members: z.record(z.string(), z.array(idValue)).optional(),
  strengths: z.record(z.string(), z.number().gt(0)).optional(),
  tie: z.enum(['stay', 'rematch']).default('stay'),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type LadderPlaySetup = z.infer<typeof LadderPlaySetup>;

/** A game for two, or two pairs, on courts in a row: what it is played with, how a point is begun, won and shown. */
export const LadderGame = z.object({
  /** What one court is called in this game, and the top one. */
  court: placeName,
  top: placeName,
  /** Kinds it can be played with, the usual one first, and how many of it a court has. */
  objects: z.array(kindValue).min(1).max(6),
  objectsEach: z.number().int().min(1).max(8),
  /** What each student holds; none where the hand plays. */
  implement: kindValue.optional(),
  /** What lies on a court. */
  markers: z.object({ gearKind: kindValue, count: z.number().int().min(0).max(20) }),
  /** Metres of a court across and from one end to the other, where bands do not say otherwise. */
  widthM: z.number().min(1).max(12),
  lengthM: z.number().min(1).max(20),
  start: gameWords,
  point: gameWords,
  ...cardWords,
});
export type LadderGame = z.infer<typeof LadderGame>;

/** What the teacher, the game or the band decides. `groups` (courts) and `workSeconds` (a round) are solved where not given. */
export const LadderValues = z.object({
  object: kindValue,
  each: z.number().int().min(1).max(2),
  count: z.enum(['top', 'all']),
  tie: z.enum(['stay', 'rematch']),
  shown: z.enum(['fingers', 'card']),
  stopSignal: saidValue,
  groups: z.number().int().min(1).max(16).optional(),
  waitingTask: saidValue,
  ...roundValues,
  bouts: z.number().int().min(1).max(20),
  widthM: z.number().min(1).max(12),
  lengthM: z.number().min(1).max(20),
  gapM: z.number().min(0).max(5),
  apartM: z.number().min(0).max(4),
  spacing: spacingValue,
});
export type LadderValues = z.infer<typeof LadderValues>;
