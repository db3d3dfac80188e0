import { remembered } from '../../geometry/remembered.ts';
import { dealGroups } from '../../groups/dealGroups.ts';
import type { Noticed } from '../../model/finding.ts';
import type { PlanContext } from '../format.ts';
import type { StationsGame, StationsValues } from './setup.ts';

const deal = remembered(dealGroups);

export type StationsContext = PlanContext<StationsGame, StationsValues>;

/** How many groups: what the teacher set, else one a station and one for each waiting place, but none smaller than two. */
export function groupCount({ values, players }: StationsContext): number {
  const wanted = values.groups ?? values.picks.length + values.overflow;
  return Math.max(1, Math.min(wanted, values.groups ?? Math.max(1, Math.floor(players.length / 2))));
}

/** Groups for the rotation, wishes held where they can be. */
export function stationsGroup(context: StationsContext): { groups: string[][]; noticed: Noticed[] } {
  const { groups, findings } = deal({
    players: context.players,
    count: groupCount(context),
    apart: context.apart,
    together: context.together,
    stored: context.storedGroups,
    locks: context.locks,
    seed: context.seed,
  });
  return { groups, noticed: findings.map((f) => ({ ...f, at: { block: context.blockId } })) };
}
