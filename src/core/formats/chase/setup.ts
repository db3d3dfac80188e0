import { z } from 'zod';

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
});
export type ChasePlaySetup = z.infer<typeof ChasePlaySetup>;
