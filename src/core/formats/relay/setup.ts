import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, spacingValue } from '../sharedSetup.ts';

const RELAY_MODES = ['race', 'continuous', 'until-made', 'crossing', 'passing', 'bay-shift'] as const;

/**
 * The setup of play (plays.ts). `rounds`: how often all of a line go in a race, or how many rounds bays shift. `playSeconds`: how much
 * of a block is played; `lone`: lines may be empty, since a fitted lesson draws what is there.
 */
export const RelayPlaySetup = z.object({
  lines: z.array(z.array(idValue)).min(1),
  goingAtOnce: z.number().int().min(1),
  turnSeconds: z.number().positive(),
  handoverSeconds: z.number().min(0),
  mode: z.enum(RELAY_MODES),
  rounds: z.number().int().min(1).optional(),
  to: z.number().positive().optional(),
  madeShare: z.number().min(0).max(1).optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type RelayPlaySetup = z.infer<typeof RelayPlaySetup>;

/** Lines that go in turn: what is carried, around what or at what, and how it changes hands. */
export const RelayGame = z.object({
  mode: z.enum(RELAY_MODES),
  /** What a line is called. */
  line: placeName,
  objects: z.array(kindValue).min(1).max(6),
  /** What stands at the far end of a line (in a crossing: at its corner), and what is aimed at there. */
  marker: z.object({ gearKind: kindValue, count: z.number().int().min(0).max(6) }),
  target: z.object({ gearKind: kindValue, count: z.number().int().min(1).max(6) }).optional(),
  /** What is done on the way, and how the next one is sent. */
  leg: gameWords,
  handOver: gameWords,
  /** Seconds at the far end, beside the way there and back. */
  actionSeconds: z.number().min(0).max(60),
  start: gameWords,
  ...cardWords,
});
export type RelayGame = z.infer<typeof RelayGame>;

/** What the teacher, the game or the band decides. `perLine` and `groups` (lines) are solved where not given; `to` 0: the clock. */
export const RelayValues = z.object({
  object: kindValue,
  turns: z.number().int().min(1).max(6),
  to: z.number().int().min(0).max(100),
  atOnce: z.number().int().min(1).max(3),
  offset: z.enum(['half-leg', 'shifted', 'together']),
  stopSignal: saidValue,
  perLine: z.number().int().min(2).max(12).optional(),
  groups: z.number().int().min(1).max(16).optional(),
  waitingTask: saidValue,
  ...roundValues,
  actionSeconds: z.number().int().min(0).max(60),
  handoverSeconds: z.number().int().min(0).max(15),
  legM: z.number().min(2).max(30),
  laneM: z.number().min(1).max(4),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
});
export type RelayValues = z.infer<typeof RelayValues>;
