import { z } from 'zod';
import { added, entered, type Ledger, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { checkSides, offRoster, onRoster, rosterOf, type SideRoster, sideOf, sideToJoin } from '../sideRoster.ts';
import { PossessionPlaySetup } from './setup.ts';

/** `has`: the side in possession, undefined if either may pass; `ball`: who holds it, if that is known; `giver`: from whom they have it; `home`: tagged carriers on their way back. */
export interface PossessionState extends SideRoster {
  has?: string;
  ball?: string;
  giver?: string;
  passes: number;
  home: string[];
  tags: Ledger;
  scores: Ledger;
  turns: Ledger;
}

export type PossessionEvent =
  | { type: 'pass'; from: string; to: string }
  | { type: 'turnover'; why: 'drop' | 'intercept' | 'out' | 'down'; to: string }
  | { type: 'goal'; side: string; zone?: string }
  | { type: 'tagged'; player: string }
  | { type: 'home'; player: string }
  | { type: 'stopped'; pair: string; inSpot: boolean };

/** Events that each kind of game has. */
const EVENTS: Record<PossessionPlaySetup['mode'], readonly PossessionEvent['type'][]> = {
  passes: ['pass', 'turnover'],
  goals: ['pass', 'turnover', 'goal'],
  halves: ['goal', 'tagged', 'home'],
  spots: ['stopped'],
};

function parse(raw: unknown): PossessionPlaySetup {
  const setup = parsePlaySetup(PossessionPlaySetup, raw);
  const { sides, starts, guards = [], lone } = setup;
  checkSides(sides, lone);
  if (!sides.some((s) => s.id === starts)) throw new RangeError(`invalid setup starts: ${JSON.stringify(starts)}`);
  checkOnce('guards', guards);
  const stranger = guards.find((id) => !sides.some((s) => s.members.includes(id)));
  if (stranger !== undefined) throw new RangeError(`invalid setup guards: ${JSON.stringify(stranger)}`);
  return setup;
}

const otherThan = ({ sides }: PossessionPlaySetup, side: string): string => {
  const at = sides.findIndex((s) => s.id === side);
  return sides[(at + 1) % sides.length].id;
};

/** Nobody is known to hold it, and the chain begins again. */
const free = (state: PossessionState, has: string | undefined): PossessionState => ({
  ...state,
  has,
  ball: undefined,
  giver: undefined,
  passes: 0,
});

function passed(setup: PossessionPlaySetup, state: PossessionState, from: string, to: string): PossessionState | 'not-allowed' {
  const side = sideOf(state.here, from);
  const isFair =
    side !== undefined &&
    from !== to &&
    sideOf(state.here, to) === side &&
    (state.has === undefined || state.has === side) &&
    (state.ball === undefined || state.ball === from) &&
    state.giver !== to;
  if (!isFair) return 'not-allowed';
  const passes = state.passes + 1;
  const turns = added(state.turns, [to]);
  if (setup.mode === 'passes' && setup.passes !== undefined && passes >= setup.passes)
    return free({ ...state, turns, scores: added(state.scores, [side]) }, otherThan(setup, side));
  return { ...state, has: side, ball: to, giver: from, passes, turns };
}

function step(setup: PossessionPlaySetup, state: PossessionState, event: PossessionEvent): PossessionState | 'not-allowed' {
  if (!EVENTS[setup.mode].includes(event.type)) return 'not-allowed';
  switch (event.type) {
    case 'pass':
      return passed(setup, state, event.from, event.to);
    case 'turnover':
      return free(state, event.to);
    case 'goal': {
      const points = event.zone === undefined ? 1 : (setup.zonePoints?.[event.zone] ?? 1);
      const scored = { ...state, scores: added(state.scores, [event.side], points) };
      if (setup.mode === 'halves') return scored;
      return free(scored, setup.goesOn ? undefined : otherThan(setup, event.side));
    }
    case 'tagged': {
      const { player } = event;
      if (setup.guards?.includes(player) || state.home.includes(player)) return 'not-allowed';
      return { ...state, home: [...state.home, player], tags: added(state.tags, [player]) };
    }
    case 'home':
      return state.home.includes(event.player) ? { ...state, home: state.home.filter((id) => id !== event.player) } : 'not-allowed';
    case 'stopped':
      return {
        ...state,
        scores: event.inSpot ? added(state.scores, [event.pair]) : state.scores,
        turns: added(state.turns, state.here[event.pair]),
      };
  }
}

const seated = (state: PossessionState, player: string, to: string): PossessionState => ({
  ...onRoster(state, player, to),
  tags: entered(state.tags, player),
  turns: entered(state.turns, player),
});

/** The rules of possession. */
export const possessionRules: PlayRules<PossessionPlaySetup, PossessionState, PossessionEvent> = {
  version: 1,
  parse,
  players: ({ sides }) => sides.flatMap((s) => s.members),
  indices: ({ sides }) => sides.length,
  start: ({ sides, starts }) => ({
    ...{ ...rosterOf(sides), has: starts, passes: 0, home: [] },
    tags: zeros(sides.flatMap((s) => s.members)),
    scores: zeros(sides.map((s) => s.id)),
    turns: zeros(sides.flatMap((s) => s.members)),
  }),
  events: {
    pass: z.object({ type: z.literal('pass'), from: z.string(), to: z.string() }),
    turnover: z.object({ type: z.literal('turnover'), why: z.enum(['drop', 'intercept', 'out', 'down']), to: z.string() }),
    goal: z.object({ type: z.literal('goal'), side: z.string(), zone: z.string().optional() }),
    tagged: z.object({ type: z.literal('tagged'), player: z.string() }),
    home: z.object({ type: z.literal('home'), player: z.string() }),
    stopped: z.object({ type: z.literal('stopped'), pair: z.string(), inSpot: z.boolean() }),
  },
  named(event) {
    if (event.type === 'pass') return [event.from, event.to];
    return event.type === 'tagged' || event.type === 'home' ? [event.player] : [];
  },
  knows({ sides, zonePoints }, event) {
    const isSide = (id: string) => sides.some((s) => s.id === id);
    if (event.type === 'turnover') return isSide(event.to);
    if (event.type === 'stopped') return isSide(event.pair);
    if (event.type !== 'goal') return true;
    return isSide(event.side) && (event.zone === undefined || zonePoints === undefined || Object.hasOwn(zonePoints, event.zone));
  },
  step,
  active: (_, { here }) => Object.values(here).flat(),
  /** The side in possession by its index, −1 for either; times tagged of everyone; who gave the ball to its holder, by the index in that list. */
  sheet({ sides }, { has, tags, giver }) {
    const all = Object.keys(tags);
    return {
      ...Object.fromEntries(all.map((id) => [id, [tags[id]]])),
      '@has': [sides.findIndex((s) => s.id === has), giver === undefined ? -1 : all.indexOf(giver)],
    };
  },
  vacate(_, state, player) {
    const left = { ...offRoster(state, player), home: state.home.filter((id) => id !== player) };
    if (state.ball === player) return free(left, state.has);
    return state.giver === player ? { ...left, giver: undefined } : left;
  },
  join: ({ sides }, state, player, index) => seated(state, player, sideToJoin(sides, state, index)),
  back: ({ sides }, state, player) => seated(state, player, sideOf(state.order, player) ?? sides[0].id),
  finished: () => false,
  view(_, { here, home, ball, passes, scores, turns }) {
    const places = Object.fromEntries(Object.entries(here).map(([id, side]) => [id, side.filter((p) => !home.includes(p))]));
    return {
      ...{ scores, tally: { passes }, waiting: [], turns },
      places: { ...places, ...(home.length ? { home } : {}), '@ball': ball === undefined ? [] : [ball] },
    };
  },
  winners: (_, { scores }) => leaders(scores),
};
