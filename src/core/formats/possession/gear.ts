import type { GearNeed } from '../../gear/need.ts';
import { markersEach, objectsEach, type PossessionContext, possessionFields } from './group.ts';

/** For every field its objects and markers. */
export function possessionGear(context: PossessionContext): GearNeed[] {
  const { setup, values } = context;
  return Array.from({ length: possessionFields(context) }, (_, i) => {
    const at = { pieceId: `field-${i + 1}`, title: `${setup.field} ${i + 1}`, use: 'stays' as const };
    return [
      { ...at, gearKind: values.object, count: objectsEach(context) },
      { ...at, gearKind: setup.marker, count: markersEach(context) },
    ];
  }).flat();
}
