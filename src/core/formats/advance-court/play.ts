import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { CourtPlaySetup } from './setup.ts';

/** `court[i]`: who stands at place i + 1, null where nobody does; `queue` in order. */
export interface CourtState {
  court: (string | null)[];
  queue: string[];
  rallies: number;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

function parse(raw: unknown): CourtPlaySetup {
  const setup = parsePlaySetup(CourtPlaySetup, raw);
  if (new Set(setup.players).size !== setup.players.length)
    throw new RangeError(`invalid setup players: repeated in ${JSON.stringify(setup.players)}`);
  if (setup.players.length < 2 && !setup.lone) throw new RangeError(`invalid setup players: ${JSON.stringify(setup.players)}`);
  return setup;
}

/** Places on court: as many as the setup says, fewer where fewer players are there. */
export const seatCount = (setup: CourtPlaySetup) => Math.min(setup.positions, setup.players.length);

/** Everyone below place `at` (from 0) one up, the queue's head to place 1; with an empty queue `stand` takes it, or nobody. */
function closeUp(state: CourtState, at: number, stand: string | null): Pick<CourtState, 'court' | 'queue'> {
  const [head, ...rest] = state.queue;
  const first = head ?? stand;
  const court = state.court.map((player, i) => (i > at ? player : i === 0 ? first : state.court[i - 1]));
  return { court, queue: rest };
}

/** The state after an error at place `at` (from 0): that rally counts for all on court, the one who erred goes to the queue's end. */
export function afterError(state: CourtState, at: number): CourtState {
  const erred = state.court[at]!;
  const top = state.court[state.court.length - 1];
  const turns = added(
    state.turns,
    state.court.filter((player) => player !== null),
  );
  const scores = top === null ? state.scores : added(state.scores, [top]);
  const { court, queue } = closeUp(state, at, erred);
  return { court, queue: state.queue.length ? [...queue, erred] : queue, rallies: state.rallies + 1, scores, turns };
}

/** A student at the end of the queue. */
const queued = (state: CourtState, player: string): CourtState => ({
  ...state,
  queue: [...state.queue, player],
  scores: entered(state.scores, player),
  turns: entered(state.turns, player),
});

/** `error`: at place `position` from 1 the rally ended. */
export type CourtEvent = { type: 'error'; position: number };

/** The rules of one advance court. */
export const courtRules: PlayRules<CourtPlaySetup, CourtState, CourtEvent> = {
  version: 1,
  parse,
  players: (setup) => setup.players,
  indices: () => Number.POSITIVE_INFINITY,
  start: (setup) => ({
    court: setup.players.slice(0, seatCount(setup)),
    queue: setup.players.slice(seatCount(setup)),
    rallies: 0,
    scores: zeros(setup.players),
    turns: zeros(setup.players),
  }),
  events: { error: z.object({ type: z.literal('error'), position: z.number().int().min(1) }) },
  inRange: (_, state, { position }) => position <= state.court.length,
  named: () => [],
  step: (_, state, { position }) => (state.court[position - 1] === null ? 'not-allowed' : afterError(state, position - 1)),
  active: (_, state) => state.court.filter((player) => player !== null),
  vacate: (_, state, player) => {
    const at = state.court.indexOf(player);
    if (at < 0) return { ...state, queue: state.queue.filter((p) => p !== player) };
    return { ...state, ...closeUp(state, at, null) };
  },
  join: (_, state, player) => queued(state, player),
  back: (_, state, player) => queued(state, player),
  finished: () => false,
  view: (_, state) => ({
    scores: state.scores,
    tally: { rallies: state.rallies },
    places: Object.fromEntries(state.court.map((player, i) => [String(i + 1), player === null ? [] : [player]])),
    waiting: state.queue,
    turns: state.turns,
  }),
  winners: (_, state) => leaders(state.scores),
};
