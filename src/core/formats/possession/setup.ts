import { z } from 'zod';
import {
  cardWords,
  fieldsValues,
  floorValue,
  gameWords,
  idValue,
  kindValue,
  placeName,
  roundValues,
  saidValue,
  sideValue,
} from '../sharedSetup.ts';

const POSSESSION_MODES = ['passes', 'goals', 'halves', 'spots'] as const;

/**
 * The setup of play (plays.ts). `goesOn`: after a goal either side may pass. `zonePoints`: what a goal from a zone is worth; 1 if left
 * out. `guards`: those who guard and are never tagged. `playSeconds`: how much of a block is played; `lone`: sides may be empty;
 * `floor`: where agents run, for try-outs.
 */
export const PossessionPlaySetup = z.object({
  mode: z.enum(POSSESSION_MODES),
  sides: z.array(sideValue).min(1),
  passes: z.number().int().min(1).optional(),
  starts: idValue,
  goesOn: z.boolean().optional(),
  zonePoints: z.record(z.string(), z.number()).optional(),
  guards: z.array(idValue).optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
  floor: floorValue.optional(),
});
export type PossessionPlaySetup = z.infer<typeof PossessionPlaySetup>;

/** Sides that keep, carry or pass an object: passes in a row, goals, halves to cross, or spots to be found. */
export const PossessionGame = z.object({
  mode: z.enum(POSSESSION_MODES),
  field: placeName,
  /** What the sides are called. */
  sides: z.array(placeName).length(2),
  objects: z.array(kindValue).min(1).max(6),
  /** What marks goals or spots. */
  marker: kindValue,
  /** What changes from round to round, the first one first. */
  steps: z.array(gameWords).max(4),
  move: gameWords,
  start: gameWords,
  ...cardWords,
});
export type PossessionGame = z.infer<typeof PossessionGame>;

/** What the teacher, the game or the band decides. `fields` is solved if it is not set. */
export const PossessionValues = z.object({
  object: kindValue,
  passes: z.number().int().min(2).max(12),
  goesOn: z.boolean(),
  guards: z.number().int().min(1).max(8),
  freeSpots: z.number().int().min(1).max(8),
  stopSignal: saidValue,
  ...roundValues,
  ...fieldsValues,
});
export type PossessionValues = z.infer<typeof PossessionValues>;
