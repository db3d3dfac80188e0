import { z } from 'zod';
import { added, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkTeams, membersOf, playersOf, presentOf } from '../teams.ts';
import { WinnersRingPlaySetup } from './setup.ts';

/** A bay: who plays there, two or one alone; who waits there, in order; how many games ended there. */
interface Bay {
  on: string[];
  line: string[];
  games: number;
}
/** `walking`: who is on the way to a bay, and when they are there. `home`: the bay where each was last. `gone`: students and teams that left. */
export interface RingState {
  bays: Bay[];
  walking: { team: string; to: number; at: number }[];
  points: Record<string, number>;
  scores: Record<string, number>;
  turns: Record<string, number>;
  home: Record<string, number>;
  gone: string[];
}

export type RingEvent = { type: 'score'; team: string };

const teamOf = ({ teams, members }: WinnersRingPlaySetup, player: string): string =>
  members ? (teams.find((team) => members[team]?.includes(player)) ?? '') : player;

function parse(raw: unknown): WinnersRingPlaySetup {
  const setup = parsePlaySetup(WinnersRingPlaySetup, raw);
  const { teams, bays } = setup;
  if (teams.length !== 2 * bays) throw new RangeError(`invalid setup teams: ${teams.length} for ${bays} bays`);
  checkTeams(setup);
  return setup;
}

/** A bay whose free places are taken by the first of its line; a game that begins begins at 0, but what a lone team scored stands. */
function filled(bay: Bay): Bay {
  const free = 2 - bay.on.length;
  return { ...bay, on: [...bay.on, ...bay.line.slice(0, free)], line: bay.line.slice(free) };
}

const withBay = (state: RingState, at: number, bay: Bay): RingState => ({ ...state, bays: state.bays.with(at, bay) });

/** A team arrives: it plays if a place is free, else it joins the line. */
function arrived(state: RingState, team: string, to: number): RingState {
  const bay = state.bays[to];
  return { ...withBay(state, to, filled({ ...bay, line: [...bay.line, team] })), home: { ...state.home, [team]: to } };
}

function scored(setup: WinnersRingPlaySetup, state: RingState, team: string, at: number): RingState | 'not-allowed' {
  const place = state.bays.findIndex((bay) => bay.on.includes(team));
  if (place < 0) return 'not-allowed';
  const bay = state.bays[place];
  const points = state.points[team] + 1;
  const isAlone = bay.on.length < 2;
  if (isAlone) {
    const isExpecting = state.walking.some((w) => w.to === place);
    // The point that would win is not played before somebody stands there to lose it.
    if (!setup.headStart || !isExpecting || points >= setup.target) return 'not-allowed';
    return { ...state, points: { ...state.points, [team]: points } };
  }
  if (points < setup.target) return { ...state, points: { ...state.points, [team]: points } };
  const [loser] = bay.on.filter((id) => id !== team);
  const to = (place + 1) % setup.bays;
  const played = presentOf(setup, state, bay.on);
  return {
    ...withBay(state, place, filled({ ...bay, on: [loser], games: bay.games + 1 })),
    walking: [...state.walking, { team, to, at: at + setup.moveSeconds }],
    points: { ...state.points, [team]: 0, [loser]: 0 },
    scores: added(state.scores, [team]),
    turns: added(state.turns, played),
  };
}

/** Takes a team that has nobody left out of its bay, its line or its walk; whoever it played against meets the next one at 0. */
function withdrawn(state: RingState, team: string): RingState {
  const place = state.bays.findIndex((bay) => bay.on.includes(team) || bay.line.includes(team));
  const walking = state.walking.filter((w) => w.team !== team);
  if (place < 0) return { ...state, walking };
  const bay = state.bays[place];
  const on = bay.on.filter((id) => id !== team);
  const points = bay.on.includes(team) ? { ...state.points, ...zeros(bay.on) } : state.points;
  return { ...withBay({ ...state, points }, place, filled({ ...bay, on, line: bay.line.filter((id) => id !== team) })), walking };
}

/** The rules of bays in a ring: first to the target, the winner walks one bay on and joins its line, the loser stays. */
export const winnersRingRules: PlayRules<WinnersRingPlaySetup, RingState, RingEvent> = {
  version: 1,
  parse,
  players: playersOf,
  indices: () => 0,
  start(setup) {
    const isThere = (team: string) => membersOf(setup, team).length > 0;
    return {
      bays: Array.from({ length: setup.bays }, (_, i) => ({ on: setup.teams.slice(2 * i, 2 * i + 2).filter(isThere), line: [], games: 0 })),
      walking: [],
      points: zeros(setup.teams),
      scores: zeros(setup.teams),
      turns: zeros(playersOf(setup)),
      home: Object.fromEntries(setup.teams.map((team, i) => [team, Math.floor(i / 2)])),
      gone: [],
    };
  },
  events: { score: z.object({ type: z.literal('score'), team: z.string() }) },
  named: () => [],
  knows: ({ teams }, { team }) => teams.includes(team),
  step: (setup, state, { team, at }) => scored(setup, state, team, at),
  due: (_, { walking }) => (walking.length ? Math.min(...walking.map((w) => w.at)) : undefined),
  pass(_, state, at) {
    const there = state.walking.filter((w) => w.at <= at).sort((a, b) => a.at - b.at || a.to - b.to);
    const left: RingState = { ...state, walking: state.walking.filter((w) => w.at > at) };
    return there.reduce((now, { team, to }) => arrived(now, team, to), left);
  },
  active: (setup, state) =>
    state.bays.flatMap(({ on }, i) =>
      on.length === 2 || (setup.headStart && state.walking.some((w) => w.to === i)) ? presentOf(setup, state, on) : [],
    ),
  /** How many games ended in each bay; a row for each team with its bay (−1 on the way) and its place there: 0 and 1 play, from 2 on they wait. */
  sheet: (_, { bays, walking }) => ({
    '@games': bays.map((b) => b.games),
    ...Object.fromEntries(bays.flatMap(({ on, line }, i) => [...on.map((t, k) => [t, [i, k]]), ...line.map((t, k) => [t, [i, 2 + k]])])),
    ...Object.fromEntries(walking.map(({ team, to }) => [team, [-1, to]])),
  }),
  vacate(setup, state, player) {
    const gone = { ...state, gone: [...state.gone, player] };
    const team = teamOf(setup, player);
    return presentOf(setup, gone, [team]).length ? gone : withdrawn(gone, team);
  },
  join: () => 'not-allowed',
  back(setup, state, player) {
    const team = teamOf(setup, player);
    const back = { ...state, gone: state.gone.filter((id) => id !== player) };
    const isPlaced = state.walking.some((w) => w.team === team) || state.bays.some((b) => b.on.includes(team) || b.line.includes(team));
    return isPlaced ? back : arrived(back, team, state.home[team]);
  },
  finished: () => false,
  view(setup, state) {
    const here = (teams: readonly string[]) => presentOf(setup, state, teams);
    return {
      scores: state.scores,
      tally: state.points,
      places: {
        ...Object.fromEntries(
          state.bays.flatMap(({ on, line }, i) => [
            [`bay-${i + 1}`, here(on)],
            [`bay-${i + 1}-line`, here(line)],
          ]),
        ),
        walking: here(state.walking.map((w) => w.team)),
      },
      waiting: [],
      turns: state.turns,
    };
  },
  winners: (_, { scores }) => leaders(scores),
};
