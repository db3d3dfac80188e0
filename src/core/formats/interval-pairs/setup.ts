import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue } from '../sharedSetup.ts';

/** The setup of play (plays.ts). `playSeconds`: how much of a block is worked; `lone`: pairs may be empty. */
export const IntervalPlaySetup = z.object({
  pairs: z.array(z.array(idValue)).min(1),
  exercises: z.array(idValue).min(1),
  boutSeconds: z.number().positive(),
  moveSeconds: z.number().min(0),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type IntervalPlaySetup = z.infer<typeof IntervalPlaySetup>;

/** A thing to do while the partner runs. `path`: a repetition counts only when it ends on its last spot; `spots`: how many mark it. */
const exercise = z.object({
  id: idValue,
  title: placeName,
  text: gameWords,
  gear: z.object({ gearKind: kindValue, per: z.enum(['one', 'each']), count: z.number().int().min(1).max(6) }).optional(),
  path: gameWords.optional(),
  spots: z.number().int().min(1).max(6).optional(),
});
export type IntervalExercise = z.infer<typeof exercise>;

/** One of a pair runs while the other exercises; they swap, then both move on. */
export const IntervalPairsGame = z.object({
  exercises: z.array(exercise).min(2).max(8),
  /** How the runner travels. */
  run: gameWords,
  start: gameWords,
  ...cardWords,
});
export type IntervalPairsGame = z.infer<typeof IntervalPairsGame>;

const { bouts: _, ...times } = roundValues;
/** What the teacher, the game or the band decides. `groups` (pairs) is solved if it is not given. */
export const IntervalPairsValues = z.object({
  exerciseCount: z.number().int().min(2).max(8),
  counted: z.boolean(),
  stopSignal: saidValue,
  groups: z.number().int().min(1).max(30).optional(),
  ...times,
  moveSeconds: z.number().int().min(0).max(60),
  trackM: z.number().min(0.8).max(4),
  areaM: z.number().min(1.2).max(6),
  gapM: z.number().min(0).max(5),
});
export type IntervalPairsValues = z.infer<typeof IntervalPairsValues>;
