import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, spacingValue } from '../sharedSetup.ts';

/**
 * The setup of play (plays.ts). Teams 2i and 2i + 1 start in bay i; first to `target`. `members`: the students of a team;
 * `scorePerSecond`: how often a team scores, for forecasts. `lone`: teams may be empty (a fitted lesson draws what is there).
 */
export const WinnersRingPlaySetup = z.object({
  teams: z.array(idValue),
  bays: z.number().int().min(1),
  target: z.number().int().min(1),
  headStart: z.boolean(),
  moveSeconds: z.number().min(0),
  scorePerSecond: z.record(z.string(), z.number().gt(0)).optional(),
  members: z.record(z.string(), z.array(idValue)).optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type WinnersRingPlaySetup = z.infer<typeof WinnersRingPlaySetup>;

/** A game to a number of points in bays that stand in a ring: what is played, how a point is begun and won. */
export const WinnersRingGame = z.object({
  /** What a bay and a team are called. */
  bay: placeName,
  team: placeName,
  teamSize: z.number().int().min(1).max(4),
  objects: z.array(kindValue).min(1).max(6),
  objectsEach: z.number().int().min(1).max(8),
  implement: kindValue.optional(),
  markers: z.object({ gearKind: kindValue, count: z.number().int().min(0).max(20) }),
  target: z.number().int().min(1).max(20),
  widthM: z.number().min(1).max(10),
  lengthM: z.number().min(1).max(15),
  start: gameWords,
  point: gameWords,
  ...cardWords,
});
export type WinnersRingGame = z.infer<typeof WinnersRingGame>;

/** What the teacher, the game or the band decides. `bays` is solved where not given. */
export const WinnersRingValues = z.object({
  object: kindValue,
  target: z.number().int().min(1).max(20),
  headStart: z.boolean(),
  moveSeconds: z.number().int().min(3).max(30),
  pointSeconds: z.number().int().min(3).max(60),
  stopSignal: saidValue,
  teamSize: z.number().int().min(1).max(4).optional(),
  bays: z.number().int().min(1).max(10).optional(),
  waitingTask: saidValue,
  ...roundValues,
  widthM: z.number().min(1).max(10),
  lengthM: z.number().min(1).max(15),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
});
export type WinnersRingValues = z.infer<typeof WinnersRingValues>;
