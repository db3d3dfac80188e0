import type { GearNeed } from '../../gear/need.ts';
import { fieldGear } from '../fields.ts';
import { type InningsContext, inningsFields, MARKERS } from './group.ts';

/** For every field its object, what it is hit with and from, and its markers. */
export function inningsGear(context: InningsContext): GearNeed[] {
  const { setup, values } = context;
  const one = [values.object, setup.implement, setup.tee].filter((kind) => kind !== undefined);
  return fieldGear(inningsFields(context), setup.field, [
    ...one.map((gearKind) => ({ gearKind, count: 1 })),
    { gearKind: setup.marker, count: MARKERS },
  ]);
}
