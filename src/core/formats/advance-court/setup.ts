import { z } from 'zod';

const words = z.string().trim().min(1).max(240);
const kind = z.string().min(1).max(40);

/** A game on one court of ranked places: what is played with, what counts as an error, what is said on the card. */
export const AdvanceCourtGame = z.object({
  /** What one court is called in this game. */
  court: z.string().trim().min(1).max(24),
  /** Kinds it can be played with, the usual one first. */
  objects: z.array(kind).min(1).max(6),
  /** What each student holds; none where the hand plays. */
  implement: kind.optional(),
  /** What marks a court. */
  markers: z.object({ gearKind: kind, count: z.number().int().min(0).max(20) }),
  task: words,
  start: words,
  errors: z.array(words).min(1).max(6),
  cues: z.array(words).max(4),
  easier: words,
  harder: words,
});
export type AdvanceCourtGame = z.infer<typeof AdvanceCourtGame>;

/** What the teacher, the game or the band decides. `groups` (courts) and `workSeconds` (a bout) are solved where not given. */
export const AdvanceCourtValues = z.object({
  positions: z.number().int().min(2).max(6),
  groups: z.number().int().min(1).max(12).optional(),
  bouts: z.number().int().min(1).max(4),
  workSeconds: z.number().int().min(30).max(1800).optional(),
  breakSeconds: z.number().int().min(0).max(300),
  rehearseSeconds: z.number().int().min(0).max(600),
  resetSeconds: z.number().int().min(0).max(600),
  rallySeconds: z.number().int().min(3).max(60),
  courtM: z.number().min(2).max(9),
  lineGapM: z.number().min(0.5).max(4),
  gapM: z.number().min(0.3).max(5),
  spacing: z.enum(['close', 'wide']),
  object: kind,
  bounces: z.number().int().min(0).max(3),
  contact: z.enum(['strike', 'catch']),
  chain: z.enum(['none', 'names', 'spell']),
  lineTask: z.string().trim().max(160),
  stopSignal: z.string().trim().max(160),
});
export type AdvanceCourtValues = z.infer<typeof AdvanceCourtValues>;

const id = z.string().min(1);
/**
 * The setup of play for one court (plays.ts). `weights`: chance to err relative to those on court, for forecasts alone.
 * `playSeconds`: how much of the block is rallied; `lone`: fewer than two may stand there (a fitted lesson draws what is there).
 */
export const CourtPlaySetup = z.object({
  players: z.array(id),
  positions: z.number().int().min(2),
  weights: z.record(z.string(), z.number().gt(0)).optional(),
  rallySeconds: z.number().positive().optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
});
export type CourtPlaySetup = z.infer<typeof CourtPlaySetup>;

/** Seconds of a rally where nobody says. */
export const RALLY_SECONDS = 8;
