import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup, type Timed } from '../../play/playRules.ts';
import { CoursePlaySetup } from './setup.ts';

/** Where a student is on the loop: their first element, the one that comes next or that they are in; indices. */
export interface OnLoop {
  start: number;
  next: number;
}
export interface CourseState {
  /** In the order in which they came to be between elements. */
  between: string[];
  /** By element: who is in it, in the order of entering. */
  inside: string[][];
  loop: Record<string, OnLoop>;
  /** By element: when somebody last began a lap there. */
  began: Record<number, number>;
  laps: Record<string, number>;
  /** By student: the second at which the lap that is timed began, if one is, and the shortest so far. */
  watch: Record<string, { from?: number; best?: number }>;
  /** How often a rest began or ended. */
  changes: number;
}

export type CourseEvent =
  | { type: 'enter'; player: string; element: string }
  | { type: 'leaveElement'; player: string; element: string }
  | { type: 'lap'; player: string }
  | { type: 'bout' };

type Element = CoursePlaySetup['elements'][number];
const isSkipped = (element: Element, player: string) => element.skippedBy?.includes(player) ?? false;

/** The first element from that index on, round the loop, that the student does not go past; the index itself if they skip all. */
export function firstFor({ elements }: CoursePlaySetup, player: string, from: number): number {
  for (let i = 0; i < elements.length; i++) {
    const at = (from + i) % elements.length;
    if (!isSkipped(elements[at], player)) return at;
  }
  return from % elements.length;
}

function parse(raw: unknown): CoursePlaySetup {
  const setup = parsePlaySetup(CoursePlaySetup, raw);
  const { players, elements, starts } = setup;
  if (new Set(players).size !== players.length) throw new RangeError(`invalid setup players: repeated in ${JSON.stringify(players)}`);
  const ids = elements.map((e) => e.id);
  if (new Set(ids).size !== ids.length) throw new RangeError(`invalid setup elements: repeated id in ${JSON.stringify(ids)}`);
  const far = starts?.find((s) => s >= elements.length);
  if (far !== undefined) throw new RangeError(`invalid setup starts: ${far}, there are ${elements.length} elements`);
  return setup;
}

const beginAt = (setup: CoursePlaySetup, player: string, from: number): OnLoop => {
  const start = firstFor(setup, player, from);
  return { start, next: start };
};

/** Loses no precision in sums of seconds such as 0.1 + 0.2. */
const EPS = 1e-9;

/** A student's watch begins a lap, and keeps the one that ends if it is the shortest. */
function started(watch: CourseState['watch'], player: string, second: number): CourseState['watch'] {
  const { from, best = Number.POSITIVE_INFINITY } = watch[player] ?? {};
  const shortest = from === undefined ? best : Math.min(best, second - from);
  return { ...watch, [player]: { from: second, ...(Number.isFinite(shortest) ? { best: shortest } : {}) } };
}

/** Watches stand still, all or one student's: a lap with a rest in it is not timed. */
const stopped = (watch: CourseState['watch'], only?: string): CourseState['watch'] =>
  Object.fromEntries(
    Object.entries(watch).map(([player, { from, ...kept }]) =>
      from === undefined || player === (only ?? player) ? [player, kept] : [player, { ...kept, from }],
    ),
  );

function enter(setup: CoursePlaySetup, state: CourseState, player: string, at: number, second: number): CourseState | 'not-allowed' {
  const { start, next } = state.loop[player];
  const before = state.began[start];
  const isFull = state.inside[at].length >= setup.elements[at].capacity;
  const isSoon = at === start && before !== undefined && second < before + setup.headwaySeconds - EPS;
  if (!state.between.includes(player) || at !== next || isFull || isSoon) return 'not-allowed';
  return {
    ...state,
    between: state.between.filter((p) => p !== player),
    inside: state.inside.with(at, [...state.inside[at], player]),
    began: at === start ? { ...state.began, [start]: second } : state.began,
    watch: at === start && state.watch[player]?.from === undefined ? started(state.watch, player, second) : state.watch,
  };
}

