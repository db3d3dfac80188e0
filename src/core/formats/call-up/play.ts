import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { CallUpPlaySetup } from './setup.ts';

/** `here`: who is on each side, in the order of their numbers; `order`: all who ever were. `inPlay`: who was called, empty between calls. */
export interface CallUpState {
  here: [string[], string[]];
  order: [string[], string[]];
  open: boolean;
  inPlay: string[];
  called: number;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

export type CallUpEvent = { type: 'call'; numbers: number[] } | { type: 'goal'; side: string } | { type: 'over' };

function parse(raw: unknown): CallUpPlaySetup {
  const setup = parsePlaySetup(CallUpPlaySetup, raw);
  checkOnce(
    'sides',
    setup.sides.flatMap((s) => s.members),
  );
  if (setup.sides[0].id === setup.sides[1].id)
    throw new RangeError(`invalid setup sides: repeated id ${JSON.stringify(setup.sides[0].id)}`);
  if (setup.lone) return setup;
  if (setup.sides.some((s) => !s.members.length)) throw new RangeError('invalid setup sides: a side without members');
  const most = Math.max(...setup.sides.map((s) => s.members.length));
  if (setup.atOnce > most) throw new RangeError(`invalid setup atOnce: ${setup.atOnce} of ${most}`);
  return setup;
}

/** The highest number that is called: the size of the larger side. */
export const highest = ({ here }: Pick<CallUpState, 'here'>): number => Math.max(here[0].length, here[1].length);

/** Whom numbers call: on a shorter side they go on from its first member. */
export const calledBy = (here: readonly (readonly string[])[], numbers: readonly number[]): string[] => [
  ...new Set(here.flatMap((side) => (side.length ? numbers.map((i) => side[(i - 1) % side.length]) : []))),
];

/** The call that is open has had its turn. */
const closed = (state: CallUpState): CallUpState =>
  state.open ? { ...state, open: false, inPlay: [], turns: added(state.turns, state.inPlay) } : state;

function step(setup: CallUpPlaySetup, state: CallUpState, event: CallUpEvent): CallUpState | 'not-allowed' {
  switch (event.type) {
    case 'call': {
      if (state.called >= setup.calls) return 'not-allowed';
      const before = closed(state);
      return { ...before, open: true, inPlay: calledBy(state.here, event.numbers), called: state.called + 1 };
    }
    case 'goal':
      return state.open ? { ...state, scores: added(state.scores, [event.side]) } : 'not-allowed';
    case 'over':
      return state.open ? closed(state) : 'not-allowed';
  }
}

function seated(state: CallUpState, player: string, to: 0 | 1): CallUpState {
  const put = (list: readonly string[], i: number) =>
    i === to ? [...list.filter((id) => id !== player), player] : list.filter((id) => id !== player);
  return {
    ...state,
    here: [put(state.here[0], 0), put(state.here[1], 1)],
    order: [put(state.order[0], 0), put(state.order[1], 1)],
    turns: entered(state.turns, player),
  };
}

/** The rules of sides that are called up by their numbers. */
export const callUpRules: PlayRules<CallUpPlaySetup, CallUpState, CallUpEvent> = {
  version: 1,
  parse,
  players: ({ sides }) => sides.flatMap((s) => s.members),
  indices: () => 2,
  start: ({ sides }) => {
    const here: [string[], string[]] = [sides[0].members, sides[1].members];
    return {
      ...{ here, order: here, open: false, inPlay: [], called: 0 },
      scores: zeros(sides.map((s) => s.id)),
      turns: zeros(here.flat()),
    };
  },
  events: {
    call: z.object({ type: z.literal('call'), numbers: z.array(z.number().int().min(1)).min(1) }),
    goal: z.object({ type: z.literal('goal'), side: z.string() }),
    over: z.object({ type: z.literal('over') }),
  },
  inRange: ({ atOnce }, state, event) =>
    event.type !== 'call' ||
    (event.numbers.length <= atOnce &&
      new Set(event.numbers).size === event.numbers.length &&
      event.numbers.every((i) => i <= highest(state))),
  named: () => [],
  knows: ({ sides }, event) => event.type !== 'goal' || sides.some((s) => s.id === event.side),
  step,
  active: (_, { inPlay }) => inPlay,
  /** Which side each is of, and their number there: what a board calls them by. */
  sheet: (_, { here }) => Object.fromEntries(here.flatMap((side, s) => side.map((id, i) => [id, [s, i + 1]]))),
  vacate: (_, state, player) => ({
    ...state,
    here: [state.here[0].filter((id) => id !== player), state.here[1].filter((id) => id !== player)],
    inPlay: state.inPlay.filter((id) => id !== player),
  }),
  join: (_, state, player, index) =>
    seated(state, player, index === 0 || index === 1 ? index : state.here[1].length < state.here[0].length ? 1 : 0),
  back: (_, state, player) => seated(state, player, state.order[1].includes(player) ? 1 : 0),
  finished: ({ calls }, { called, open }) => called >= calls && !open,
  view: (_, { here, inPlay, called, scores, turns }) => ({
    scores,
    tally: { call: called },
    places: { in: inPlay, line: here.flat().filter((id) => !inPlay.includes(id)) },
    waiting: [],
    turns,
  }),
  winners: (_, { scores }) => leaders(scores),
};
