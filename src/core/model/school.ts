import { z } from 'zod';
import { Band, BandDefaults, HOUSE_DEFAULTS } from './band.ts';
import { FloorLimits, HOUSE_FLOOR_LIMITS } from './limits.ts';
import { head, recordOf } from './record.ts';
import { line, optionalLine } from './text.ts';

/** Settings of the school: units, keys, the one stop signal, and bands whose house defaults were changed. */
export const School = z.object({
  ...recordOf('school', 1),
  name: line(80),
  units: z.enum(['m', 'ft'], { message: 'choice' }),
  singleKeys: z.boolean(),
  stopSignal: optionalLine(160),
  bands: z.partialRecord(Band, BandDefaults.partial()),
  /** Limits of the floor that the school changed. */
  limits: FloorLimits.partial().optional(),
});
export type School = z.infer<typeof School>;

export const NEW_SCHOOL: School = {
  ...head('school', 1),
  name: 'My school',
  units: 'm',
  singleKeys: true,
  stopSignal: '',
  bands: {},
};

/** The floor's limits with the school's changes on top. */
export function limitsFor(school: Pick<School, 'limits'>): FloorLimits {
  return { ...HOUSE_FLOOR_LIMITS, ...school.limits };
}

/** The band's defaults with the school's changes on top. */
export function defaultsFor(school: Pick<School, 'bands'>, band: Band): BandDefaults {
  return { ...HOUSE_DEFAULTS[band], ...school.bands[band] };
}
