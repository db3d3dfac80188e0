import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, sideValue, spacingValue } from '../sharedSetup.ts';

const CIRCLE_MODES = ['sequence', 'keep-up', 'barrier', 'crews', 'leader'] as const;

const shared = {
  /** How much of a block is played; a fitted lesson draws what is there. */
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
};
const players = z.array(idValue);

/** A move of a sequence as it is called. `call`: to one number or color only; `problem`: what is to be solved, with so many ideas before the hint. */
const move = z.object({
  id: idValue,
  title: placeName,
  text: gameWords,
  countIn: z.number().int().min(0).max(8),
  steps: z.number().int().min(-4).max(4),
  posture: z.enum(['standing', 'kneeling', 'seated']),
  grip: gameWords,
  objects: z.number().int().min(0).max(20).optional(),
  call: z.enum(['number', 'color']).optional(),
  problem: z.object({ text: gameWords, ideas: z.number().int().min(1).max(6), hint: gameWords }).optional(),
});
export type CircleMove = z.infer<typeof move>;

/** The setup of play (plays.ts), by mode. */
export const CirclePlaySetup = z.discriminatedUnion('mode', [
  z.object({
    ...{ ...shared, mode: z.literal('sequence'), players, numbers: z.number().int().min(1).max(20).optional(), moves: z.array(idValue) },
    /** What is called out with each move, in their order; only Whistle needs it. */
    called: z.array(move).optional(),
  }),
  z.object({
    ...{ ...shared, mode: z.literal('keep-up'), players },
    ...{
      resume: z.boolean().optional(),
      twice: z.boolean().optional(),
      giveBack: z.boolean().optional(),
      catching: z.boolean().optional(),
    },
    centre: idValue.optional(),
  }),
  z.object({
    ...{ ...shared, mode: z.literal('barrier'), sides: z.array(sideValue).length(2) },
    ...{ joint: z.boolean(), touches: z.number().int().min(1).optional() },
  }),
  z.object({ ...shared, mode: z.literal('crews'), players, takers: players, rescuers: players, limit: z.number().int().min(1) }),
  z.object({ ...shared, mode: z.literal('leader'), players, seconds: z.number().positive() }),
]);
export type CirclePlaySetup = z.infer<typeof CirclePlaySetup>;

/** The whole group around one cloth or ring, or small circles of their own. */
export const CircleGame = z.object({
  mode: z.enum(CIRCLE_MODES),
  /** What a circle is called. */
  ring: placeName,
  /** What all hold, and its diameter in meters; none: a ring of people. */
  cloth: z.object({ gearKind: kindValue, acrossM: z.number().min(1).max(12) }).optional(),
  objects: z.array(kindValue).min(1).max(6),
  objectsEach: z.number().int().min(0).max(20),
  /** What divides two sides at a barrier. */
  barrier: kindValue.optional(),
  moves: z.array(move).max(12),
  start: gameWords,
  ...cardWords,
});
export type CircleGame = z.infer<typeof CircleGame>;

/** What the teacher, the game or the band decides. `groups` (circles) is solved if it is not set. */
export const CircleValues = z.object({
  object: kindValue,
  numbers: z.number().int().min(1).max(12),
  resume: z.boolean(),
  twice: z.boolean(),
  giveBack: z.boolean(),
  catching: z.boolean(),
  centre: z.boolean(),
  joint: z.boolean(),
  touches: z.number().int().min(1).max(6),
  posture: z.enum(['standing', 'seated']),
  takers: z.number().int().min(1).max(6),
  rescuers: z.number().int().min(1).max(6),
  limit: z.number().int().min(2).max(12),
  leadSeconds: z.number().int().min(5).max(90),
  stopSignal: saidValue,
  perRing: z.number().int().min(2).max(60).optional(),
  groups: z.number().int().min(1).max(16).optional(),
  ...roundValues,
  besideM: z.number().min(0.4).max(2),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
});
export type CircleValues = z.infer<typeof CircleValues>;
