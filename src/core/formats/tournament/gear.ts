import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import { courtCount, type TournamentContext } from './group.ts';
import type { TournamentValues } from './setup.ts';

/** Objects and markers of every court, and an implement for each of two teams there. */
export function tournamentGear(context: TournamentContext, draft: Pick<BlockDraft<TournamentValues>, 'groups'>): GearNeed[] {
  const { setup, values } = context;
  const largest = Math.max(1, ...draft.groups.map((g) => g.length));
  return Array.from({ length: courtCount(context) }, (_, i) => i).flatMap((i): GearNeed[] => {
    const at = { pieceId: `court-${i + 1}`, title: `${setup.court} ${i + 1}`, use: 'stays' as const };
    return [
      { ...at, gearKind: values.object, count: setup.objectsEach },
      ...(setup.markers.count ? [{ ...at, gearKind: setup.markers.gearKind, count: setup.markers.count }] : []),
      ...(setup.implement ? [{ ...at, gearKind: setup.implement, count: 2 * largest }] : []),
    ];
  });
}
