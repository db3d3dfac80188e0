import { z } from 'zod';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkTeams, playersOf, presentOf, turnsOf } from '../teams.ts';
import { poolsOf, type Slot, scheduleOf } from './schedule.ts';
import { TournamentPlaySetup } from './setup.ts';
import { type Result, ranked, standingsOf } from './standings.ts';

/** `results`: the last result of each pair, in the order in which pairs first had one; `gone`: students or teams that left. */
export interface TournamentState {
  results: Result[];
  gone: string[];
}

export type TournamentEvent = { type: 'result'; a: string; b: string; score: [number, number] };

const isPair = (r: Result, a: string, b: string) => (r.a === a && r.b === b) || (r.a === b && r.b === a);

function parse(raw: unknown): TournamentPlaySetup {
  const setup = parsePlaySetup(TournamentPlaySetup, raw);
  const { teams } = setup;
  checkTeams(setup);
  if (teams.length < 2 && !setup.lone) throw new RangeError(`invalid setup teams: ${teams.length} of at least two`);
  const pooled = setup.pools?.flat();
  if (pooled && [...pooled].sort().join('\n') !== [...teams].sort().join('\n'))
    throw new RangeError('invalid setup pools: every team once');
  return setup;
}

/** The matches that follow the pools: first against first, second against second, of the first two pools, the third and fourth, once all pools are played. */
export function crossOvers(setup: TournamentPlaySetup, { results }: Pick<TournamentState, 'results'>): [string, string][] {
  const pools = poolsOf(setup);
  if (!setup.crossOver || pools.length < 2) return [];
  const isPlayed = scheduleOf(pools, setup.courts).every(({ matches }) => matches.every(([a, b]) => results.some((r) => isPair(r, a, b))));
  if (!isPlayed) return [];
  const orders = pools.map((pool) => {
    const own = results.filter((r) => pool.includes(r.a) && pool.includes(r.b));
    return ranked(pool, own, setup.points, setup.tieBreak).flat();
  });
  const pairs: [string, string][] = [];
  for (let i = 0; i + 1 < orders.length; i += 2)
    orders[i].forEach((team, place) => {
      const other = orders[i + 1][place];
      if (other !== undefined) pairs.push([team, other]);
    });
  return pairs;
}

/** All slots: those of the pools, then those of the cross-over. */
export function slotsOf(setup: TournamentPlaySetup, state: Pick<TournamentState, 'results'>): Slot[] {
  const slots = [...scheduleOf(poolsOf(setup), setup.courts)];
  const cross = crossOvers(setup, state);
  for (let i = 0; i < cross.length; i += setup.courts) {
    const matches = cross.slice(i, i + setup.courts);
    slots.push({ matches, resting: setup.teams.filter((team) => !matches.some((m) => m.includes(team))) });
  }
  return slots;
}

/** Whether a match needs no result any more: it has one, or a team of it is gone. */
const isSettled = ({ results, gone }: TournamentState, [a, b]: readonly [string, string]) =>
  results.some((r) => isPair(r, a, b)) || gone.includes(a) || gone.includes(b);

/** Returns the index of the first slot with a missing result, −1 if all are there. */
export const openSlot = (slots: readonly Slot[], state: TournamentState): number =>
  slots.findIndex(({ matches }) => matches.some((m) => !isSettled(state, m)));

/** The matches that are on: none once every pair has a result. */
function playing(setup: TournamentPlaySetup, state: TournamentState): Slot['matches'] {
  const slots = slotsOf(setup, state);
  return slots[openSlot(slots, state)]?.matches ?? [];
}

/** True once every pair has a result. */
const isDecided = (setup: TournamentPlaySetup, state: TournamentState): boolean => setup.teams.length > 1 && !playing(setup, state).length;

/** The rules of a tournament: every pair of a pool once, a table, results that can be corrected until the end. */
export const tournamentRules: PlayRules<TournamentPlaySetup, TournamentState, TournamentEvent> = {
  version: 1,
  parse,
  players: playersOf,
  indices: () => 0,
  start: () => ({ results: [], gone: [] }),
  events: {
    result: z.object({
      type: z.literal('result'),
      a: z.string(),
      b: z.string(),
      score: z.tuple([z.number().int().min(0), z.number().int().min(0)]),
    }),
  },
  named: () => [],
  knows: ({ teams }, { a, b }) => teams.includes(a) && teams.includes(b),
  step(_, state, { a, b, score }) {
    if (a === b) return 'not-allowed';
    const at = state.results.findIndex((r) => isPair(r, a, b));
    return { ...state, results: at < 0 ? [...state.results, { a, b, score }] : state.results.with(at, { a, b, score }) };
  },
  active: (setup, state) => presentOf(setup, state, playing(setup, state).flat()),
  /** Every result: index of both teams and what each scored. */
  sheet: ({ teams }, { results }) =>
    Object.fromEntries(results.map(({ a, b, score }, i) => [`@result-${i}`, [teams.indexOf(a), teams.indexOf(b), ...score]])),
  vacate: (_, state, player) => ({ ...state, gone: [...state.gone, player] }),
  join: () => 'not-allowed',
  back: (_, state, player) => ({ ...state, gone: state.gone.filter((id) => id !== player) }),
  finished: () => false,
  decided: isDecided,
  view(setup, state) {
    const table = standingsOf(setup.teams, state.results, setup.points);
    const now = playing(setup, state);
    const here = (teams: readonly string[]) => presentOf(setup, state, teams);
    return {
      scores: Object.fromEntries(setup.teams.map((team) => [team, table[team].points])),
      tally: Object.fromEntries(setup.teams.map((team) => [team, table[team].difference])),
      places: Object.fromEntries(now.map((match, i) => [`court-${i + 1}`, here(match)])),
      waiting: here(setup.teams.filter((team) => !now.some((match) => match.includes(team)))),
      turns: turnsOf(
        setup,
        state.results.flatMap(({ a, b }) => [a, b]),
      ),
    };
  },
  winners: (setup, state) => (isDecided(setup, state) ? ranked(setup.teams, state.results, setup.points, setup.tieBreak)[0] : []),
};
