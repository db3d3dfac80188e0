import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { CallUpContext } from './group.ts';
import type { CallUpValues } from './setup.ts';

/** For each field an object, its goals, and an implement for each who may be in at once. */
export function callUpGear({ setup, values }: CallUpContext, draft: Pick<BlockDraft<CallUpValues>, 'groups'>): GearNeed[] {
  return Array.from({ length: draft.groups.length / 2 }, (_, f) => f).flatMap((f): GearNeed[] => {
    const at = { pieceId: `side-${2 * f + 1}`, title: setup.sides[0], use: 'stays' as const };
    const most = Math.min(2 * values.atOnce, draft.groups[2 * f].length + draft.groups[2 * f + 1].length);
    return [
      { ...at, gearKind: values.object, count: 1 },
      { ...at, gearKind: setup.goal.gearKind, count: setup.goal.count },
      ...(setup.implement ? [{ ...at, gearKind: setup.implement, count: Math.max(1, most) }] : []),
    ];
  });
}
