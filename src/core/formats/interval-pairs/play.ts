import { z } from 'zod';
import { added, entered, type Ledger, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { smallest } from '../smallest.ts';
import { IntervalPlaySetup } from './setup.ts';

/** `bout` counts from 1; once all are over it stays at the last. */
export interface IntervalState {
  pairs: string[][];
  home: Record<string, number>;
  bout: number;
  isOver: boolean;
  reps: Ledger;
  turns: Ledger;
}

export type IntervalEvent = { type: 'switch' } | { type: 'reps'; player: string; count: number };

function parse(raw: unknown): IntervalPlaySetup {
  const setup = parsePlaySetup(IntervalPlaySetup, raw);
  checkOnce('pairs', setup.pairs.flat());
  checkOnce('exercises', setup.exercises);
  if (setup.exercises.includes('run')) throw new RangeError('invalid setup exercises: "run" is where runners are');
  if (!setup.lone && setup.pairs.some((p) => !p.length)) throw new RangeError('invalid setup pairs: nobody in a pair');
  return setup;
}

/** Bouts at an exercise before both move on: two, or three if there are trios alone. */
export function boutsEach({ pairs }: Pick<IntervalPlaySetup, 'pairs'>): number {
  const filled = pairs.filter((p) => p.length);
  return filled.length && filled.every((p) => p.length === 3) ? 3 : 2;
}
/** All bouts of a block. */
export const boutCount = (setup: Pick<IntervalPlaySetup, 'pairs' | 'exercises'>): number => boutsEach(setup) * setup.exercises.length;

/** Index of the exercise at which a pair is in a bout (from 1). */
export const exerciseAt = (setup: Pick<IntervalPlaySetup, 'pairs' | 'exercises'>, pair: number, bout: number): number =>
  (pair + Math.floor((bout - 1) / boutsEach(setup))) % setup.exercises.length;

/** Index of the one of a pair who runs in a bout; −1 where one alone has a turn at the exercise. */
export const runnerAt = (size: number, bout: number): number => {
  if (size === 1) return bout % 2 ? 0 : -1;
  return size ? (bout - 1) % size : -1;
};

const runnersOf = ({ pairs, bout }: IntervalState): string[] => pairs.flatMap((p) => p[runnerAt(p.length, bout)] ?? []);

function step(setup: IntervalPlaySetup, state: IntervalState, event: IntervalEvent): IntervalState | 'not-allowed' {
  const running = runnersOf(state);
  if (event.type === 'reps') {
    if (running.includes(event.player)) return 'not-allowed';
    return { ...state, reps: added(state.reps, [event.player], event.count) };
  }
  const turns = added(state.turns, running);
  const isOver = state.bout >= boutCount(setup);
  return { ...state, turns, isOver, bout: isOver ? state.bout : state.bout + 1 };
}

const seated = (state: IntervalState, player: string, pair: number): IntervalState => ({
  ...state,
  pairs: state.pairs.with(pair, [...state.pairs[pair], player]),
  home: { ...state.home, [player]: pair },
  reps: entered(state.reps, player),
  turns: entered(state.turns, player),
});

/** The rules of interval pairs: run, exercise, swap, then both move on. */
export const intervalRules: PlayRules<IntervalPlaySetup, IntervalState, IntervalEvent> = {
  version: 1,
  parse,
  players: ({ pairs }) => pairs.flat(),
  indices: ({ pairs }) => pairs.length,
  start: ({ pairs }) => ({
    pairs: pairs.map((p) => [...p]),
    home: Object.fromEntries(pairs.flatMap((p, i) => p.map((id) => [id, i]))),
    ...{ bout: 1, isOver: false },
    reps: zeros(pairs.flat()),
    turns: zeros(pairs.flat()),
  }),
  events: {
    switch: z.object({ type: z.literal('switch') }),
    reps: z.object({ type: z.literal('reps'), player: z.string(), count: z.number().int().min(0) }),
  },
  named: (event) => (event.type === 'reps' ? [event.player] : []),
  step,
  // Whoever exercises is as active as whoever runs.
  active: (_, { pairs }) => pairs.flat(),
  groupOf: ({ home }, player) => home[player],
  vacate: (_, state, player) => ({ ...state, pairs: state.pairs.map((p) => p.filter((id) => id !== player)) }),
  join: (_, state, player, index) => seated(state, player, index ?? smallest(state.pairs)),
  back: (_, state, player) => seated(state, player, state.home[player]),
  finished: (_, { isOver }) => isOver,
  view(setup, state) {
    const run = runnersOf(state);
    const at = (exercise: number) =>
      state.pairs.flatMap((p, i) => (exerciseAt(setup, i, state.bout) === exercise ? p.filter((id) => !run.includes(id)) : []));
    return {
      scores: state.reps,
      tally: { bout: state.bout },
      places: { run, ...Object.fromEntries(setup.exercises.map((id, e) => [id, at(e)])) },
      waiting: [],
      turns: state.turns,
    };
  },
  winners: (_, { reps }) => leaders(reps),
};
