import type { GearNeed } from '../../gear/need.ts';
import { fieldGear } from '../fields.ts';
import { type SpotContext, spotCount, spotFields, TEAMS } from './group.ts';

/** For every field its objects, its target and its spots. */
export function spotGear(context: SpotContext): GearNeed[] {
  const { setup, values } = context;
  const spots = spotCount(context);
  return fieldGear(spotFields(context), setup.field, [
    { gearKind: values.object, count: TEAMS * values.objectsEach },
    setup.target,
    ...(spots ? [{ gearKind: setup.spot, count: spots }] : []),
  ]);
}
