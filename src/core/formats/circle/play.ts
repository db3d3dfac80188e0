import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { checkSides, offRoster, onRoster, rosterOf, sideOf, sideToJoin } from '../sideRoster.ts';
import { broken, keptUp, overBarrier } from './chain.ts';
import { CirclePlaySetup } from './setup.ts';
import { type CircleState, RING } from './state.ts';

export type CircleEvent =
  | { type: 'move'; id: string }
  | { type: 'stayed'; number: number }
  | { type: 'hit'; by: string }
  | { type: 'ground' }
  | { type: 'catch'; by: string }
  | { type: 'point'; side: string }
  | { type: 'pulled'; who: string }
  | { type: 'rescued'; who: string; by: string }
  | { type: 'gone'; who: string }
  | { type: 'reset'; takers: string[]; rescuers: string[] }
  | { type: 'next' };

/** Events that each kind of circle has. */
const EVENTS: Record<CirclePlaySetup['mode'], readonly CircleEvent['type'][]> = {
  sequence: ['move', 'stayed'],
  'keep-up': ['hit', 'ground', 'catch'],
  barrier: ['hit', 'ground', 'catch', 'point'],
  crews: ['pulled', 'rescued', 'gone', 'reset'],
  leader: ['next'],
};

/** The sides of a barrier, or everyone as one ring. */
export const sidesIn = (setup: CirclePlaySetup): { id: string; members: string[] }[] =>
  setup.mode === 'barrier' ? setup.sides : [{ id: RING, members: setup.players }];
const everyone = ({ here }: CircleState): string[] => Object.values(here).flat();
/** The next one of the ring after somebody, present or not. */
function after(state: CircleState, player: string | undefined): string | undefined {
  const order = Object.values(state.order).flat();
  const at = player === undefined ? -1 : order.indexOf(player);
  return [...order.slice(at + 1), ...order.slice(0, at + 1)].find((id) => id !== player && everyone(state).includes(id));
}

function parse(raw: unknown): CirclePlaySetup {
  const setup = parsePlaySetup(CirclePlaySetup, raw);
  checkSides(sidesIn(setup), setup.lone);
  const known = (field: string, ids: readonly string[]) => {
    checkOnce(field, ids);
    const stranger = ids.find((id) => !sidesIn(setup).some((s) => s.members.includes(id)));
    if (stranger !== undefined) throw new RangeError(`invalid setup ${field}: ${JSON.stringify(stranger)}`);
  };
  if (setup.mode === 'sequence') checkOnce('moves', setup.moves);
  if (setup.mode === 'keep-up' && setup.centre !== undefined) known('centre', [setup.centre]);
  if (setup.mode === 'crews') known('takers and rescuers', [...setup.takers, ...setup.rescuers]);
  return setup;
}

/** Numbers round the edge as they are dealt: 1, 2, …, n, 1, 2, …, also where the count does not divide. */
export const numberOf = (index: number, numbers: number): number => (index % numbers) + 1;

function crew(setup: Extract<CirclePlaySetup, { mode: 'crews' }>, state: CircleState, event: CircleEvent): CircleState | 'not-allowed' {
  const { takers, rescuers, pulled } = state;
  if (event.type === 'reset') {
    const both = [...event.takers, ...event.rescuers];
    if (new Set(both).size !== both.length || event.takers.length >= setup.limit) return 'not-allowed';
    return {
      ...{ ...state, takers: event.takers, rescuers: event.rescuers, pulled: [] },
      roles: added(state.roles, both),
      turns: added(state.turns, everyone(state)),
    };
  }
  if (takers.length >= setup.limit) return 'not-allowed';
  if (event.type === 'pulled') {
    const isEdge = ![...takers, ...rescuers, ...pulled].includes(event.who);
    return isEdge ? { ...state, pulled: [...pulled, event.who] } : 'not-allowed';
  }
  if (event.type !== 'rescued' && event.type !== 'gone') return 'not-allowed';
  if (!pulled.includes(event.who)) return 'not-allowed';
  const left = { ...state, pulled: pulled.filter((id) => id !== event.who) };
  if (event.type === 'gone') return { ...left, takers: [...takers, event.who] };
  return rescuers.includes(event.by) ? { ...left, scores: added(state.scores, [event.by]) } : 'not-allowed';
}

