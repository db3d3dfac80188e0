import { z } from 'zod';
import { added, entered, type Ledger, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { checkSides, offRoster, onRoster, rosterOf, type SideRoster, sideOf, sideToJoin } from '../sideRoster.ts';
import { SpotPlaySetup } from './setup.ts';

/** `left`: spots on the floor; `held`: spots of each team; `missedAt`: the spot that each has just missed; `free`: the team with free shots. */
export interface SpotState extends SideRoster {
  left: string[];
  held: Ledger;
  missedAt: Record<string, string>;
  free?: string;
  scores: Ledger;
  turns: Ledger;
}

export type SpotEvent =
  | { type: 'made'; player: string; spot: string }
  | { type: 'missed'; player: string; spot: string }
  | { type: 'struck'; team: string }
  | { type: 'free'; team: string }
  | { type: 'taskDone' };

function parse(raw: unknown): SpotPlaySetup {
  const setup = parsePlaySetup(SpotPlaySetup, raw);
  checkSides(setup.teams, setup.lone);
  checkOnce('spots', setup.spots ?? []);
  return setup;
}

/** So many spots guarantee that one of the teams gets to the target: at most one less for each, and one more. */
export const guaranteed = (teams: number, to: number): number => teams * (to - 1) + 1;

/** A spot by its number on the floor, and the round in which it lies there anew. */
export const spotId = (index: number, round: number): string => (round ? `${index + 1}, round ${round + 1}` : `${index + 1}`);
/** True for a spot of that round. */
export const isOfRound = (spot: string, round: number): boolean => (round ? spot.endsWith(`, round ${round + 1}`) : !spot.includes(','));

function tried(
  setup: SpotPlaySetup,
  state: SpotState,
  { type, player, spot }: Extract<SpotEvent, { player: string }>,
): SpotState | 'not-allowed' {
  const isThere = state.left.includes(spot);
  const mayTry = state.missedAt[player] !== spot || state.left.length < 2;
  if (!isThere || !mayTry) return 'not-allowed';
  const turns = added(state.turns, [player]);
  const { [player]: _, ...others } = state.missedAt;
  if (type === 'missed') return { ...state, turns, missedAt: { ...others, [player]: spot } };
  const team = sideOf(state.here, player)!;
  const isTaken = setup.mode === 'collect';
  return {
    ...{ ...state, turns, missedAt: others },
    scores: added(state.scores, [team]),
    left: isTaken ? state.left.filter((id) => id !== spot) : state.left,
    held: isTaken ? added(state.held, [team]) : state.held,
  };
}

function step(setup: SpotPlaySetup, state: SpotState, event: SpotEvent): SpotState | 'not-allowed' {
  const isStruck = setup.mode === 'struck';
  if (event.type === 'made' || event.type === 'missed') return isStruck ? 'not-allowed' : tried(setup, state, event);
  if (!isStruck) return 'not-allowed';
  switch (event.type) {
    case 'struck':
      return state.free === undefined ? { ...state, free: event.team } : 'not-allowed';
    case 'free':
      return state.free === event.team ? { ...state, scores: added(state.scores, [event.team]) } : 'not-allowed';
    case 'taskDone':
      if (state.free === undefined) return 'not-allowed';
      return { ...state, free: undefined, turns: added(state.turns, Object.values(state.here).flat()) };
  }
}

const seated = (state: SpotState, player: string, to: string): SpotState => ({
  ...onRoster(state, player, to),
  turns: entered(state.turns, player),
});

/** The rules of shooting spots. */
export const spotRules: PlayRules<SpotPlaySetup, SpotState, SpotEvent> = {
  version: 1,
  parse,
  players: ({ teams }) => teams.flatMap((t) => t.members),
  indices: ({ teams }) => teams.length,
  start: ({ teams, spots = [] }) => ({
    ...{ ...rosterOf(teams), left: [...spots], missedAt: {} },
    held: zeros(teams.map((t) => t.id)),
    scores: zeros(teams.map((t) => t.id)),
    turns: zeros(teams.flatMap((t) => t.members)),
  }),
  events: {
    made: z.object({ type: z.literal('made'), player: z.string(), spot: z.string() }),
    missed: z.object({ type: z.literal('missed'), player: z.string(), spot: z.string() }),
    struck: z.object({ type: z.literal('struck'), team: z.string() }),
    free: z.object({ type: z.literal('free'), team: z.string() }),
    taskDone: z.object({ type: z.literal('taskDone') }),
  },
  named: (event) => (event.type === 'made' || event.type === 'missed' ? [event.player] : []),
  knows({ teams, spots = [] }, event) {
    if (event.type === 'made' || event.type === 'missed') return spots.includes(event.spot);
    return event.type === 'taskDone' || teams.some((t) => t.id === event.team);
  },
  step,
  active: (_, { here }) => Object.values(here).flat(),
  /** Of everyone: the index of the spot that they have just missed, −1 for none. */
  sheet: ({ spots = [] }, { turns, missedAt }) =>
    Object.fromEntries(Object.keys(turns).map((id) => [id, [missedAt[id] === undefined ? -1 : spots.indexOf(missedAt[id])]])),
  vacate: (_, state, player) => offRoster(state, player),
  join: ({ teams }, state, player, index) => seated(state, player, sideToJoin(teams, state, index)),
  back: ({ teams }, state, player) => seated(state, player, sideOf(state.order, player) ?? teams[0].id),
  finished: ({ to, mode, spots = [] }, { scores, left }) =>
    (to !== undefined && Object.values(scores).some((s) => s >= to)) || (mode === 'collect' && spots.length > 0 && !left.length),
  view(setup, { here, free, left, held, scores, turns }) {
    const others = Object.entries(here).flatMap(([id, team]) => (id === free ? [] : team));
    const places: Record<string, string[]> = free === undefined ? here : { 'free-shots': here[free], task: others };
    return { scores, tally: held, places: setup.mode === 'struck' ? places : { ...places, '@spots': left }, waiting: [], turns };
  },
  winners: (_, { scores }) => leaders(scores),
};
