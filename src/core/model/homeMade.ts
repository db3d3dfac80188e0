import { z } from 'zod';
import { GearLimits } from './gear.ts';
import { gearProperties } from './gearKind.ts';
import { line, mapKey } from './text.ts';

/** Something that a school can make: what it takes, how, how long, what it costs, and what it may be used for. */
export const HomeMade = z.object({
  id: z.string().regex(/^[a-z0-9-]{1,40}$/),
  title: line(60),
  /** What it is for, in a sentence. */
  use: line(160),
  /** The kind that it is of, and what it is like. */
  gearKind: mapKey(40),
  properties: z.object(gearProperties),
  limits: GearLimits,
  /** For one of it. `gearKind`: taken from the gear closet and used up, or kept in it (`isKept`); else bought or brought, with its cost. */
  materials: z
    .array(
      z.object({
        what: line(80),
        count: z.number().positive().max(100),
        gearKind: mapKey(40).optional(),
        isKept: z.boolean().optional(),
        costCents: z.number().int().min(0).max(100_000).optional(),
      }),
    )
    .min(1)
    .max(8),
  steps: z.array(line(200)).min(2).max(8),
  /** Minutes that one adult takes for one. */
  minutes: z.number().int().min(1).max(600),
  /** What to look at before every use. */
  check: line(160),
});
export type HomeMade = z.infer<typeof HomeMade>;
