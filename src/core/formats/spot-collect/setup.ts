import { z } from 'zod';
import { cardWords, fieldsValues, gameWords, idValue, kindValue, placeName, roundValues, saidValue, sideValue } from '../sharedSetup.ts';

const SPOT_MODES = ['collect', 'stay', 'struck'] as const;

/** The setup of play (plays.ts). `playSeconds`: how much of a block is played; `lone`: teams may be empty. */
export const SpotPlaySetup = z.object({
  mode: z.enum(SPOT_MODES),
  teams: z.array(sideValue).min(1),
  spots: z.array(idValue).optional(),
  to: z.number().positive().optional(),
  seconds: z.number().positive().optional(),
  /** Objects of a team: so many of it try at the same time. */
  objectsEach: z.number().int().min(1).optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type SpotPlaySetup = z.infer<typeof SpotPlaySetup>;

/** Two teams around a target: spots that are picked up when a shot is made, spots that stay, or one target that is struck for free shots. */
export const SpotCollectGame = z.object({
  mode: z.enum(SPOT_MODES),
  field: placeName,
  /** What the teams are called. */
  teams: z.array(placeName).length(2),
  objects: z.array(kindValue).min(1).max(6),
  spot: kindValue,
  target: z.object({ gearKind: kindValue, count: z.number().int().min(1).max(4) }),
  /** What the other team does while one has free shots; what a returner does. */
  other: gameWords.optional(),
  start: gameWords,
  ...cardWords,
});
export type SpotCollectGame = z.infer<typeof SpotCollectGame>;

/** What the teacher, the game or the band decides. `spots` and `fields` are solved where not given; `to` 0: the clock. */
export const SpotValues = z.object({
  object: kindValue,
  to: z.number().int().min(0).max(40),
  spots: z.number().int().min(2).max(24).optional(),
  objectsEach: z.number().int().min(1).max(6),
  nearM: z.number().min(0.6).max(6),
  stopSignal: saidValue,
  ...roundValues,
  ...fieldsValues,
});
export type SpotValues = z.infer<typeof SpotValues>;
