import type { GearNeed } from '../../gear/need.ts';
import { courtGear } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { courtCount, type TournamentContext } from './group.ts';
import type { TournamentValues } from './setup.ts';

/** Objects and markers of every court, and an implement for each of two teams there. */
export function tournamentGear(context: TournamentContext, draft: Pick<BlockDraft<TournamentValues>, 'groups'>): GearNeed[] {
  const largest = Math.max(1, ...draft.groups.map((g) => g.length));
  return Array.from({ length: courtCount(context) }, (_, i) =>
    courtGear(context, { pieceId: `court-${i + 1}`, title: `${context.setup.court} ${i + 1}` }, 2 * largest),
  ).flat();
}
