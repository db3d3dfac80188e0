import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { LadderContext } from './group.ts';
import type { LadderValues } from './setup.ts';

/** Objects and markers of every court, and an implement for each who plays there, all at once. */
export function ladderGear({ setup, values }: LadderContext, draft: Pick<BlockDraft<LadderValues>, 'groups'>): GearNeed[] {
  return draft.groups.flatMap((members, i) => {
    const isTop = i > 0 && i === draft.groups.length - 1;
    const at = { pieceId: `court-${i + 1}`, title: `${isTop ? setup.top : setup.court} ${i + 1}`, use: 'stays' as const };
    const on = Math.max(1, Math.min(2 * values.each, members.length));
    return [
      { ...at, gearKind: values.object, count: setup.objectsEach },
      ...(setup.markers.count ? [{ ...at, gearKind: setup.markers.gearKind, count: setup.markers.count }] : []),
      ...(setup.implement ? [{ ...at, gearKind: setup.implement, count: on }] : []),
    ];
  });
}
