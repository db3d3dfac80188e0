import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, roundValues, saidValue } from '../sharedSetup.ts';

const trial = z.object({ laps: z.number().positive(), targetSeconds: z.number().positive() });

/** The setup of play (plays.ts). `lapMetres`: once around, as it is laid out. `lone`: a fitted lesson draws what is there. */
export const PacePlaySetup = z.object({
  players: z.array(idValue),
  lapMetres: z.number().positive(),
  trials: z.array(trial).min(1),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type PacePlaySetup = z.infer<typeof PacePlaySetup>;

/** Everyone goes laps from a cone of their own: closest to the target time is best. */
export const PaceGame = z.object({
  marker: kindValue,
  /** How everyone travels, and what each trial changes. */
  travel: gameWords,
  start: gameWords,
  ...cardWords,
});
export type PaceGame = z.infer<typeof PaceGame>;

/** What the teacher, the game or the band decides. `targetSeconds` of the first trial and `perMarker` (students who start at one marker) are solved if they are not set. */
export const PaceValues = z.object({
  laps: z.number().int().min(1).max(12),
  targetSeconds: z.number().int().min(10).max(1200).optional(),
  change: z.enum(['lap-more', 'slower', 'faster', 'same']),
  hidden: z.boolean(),
  perMarker: z.number().int().min(1).max(6).optional(),
  stopSignal: saidValue,
  ...roundValues,
  lapM: z.number().min(10).max(300),
  trackM: z.number().min(0.8).max(6),
});
export type PaceValues = z.infer<typeof PaceValues>;
