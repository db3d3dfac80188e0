import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { playLog } from '../../simulate/playLog.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { runHalves } from './carriers.ts';
import { type PossessionEvent, type PossessionState, possessionRules } from './play.ts';
import type { PossessionPlaySetup } from './setup.ts';

/** Seconds from one event to the next, and chances. Side Court defaults, for try-outs. */
const EVERY_S = { passes: 3, goals: 4, halves: 5, spots: 4 };
const LOST = 0.2;
const GOAL = 0.15;

/** What could happen next, by chance. */
function drawn(setup: PossessionPlaySetup, state: PossessionState, random: Rng): PossessionEvent | undefined {
  const sides = setup.sides.filter((s) => state.here[s.id].length);
  if (!sides.length) return undefined;
  const any = sides[random.below(sides.length)].id;
  if (setup.mode === 'spots') return { type: 'stopped', pair: any, inSpot: random.float() < 0.6 };
  const has = state.has ?? any;
  const other = sides.find((s) => s.id !== has)?.id ?? has;
  const chance = random.float();
  if (chance < LOST) return { type: 'turnover', why: (['drop', 'intercept', 'out', 'down'] as const)[random.below(4)], to: other };
  if (setup.mode === 'goals' && chance < LOST + GOAL) return { type: 'goal', side: has };
  const from = state.ball ?? state.here[has][random.below(state.here[has].length)];
  const to = state.here[has].filter((id) => id !== from && id !== state.giver);
  return to.length ? { type: 'pass', from, to: to[random.below(to.length)] } : { type: 'turnover', why: 'out', to: other };
}

/** One play: pass after pass by chance, or carriers on the floor who get through or are tagged. */
export function simulatePossession(setup: PossessionPlaySetup, { seconds, seed }: SimulateOptions): PlayEvent[] {
  if (setup.mode === 'halves') return runHalves(setup, { seconds, seed }).events;
  const random = seededRng(seed);
  const log = playLog(possessionRules, setup);
  for (let at = EVERY_S[setup.mode]; at <= seconds; at += EVERY_S[setup.mode] * (0.6 + 0.8 * random.float())) {
    const event = drawn(setup, log.state, random);
    if (event) log.take(at, event);
  }
  return log.events;
}

/** All on a field are on the move while it is played. */
export function possessionForecast(setup: PossessionPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(possessionRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  const all = setup.sides.flatMap((s) => s.members);
  const events = Math.floor(played / EVERY_S[setup.mode]);
  const turns = Math.floor(events / Math.max(1, setup.mode === 'spots' ? setup.sides.length : all.length));
  return summarise(
    options.seconds,
    all.map((id) => ({ id, active: played, turns, wait: 0 })),
  );
}
