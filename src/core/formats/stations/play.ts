import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup, type Timed } from '../../play/playRules.ts';
import { stationAt } from '../../rotation/rounds.ts';
import { StationsPlaySetup } from './setup.ts';

/** Who is in which group now, which bout it is, and what was scored. */
export interface StationsState {
  groups: string[][];
  /** Index of the group that each belongs to, also of those in the box. */
  home: Record<string, number>;
  /** Points by group and station. */
  byStation: number[][];
  round: number;
  done: boolean;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

/** `rotate` ends a bout; `points` count for a player and the group, or for a group alone. */
export type StationsEvent = { type: 'rotate' } | { type: 'points'; player?: string; group?: number; points: number };

const groupKey = (index: number) => `group-${index + 1}`;

function parse(raw: unknown): StationsPlaySetup {
  const setup = parsePlaySetup(StationsPlaySetup, raw);
  const players = setup.groups.flat();
  if (new Set(players).size !== players.length)
    throw new RangeError(`invalid setup groups: repeated player in ${JSON.stringify(setup.groups)}`);
  const ids = setup.stations.map((s) => s.id);
  if (new Set(ids).size !== ids.length) throw new RangeError(`invalid setup stations: repeated id in ${JSON.stringify(ids)}`);
  if (setup.order) {
    const sorted = [...setup.order].sort((a, b) => a - b);
    const whole = sorted.length === ids.length && sorted.every((station, i) => station === i);
    if (!whole) throw new RangeError(`invalid setup order: ${JSON.stringify(setup.order)}`);
  }
  return setup;
}

/** Index of the station where a group stands in the state's bout, −1 waiting. */
export const standsAt = (setup: StationsPlaySetup, state: Pick<StationsState, 'round'>, group: number) =>
  stationAt(
    { groups: setup.groups.length, stations: setup.stations.length, direction: setup.direction ?? 1, order: setup.order },
    group,
    state.round,
  );

/** Bouts until done: so many that every group visits every station once a lap, unless the setup says differently. */
export const boutsOf = (setup: StationsPlaySetup) => setup.rounds ?? Math.max(setup.groups.length, setup.stations.length) * setup.laps;

const smallest = (groups: string[][]) => groups.reduce((best, members, i) => (members.length < groups[best].length ? i : best), 0);

function rotated(setup: StationsPlaySetup, state: StationsState): StationsState {
  const working = state.groups.filter((_, g) => standsAt(setup, state, g) >= 0).flat();
  const last = state.round + 1 >= boutsOf(setup);
  return { ...state, turns: added(state.turns, working), done: last, round: last ? state.round : state.round + 1 };
}

function step(setup: StationsPlaySetup, state: StationsState, event: Timed<StationsEvent>): StationsState | 'not-allowed' {
  if (event.type === 'rotate') return rotated(setup, state);
  const { player, points } = event;
  const group = event.group ?? state.groups.findIndex((members) => members.includes(player!));
  const station = standsAt(setup, state, group);
  if (station < 0 || setup.stations[station].scoring === 'none') return 'not-allowed';
  const scores = added(state.scores, player === undefined ? [groupKey(group)] : [groupKey(group), player], points);
  if (Object.values(scores).some((score) => score < 0)) return 'not-allowed';
  const there = state.byStation[group];
  return { ...state, scores, byStation: state.byStation.with(group, there.with(station, there[station] + points)) };
}

function seatIn(state: StationsState, player: string, group: number): StationsState {
  return {
    ...state,
    groups: state.groups.map((members, i) => (i === group ? [...members, player] : members)),
    home: { ...state.home, [player]: group },
    scores: entered(state.scores, player),
    turns: entered(state.turns, player),
  };
}

const GROUP = z.number().int().min(0);

/** The rules of a stations block. */
export const stationsRules: PlayRules<StationsPlaySetup, StationsState, StationsEvent> = {
  version: 2,
  parse,
  players: (setup) => setup.groups.flat(),
  indices: (setup) => setup.groups.length,
  start: (setup) => {
    const players = setup.groups.flat();
    return {
      groups: setup.groups.map((g) => [...g]),
      home: Object.fromEntries(setup.groups.flatMap((members, g) => members.map((p) => [p, g]))),
      round: 0,
      done: false,
      byStation: setup.groups.map(() => setup.stations.map(() => 0)),
      scores: zeros([...players, ...setup.groups.map((_, i) => groupKey(i))]),
      turns: zeros(players),
    };
  },
  events: {
    rotate: z.object({ type: z.literal('rotate') }),
    points: z
      .object({ type: z.literal('points'), player: z.string().min(1).optional(), group: GROUP.optional(), points: z.number() })
      .refine(({ player, group }) => (player === undefined) !== (group === undefined)),
  },
  inRange: (setup, _, event) => event.type !== 'points' || event.group === undefined || event.group < setup.groups.length,
  named: (event) => (event.type === 'points' && event.player !== undefined ? [event.player] : []),
  step,
  active: (setup, state) => state.groups.filter((_, g) => !state.done && standsAt(setup, state, g) >= 0).flat(),
  vacate: (_, state, player) => ({ ...state, groups: state.groups.map((members) => members.filter((p) => p !== player)) }),
  join: (_, state, player, index) => seatIn(state, player, index ?? smallest(state.groups)),
  back: (_, state, player) => seatIn(state, player, state.home[player]),
  groupOf: (state, player) => state.home[player],
  sheet: (_, { byStation }) => Object.fromEntries(byStation.map((points, g) => [groupKey(g), points])),
  finished: (_, state) => state.done,
  view: (setup, state) => {
    const places: Record<string, string[]> = Object.fromEntries(setup.stations.map((_, i) => [`station-${i + 1}`, []]));
    const waiting: string[] = [];
    state.groups.forEach((members, g) => {
      const station = standsAt(setup, state, g);
      (station < 0 ? waiting : places[`station-${station + 1}`]).push(...members);
    });
    return { scores: state.scores, tally: { round: state.round + 1 }, places, waiting, turns: state.turns };
  },
  winners: (setup, state) =>
    leaders(
      state.scores,
      setup.groups.map((_, i) => groupKey(i)),
    ),
};

/** Version 1: who came out of the box went to the smallest group, and a lap had as many bouts as there are stations. */
export const stationsRules1: typeof stationsRules = {
  ...stationsRules,
  version: 1,
  parse(raw) {
    const setup = parse(raw);
    return { ...setup, rounds: setup.rounds ?? setup.stations.length * setup.laps };
  },
  back: (_, state, player) => seatIn(state, player, smallest(state.groups)),
};
