import type { GearNeed } from '../../gear/need.ts';
import { courtGear } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { type RingContext, sizeOf } from './group.ts';
import type { WinnersRingValues } from './setup.ts';

/** Objects and markers of every bay, and an implement for each who plays there. */
export const ringGear = (context: RingContext, draft: Pick<BlockDraft<WinnersRingValues>, 'groups'>): GearNeed[] =>
  Array.from({ length: draft.groups.length / 2 }, (_, i) =>
    courtGear(context, { pieceId: `bay-${i + 1}`, title: `${context.setup.bay} ${i + 1}` }, 2 * sizeOf(context)),
  ).flat();
