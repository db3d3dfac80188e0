import { z } from 'zod';
import { cardWords, fieldValues, floorValue, gameWords, idValue, kindValue, placeName, roundValues, saidValue } from '../sharedSetup.ts';

const playStage = z.object({ id: idValue, bouts: z.number().int().min(1), title: z.string().optional(), shorter: z.boolean().optional() });

/**
 * The setup of play (plays.ts). `stages[].bouts` serve timeline and forecast; only the event `stage` moves on. `thieves`: those who
 * start without an object, which makes it the game with steals. `defenders`: one of each group with a foot in a hoop.
 * `lone`: groups may be empty (a fitted lesson draws what is there). `floor`: where agents run, for try-outs.
 */
export const OpenFloorPlaySetup = z.object({
  groups: z.array(z.array(idValue)),
  boutSeconds: z.number().positive(),
  switchSeconds: z.number().min(0),
  stages: z.array(playStage).min(1),
  thieves: z.array(idValue).optional(),
  defenders: z.array(idValue).optional(),
  /** Seconds before a new stage, if not those of a switch. */
  stageSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
  floor: floorValue.optional(),
});
export type OpenFloorPlaySetup = z.infer<typeof OpenFloorPlaySetup>;

/** What a stage is done with: the implement alone, the object too, a held task, obstacles, gates, passes. */
export const STAGE_KINDS = ['implement', 'object', 'hold', 'obstacles', 'gates', 'pass'] as const;

/** One thing to do on the floor; `needs`: a stage that the class must have met before. */
const stage = z.object({
  id: idValue,
  title: placeName,
  kind: z.enum(STAGE_KINDS),
  text: gameWords,
  needs: idValue.optional(),
});
export type OpenFloorStage = z.infer<typeof stage>;

/** Everyone inside one boundary with an object of their own or a shared one: what they do, stage by stage. */
export const OpenFloorGame = z.object({
  /** Objects that are shared, those that are stolen, or one that a defender tries to knock away. */
  mode: z.enum(['share', 'steal', 'defend']),
  objects: z.array(kindValue).min(1).max(6),
  implement: kindValue.optional(),
  stages: z.array(stage).min(1).max(8),
  /** What stands in the field, and pairs of markers to go through. */
  obstacles: z.object({ gearKind: kindValue, count: z.number().int().min(1).max(20) }).optional(),
  gates: z.object({ gearKind: kindValue, count: z.number().int().min(1).max(12) }).optional(),
  /** What marks a home and what a defender stands in. */
  home: kindValue,
  hoop: kindValue.optional(),
  move: gameWords,
  start: gameWords,
  ...cardWords,
});
export type OpenFloorGame = z.infer<typeof OpenFloorGame>;

/** What the teacher, the game or the band decides. `perObject`, `groups` and `without` are solved if they are not set. */
export const OpenFloorValues = z.object({
  object: kindValue,
  perObject: z.number().int().min(1).max(3).optional(),
  without: z.number().int().min(0).max(40).optional(),
  turnsEach: z.number().int().min(1).max(4),
  stageCount: z.number().int().min(1).max(8),
  met: z.enum(['shorten', 'skip', 'same']),
  metPercent: z.number().int().min(50).max(100),
  passing: z.boolean(),
  obstacles: z.number().int().min(0).max(20),
  gates: z.number().int().min(0).max(12),
  noTouch: z.boolean(),
  keepM: z.number().min(0).max(5),
  stageSeconds: z.number().int().min(0).max(180),
  ...roundValues,
  stopSignal: saidValue,
  waitingTask: saidValue,
  ...fieldValues,
});
export type OpenFloorValues = z.infer<typeof OpenFloorValues>;
