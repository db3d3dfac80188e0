import type { GearNeed } from '../../gear/need.ts';
import { fieldGear } from '../fields.ts';
import { markersEach, objectsEach, type PossessionContext, possessionFields } from './group.ts';

/** For every field its objects and markers. */
export const possessionGear = (context: PossessionContext): GearNeed[] =>
  fieldGear(possessionFields(context), context.setup.field, [
    { gearKind: context.values.object, count: objectsEach(context) },
    { gearKind: context.setup.marker, count: markersEach(context) },
  ]);
