import { z } from 'zod';
import { GearFamily, gearProperties } from './gearKind.ts';
import { GearId } from './ids.ts';
import { recordFields } from './record.ts';
import { line, mapKey, optionalLine, whole } from './text.ts';

/** What must not be done with an item: families of objects that it may hit, the load that it carries, its loudest, its smallest loose part. */
export const GearLimits = z.object({
  hits: z.array(GearFamily).max(6, { message: 'too-many' }).optional(),
  loadKg: z.number({ message: 'number' }).positive({ message: 'too-small' }).max(500, { message: 'too-large' }).optional(),
  loudestDb: z.number({ message: 'number' }).min(0, { message: 'too-small' }).max(140, { message: 'too-large' }).optional(),
  smallestMm: z.number({ message: 'number' }).positive({ message: 'too-small' }).max(2000, { message: 'too-large' }).optional(),
});

export const CONDITIONS = ['good', 'worn', 'to repair'] as const;
const day = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, { message: 'date' });
/** Pieces that are not in the closet any more: lost or broken, and when that was noticed. */
export const Gone = z.object({ what: z.enum(['lost', 'broken'], { message: 'choice' }), count: whole(1, 999), date: day });
export type Gone = z.infer<typeof Gone>;

/** One line of the gear closet: how many of what, where, and what is known of it; everything else is as typical of its kind. */
export const Gear = z.object({
  ...recordFields('gear', 2),
  id: GearId,
  name: line(60),
  /** A kind of the catalogue or of the school. */
  gearKind: mapKey(40),
  count: whole(0, 999),
  ...gearProperties,
  limits: GearLimits.optional(),
  condition: z.enum(CONDITIONS, { message: 'choice' }).optional(),
  /** How many of which color. */
  byColour: z
    .array(z.object({ colour: line(20), count: whole(1, 999) }))
    .max(12, { message: 'too-many' })
    .optional(),
  /** Not counted in `count`. */
  gone: z.array(Gone).max(100, { message: 'too-many' }).optional(),
  /** On the wish list: how many more, and what one costs. */
  wanted: z.object({ count: whole(1, 999), costCents: whole(0, 10_000_000) }).optional(),
  place: optionalLine(60),
});
export type Gear = z.infer<typeof Gear>;