function leave(setup: CoursePlaySetup, state: CourseState, player: string, at: number, second: number): CourseState | 'not-allowed' {
  const there = state.inside[at];
  const isOvertaking = setup.elements[at].noOvertaking && there[0] !== player;
  if (!there.includes(player) || isOvertaking) return 'not-allowed';
  const { start } = state.loop[player];
  const next = firstFor(setup, player, at + 1);
  return {
    ...state,
    between: [...state.between, player],
    inside: state.inside.with(
      at,
      there.filter((p) => p !== player),
    ),
    loop: { ...state.loop, [player]: { start, next } },
    laps: next === start ? added(state.laps, [player]) : state.laps,
    watch: next === start ? started(state.watch, player, second) : state.watch,
  };
}

/** A lap that is counted at the start alone, by somebody who is in no element. */
function wholeLap(state: CourseState, player: string, second: number): CourseState | 'not-allowed' {
  if (!state.between.includes(player)) return 'not-allowed';
  const { start } = state.loop[player];
  const loop = { ...state.loop, [player]: { start, next: start } };
  return { ...state, loop, laps: added(state.laps, [player]), watch: started(state.watch, player, second) };
}

function step(setup: CoursePlaySetup, state: CourseState, event: Timed<CourseEvent>): CourseState | 'not-allowed' {
  if (event.type === 'bout') return { ...state, changes: state.changes + 1, watch: stopped(state.watch) };
  if (event.type === 'lap') return wholeLap(state, event.player, event.at);
  const at = setup.elements.findIndex((e) => e.id === event.element);
  return event.type === 'enter' ? enter(setup, state, event.player, at, event.at) : leave(setup, state, event.player, at, event.at);
}

/** Between elements again: what they had begun there they begin once more. */
const seated = (state: CourseState, player: string, loop: OnLoop): CourseState => ({
  ...state,
  between: [...state.between, player],
  loop: { ...state.loop, [player]: loop },
  laps: entered(state.laps, player),
});

const id = z.string().min(1);

/** The rules of a loop of elements: whoever goes keeps the order, an element takes as many as it holds, a headway parts those who begin a lap. */
export const courseRules: PlayRules<CoursePlaySetup, CourseState, CourseEvent> = {
  version: 1,
  parse,
  players: ({ players }) => players,
  indices: ({ elements }) => elements.length,
  start: (setup) => ({
    between: setup.players,
    inside: setup.elements.map(() => []),
    loop: Object.fromEntries(setup.players.map((player, i) => [player, beginAt(setup, player, setup.starts?.[i] ?? 0)])),
    began: {},
    laps: zeros(setup.players),
    watch: {},
    changes: 0,
  }),
  events: {
    enter: z.object({ type: z.literal('enter'), player: id, element: id }),
    leaveElement: z.object({ type: z.literal('leaveElement'), player: id, element: id }),
    lap: z.object({ type: z.literal('lap'), player: id }),
    bout: z.object({ type: z.literal('bout') }),
  },
  named: (event) => (event.type === 'bout' ? [] : [event.player]),
  knows: ({ elements }, event) => !('element' in event) || elements.some((e) => e.id === event.element),
  step,
  active: (_, { inside }) => inside.flat(),
  sheet: (_, { watch }) => Object.fromEntries(Object.entries(watch).map(([player, { from = -1, best = -1 }]) => [player, [from, best]])),
  vacate: (_, state, player) => ({
    ...state,
    watch: stopped(state.watch, player),
    between: state.between.filter((p) => p !== player),
    inside: state.inside.map((there) => there.filter((p) => p !== player)),
  }),
  join: (setup, state, player, index) => seated(state, player, beginAt(setup, player, index ?? 0)),
  back: (_, state, player) => seated(state, player, state.loop[player]),
  finished: () => false,
  view: (setup, state) => ({
    scores: state.laps,
    tally: { bouts: state.changes },
    places: {
      ...Object.fromEntries(setup.elements.map((e, i) => [`element:${e.id}`, state.inside[i]])),
      between: state.between,
    },
    waiting: [],
    turns: state.laps,
  }),
  winners: (_, { laps }) => leaders(laps),
};
