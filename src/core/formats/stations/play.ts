import { z } from 'zod';
import { stationAt } from '../../rotation/rounds.ts';
import { type PlayEvent, type PlayRules, parsePlaySetup } from '../play.ts';
import { StationsPlay } from './setup.ts';

/** Who is in which group now, which bout it is, and what was scored. */
export interface StationsState {
  groups: string[][];
  round: number;
  done: boolean;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

const groupKey = (index: number) => `group-${index + 1}`;

function parse(raw: unknown): StationsPlay {
  const setup = parsePlaySetup(StationsPlay, raw);
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
export const standsAt = (setup: StationsPlay, state: Pick<StationsState, 'round'>, group: number) =>
  stationAt(
    { groups: setup.groups.length, stations: setup.stations.length, direction: setup.direction ?? 1, order: setup.order },
    group,
    state.round,
  );

/** Bouts until done: stations × laps unless the setup says otherwise. */
export const boutsOf = (setup: StationsPlay) => setup.rounds ?? setup.stations.length * setup.laps;

function smallest(groups: string[][]): number {
  return groups.reduce((best, members, i) => (members.length < groups[best].length ? i : best), 0);
}

function step(
  setup: StationsPlay,
  state: StationsState,
  event: PlayEvent,
  present: (player: string) => boolean,
): StationsState | 'bad-field' | 'not-allowed' {
  if (event.type === 'rotate') {
    const turns = { ...state.turns };
    state.groups.forEach((members, g) => {
      if (standsAt(setup, state, g) >= 0) for (const player of members) turns[player] += 1;
    });
    const last = state.round + 1 >= boutsOf(setup);
    return { ...state, turns, done: last, round: last ? state.round : state.round + 1 };
  }
  const player = event.player as string | undefined;
  if ((player === undefined) === (event.group === undefined)) return 'bad-field';
  if (event.group !== undefined && (event.group as number) >= setup.groups.length) return 'bad-field';
  if (player !== undefined && !present(player)) return 'not-allowed';
  const group = player === undefined ? (event.group as number) : state.groups.findIndex((members) => members.includes(player));
  const station = standsAt(setup, state, group);
  if (station < 0 || setup.stations[station].scoring === 'none') return 'not-allowed';
  const points = event.points as number;
  const scores = { ...state.scores, [groupKey(group)]: state.scores[groupKey(group)] + points };
  if (player !== undefined) scores[player] += points;
  return Object.values(scores).some((score) => score < 0) ? 'not-allowed' : { ...state, scores };
}

/** The rules of a stations block: `rotate` ends a bout, `points` count for a player and its group, or for a group alone. */
export const stationsPlay: PlayRules<StationsPlay, StationsState> = {
  parse,
  players: (setup) => setup.groups.flat(),
  indices: (setup) => setup.groups.length,
  start: (setup) => {
    const players = setup.groups.flat();
    return {
      groups: setup.groups.map((g) => [...g]),
      round: 0,
      done: false,
      scores: Object.fromEntries([...players.map((p) => [p, 0]), ...setup.groups.map((_, i) => [groupKey(i), 0])]),
      turns: Object.fromEntries(players.map((p) => [p, 0])),
    };
  },
  events: {
    rotate: z.object({}),
    points: z.object({ player: z.string().min(1).optional(), group: z.number().int().min(0).optional(), points: z.number() }),
  },
  named: (event) => (typeof event.player === 'string' ? [event.player] : []),
  step,
  vacate: (_, state, player) => ({ ...state, groups: state.groups.map((members) => members.filter((p) => p !== player)) }),
  seat: (_, state, player, index) => {
    const to = index ?? smallest(state.groups);
    return {
      ...state,
      groups: state.groups.map((members, i) => (i === to ? [...members, player] : members)),
      scores: { ...state.scores, [player]: state.scores[player] ?? 0 },
      turns: { ...state.turns, [player]: state.turns[player] ?? 0 },
    };
  },
  releases: (event) => (event.type === 'rotate' ? ['restart', 'round'] : []),
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
  winners: (setup, state) => {
    const best = Math.max(...setup.groups.map((_, i) => state.scores[groupKey(i)]));
    return best > 0 ? setup.groups.map((_, i) => groupKey(i)).filter((key) => state.scores[key] === best) : [];
  },
};
