import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { BlockDraft } from '../blockPlan.ts';
import type { StationsContext } from './group.ts';
import { hostedAt, largestOf } from './hosted.ts';
import { picked } from './picked.ts';
import type { StationsValues } from './setup.ts';

/** Each station asks for its own things, of the groups that come to it. A station that is a game asks what that game asks. */
export function stationsAsks(context: StationsContext, { pieces, groups }: BlockDraft<StationsValues>): Ask[] {
  const list = picked(context);
  const steps = Math.min(3, Math.ceil(list.length / 3));
  return list.flatMap(({ id, station, host }): Ask[] => {
    const shared = { ...IN_CLASS, stand: 1, travel: 1, 'remember-steps': steps };
    const asked = host && hostedAt(context, pieces, id, largestOf(groups))?.plan.asks;
    if (asked)
      return asked.map((ask) => askWith(ask, { ...ask.demands, ...shared }, [], { place: id, ...(ask.role ? { role: ask.role } : {}) }));
    const kinds = station.gear.map(({ gearKind }) => context.values.substitutes[gearKind] ?? gearKind);
    const runs = station.runM > 0 ? { travel: 2, breath: station.runM > 4 ? 2 : 1 } : {};
    const scored = station.scoring === 'versus' || station.scoring === 'sides' ? { lose: 1 } : {};
    const pairs = station.pairs ? (['work-together'] as const) : [];
    const moves = station.runM > 0 ? (['travel'] as const) : [];
    return [askWith(askOfKinds(kinds, context.gearKinds), { ...shared, ...runs, ...scored }, [...pairs, ...moves], { place: id })];
  });
}
