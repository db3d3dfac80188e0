import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup, type Timed } from '../../play/playRules.ts';
import { smallest } from '../smallest.ts';
import { ClashPlaySetup } from './setup.ts';

type Posts = 'feeders' | 'guards';

/** One side now. `order`: all who ever belonged to it, in which feeders and guards follow one another; `here`: who plays. */
interface ClashSide {
  order: string[];
  here: string[];
  feeders: string[];
  guards: string[];
  /** Who held the last of those posts, also if they are gone. */
  last: Partial<Record<Posts, string>>;
}
export interface ClashState {
  sides: Record<string, ClashSide>;
  /** Targets that stand, by side. */
  up: Record<string, number>;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

/** drive: `goal`. topple and protect: `down`, `up`. pen: `through` the gap of another side. */
export type ClashEvent =
  | { type: 'goal'; side: string }
  | { type: 'down'; side: string }
  | { type: 'up'; side: string }
  | { type: 'through'; by: string; of: string }
  | { type: 'reset' };

const MODES: Record<ClashEvent['type'], readonly ClashPlaySetup['mode'][]> = {
  goal: ['drive'],
  down: ['topple', 'protect'],
  up: ['topple', 'protect'],
  through: ['pen'],
  reset: ['drive', 'topple', 'protect', 'pen'],
};

function parse(raw: unknown): ClashPlaySetup {
  const setup = parsePlaySetup(ClashPlaySetup, raw);
  const ids = setup.sides.map((s) => s.id);
  if (new Set(ids).size !== ids.length) throw new RangeError(`invalid setup sides: repeated id in ${JSON.stringify(ids)}`);
  const players = setup.sides.flatMap((s) => s.members);
  if (new Set(players).size !== players.length) throw new RangeError(`invalid setup sides: repeated member in ${JSON.stringify(players)}`);
  for (const { id, members, feeders = [], guards = [] } of setup.sides) {
    const posts = [...feeders, ...guards];
    const wrong = posts.find((p, i) => !members.includes(p) || posts.indexOf(p) !== i);
    if (wrong !== undefined) throw new RangeError(`invalid setup feeders or guards of ${id}: ${JSON.stringify(wrong)}`);
  }
  return setup;
}

/** The next `count` of those who are here and hold no other post, in the side's order, from behind `from` on. */
function nextOf(side: ClashSide, from: string | undefined, count: number, other: readonly string[]): string[] {
  const at = from === undefined ? -1 : side.order.indexOf(from);
  const round = [...side.order.slice(at + 1), ...side.order.slice(0, at + 1)];
  return round.filter((p) => side.here.includes(p) && !other.includes(p)).slice(0, count);
}

/** Whoever feeds is relieved by the next members after the last feeder. */
function passFeeding(side: ClashSide, count: number): ClashSide {
  const feeders = nextOf(side, side.last.feeders, count, side.guards);
  return { ...side, feeders, last: { ...side.last, feeders: feeders.at(-1) ?? side.last.feeders } };
}

/** Guards move on by one: the first is relieved, the others stay, the next member comes in. */
function passGuarding(side: ClashSide, count: number): ClashSide {
  const kept = side.guards.slice(1);
  const guards = [...kept, ...nextOf(side, side.last.guards, count - kept.length, [...side.feeders, ...kept])];
  return { ...side, guards, last: { ...side.last, guards: guards.at(-1) ?? side.last.guards } };
}

const eachSide = (setup: ClashPlaySetup, state: ClashState, change: (side: ClashSide, at: number) => ClashSide): ClashState => ({
  ...state,
  sides: Object.fromEntries(setup.sides.map(({ id }, i) => [id, change(state.sides[id], i)])),
});
const standing = (setup: ClashPlaySetup) => Object.fromEntries(setup.sides.map(({ id }) => [id, setup.targets]));
const everyone = (setup: ClashPlaySetup, state: ClashState) => setup.sides.flatMap(({ id }) => state.sides[id].here);

function fallen(setup: ClashPlaySetup, state: ClashState, side: string): ClashState | 'not-allowed' {
  if (state.up[side] === 0) return 'not-allowed';
  const up = added(state.up, [side], -1);
  if (setup.mode === 'protect' || up[side] > 0) return { ...state, up };
  return { ...state, up: standing(setup), scores: added(state.scores, [side]), turns: added(state.turns, everyone(setup, state)) };
}

function step(setup: ClashPlaySetup, state: ClashState, event: Timed<ClashEvent>): ClashState | 'not-allowed' {
  if (!MODES[event.type].includes(setup.mode)) return 'not-allowed';
  switch (event.type) {
    case 'goal': {
      const scored = { ...state, scores: added(state.scores, [event.side]), turns: added(state.turns, everyone(setup, state)) };
      return eachSide(setup, scored, (side, i) => passFeeding(side, setup.sides[i].feeders?.length ?? 0));
    }
    case 'down':
      return fallen(setup, state, event.side);
    case 'up':
      return state.up[event.side] < setup.targets ? { ...state, up: added(state.up, [event.side]) } : 'not-allowed';
    case 'through':
      return event.by === event.of ? 'not-allowed' : { ...state, scores: added(state.scores, [event.by]) };
    case 'reset':
      return eachSide(setup, { ...state, up: standing(setup) }, (side, i) => passGuarding(side, setup.sides[i].guards?.length ?? 0));
  }
}

const sideOf = (state: ClashState, player: string) => Object.keys(state.sides).find((id) => state.sides[id].order.includes(player));

function seatIn(state: ClashState, player: string, id: string): ClashState {
  const side = state.sides[id];
  const order = side.order.includes(player) ? side.order : [...side.order, player];
  return {
    ...state,
    sides: { ...state.sides, [id]: { ...side, order, here: [...side.here, player] } },
    turns: entered(state.turns, player),
  };
}

function join(setup: ClashPlaySetup, state: ClashState, player: string, index?: number): ClashState {
  const to = setup.sides[index ?? smallest(setup.sides.map(({ id }) => state.sides[id].here))].id;
  const before = sideOf(state, player);
  if (before === undefined || before === to) return seatIn(state, player, to);
  // Somebody who left one side and now joins another no longer stands in the first one's order.
  const left = state.sides[before];
  const gone = { ...state, sides: { ...state.sides, [before]: { ...left, order: left.order.filter((p) => p !== player) } } };
  return seatIn(gone, player, to);
}

const side = z.string().min(1);

/** The rules of sides behind no-cross lines and many small objects. */
export const clashRules: PlayRules<ClashPlaySetup, ClashState, ClashEvent> = {
  version: 1,
  parse,
  players: (setup) => setup.sides.flatMap((s) => s.members),
  indices: (setup) => setup.sides.length,
  start: (setup) => ({
    sides: Object.fromEntries(
      setup.sides.map(({ id, members, feeders = [], guards = [] }) => [
        id,
        { order: members, here: members, feeders, guards, last: { feeders: feeders.at(-1), guards: guards.at(-1) } },
      ]),
    ),
    up: standing(setup),
    scores: zeros(setup.sides.map((s) => s.id)),
    turns: zeros(setup.sides.flatMap((s) => s.members)),
  }),
  events: {
    goal: z.object({ type: z.literal('goal'), side }),
    down: z.object({ type: z.literal('down'), side }),
    up: z.object({ type: z.literal('up'), side }),
    through: z.object({ type: z.literal('through'), by: side, of: side }),
    reset: z.object({ type: z.literal('reset') }),
  },
  named: () => [],
  knows: (setup, event) => {
    const named = event.type === 'reset' ? [] : event.type === 'through' ? [event.by, event.of] : [event.side];
    return named.every((id) => setup.sides.some((s) => s.id === id));
  },
  step,
  // After a goal and at a reset everyone is back before feeders and guards are relieved.
  backFirst: ({ type }) => type === 'goal' || type === 'reset',
  active: everyone,
  vacate: (setup, state, player) =>
    eachSide(setup, state, (s) => {
      const without = (ids: string[]) => ids.filter((p) => p !== player);
      return { ...s, here: without(s.here), feeders: without(s.feeders), guards: without(s.guards) };
    }),
  join,
  back: (setup, state, player) => seatIn(state, player, sideOf(state, player) ?? setup.sides[0].id),
  finished: ({ mode, to }, { scores }) => mode !== 'protect' && to !== undefined && Object.values(scores).some((score) => score >= to),
  view: (setup, state, boxed) => {
    const sides = setup.sides.map(({ id }) => ({ id, ...state.sides[id] }));
    const hasRows = setup.mode === 'topple' || setup.mode === 'protect';
    const field = ({ here, feeders, guards }: ClashSide) => here.filter((p) => !feeders.includes(p) && !guards.includes(p));
    return {
      scores: setup.mode === 'protect' ? state.up : state.scores,
      tally: hasRows
        ? state.up
        : Object.fromEntries(sides.map(({ id, order }) => [id, boxed.filter((player) => order.includes(player)).length])),
      places: {
        ...Object.fromEntries(sides.map((s) => [s.id, field(s)])),
        feeder: sides.flatMap((s) => s.feeders),
        guard: sides.flatMap((s) => s.guards),
      },
      waiting: [],
      turns: state.turns,
    };
  },
  winners: (setup, state) => leaders(setup.mode === 'protect' ? state.up : state.scores),
};
