import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import { type RingContext, sizeOf } from './group.ts';
import type { WinnersRingValues } from './setup.ts';

/** Objects and markers of every bay, and an implement for each who plays there. */
export function ringGear(context: RingContext, draft: Pick<BlockDraft<WinnersRingValues>, 'groups'>): GearNeed[] {
  const { setup, values } = context;
  return Array.from({ length: draft.groups.length / 2 }, (_, i) => i).flatMap((i): GearNeed[] => {
    const at = { pieceId: `bay-${i + 1}`, title: `${setup.bay} ${i + 1}`, use: 'stays' as const };
    return [
      { ...at, gearKind: values.object, count: setup.objectsEach },
      ...(setup.markers.count ? [{ ...at, gearKind: setup.markers.gearKind, count: setup.markers.count }] : []),
      ...(setup.implement ? [{ ...at, gearKind: setup.implement, count: 2 * sizeOf(context) }] : []),
    ];
  });
}
