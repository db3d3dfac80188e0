import { z } from 'zod';
import { added, entered, type Ledger, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { PacePlaySetup } from './setup.ts';

/** `finishes`: seconds by student and trial; `last`: the trial that each finished last; `on`: the trial that is on and since when. */
export interface PaceState {
  here: string[];
  finishes: Record<string, Record<number, number>>;
  last: Record<string, number>;
  on?: { trial: number; at: number };
  turns: Ledger;
}

/** `go` starts all watches of a trial; `in` stops one student's. */
export type PaceEvent =
  | { type: 'finish'; player: string; trial: number; seconds: number }
  | { type: 'go'; trial: number }
  | { type: 'in'; player: string };

function parse(raw: unknown): PacePlaySetup {
  const setup = parsePlaySetup(PacePlaySetup, raw);
  checkOnce('players', setup.players);
  if (!setup.lone && !setup.players.length) throw new RangeError('invalid setup players: nobody plays');
  return setup;
}

const finishOf = ({ finishes }: PaceState, player: string, trial: number): number | undefined => finishes[player]?.[trial];

function finished(state: PaceState, player: string, trial: number, seconds: number): PaceState | 'not-allowed' {
  if (finishOf(state, player, trial) !== undefined) return 'not-allowed';
  return {
    ...state,
    finishes: { ...state.finishes, [player]: { ...state.finishes[player], [trial]: seconds } },
    last: { ...state.last, [player]: trial },
    turns: added(state.turns, [player]),
  };
}

function step(_: PacePlaySetup, state: PaceState, event: PaceEvent & { at: number }): PaceState | 'not-allowed' {
  if (event.type === 'finish') return finished(state, event.player, event.trial, event.seconds);
  if (event.type === 'go') return { ...state, on: { trial: event.trial, at: event.at } };
  const { on } = state;
  if (!on || event.at <= on.at) return 'not-allowed';
  return finished(state, event.player, on.trial, event.at - on.at);
}

const hasAll = ({ trials }: PacePlaySetup, state: PaceState, player: string): boolean =>
  trials.every((_, trial) => finishOf(state, player, trial) !== undefined);

/** Sums of the distances from the targets, of those who finished anything. */
function offBy({ trials }: PacePlaySetup, { finishes }: PaceState): Ledger {
  const sum = (times: Record<number, number>) =>
    Object.entries(times).reduce((all, [trial, seconds]) => all + Math.abs(seconds - trials[Number(trial)].targetSeconds), 0);
  return Object.fromEntries(Object.entries(finishes).map(([id, times]) => [id, sum(times)]));
}

/** The rules of pace: closest to the target is best, not fastest. */
export const paceRules: PlayRules<PacePlaySetup, PaceState, PaceEvent> = {
  version: 1,
  parse,
  players: ({ players }) => players,
  indices: () => 1,
  start: ({ players }) => ({ here: [...players], finishes: {}, last: {}, turns: zeros(players) }),
  events: {
    finish: z.object({
      type: z.literal('finish'),
      player: z.string(),
      trial: z.number().int().min(0),
      seconds: z.number().positive(),
    }),
    go: z.object({ type: z.literal('go'), trial: z.number().int().min(0) }),
    in: z.object({ type: z.literal('in'), player: z.string() }),
  },
  inRange: ({ trials }, _, event) => event.type === 'in' || event.trial < trials.length,
  named: (event) => (event.type === 'go' ? [] : [event.player]),
  step,
  active: (_, { here }) => here,
  /** Of everyone: seconds of each trial, −1 for none; the trial that is on and since when. */
  sheet: ({ trials }, state) => ({
    ...Object.fromEntries(Object.keys(state.turns).map((id) => [id, trials.map((_, trial) => finishOf(state, id, trial) ?? -1)])),
    ...(state.on ? { '@on': [state.on.trial, state.on.at] } : {}),
  }),
  vacate: (_, state, player) => ({ ...state, here: state.here.filter((id) => id !== player) }),
  join: (_, state, player) => ({ ...state, here: [...state.here, player], turns: entered(state.turns, player) }),
  back: (_, state, player) => ({ ...state, here: [...state.here, player] }),
  finished: (setup, state) => state.here.length > 0 && state.here.every((id) => hasAll(setup, state, id)),
  view: (setup, state) => ({
    scores: offBy(setup, state),
    tally: Object.fromEntries(
      Object.entries(state.last).map(([id, trial]) => [id, finishOf(state, id, trial)! - setup.trials[trial].targetSeconds]),
    ),
    places: { play: state.here },
    waiting: [],
    turns: state.turns,
  }),
  winners(setup, state) {
    const sums = offBy(setup, state);
    const whole = Object.keys(sums).filter((id) => hasAll(setup, state, id));
    const least = Math.min(...whole.map((id) => sums[id]));
    return whole.filter((id) => sums[id] === least);
  },
};
