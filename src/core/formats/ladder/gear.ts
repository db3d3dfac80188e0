import type { GearNeed } from '../../gear/need.ts';
import { courtGear } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import type { LadderContext } from './group.ts';
import type { LadderValues } from './setup.ts';

/** Objects and markers of every court, and an implement for each who plays there, all at once. */
export function ladderGear(context: LadderContext, draft: Pick<BlockDraft<LadderValues>, 'groups'>): GearNeed[] {
  const { setup, values } = context;
  return draft.groups.flatMap((members, i) => {
    const isTop = i > 0 && i === draft.groups.length - 1;
    const court = { pieceId: `court-${i + 1}`, title: `${isTop ? setup.top : setup.court} ${i + 1}` };
    return courtGear(context, court, Math.max(1, Math.min(2 * values.each, members.length)));
  });
}
