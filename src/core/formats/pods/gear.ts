import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { PodsContext } from './group.ts';
import type { PodsValues } from './setup.ts';

/** An object and what it lies on for every pod. */
export const podGear = ({ setup, values }: PodsContext, draft: Pick<BlockDraft<PodsValues>, 'groups'>): GearNeed[] =>
  draft.groups.flatMap((_, i) => {
    const at = { pieceId: `pod-${i + 1}`, title: `${setup.pod} ${i + 1}`, use: 'stays' as const, count: 1 };
    return [
      { ...at, gearKind: values.object },
      { ...at, gearKind: setup.marker },
    ];
  });
