import { z } from 'zod';
import { added, entered, type Ledger, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { PerimeterPlaySetup } from './setup.ts';

/** `rings`: who runs in each, and the odd one; all in `play` where there is one ring alone. */
export interface PerimeterState {
  play: string[];
  rings: { outer: string[]; inner: string[]; free: string[] };
  hoops: number;
  tasks: number;
  stops: number;
  /** How often each had the free role. */
  frees: Ledger;
  turns: Ledger;
}

export type PerimeterEvent = { type: 'stop'; late?: string[] } | { type: 'swap' };

/** Hoops at the start, those that stay, and how many go each round. */
const hoopsOf = ({ hoops, leastHoops, removePerRound, players }: PerimeterPlaySetup) => ({
  first: hoops ?? Math.max(1, players.length),
  least: leastHoops ?? 1,
  fewer: removePerRound ?? 1,
});

function parse(raw: unknown): PerimeterPlaySetup {
  const setup = parsePlaySetup(PerimeterPlaySetup, raw);
  checkOnce('players', setup.players);
  if (!setup.lone && !setup.players.length) throw new RangeError('invalid setup players: nobody plays');
  checkOnce('outer', setup.outer ?? []);
  const stranger = setup.outer?.find((id) => !setup.players.includes(id));
  if (stranger !== undefined) throw new RangeError(`invalid setup outer: ${JSON.stringify(stranger)}`);
  const { first, least } = hoopsOf(setup);
  if (least > first) throw new RangeError(`invalid setup leastHoops: ${least}, with ${first} hoops`);
  return setup;
}

const isRings = ({ mode }: PerimeterPlaySetup): boolean => mode === 'rings';
const ringed = ({ outer, inner, free }: PerimeterState['rings']): string[] => [...outer, ...inner, ...free];

/** Rings of one size, with the odd one free: whoever is free steps in where one is missing, the last of a longer ring steps out. */
function evened(rings: PerimeterState['rings']): PerimeterState['rings'] {
  const { outer, inner, free } = rings;
  if (outer.length === inner.length) {
    if (free.length < 2) return rings;
    return evened({ outer: [...outer, free[0]], inner: [...inner, free[1]], free: free.slice(2) });
  }
  const [long, short] = outer.length > inner.length ? (['outer', 'inner'] as const) : (['inner', 'outer'] as const);
  if (free.length) return evened({ ...rings, [short]: [...rings[short], free[0]], free: free.slice(1) });
  if (rings[long].length - rings[short].length > 1)
    return evened({ ...rings, [long]: rings[long].slice(0, -1), [short]: [...rings[short], rings[long].at(-1)!] });
  return { ...rings, [long]: rings[long].slice(0, -1), free: rings[long].slice(-1) };
}

/** The rings after a swap: outer and inner change, and the free role goes to the next one of all, in their order. */
function swapped(rings: PerimeterState['rings'], order: readonly string[]): PerimeterState['rings'] {
  const [now] = rings.free;
  const changed = { outer: rings.inner, inner: rings.outer, free: rings.free };
  if (now === undefined) return changed;
  const at = order.indexOf(now);
  const next = [...order.slice(at + 1), ...order.slice(0, at)].find((id) => ringed(rings).includes(id));
  if (next === undefined) return changed;
  const instead = (ring: readonly string[]) => ring.map((id) => (id === next ? now : id));
  return { outer: instead(changed.outer), inner: instead(changed.inner), free: [next] };
}

function step(setup: PerimeterPlaySetup, state: PerimeterState, event: PerimeterEvent): PerimeterState | 'not-allowed' {
  const everyone = isRings(setup) ? ringed(state.rings) : state.play;
  if (event.type === 'swap') {
    if (!isRings(setup)) return 'not-allowed';
    const rings = swapped(state.rings, Object.keys(state.turns));
    return { ...state, rings, frees: added(state.frees, rings.free), turns: added(state.turns, everyone) };
  }
  const { least, fewer } = hoopsOf(setup);
  return {
    ...state,
    stops: state.stops + 1,
    tasks: state.tasks + (event.late?.length ? 1 : 0),
    hoops: isRings(setup) ? state.hoops : Math.max(Math.min(least, state.hoops), state.hoops - fewer),
    turns: isRings(setup) ? state.turns : added(state.turns, everyone),
  };
}

/** The rules of a perimeter: nobody is ever out. */
export const perimeterRules: PlayRules<PerimeterPlaySetup, PerimeterState, PerimeterEvent> = {
  version: 1,
  parse,
  players: ({ players }) => players,
  indices: () => 1,
  start(setup) {
    const { players } = setup;
    const outer = setup.outer ?? players.slice(0, Math.floor(players.length / 2));
    const inner = players.filter((id) => !outer.includes(id));
    // With an odd number the last of the inner ring is free.
    const isOdd = players.length % 2 === 1;
    const rings = isOdd ? { outer, inner: inner.slice(0, -1), free: inner.slice(-1) } : { outer, inner, free: [] };
    const even = isRings(setup) ? (isOdd && !inner.length ? evened({ ...rings }) : rings) : { outer: [], inner: [], free: [] };
    return {
      ...{ play: isRings(setup) ? [] : [...players], rings: even, hoops: hoopsOf(setup).first, tasks: 0, stops: 0 },
      frees: added(zeros(players), even.free),
      turns: zeros(players),
    };
  },
  events: {
    stop: z.object({ type: z.literal('stop'), late: z.array(z.string().min(1)).optional() }),
    swap: z.object({ type: z.literal('swap') }),
  },
  named: (event) => (event.type === 'stop' ? (event.late ?? []) : []),
  step,
  active: (setup, state) => (isRings(setup) ? ringed(state.rings) : state.play),
  /** Of everyone: how often they had the free role; and how often it stopped. */
  sheet: (_, { frees, stops }) => ({ ...Object.fromEntries(Object.entries(frees).map(([id, n]) => [id, [n]])), '@stops': [stops] }),
  vacate(setup, state, player) {
    if (!isRings(setup)) return { ...state, play: state.play.filter((id) => id !== player) };
    const without = (ring: string[]) => ring.filter((id) => id !== player);
    const { outer, inner, free } = state.rings;
    return { ...state, rings: evened({ outer: without(outer), inner: without(inner), free: without(free) }) };
  },
  join: (setup, state, player) => seated(setup, state, player),
  back: (setup, state, player) => seated(setup, state, player),
  finished: () => false,
  view(setup, { play, rings, hoops, tasks, turns }) {
    const { outer, inner, free } = rings;
    const places: Record<string, string[]> = isRings(setup) ? { outer, inner, free } : { play };
    const tally: Record<string, number> = isRings(setup) ? { tasks } : { hoops, tasks };
    return { scores: zeros(Object.keys(turns)), tally, places, waiting: [], turns };
  },
  // Nobody is out, so that nobody has lost.
  winners: (setup, state) => (isRings(setup) ? ringed(state.rings) : state.play),
};

function seated(setup: PerimeterPlaySetup, state: PerimeterState, player: string): PerimeterState {
  const known = { ...state, turns: entered(state.turns, player), frees: entered(state.frees, player) };
  if (!isRings(setup)) return { ...known, play: [...state.play, player] };
  return { ...known, rings: evened({ ...state.rings, free: [...state.rings.free, player] }) };
}
