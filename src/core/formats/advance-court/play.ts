import { z } from 'zod';
import { type PlayEvent, type PlayRules, parsePlaySetup } from '../play.ts';
import { AdvanceCourtPlay } from './setup.ts';

/** `court[i]`: who stands at place i + 1, null where nobody does; `queue` in order. */
export interface CourtState {
  court: (string | null)[];
  queue: string[];
  rallies: number;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

function parse(raw: unknown): AdvanceCourtPlay {
  const setup = parsePlaySetup(AdvanceCourtPlay, raw);
  if (new Set(setup.players).size !== setup.players.length)
    throw new RangeError(`invalid setup players: repeated in ${JSON.stringify(setup.players)}`);
  if (setup.players.length < 2 && !setup.lone) throw new RangeError(`invalid setup players: ${JSON.stringify(setup.players)}`);
  return setup;
}

/** Places on court: as many as the setup says, fewer where fewer players are there. */
export const placesOf = (setup: AdvanceCourtPlay) => Math.min(setup.positions, setup.players.length);

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
  const turns = { ...state.turns };
  for (const player of state.court) if (player !== null) turns[player] += 1;
  const scores = top === null ? state.scores : { ...state.scores, [top]: state.scores[top] + 1 };
  const { court, queue } = closeUp(state, at, erred);
  return { court, queue: state.queue.length ? [...queue, erred] : queue, rallies: state.rallies + 1, scores, turns };
}

function step(_: AdvanceCourtPlay, state: CourtState, event: PlayEvent): CourtState | 'bad-field' | 'not-allowed' {
  const at = (event.position as number) - 1;
  if (at >= state.court.length) return 'bad-field';
  return state.court[at] === null ? 'not-allowed' : afterError(state, at);
}

/** The rules of one advance court: `error` at a place ends the rally. Releases that wait for a restart come with the next error. */
export const courtPlay: PlayRules<AdvanceCourtPlay, CourtState> = {
  parse,
  players: (setup) => setup.players,
  indices: () => Number.POSITIVE_INFINITY,
  start: (setup) => ({
    court: setup.players.slice(0, placesOf(setup)),
    queue: setup.players.slice(placesOf(setup)),
    rallies: 0,
    scores: Object.fromEntries(setup.players.map((p) => [p, 0])),
    turns: Object.fromEntries(setup.players.map((p) => [p, 0])),
  }),
  events: { error: z.object({ position: z.number().int().min(1) }) },
  named: () => [],
  step,
  vacate: (_, state, player) => {
    const at = state.court.indexOf(player);
    if (at < 0) return { ...state, queue: state.queue.filter((p) => p !== player) };
    return { ...state, ...closeUp(state, at, null) };
  },
  seat: (_, state, player) => ({
    ...state,
    queue: [...state.queue, player],
    scores: { ...state.scores, [player]: state.scores[player] ?? 0 },
    turns: { ...state.turns, [player]: state.turns[player] ?? 0 },
  }),
  releases: (event) => (event.type === 'error' ? ['restart'] : []),
  finished: () => false,
  view: (_, state) => ({
    scores: state.scores,
    tally: { rallies: state.rallies },
    places: Object.fromEntries(state.court.map((player, i) => [String(i + 1), player === null ? [] : [player]])),
    waiting: state.queue,
    turns: state.turns,
  }),
  winners: (_, state) => {
    const best = Math.max(0, ...Object.values(state.scores));
    return best > 0 ? Object.keys(state.scores).filter((p) => state.scores[p] === best) : [];
  },
};
