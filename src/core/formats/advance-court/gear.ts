import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { CourtContext } from './group.ts';
import type { AdvanceCourtValues } from './setup.ts';

/** One object a court, its markers, and an implement for everyone who may stand on it, all at once. */
export function courtGear({ setup, values }: CourtContext, draft: BlockDraft<AdvanceCourtValues>): GearNeed[] {
  return draft.groups.flatMap((members, i) => {
    const at = { pieceId: `court-${i + 1}`, title: `${setup.court} ${i + 1}`, use: 'stays' as const };
    const on = Math.max(1, Math.min(values.positions, members.length));
    return [
      { ...at, gearKind: values.object, count: 1 },
      ...(setup.markers.count ? [{ ...at, gearKind: setup.markers.gearKind, count: setup.markers.count }] : []),
      ...(setup.implement ? [{ ...at, gearKind: setup.implement, count: on }] : []),
    ];
  });
}
