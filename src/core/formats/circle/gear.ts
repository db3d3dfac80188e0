import type { GearNeed } from '../../gear/need.ts';
import { type CircleContext, ringCount } from './group.ts';

/** For every circle its cloth, its objects, its barrier. */
export function circleGear(context: CircleContext): GearNeed[] {
  const { setup, values } = context;
  return Array.from({ length: ringCount(context) }, (_, i) => {
    const at = { pieceId: `ring-${i + 1}`, title: `${setup.ring} ${i + 1}`, use: 'stays' as const };
    return [
      ...(setup.cloth ? [{ ...at, gearKind: setup.cloth.gearKind, count: 1 }] : []),
      ...(setup.objectsEach ? [{ ...at, gearKind: values.object, count: setup.objectsEach }] : []),
      ...(setup.barrier ? [{ ...at, gearKind: setup.barrier, count: 1 }] : []),
    ];
  }).flat();
}
