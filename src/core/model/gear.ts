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
  place: optionalLine(60),
});
export type Gear = z.infer<typeof Gear>;
