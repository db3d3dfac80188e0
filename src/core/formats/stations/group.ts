import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { StationsGame, StationsValues } from './setup.ts';

export type StationsContext = PlanContext<StationsGame, StationsValues>;

/** How many groups: what the teacher set, else one a station and one for each waiting place, but none smaller than two. */
export function groupCount({ values, players }: StationsContext): number {
  const wanted = values.groups ?? values.picks.length + values.overflow;
  return Math.max(1, Math.min(wanted, values.groups ?? Math.max(1, Math.floor(players.length / 2))));
}

/** Groups for the rotation, wishes held where they can be. */
export const stationsGroup = (context: StationsContext) => dealtGroups(context, groupCount(context));
