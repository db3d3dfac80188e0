import { unitsThatFit } from '../../arrange/grid.ts';
import { memoize } from '../../memoize.ts';
import { roomArea } from '../../model/room.ts';
import { courtsOfGear } from '../courts.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { poolsOf, scheduleOf } from './schedule.ts';
import type { TournamentGame, TournamentValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type TournamentContext = PlanContext<TournamentGame, TournamentValues>;

/** The most teams that a tournament has if nobody says. */
const MOST_TEAMS = 8;

/** What one court takes of the floor. */
export const courtUnit = ({ values }: Pick<TournamentContext, 'values'>) => ({
  width: values.widthM,
  depth: values.lengthM,
  gap: values.gapM,
});

/** How many teams: what the teacher set, else as many as their size makes, an even number where it can be, eight at the most. */
export function teamCount({ values, setup, players }: TournamentContext): number {
  if (values.groups !== undefined) return values.groups;
  const wanted = Math.round(players.length / (values.teamSize ?? setup.teamSize));
  const even = wanted > 2 && wanted % 2 ? wanted - 1 : wanted;
  return Math.max(2, Math.min(MOST_TEAMS, even));
}

/** How many courts the gear is enough for. */
export const gearCourts = (context: TournamentContext): number =>
  courtsOfGear(context, 2 * Math.max(1, Math.ceil(context.players.length / teamCount(context))));

/** How many courts: what the teacher set, else one for every two teams, within floor and gear. */
export function courtCount(context: TournamentContext): number {
  const { values, room, wallClearanceM, taken } = context;
  if (values.courts !== undefined) return values.courts;
  const floor = fits(roomArea(room, wallClearanceM, taken), courtUnit(context));
  return Math.max(1, Math.min(8, Math.floor(teamCount(context) / 2), floor, gearCourts(context) || 1));
}

export const nameOf = ({ setup }: Pick<TournamentContext, 'setup'>, team: number): string => `${setup.team} ${team + 1}`;

/** Pools of teams as even as they can be, team after team; undefined where all meet all. */
export function pooled(context: TournamentContext): string[][] | undefined {
  const count = Math.min(context.values.pools, Math.floor(teamCount(context) / 2));
  if (count < 2) return undefined;
  const pools = Array.from({ length: count }, (): string[] => []);
  for (let i = 0; i < teamCount(context); i++) pools[i % count].push(nameOf(context, i));
  return pools;
}

/** The plan of matches, and how many slots it takes with the cross-over. */
export function planOf(context: TournamentContext) {
  const teams = Array.from({ length: teamCount(context) }, (_, i) => nameOf(context, i));
  const pools = pooled(context);
  const courts = courtCount(context);
  const slots = scheduleOf(poolsOf({ teams, pools }), courts);
  const crossing =
    pools && context.values.crossOver
      ? pools.reduce((sum, pool, i) => (i % 2 ? sum + Math.min(pool.length, pools[i - 1].length) : sum), 0)
      : 0;
  return { teams, pools, courts, slots, crossSlots: Math.ceil(crossing / courts) };
}

/** One balanced group a team. */
export const tournamentGroups = (context: TournamentContext) => dealtGroups(context, teamCount(context));
