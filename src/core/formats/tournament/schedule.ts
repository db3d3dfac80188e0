import { memoize } from '../../memoize.ts';
import { refereesOf } from '../../rotation/rota.ts';
import { type RoundRobin, roundRobin } from '../../rotation/roundRobin.ts';

export type Slot = RoundRobin['slots'][number];

/** The slots of so many teams, which go by their place in the list: worked out once, whatever they are called. */
const numbered = memoize(
  (count: number, courts: number): Slot[] => roundRobin({ teams: Array.from({ length: count }, (_, i) => String(i)), courts }).slots,
);
const slotsFor = (teams: readonly string[], courts: number): Slot[] =>
  numbered(teams.length, courts).map(({ matches, resting }) => ({
    matches: matches.map(([a, b]) => [teams[Number(a)], teams[Number(b)]]),
    resting: resting.map((i) => teams[Number(i)]),
  }));

/** Slots of matches of one or several pools, at most `courts` at a time; in a slot every team plays at most once. */
function slotsOf(pools: readonly (readonly string[])[], courts: number): Slot[] {
  if (pools.length === 1) return slotsFor(pools[0], courts);
  const teams = pools.flat();
  const rounds = pools.map((pool) => slotsFor(pool, Math.max(1, pool.length)));
  const longest = Math.max(0, ...rounds.map((r) => r.length));
  const slots: Slot[] = [];
  for (let r = 0; r < longest; r++) {
    const matches = rounds.flatMap((round) => round[r]?.matches ?? []);
    for (let i = 0; i < matches.length; i += courts) {
      const here = matches.slice(i, i + courts);
      slots.push({ matches: here, resting: teams.filter((team) => !here.some((m) => m.includes(team))) });
    }
  }
  return slots;
}

/** The plan of matches: every two teams of a pool once, in the fewest slots for one pool, byes spread. Kept by content: it is asked for at every look. */
export const scheduleOf = memoize(slotsOf);

/** Which resting teams referee in each slot, at most one a court, every team as often as can be. */
export const refereesIn = memoize((teams: readonly string[], slots: readonly Slot[]): string[][] =>
  refereesOf(
    slots.map((s) => ({ resting: s.resting.map((team) => teams.indexOf(team)), courts: s.matches.length })),
    teams.length,
  ).map((keepers) => keepers.map((i) => teams[i])),
);

/** The pools of a tournament, all teams in one if there are none. */
export const poolsOf = ({ teams, pools }: { teams: string[]; pools?: string[][] }): string[][] => pools ?? [teams];
