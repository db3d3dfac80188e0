import { z } from 'zod';
import { added, entered, type Ledger, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { smallest } from '../smallest.ts';
import { RelayPlaySetup } from './setup.ts';

/** `lines`: who stands in each, in order of going; `backs` and `missed`: turns that ended and tries that failed, by line; `first`: the line that was done first. */
export interface RelayState {
  lines: string[][];
  home: Record<string, number>;
  backs: number[];
  missed: number[];
  scores: number[];
  round: number;
  turns: Ledger;
  first?: number;
}

export type RelayEvent = { type: 'back'; line: number; made?: boolean } | { type: 'rotate' };

export const lineId = (line: number): string => `line-${line + 1}`;

function parse(raw: unknown): RelayPlaySetup {
  const setup = parsePlaySetup(RelayPlaySetup, raw);
  checkOnce('lines', setup.lines.flat());
  if (!setup.lone && setup.lines.some((l) => !l.length)) throw new RangeError('invalid setup lines: nobody in a line');
  return setup;
}

/** Turns that every line owes: as many as the longest has members, times the rounds. Infinity if the clock ends play. */
export function owedTurns({ mode, lines, rounds }: Pick<RelayPlaySetup, 'mode' | 'lines' | 'rounds'>): number {
  const isCounted = mode === 'race' || (mode === 'passing' && rounds !== undefined);
  return isCounted ? Math.max(...lines.map((l) => l.length)) * (rounds ?? 1) : Number.POSITIVE_INFINITY;
}

/** Who is going: the first ones of a line; where the object goes back overhead, the last. Nobody of a line that is done. */
const goingIn = (setup: RelayPlaySetup, { lines, backs }: RelayState, line: number): string[] => {
  if (backs[line] >= owedTurns(setup)) return [];
  return setup.mode === 'passing' ? lines[line].slice(-setup.goingAtOnce) : lines[line].slice(0, setup.goingAtOnce);
};

/** The lines after somebody of one came back, and the line in which they stand now. */
function moved({ mode }: RelayPlaySetup, lines: string[][], line: number): { who: string; lines: string[][]; to: number } {
  const own = lines[line];
  if (mode === 'passing') return { who: own.at(-1)!, lines: lines.with(line, [own.at(-1)!, ...own.slice(0, -1)]), to: line };
  const [who, ...rest] = own;
  const to = mode === 'crossing' ? (line + 1) % lines.length : line;
  const left = lines.with(line, rest);
  return { who, lines: left.with(to, [...left[to], who]), to };
}

function step(setup: RelayPlaySetup, state: RelayState, event: RelayEvent): RelayState | 'not-allowed' {
  if (event.type === 'rotate') return setup.mode === 'bay-shift' ? { ...state, round: state.round + 1 } : 'not-allowed';
  const { line, made } = event;
  const owed = owedTurns(setup);
  if (!state.lines[line].length || state.backs[line] >= owed) return 'not-allowed';
  const missed = made === false ? state.missed.with(line, state.missed[line] + 1) : state.missed;
  // Whoever missed keeps trying: that is no turn yet.
  if (setup.mode === 'until-made' && made === false) return { ...state, missed };
  const { who, lines, to } = moved(setup, state.lines, line);
  const backs = state.backs.with(line, state.backs[line] + 1);
  return {
    ...{ ...state, lines, backs, missed },
    home: { ...state.home, [who]: to },
    scores: made === false ? state.scores : state.scores.with(line, state.scores[line] + 1),
    turns: added(state.turns, [who]),
    ...(backs[line] >= owed && state.first === undefined ? { first: line } : {}),
  };
}

const seated = (state: RelayState, player: string, line: number): RelayState => ({
  ...state,
  lines: state.lines.with(line, [...state.lines[line], player]),
  home: { ...state.home, [player]: line },
  turns: entered(state.turns, player),
});

/** Returns points by line, in the shape that a view has. */
const scoresOf = ({ scores }: RelayState): Ledger => Object.fromEntries(scores.map((score, i) => [lineId(i), score]));

/** The rules of lines that go in turn. */
export const relayRules: PlayRules<RelayPlaySetup, RelayState, RelayEvent> = {
  version: 1,
  parse,
  players: ({ lines }) => lines.flat(),
  indices: ({ lines }) => lines.length,
  start: ({ lines }) => ({
    lines: lines.map((l) => [...l]),
    home: Object.fromEntries(lines.flatMap((l, i) => l.map((id) => [id, i]))),
    ...{ backs: lines.map(() => 0), missed: lines.map(() => 0), scores: lines.map(() => 0), round: 0 },
    turns: zeros(lines.flat()),
  }),
  events: {
    back: z.object({ type: z.literal('back'), line: z.number().int().min(0), made: z.boolean().optional() }),
    rotate: z.object({ type: z.literal('rotate') }),
  },
  inRange: ({ lines, mode }, _, event) =>
    event.type !== 'back' || (event.line < lines.length && (mode !== 'until-made' || event.made !== undefined)),
  named: () => [],
  step,
  active: (setup, state) => state.lines.flatMap((_, i) => goingIn(setup, state, i)),
  groupOf: ({ home }, player) => home[player],
  /** Of every line: turns that ended, tries that failed, the bay where it is (from 0). */
  sheet: ({ lines }, { backs, missed, round }) =>
    Object.fromEntries(lines.map((_, i) => [lineId(i), [backs[i], missed[i], (i + round) % lines.length]])),
  vacate: (_, state, player) => ({ ...state, lines: state.lines.map((l) => l.filter((id) => id !== player)) }),
  join: (_, state, player, index) => seated(state, player, index ?? smallest(state.lines)),
  back: (_, state, player) => seated(state, player, state.home[player]),
  finished(setup, state) {
    if (setup.to !== undefined && Math.max(...state.scores) >= setup.to) return true;
    if (setup.mode === 'bay-shift') return setup.rounds !== undefined && state.round >= setup.rounds;
    const owed = owedTurns(setup);
    return Number.isFinite(owed) && state.lines.every((line, i) => !line.length || state.backs[i] >= owed);
  },
  view: (_, state) => ({
    scores: scoresOf(state),
    tally: { round: state.round + 1, ...Object.fromEntries(state.missed.map((missed, i) => [lineId(i), missed])) },
    places: Object.fromEntries(state.lines.map((line, i) => [lineId(i), line])),
    waiting: [],
    turns: state.turns,
  }),
  winners: (_, state) => (state.first === undefined ? leaders(scoresOf(state)) : [lineId(state.first)]),
};
