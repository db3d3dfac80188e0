import { z } from 'zod';
import { cardWords, fieldValues, gameWords, kindValue, placeName, roundValues, saidValue, sideValue } from '../sharedSetup.ts';

/**
 * The setup of play (plays.ts). `list`: the numbers of each call, drawn beforehand; only the caller sees it. `playSeconds`: how much of
 * the block is played; `gapSeconds`: from the end of a call to the next one. `lone`: a side may be empty (a fitted lesson draws what is there).
 */
export const CallUpPlaySetup = z.object({
  sides: z.tuple([sideValue, sideValue]),
  atOnce: z.number().int().min(1).max(4),
  callSeconds: z.number().positive(),
  calls: z.number().int().min(0).max(5000),
  list: z.array(z.array(z.number().int().min(1))).optional(),
  gapSeconds: z.number().min(0).optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type CallUpPlaySetup = z.infer<typeof CallUpPlaySetup>;

/** Two sides along the sidelines, numbered off: what is played with, what they attack, what those at the line do. */
export const CallUpGame = z.object({
  /** What the two sides are called. */
  sides: z.tuple([placeName, placeName]),
  objects: z.array(kindValue).min(1).max(6),
  /** What marks the two goals, and how many of it in all; and what each who plays holds, if they hold anything. */
  goal: z.object({ gearKind: kindValue, count: z.number().int().min(2).max(12) }),
  implement: kindValue.optional(),
  start: gameWords,
  point: gameWords,
  sideline: gameWords,
  ...cardWords,
});
export type CallUpGame = z.infer<typeof CallUpGame>;

/** What the teacher, the game or the band decides. `fields` is solved where it is not given. */
export const CallUpValues = z.object({
  object: kindValue,
  atOnce: z.number().int().min(1).max(3),
  callSeconds: z.number().int().min(5).max(60),
  gapSeconds: z.number().int().min(3).max(30),
  fields: z.number().int().min(1).max(4).optional(),
  goalM: z.number().min(1).max(6),
  stopSignal: saidValue,
  ...fieldValues,
  ...roundValues,
});
export type CallUpValues = z.infer<typeof CallUpValues>;