function step(setup: CirclePlaySetup, state: CircleState, event: CircleEvent): CircleState | 'not-allowed' {
  if (!EVENTS[setup.mode].includes(event.type)) return 'not-allowed';
  if (setup.mode === 'crews') return crew(setup, state, event);
  switch (event.type) {
    case 'move':
      return setup.mode === 'sequence' && setup.moves[state.step] === event.id
        ? { ...state, step: state.step + 1, turns: added(state.turns, everyone(state)) }
        : 'not-allowed';
    case 'stayed':
      return { ...state, stayed: added(state.stayed, [`${event.number}`]) };
    case 'hit':
      if (setup.mode === 'keep-up') return keptUp(setup, state, event.by);
      return setup.mode === 'barrier' ? overBarrier(setup, state, event.by) : 'not-allowed';
    case 'ground': {
      const fallen = broken(state, setup.mode === 'keep-up' && setup.resume);
      return state.centre === undefined ? fallen : { ...fallen, centre: after(state, state.centre) ?? state.centre };
    }
    case 'catch':
      if (setup.mode === 'keep-up' && setup.catching) return state;
      return broken(state, setup.mode === 'keep-up' && setup.resume);
    case 'point':
      return setup.mode === 'barrier' && !setup.joint ? broken({ ...state, scores: added(state.scores, [event.side]) }) : 'not-allowed';
    case 'next':
      return {
        ...state,
        led: state.led + 1,
        turns: state.leader === undefined ? state.turns : added(state.turns, [state.leader]),
        leader: after(state, state.leader) ?? state.leader,
      };
    default:
      return 'not-allowed';
  }
}

const seated = (state: CircleState, player: string, to: string): CircleState => ({
  ...onRoster(state, player, to),
  roles: entered(state.roles, player),
  turns: entered(state.turns, player),
  ...(state.leader === undefined && state.led > 0 ? { leader: player } : {}),
});

function placesOf(setup: CirclePlaySetup, state: CircleState): Record<string, string[]> {
  if (setup.mode === 'crews') {
    const { takers, rescuers, pulled } = state;
    const edge = everyone(state).filter((id) => ![...takers, ...rescuers, ...pulled].includes(id));
    return { taker: takers, rescuer: rescuers, pulled, edge };
  }
  const overlay: Record<string, string[]> = {
    ...(state.centre === undefined ? {} : { '@centre': [state.centre] }),
    ...(state.leader === undefined ? {} : { '@leader': [state.leader] }),
  };
  return { ...state.here, ...overlay };
}

/** What decides, by kind: rescues, points of a side, objects that stayed, the best chain. */
function scoresOf(setup: CirclePlaySetup, state: CircleState) {
  if (setup.mode === 'sequence') return state.stayed;
  if (setup.mode === 'keep-up') return { group: state.best };
  return state.scores;
}

function tallyOf(setup: CirclePlaySetup, { step: done, chain, best, led, takers }: CircleState): Record<string, number> {
  if (setup.mode === 'sequence') return { step: done };
  if (setup.mode === 'leader') return { led };
  if (setup.mode === 'crews') return { takers: takers.length };
  return setup.mode === 'keep-up' ? { chain } : { chain, best };
}

