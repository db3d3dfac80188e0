import { z } from 'zod';
import { cardWords, gameWords, idValue, kindValue, placeName, roundValues, saidValue, spacingValue } from '../sharedSetup.ts';

export const TIE_BREAKS = ['points', 'between', 'difference', 'scored'] as const;
export type TieBreak = (typeof TIE_BREAKS)[number];

/**
 * The setup of play (plays.ts). `tieBreak`: what decides between teams, in that order; 'between': points among the tied. `pools`: teams
 * that meet one another; `crossOver`: after the pools first meets first, second second. `members`: the students of a team.
 */
export const TournamentPlaySetup = z.object({
  teams: z.array(idValue),
  courts: z.number().int().min(1),
  matchSeconds: z.number().positive(),
  points: z.object({ win: z.number(), draw: z.number(), loss: z.number() }).default({ win: 3, draw: 1, loss: 0 }),
  tieBreak: z.array(z.enum(TIE_BREAKS)).default([...TIE_BREAKS]),
  pools: z.array(z.array(idValue)).optional(),
  crossOver: z.boolean().optional(),
  members: z.record(z.string(), z.array(idValue)).optional(),
  /** Resting teams referee. */
  referees: z.boolean().optional(),
  /** Seconds between two matches on a court, and how much of a block is played. */
  breakSeconds: z.number().min(0).optional(),
  playSeconds: z.number().min(0).optional(),
  /** A fitted lesson draws what is there, also one team alone. */
  lone: z.boolean().optional(),
});
export type TournamentPlaySetup = z.infer<typeof TournamentPlaySetup>;

/** Short matches of small teams over courts: what they play, how a match begins, what scores. */
export const TournamentGame = z.object({
  /** What a team and a court are called. */
  team: placeName,
  court: placeName,
  teamSize: z.number().int().min(1).max(8),
  objects: z.array(kindValue).min(1).max(6),
  objectsEach: z.number().int().min(1).max(8),
  /** What each who plays holds; none where the hand plays. */
  implement: kindValue.optional(),
  /** What stands or lies on a court. */
  markers: z.object({ gearKind: kindValue, count: z.number().int().min(0).max(20) }),
  widthM: z.number().min(1).max(15),
  lengthM: z.number().min(1).max(25),
  start: gameWords,
  point: gameWords,
  ...cardWords,
});
export type TournamentGame = z.infer<typeof TournamentGame>;

const { bouts: _, ...times } = roundValues;
/** What the teacher, the game or the band decides. `groups` (teams), `courts` and `workSeconds` (a match) are solved where not given. */
export const TournamentValues = z.object({
  object: kindValue,
  points: z.enum(['3-1-0', '2-1-0']),
  tieBreak: z.enum(['between', 'difference']),
  referees: z.boolean(),
  stopSignal: saidValue,
  teamSize: z.number().int().min(1).max(8).optional(),
  groups: z.number().int().min(2).max(16).optional(),
  pools: z.number().int().min(1).max(4),
  crossOver: z.boolean(),
  courts: z.number().int().min(1).max(8).optional(),
  waitingTask: saidValue,
  ...times,
  widthM: z.number().min(1).max(15),
  lengthM: z.number().min(1).max(25),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
});
export type TournamentValues = z.infer<typeof TournamentValues>;
