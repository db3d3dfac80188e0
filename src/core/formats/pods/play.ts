import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { smallest } from '../smallest.ts';
import { PodsPlaySetup } from './setup.ts';

/** `home`: the pod of everyone who ever was in one. `taken`: pods whose object was taken after the latest stop; `held`: whether it was told who held. */
export interface PodsState {
  pods: string[][];
  home: Record<string, number>;
  stops: number;
  taken: number[];
  held: boolean;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

export type PodsEvent = { type: 'stop' } | { type: 'taken'; pod: number; by: string } | { type: 'held'; by: string[] };

function parse(raw: unknown): PodsPlaySetup {
  const setup = parsePlaySetup(PodsPlaySetup, raw);
  checkOnce('pods', setup.pods.flat());
  if (!setup.lone && (!setup.pods.length || setup.pods.some((p) => !p.length))) throw new RangeError('invalid setup pods: nobody in a pod');
  const [least, most] = setup.burstSeconds;
  if (least > most) throw new RangeError(`invalid setup burstSeconds: ${least} to ${most}`);
  return setup;
}

/** Whoever leads a pod in a round: all lead in turn. */
export const leaderOf = (pod: readonly string[], round: number): string | undefined =>
  pod.length ? pod[(round - 1) % pod.length] : undefined;

function step(setup: PodsPlaySetup, state: PodsState, event: PodsEvent): PodsState | 'not-allowed' {
  switch (event.type) {
    case 'stop':
      if (state.stops >= setup.rounds) return 'not-allowed';
      return { ...state, stops: state.stops + 1, taken: [], held: false, turns: added(state.turns, state.pods.flat()) };
    case 'taken': {
      const { pod, by } = event;
      const isFree = setup.mode === 'take' && state.stops > 0 && !state.taken.includes(pod);
      if (!isFree || !state.pods[pod].includes(by)) return 'not-allowed';
      return { ...state, taken: [...state.taken, pod], scores: added(state.scores, [by]) };
    }
    case 'held':
      if (setup.mode !== 'hold' || state.stops === 0 || state.held) return 'not-allowed';
      return { ...state, held: true, scores: added(state.scores, [...new Set(event.by)]) };
  }
}

function seated(state: PodsState, player: string, pod: number): PodsState {
  return {
    ...state,
    pods: state.pods.map((p, i) => (i === pod ? [...p, player] : p)),
    home: { ...state.home, [player]: pod },
    scores: entered(state.scores, player),
    turns: entered(state.turns, player),
  };
}

/** The rules of pods: music, a stop, whoever takes the object first, or all who hold, win the round. */
export const podsRules: PlayRules<PodsPlaySetup, PodsState, PodsEvent> = {
  version: 1,
  parse,
  players: ({ pods }) => pods.flat(),
  indices: ({ pods }) => pods.length,
  start: ({ pods }) => ({
    ...{ pods, stops: 0, taken: [], held: false },
    home: Object.fromEntries(pods.flatMap((pod, i) => pod.map((id) => [id, i]))),
    scores: zeros(pods.flat()),
    turns: zeros(pods.flat()),
  }),
  events: {
    stop: z.object({ type: z.literal('stop') }),
    taken: z.object({ type: z.literal('taken'), pod: z.number().int().min(0), by: z.string() }),
    held: z.object({ type: z.literal('held'), by: z.array(z.string()) }),
  },
  inRange: ({ pods }, _, event) => event.type !== 'taken' || event.pod < pods.length,
  named: (event) => (event.type === 'taken' ? [event.by] : event.type === 'held' ? event.by : []),
  step,
  active: (_, { pods }) => pods.flat(),
  groupOf: ({ home }, player) => home[player],
  /** Whether the object of each pod was taken after the latest stop, and whether it was told who held. */
  sheet: (_, { pods, taken, held }) => ({ taken: pods.map((_, i) => (taken.includes(i) ? 1 : 0)), held: [held ? 1 : 0] }),
  vacate: (_, state, player) => ({ ...state, pods: state.pods.map((pod) => pod.filter((id) => id !== player)) }),
  join: (_, state, player, index) => seated(state, player, index ?? smallest(state.pods)),
  back: (_, state, player) => seated(state, player, state.home[player]),
  finished: ({ rounds, mode }, { stops, taken, held, pods }) =>
    stops >= rounds && (mode === 'hold' ? held : pods.every((pod, i) => !pod.length || taken.includes(i))),
  view({ leading }, { pods, stops, scores, turns }) {
    const round = Math.max(1, stops);
    const leads =
      leading === 'follow'
        ? pods.flatMap((pod, i) => (pod.length ? [[`@leader-${i + 1}`, [leaderOf(pod, round)!]] as [string, string[]]] : []))
        : [];
    return {
      scores,
      tally: { round },
      places: { ...Object.fromEntries(pods.map((pod, i) => [`pod-${i + 1}`, pod])), ...Object.fromEntries(leads) },
      waiting: [],
      turns,
    };
  },
  winners: (_, { scores }) => leaders(scores),
};
