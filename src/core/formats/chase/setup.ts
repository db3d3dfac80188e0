import { z } from 'zod';
import { roundValues, spacingValue } from '../sharedSetup.ts';

const id = z.string().min(1);
const point = z.object({ x: z.number(), y: z.number() });

export const CATCHES = ['touch', 'object', 'throw', 'together', 'name'] as const;
export const CAUGHT = ['frozen', 'jail', 'task', 'back', 'converts', 'out'] as const;
export const RELEASE = ['touch', 'escort', 'captor', 'task', 'call', 'none'] as const;

/**
 * The setup of play (plays.ts). `hunters`: how each catches, with whom, and which types; `caught`: what one who is caught
 * becomes; `release`: how they return; `onlyCaptive`: of an escort that is lost only the captive is jailed. `seconds` and
 * everything from `floor` on serve timeline and forecast.
 */
export const ChasePlaySetup = z.object({
  players: z.array(id).min(1),
  hunters: z.array(z.object({ id, how: z.enum(CATCHES), with: id.optional(), catches: z.array(z.string()).optional() })),
  everyoneHunts: z.boolean().optional(),
  types: z.record(z.string(), z.string()).optional(),
  zones: z.array(id).optional(),
  startZone: z.record(z.string(), id).optional(),
  caught: z.enum(CAUGHT),
  release: z.enum(RELEASE),
  rescuers: z.array(id).optional(),
  simultaneous: z.enum(['both', 'neither', 'decide']).optional(),
  objective: z.boolean().optional(),
  onlyCaptive: z.boolean().optional(),
  seconds: z.number().positive(),
  floor: z
    .object({ outline: z.array(point).min(3), keepOut: z.array(z.array(point).min(3)).optional(), wallClearance: z.number().optional() })
    .optional(),
  speeds: z.record(z.string(), z.number().min(0)).optional(),
  /** Sprint of those without a speed of their own, m/s; that of grades 4–5 if absent. Runs are frozen with this one alone. */
  sprint: z.number().positive().optional(),
  safeSpots: z
    .array(
      z.object({
        id,
        at: point,
        radius: z.number().min(0),
        limitSeconds: z.number().min(0).optional(),
        capacity: z.number().int().min(1).optional(),
      }),
    )
    .optional(),
  camping: z.object({ radius: z.number().min(0), seconds: z.number().min(0) }).optional(),
  catchRate: z.number().min(0).optional(),
  freeRate: z.number().min(0).optional(),
  /** Hunters of each round, if there are several; the first are those of `hunters`. */
  roundHunters: z.array(z.array(id).min(1)).optional(),
  /** Seconds of a task after a catch, and between two calls. */
  taskSeconds: z.number().positive().optional(),
  callSeconds: z.number().positive().optional(),
  /** At a call only those of the type that is called run. */
  callsTypes: z.boolean().optional(),
  /** How much of a block is played, breaks left out; all of it if absent. */
  playSeconds: z.number().min(0).optional(),
  /** There is a break between two rounds, in which the hunters change. */
  breaks: z.boolean().optional(),
});
export type ChasePlaySetup = z.infer<typeof ChasePlaySetup>;

const words = z.string().trim().min(1).max(240);
const kind = z.string().min(1).max(40);

/** A chase as data: who hunts how, what a catch does, how one returns, what is on the floor. */
export const ChaseGame = z.object({
  /** What hunters and runners are called, several of them. */
  hunters: z.string().trim().min(1).max(24),
  runners: z.string().trim().min(1).max(24),
  how: z.enum(['touch', 'object', 'throw', 'together']),
  caught: z.enum(CAUGHT),
  release: z.enum(RELEASE),
  /** From one end of the field to the other at each call. */
  crossing: z.boolean(),
  /** What the runners are of, dealt one after the other: each call names one kind, and only that one crosses. */
  types: z.array(z.string().trim().min(1).max(24)).min(2).max(6).optional(),
  objective: z.boolean(),
  safeSpots: z.number().int().min(0).max(12),
  move: words,
  task: words,
  cues: z.array(words).max(4),
  easier: words,
  harder: words,
  /** For each hunter, and for the whole game. */
  gear: z.array(z.object({ gearKind: kind, count: z.number().int().min(1).max(30), per: z.enum(['hunter', 'game']) })).max(6),
});
export type ChaseGame = z.infer<typeof ChaseGame>;

/** What the teacher, the game or the band decides. `hunters` are solved by the wish if not set: percent of time that a student is active at least. */
export const ChaseValues = z.object({
  hunters: z.number().int().min(1).max(20).optional(),
  wishPercent: z.number().int().min(20).max(95),
  taskSeconds: z.number().int().min(5).max(60),
  callSeconds: z.number().int().min(8).max(90),
  safeSpots: z.number().int().min(0).max(12),
  spotSeconds: z.number().int().min(2).max(30),
  dim: z.boolean(),
  waitingTask: z.string().trim().max(160),
  edgeM: z.number().min(0.5).max(5),
  spacing: spacingValue,
  ...roundValues,
  stopSignal: z.string().trim().max(160),
});
export type ChaseValues = z.infer<typeof ChaseValues>;
