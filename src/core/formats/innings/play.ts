import { z } from 'zod';
import { entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkSides, offRoster, onRoster, rosterOf, sideOf, sideToJoin } from '../sideRoster.ts';
import { ADVANCE, BASES, type BasesState, basesPlaces, battersToCome, fieldedHit, type HitKind, settled } from './bases.ts';
import { InningsPlaySetup } from './setup.ts';
import { hitOver, nextBatter, type ShuttleState, shuttlePlaces } from './shuttle.ts';

export type InningsState = (ShuttleState | BasesState) & { at: number };
export type InningsEvent =
  | { type: 'hit'; batter: string; trips?: number; kind?: HitKind; fielded?: boolean }
  | { type: 'caught'; batter: string };

/** Fewest of a side on bases, or all could stand on one. */
export const LEAST_ON_BASES = BASES.length + 1;

function parse(raw: unknown): InningsPlaySetup {
  const setup = parsePlaySetup(InningsPlaySetup, raw);
  const { mode, sides, lone } = setup;
  checkSides(sides, lone);
  const sizes = sides.map((s) => s.members.length);
  if (mode === 'bases' && sides.length !== 2) throw new RangeError(`invalid setup sides: ${sides.length}, bases have two`);
  if (lone) return setup;
  const short = sides.find((s) => s.members.length < LEAST_ON_BASES);
  if (mode === 'bases' && short)
    throw new RangeError(`invalid setup side ${short.id}: ${short.members.length}, at least ${LEAST_ON_BASES} are needed`);
  const most = sides.length === 2 ? 2 : 1;
  if (mode === 'shuttle' && sizes.some((n) => n < 1 || n > most))
    throw new RangeError(`invalid setup sides: sizes ${sizes.join(', ')}, two sides of 1 or 2 or three sides of 1 play`);
  return setup;
}

function step(setup: InningsPlaySetup, before: InningsState, event: InningsEvent & { at: number }): InningsState | 'not-allowed' {
  const state = { ...before, at: event.at };
  if (event.type === 'caught' && state.mode === 'bases') return 'not-allowed';
  if (event.batter !== state.bat) return 'not-allowed';
  if (state.mode === 'shuttle') {
    if (event.type === 'hit') return { ...hitOver(setup, state, event.trips!), at: event.at };
    return setup.catchOut ? { ...hitOver(setup, state, 0), at: event.at } : state;
  }
  if (event.type !== 'hit' || !event.fielded) return state;
  return { ...fieldedHit(setup, state, event.kind!, event.at), at: event.at };
}

function start(setup: InningsPlaySetup): InningsState {
  const { sides, mode } = setup;
  const players = sides.flatMap((s) => s.members);
  const shared = { ...rosterOf(sides), innings: 0, scores: zeros(sides.map((s) => s.id)), turns: zeros(players), at: 0 };
  if (mode === 'shuttle') {
    const fielders = sides.slice(1).flatMap((s) => s.members);
    return { ...nextBatter(setup, { ...shared, mode, batting: 0, hitters: [], fielders }), at: 0 };
  }
  const empty: BasesState = {
    ...shared,
    mode,
    batting: 0,
    on: [undefined, undefined, undefined],
    last: {},
    scored: [],
    since: 0,
    turnSeconds: [],
  };
  const [bat] = battersToCome(setup, empty);
  return { ...(bat === undefined ? settled(setup, empty, 0) : { ...empty, bat }), at: 0 };
}

/** Play without a student: their base or place is free, their turn passes on. */
function vacated(setup: InningsPlaySetup, before: InningsState, player: string): InningsState {
  const state = offRoster(before, player);
  if (state.mode === 'shuttle') {
    const left = { ...state, fielders: state.fielders.filter((id) => id !== player) };
    return state.bat === player ? { ...nextBatter(setup, { ...left, bat: undefined }), at: state.at } : left;
  }
  const left = { ...state, on: state.on.map((id) => (id === player ? undefined : id)) };
  return { ...settled(setup, left, state.at), at: state.at };
}

/** Play with a student more, at the end of a side. */
function seated(setup: InningsPlaySetup, before: InningsState, player: string, to: string): InningsState {
  const state = { ...onRoster(before, player, to), turns: entered(before.turns, player) };
  const isBatting = setup.sides[state.batting].id === to;
  if (state.mode === 'bases') return isBatting && state.bat === undefined ? { ...settled(setup, state, state.at), at: state.at } : state;
  if (!isBatting) return { ...state, fielders: [...state.fielders, player] };
  return state.bat === undefined ? { ...state, bat: player } : state;
}

/** The rules of striking and fielding. */
export const inningsRules: PlayRules<InningsPlaySetup, InningsState, InningsEvent> = {
  version: 1,
  parse,
  players: ({ sides }) => sides.flatMap((s) => s.members),
  indices: ({ sides }) => sides.length,
  start,
  events: {
    hit: z.object({
      type: z.literal('hit'),
      batter: z.string(),
      trips: z.number().int().min(0).optional(),
      kind: z.enum(Object.keys(ADVANCE) as [HitKind, ...HitKind[]]).optional(),
      fielded: z.boolean().optional(),
    }),
    caught: z.object({ type: z.literal('caught'), batter: z.string() }),
  },
  /** A hit says its trips, or its kind and whether it was fielded. */
  inRange: ({ mode }, _, event) =>
    event.type !== 'hit' || (mode === 'shuttle' ? event.trips !== undefined : event.kind !== undefined && event.fielded !== undefined),
  named: (event) => [event.batter],
  step,
  active(setup, state) {
    const { places } = state.mode === 'shuttle' ? shuttlePlaces(setup, state) : basesPlaces(setup, state);
    return Object.values(places).flat();
  },
  /** The innings that are over, the side at bat, and of bases those who have scored of those who bat; seconds of turns that are over. */
  sheet: (setup, state) => ({
    '@turn': [
      state.innings,
      state.batting,
      state.mode === 'bases' ? state.scored.length : 0,
      state.here[setup.sides[state.batting].id].length,
    ],
    ...(state.mode === 'bases' ? { '@seconds': state.turnSeconds } : {}),
  }),
  vacate: vacated,
  join: (setup, state, player, index) => seated(setup, state, player, sideToJoin(setup.sides, state, index)),
  back: (setup, state, player) => seated(setup, state, player, sideOf(state.order, player) ?? setup.sides[0].id),
  finished: ({ innings }, state) => state.innings >= innings,
  view(setup, state) {
    const where = state.mode === 'shuttle' ? shuttlePlaces(setup, state) : basesPlaces(setup, state);
    const tally: Record<string, number> = {
      innings: state.innings,
      ...(state.mode === 'bases' ? { scored: state.scored.filter((id) => Object.values(state.here).flat().includes(id)).length } : {}),
    };
    return { scores: state.scores, tally, ...where, turns: state.turns };
  },
  winners: (_, { scores }) => leaders(scores),
};
