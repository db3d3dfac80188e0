import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, spacingValue } from '../sharedSetup.ts';

/**
 * The setup of play (plays.ts). `burstSeconds`: the least and the most that the music plays in a round; when it stops nobody can know.
 * `resetSeconds`: from a stop to the next music. `lone`: pods may be empty (a fitted lesson draws what is there).
 */
export const PodsPlaySetup = z.object({
  pods: z.array(z.array(idValue)),
  mode: z.enum(['take', 'hold']),
  leading: z.enum(['list', 'follow']),
  rounds: z.number().int().min(1),
  burstSeconds: z.tuple([z.number().positive(), z.number().positive()]),
  resetSeconds: z.number().min(0).optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type PodsPlaySetup = z.infer<typeof PodsPlaySetup>;

/** A few around one object while music plays: what they do until it stops, and what then. */
export const PodsGame = z.object({
  /** What a pod is called. */
  pod: placeName,
  mode: z.enum(['take', 'hold']),
  /** What lies in the middle, and what it lies on. */
  objects: z.array(kindValue).min(1).max(6),
  marker: kindValue,
  /** What is done while the music plays, each at their own pace or after the leader; and the balance that is held, from easy to hard. */
  moves: z.array(gameWords).min(2).max(10),
  balances: z.array(gameWords).max(6),
  start: gameWords,
  ...cardWords,
});
export type PodsGame = z.infer<typeof PodsGame>;

/** What the teacher, the game or the band decides. `groups` (pods) is solved where not given. */
export const PodsValues = z.object({
  object: kindValue,
  leading: z.enum(['list', 'follow']),
  leastSeconds: z.number().int().min(3).max(60),
  mostSeconds: z.number().int().min(5).max(90),
  holdSeconds: z.number().int().min(2).max(30),
  balance: z.number().int().min(1).max(6),
  pauseSeconds: z.number().int().min(5).max(60),
  stopSignal: saidValue,
  perPod: z.number().int().min(2).max(6),
  groups: z.number().int().min(1).max(16).optional(),
  ...roundValues,
  startM: z.number().min(0.5).max(4),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
});
export type PodsValues = z.infer<typeof PodsValues>;
