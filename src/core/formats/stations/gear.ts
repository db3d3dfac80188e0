import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft, SwitchCall } from '../format.ts';
import type { StationsContext } from './group.ts';
import { hostedAt, largestOf } from './hosted.ts';
import { picked } from './picked.ts';
import type { StationGear, StationsValues } from './setup.ts';

function countFor(gear: StationGear, size: number, sharers: number): number {
  const hands = gear.per === 'student' ? Math.ceil(size / sharers) : gear.per === 'pair' ? Math.ceil(size / 2 / sharers) : 1;
  return gear.count * hands;
}

/** What every station needs at the same moment, for the largest group; shared and substituted as the teacher set. */
export function stationsGear(context: StationsContext, draft: Pick<BlockDraft<StationsValues>, 'groups' | 'pieces'>): GearNeed[] {
  const most = largestOf(draft.groups);
  const size = Math.max(1, most.length);
  const { sharing, substitutes, noSharing } = context.values;
  return picked(context).flatMap(({ id, station }) => [
    ...(hostedAt(context, draft.pieces, id, most)?.plan.needs ?? []).map((need) => ({ ...need, pieceId: id, title: station.title })),
    ...station.gear.map((gear) => ({
      pieceId: id,
      title: station.title,
      gearKind: substitutes[gear.gearKind] ?? gear.gearKind,
      count: countFor(gear, size, noSharing ? 1 : (sharing[station.id] ?? 1)),
      use: gear.use,
      where: gear.where,
    })),
  ]);
}

/** Share of a group that works at once: one over the sharers where the implements are per student or pair. */
export function activeShare(context: StationsContext, stationId: string): number {
  const sharers = context.values.noSharing ? 1 : (context.values.sharing[stationId] ?? 1);
  return 1 / sharers;
}

/** What to call when a group leaves each station. */
export function stationsCalls(context: StationsContext): SwitchCall[] {
  const verbs = { stays: 'stays', bring: 'carry', park: 'park', wear: 'take-off' } as const;
  return picked(context).flatMap(({ id, station }) => {
    const calls = station.gear.map((gear): SwitchCall => {
      const kind = context.values.substitutes[gear.gearKind] ?? gear.gearKind;
      return { pieceId: id, verb: verbs[gear.use], gearKind: kind, where: gear.where };
    });
    const reset: SwitchCall[] = station.resetBy === 'group' ? [{ pieceId: id, verb: 'reset', gearKind: '' }] : [];
    return [...calls, ...reset];
  });
}
