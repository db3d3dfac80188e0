import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { TossContext } from './group.ts';
import type { TossTargetsValues } from './setup.ts';

/** For every lane its objects and what its target is made of. */
export const tossGear = ({ setup, values }: TossContext, draft: Pick<BlockDraft<TossTargetsValues>, 'groups'>): GearNeed[] =>
  draft.groups.flatMap((_, i) => {
    const at = { pieceId: `lane-${i + 1}`, title: `${setup.lane} ${i + 1}`, use: 'stays' as const };
    return [
      { ...at, gearKind: values.object, count: values.objectsEach },
      { ...at, gearKind: setup.target.gearKind, count: setup.target.count },
    ];
  });
