import { z } from 'zod';
import { PROMPTS, type Prompt } from '../../model/skillLadder.ts';
import { leaders } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { LanePlaySetup } from './setup.ts';

/** Counts since the last change of step; `turns`: tries in all. */
export interface LaneState {
  isThere: boolean;
  step: number;
  tries: number;
  made: number;
  run: number;
  bestRun: number;
  turns: number;
}

/** `try`: `count` tries alike; how many objects fell and which form was seen are kept in the log beside success. */
export type LaneEvent =
  | { type: 'try'; made: boolean; prompt?: Prompt; count?: number; fallen?: number; form?: string }
  | { type: 'step'; to: number };

function parse(raw: unknown): LanePlaySetup {
  const setup = parsePlaySetup(LanePlaySetup, raw);
  if (setup.step >= setup.ladder.length) throw new RangeError(`invalid setup step: ${setup.step}, the ladder has ${setup.ladder.length}`);
  if (new Set(setup.ladder).size !== setup.ladder.length)
    throw new RangeError(`invalid setup ladder: repeated id in ${JSON.stringify(setup.ladder)}`);
  if (setup.down > setup.up) throw new RangeError(`invalid setup down: ${setup.down}, up is ${setup.up}`);
  return setup;
}

const atStep = (step: number) => ({ step, tries: 0, made: 0, run: 0, bestRun: 0 });

/** 1 for a harder step, −1 for an easier one, 0 to stay; never off the ladder. */
export function suggestion({ ladder, enough, up, down }: LanePlaySetup, { step, tries, made }: LaneState): -1 | 0 | 1 {
  if (tries < enough) return 0;
  if (made >= up * tries) return step < ladder.length - 1 ? 1 : 0;
  return made <= down * tries && step > 0 ? -1 : 0;
}

function tried(state: LaneState, made: boolean, count: number): LaneState {
  const run = made ? state.run + count : 0;
  return {
    ...state,
    run,
    tries: state.tries + count,
    made: state.made + (made ? count : 0),
    bestRun: Math.max(state.bestRun, run),
    turns: state.turns + count,
  };
}

/** The rules of a skill lane: tries, made or not, and the step they are at. */
export const laneRules: PlayRules<LanePlaySetup, LaneState, LaneEvent> = {
  version: 1,
  parse,
  players: ({ player }) => [player],
  indices: () => 0,
  start: ({ step }) => ({ isThere: true, turns: 0, ...atStep(step) }),
  events: {
    try: z.object({
      type: z.literal('try'),
      made: z.boolean(),
      prompt: z.enum(PROMPTS).optional(),
      count: z.number().int().min(1).optional(),
      fallen: z.number().int().min(0).optional(),
      form: z.string().optional(),
    }),
    step: z.object({ type: z.literal('step'), to: z.number().int().min(0) }),
  },
  inRange: ({ ladder }, _, event) => event.type !== 'step' || event.to < ladder.length,
  named: () => [],
  step(_, state, event) {
    if (event.type === 'step') return { ...state, ...atStep(event.to) };
    return state.isThere ? tried(state, event.made, event.count ?? 1) : 'not-allowed';
  },
  active: ({ player }, { isThere }) => (isThere ? [player] : []),
  vacate: (_, state) => ({ ...state, isThere: false }),
  join: () => 'not-allowed',
  back: (_, state) => ({ ...state, isThere: true }),
  finished: () => false,
  view: (setup, state) => {
    const { step, tries, made, run, bestRun, turns } = state;
    return {
      scores: { [setup.player]: made },
      tally: { tries, made, run, bestRun, step, suggest: suggestion(setup, state) },
      places: { play: state.isThere ? [setup.player] : [] },
      waiting: [],
      turns: { [setup.player]: turns },
    };
  },
  winners: ({ player }, { made }) => leaders({ [player]: made }),
};
