import type { GearNeed } from '../../gear/need.ts';
import { type SpotContext, spotCount, spotFields, TEAMS } from './group.ts';

/** For every field its objects, its target and its spots. */
export function spotGear(context: SpotContext): GearNeed[] {
  const { setup, values } = context;
  const spots = spotCount(context);
  return Array.from({ length: spotFields(context) }, (_, i) => {
    const at = { pieceId: `field-${i + 1}`, title: `${setup.field} ${i + 1}`, use: 'stays' as const };
    return [
      { ...at, gearKind: values.object, count: TEAMS * values.objectsEach },
      { ...at, ...setup.target },
      ...(spots ? [{ ...at, gearKind: setup.spot, count: spots }] : []),
    ];
  }).flat();
}
