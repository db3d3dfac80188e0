import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { ladderSeats } from '../../rotation/ladder.ts';
import { checkOnce } from '../checkOnce.ts';
import { LadderPlaySetup } from './setup.ts';

/** Those who play together at one place; `since`: the round in which they came to their court. */
interface Side {
  ids: string[];
  since: number;
}
type Seat = Side | null;

/** `courts[i]`: who stands at place A and B of court i + 1, null where everybody left. */
export interface LadderState {
  courts: [Seat, Seat][];
  resting: Side[];
  played: number;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

/** `winners`: one for each court, court 1 first; '' where it was a tie or nobody is there. */
export type LadderEvent = { type: 'round'; winners: string[] };

const playersOf = ({ courts, resting = [], members = {} }: LadderPlaySetup): string[] =>
  [...courts.flat(), ...resting].flatMap((id) => [id, ...(members[id] ?? [])]);

function parse(raw: unknown): LadderPlaySetup {
  const setup = parsePlaySetup(LadderPlaySetup, raw);
  checkOnce('courts', playersOf(setup));
  if (!setup.courts.length && !setup.lone) throw new RangeError(`invalid setup courts: ${JSON.stringify(setup.courts)}`);
  return setup;
}

function start(setup: LadderPlaySetup): LadderState {
  const side = (id: string): Side => ({ ids: [id, ...(setup.members?.[id] ?? [])], since: 0 });
  const players = playersOf(setup);
  return {
    courts: setup.courts.map(([a, b]) => [side(a), side(b)]),
    resting: (setup.resting ?? []).map(side),
    played: 0,
    scores: zeros(players),
    turns: zeros(players),
  };
}

/** How a court's round ended: the seat that moves on as a winner does, and whether somebody won. */
interface Outcome {
  seat: 0 | 1;
  won: boolean;
}

/** The outcome on one court, or that the rules do not allow it. On the top court the seat that stays is the winner's. */
function outcomeOf([a, b]: readonly [Seat, Seat], winner: string, isTop: boolean, tie: LadderPlaySetup['tie']): Outcome | 'not-allowed' {
  if (!a && !b) return winner === '' ? { seat: 0, won: false } : 'not-allowed';
  if (!a || !b) {
    // Whoever's opponent left wins the round.
    const seat = a ? 0 : 1;
    return winner === '' || (a ?? b)!.ids.includes(winner) ? { seat, won: true } : 'not-allowed';
  }
  if (winner !== '') {
    const seat = [a, b].findIndex((side) => side.ids.includes(winner));
    return seat < 0 ? 'not-allowed' : { seat: seat as 0 | 1, won: true };
  }
  if (tie === 'rematch') return 'not-allowed';
  const stays = b.since < a.since ? 1 : 0;
  return { seat: isTop ? stays : ((1 - stays) as 0 | 1), won: false };
}

/** Where everyone stands after a round; whoever came to another court is new there. */
const moved = ({ courts, played }: LadderState, outcomes: readonly Outcome[]): [Seat, Seat][] =>
  ladderSeats(
    courts,
    outcomes.map((o) => o.seat),
  ).map((court, i): [Seat, Seat] => {
    const arrived = (k: 0 | 1): Seat => (court[k] === courts[i][k] ? court[k] : court[k] && { ...court[k], since: played + 1 });
    return [arrived(0), arrived(1)];
  });

function afterRound(setup: LadderPlaySetup, state: LadderState, winners: readonly string[]): LadderState | 'not-allowed' {
  const top = state.courts.length - 1;
  const outcomes = state.courts.map((court, i) => outcomeOf(court, winners[i], i === top, setup.tie));
  if (!outcomes.every((o) => o !== 'not-allowed')) return 'not-allowed';
  const counting = outcomes.flatMap((o, i) => (o.won && (setup.count === 'all' || i === top) ? (state.courts[i][o.seat]?.ids ?? []) : []));
  const courts = moved(state, outcomes);
  let { resting } = state;
  if (resting.length && courts.length) {
    const [incoming, ...rest] = resting;
    const seat = 1 - outcomes[0].seat;
    const out = courts[0][seat];
    courts[0][seat] = { ...incoming, since: state.played + 1 };
    resting = out ? [...rest, out] : rest;
  }
  const onCourt = state.courts.flatMap((court) => court.flatMap((side) => side?.ids ?? []));
  return {
    ...{ courts, resting, played: state.played + 1 },
    scores: added(state.scores, counting),
    turns: added(state.turns, onCourt),
  };
}

const queued = (state: LadderState, player: string): LadderState => ({
  ...state,
  resting: [...state.resting, { ids: [player], since: state.played }],
  scores: entered(state.scores, player),
  turns: entered(state.turns, player),
});

/** The rules of a ladder of courts: winners move one court up, the top's loser comes down to court 1, losers never move down. */
export const ladderRules: PlayRules<LadderPlaySetup, LadderState, LadderEvent> = {
  version: 1,
  parse,
  players: playersOf,
  indices: () => Number.POSITIVE_INFINITY,
  start,
  events: { round: z.object({ type: z.literal('round'), winners: z.array(z.string()) }) },
  inRange: (_, state, { winners }) => winners.length === state.courts.length,
  named: ({ winners }) => winners.filter((id) => id !== ''),
  step: (setup, state, { winners }) => afterRound(setup, state, winners),
  active: (_, { courts }) => courts.flatMap((court) => court.flatMap((side) => side?.ids ?? [])),
  vacate(_, state, player) {
    const without = (side: Side): Seat => {
      const ids = side.ids.filter((id) => id !== player);
      return ids.length ? { ...side, ids } : null;
    };
    return {
      ...state,
      courts: state.courts.map(([a, b]): [Seat, Seat] => [a && without(a), b && without(b)]),
      resting: state.resting.flatMap((side) => without(side) ?? []),
    };
  },
  join: (_, state, player) => queued(state, player),
  back(setup, state, player) {
    const partners = new Set(
      Object.entries(setup.members ?? {}).flatMap(([id, more]) => ([id, ...more].includes(player) ? [id, ...more] : [])),
    );
    const isOwn = (side: Seat) => side?.ids.some((id) => partners.has(id)) ?? false;
    if (![...state.courts.flat(), ...state.resting].some(isOwn)) return queued(state, player);
    const withPlayer = <S extends Seat>(side: S): S => (isOwn(side) ? { ...side!, ids: [...side!.ids, player] } : side);
    return {
      ...state,
      courts: state.courts.map(([a, b]): [Seat, Seat] => [withPlayer(a), withPlayer(b)]),
      resting: state.resting.map(withPlayer),
    };
  },
  finished: ({ rounds }, { played }) => played >= rounds,
  view: ({ rounds }, { courts, resting, played, scores, turns }) => ({
    scores,
    tally: { round: Math.min(rounds, played + 1) },
    places: Object.fromEntries(courts.map((court, i) => [`court-${i + 1}`, court.flatMap((side) => side?.ids ?? [])])),
    waiting: resting.flatMap((side) => side.ids),
    turns,
  }),
  winners: (_, { scores }) => leaders(scores),
};