/** The rules of circles. */
export const circleRules: PlayRules<CirclePlaySetup, CircleState, CircleEvent> = {
  version: 1,
  parse,
  players: (setup) => sidesIn(setup).flatMap((s) => s.members),
  indices: (setup) => sidesIn(setup).length,
  start(setup) {
    const sides = sidesIn(setup);
    const all = sides.flatMap((s) => s.members);
    const [takers, rescuers] = setup.mode === 'crews' ? [setup.takers, setup.rescuers] : [[], []];
    const numbers = setup.mode === 'sequence' ? (setup.numbers ?? 0) : 0;
    return {
      ...{ ...rosterOf(sides), step: 0, chain: 0, best: 0, repeats: 0, led: 0, takers, rescuers, pulled: [] },
      stayed: zeros(Array.from({ length: numbers }, (_, i) => `${i + 1}`)),
      roles: added(zeros(all), [...takers, ...rescuers]),
      scores: setup.mode === 'barrier' ? zeros(sides.map((s) => s.id)) : {},
      turns: zeros(all),
      ...(setup.mode === 'keep-up' && setup.centre !== undefined ? { centre: setup.centre } : {}),
      ...(setup.mode === 'leader' && all.length ? { leader: all[0] } : {}),
    };
  },
  events: {
    move: z.object({ type: z.literal('move'), id: z.string() }),
    stayed: z.object({ type: z.literal('stayed'), number: z.number().int().min(1) }),
    hit: z.object({ type: z.literal('hit'), by: z.string() }),
    ground: z.object({ type: z.literal('ground') }),
    catch: z.object({ type: z.literal('catch'), by: z.string() }),
    point: z.object({ type: z.literal('point'), side: z.string() }),
    pulled: z.object({ type: z.literal('pulled'), who: z.string() }),
    rescued: z.object({ type: z.literal('rescued'), who: z.string(), by: z.string() }),
    gone: z.object({ type: z.literal('gone'), who: z.string() }),
    reset: z.object({ type: z.literal('reset'), takers: z.array(z.string()), rescuers: z.array(z.string()) }),
    next: z.object({ type: z.literal('next') }),
  },
  inRange: (setup, _, event) => event.type !== 'stayed' || setup.mode !== 'sequence' || event.number <= (setup.numbers ?? 0),
  named(event) {
    if (event.type === 'hit' || event.type === 'catch') return [event.by];
    if (event.type === 'rescued') return [event.who, event.by];
    if (event.type === 'pulled' || event.type === 'gone') return [event.who];
    return event.type === 'reset' ? [...event.takers, ...event.rescuers] : [];
  },
  knows(setup, event) {
    if (event.type === 'move') return setup.mode !== 'sequence' || setup.moves.includes(event.id);
    return event.type !== 'point' || setup.mode !== 'barrier' || setup.sides.some((s) => s.id === event.side);
  },
  step,
  active: (_, state) => everyone(state),
  /** Of everyone: how often they had a role; the best chain; who has led. */
  sheet: (_, { roles, best, led }) => ({ ...Object.fromEntries(Object.entries(roles).map(([id, n]) => [id, [n]])), '@best': [best, led] }),
  vacate(_, state, player) {
    const without = (ids: string[]) => ids.filter((id) => id !== player);
    const { takers, rescuers, pulled, centre, leader } = state;
    return {
      ...{ ...offRoster(state, player), takers: without(takers), rescuers: without(rescuers), pulled: without(pulled) },
      ...(centre === player ? { centre: after(state, player) } : {}),
      ...(leader === player ? { leader: after(state, player) } : {}),
      ...(state.last === player ? { last: undefined, giver: undefined, repeats: 0 } : {}),
      ...(state.giver === player ? { giver: undefined } : {}),
    };
  },
  join: (setup, state, player, index) => seated(state, player, sideToJoin(sidesIn(setup), state, index)),
  back: (setup, state, player) => seated(state, player, sideOf(state.order, player) ?? sidesIn(setup)[0].id),
  finished(setup, state) {
    if (setup.mode === 'sequence') return setup.moves.length > 0 && state.step >= setup.moves.length;
    return setup.mode === 'leader' && state.led > 0 && state.led >= everyone(state).length;
  },
  view: (setup, state) => ({
    scores: scoresOf(setup, state),
    tally: tallyOf(setup, state),
    places: placesOf(setup, state),
    waiting: [],
    turns: state.turns,
  }),
  winners(setup, state) {
    const isShared = setup.mode === 'sequence' || setup.mode === 'leader' || (setup.mode === 'barrier' && setup.joint);
    return isShared ? everyone(state) : leaders(scoresOf(setup, state));
  },
};
