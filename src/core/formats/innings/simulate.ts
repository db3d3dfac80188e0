import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { playLog } from '../../simulate/playLog.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import type { HitKind } from './bases.ts';
import { runInnings } from './hitters.ts';
import { type InningsEvent, inningsRules } from './play.ts';
import type { InningsPlaySetup } from './setup.ts';

/** Seconds from a hit to the next one. Side Court defaults, for try-outs, as are the chances below. */
const HIT_S = { shuttle: 14, bases: 20 };
const FIELDED = 0.8;
const KINDS: readonly HitKind[] = ['grounder', 'grounder', 'grounder', 'short-fly', 'short-fly', 'long-fly'];

const drawnHit = (mode: InningsPlaySetup['mode'], batter: string, random: Rng): InningsEvent =>
  mode === 'shuttle'
    ? { type: 'hit', batter, trips: random.below(4) }
    : { type: 'hit', batter, kind: KINDS[random.below(KINDS.length)], fielded: random.float() < FIELDED };

/** A play of hit after hit, by chance. */
function hits(setup: InningsPlaySetup, seconds: number, seed: number) {
  const random = seededRng(seed);
  const log = playLog(inningsRules, setup);
  const every = setup.hitSeconds ?? HIT_S[setup.mode];
  for (let at = every; at <= seconds && log.state.bat !== undefined && !log.isOver(); at += every * (0.7 + 0.6 * random.float()))
    if (!log.take(at, drawnHit(setup.mode, log.state.bat, random))) break;
  return log;
}

/** One play: hit after hit, on its floor; by chance where it has none. */
export const simulateInnings = (setup: InningsPlaySetup, options: SimulateOptions): PlayEvent[] =>
  setup.floor ? runInnings(setup, options).events : hits(setup, options.seconds, options.seed).events;

/** Seconds that a side's turn takes until all have come home, in so many simulated turns, the shortest first; without a cap. */
export function turnLengths(setup: InningsPlaySetup, seed: number, turns: number): number[] {
  const { capSeconds: _, ...open } = setup;
  const { state } = hits({ ...open, innings: Math.ceil(turns / 2) }, Number.POSITIVE_INFINITY, seed);
  return state.mode === 'bases' ? [...state.turnSeconds].sort((a, b) => a - b) : [];
}

/** Whoever does not wait for a turn at bat is active: of a side at bat one hits, the others wait or run; the field is busy. */
export function inningsForecast(setup: InningsPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(inningsRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  const all = setup.sides.flatMap((s) => s.members);
  const every = setup.hitSeconds ?? HIT_S[setup.mode];
  const largest = Math.max(...setup.sides.map((s) => s.members.length));
  // At bat: one of the side hits, on bases up to three more run; the other half of the time all of it fields.
  const busyAtBat = setup.mode === 'bases' ? Math.min(largest, 3) : 1;
  const turns = setup.sides.filter((s) => s.members.length).length || 1;
  const share = (size: number) => (turns - 1) / turns + Math.min(1, busyAtBat / Math.max(1, size)) / turns;
  const hits = Math.floor(played / every);
  return summarise(
    options.seconds,
    setup.sides.flatMap(({ members }) =>
      members.map((id) => ({
        ...{ id, active: played * share(members.length), turns: Math.floor(hits / Math.max(1, all.length)) },
        wait: Math.max(members.length - busyAtBat, 0) * every,
      })),
    ),
  );
}
