import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, roundValues, saidValue } from '../sharedSetup.ts';

/**
 * The setup of play (plays.ts). `graceSeconds`: time to reach a hoop after the stop; `graceOf`: of those who need more. `outer`: who
 * begins in the outer ring. `stops`: how often the music stops, for the forecast; `lone`: a fitted lesson draws what is there.
 */
export const PerimeterPlaySetup = z.object({
  mode: z.enum(['hoops', 'rings']),
  players: z.array(idValue),
  hoops: z.number().int().min(1).optional(),
  leastHoops: z.number().int().min(1).optional(),
  removePerRound: z.number().int().min(0).optional(),
  graceSeconds: z.number().min(0).optional(),
  graceOf: z.record(z.string(), z.number().min(0)).optional(),
  outer: z.array(idValue).optional(),
  goSeconds: z.number().positive().optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type PerimeterPlaySetup = z.infer<typeof PerimeterPlaySetup>;

/** Everyone travels around one way: to a hoop at the stop, or in two rings that mirror one another. */
export const PerimeterGame = z.object({
  mode: z.enum(['hoops', 'rings']),
  /** What everyone reaches at the stop. */
  hoop: kindValue,
  /** Ways to travel, a new one each round. */
  travels: z.array(gameWords).min(1).max(8),
  /** What all do together if anybody was late; or what the outer ring shows. */
  joint: gameWords,
  /** What the odd one of two rings does. */
  free: gameWords.optional(),
  start: gameWords,
  ...cardWords,
});
export type PerimeterGame = z.infer<typeof PerimeterGame>;

/** What the teacher, the game or the band decides. `hoops` and `leastHoops` are solved where not given. */
export const PerimeterValues = z.object({
  hoops: z.number().int().min(1).max(60).optional(),
  perHoop: z.number().int().min(1).max(6),
  leastHoops: z.number().int().min(1).max(60).optional(),
  removePerRound: z.number().int().min(0).max(5),
  graceSeconds: z.number().int().min(2).max(30),
  ownGraceSeconds: z.number().int().min(2).max(60),
  jointTask: z.boolean(),
  goSeconds: z.number().int().min(5).max(90),
  stopSignal: saidValue,
  ...roundValues,
  trackM: z.number().min(0.8).max(4),
  hoopM: z.number().min(0.4).max(2),
});
export type PerimeterValues = z.infer<typeof PerimeterValues>;
