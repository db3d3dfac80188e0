import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { perimeterRules } from './play.ts';
import type { PerimeterPlaySetup } from './setup.ts';

/** Seconds of travel between two stops if the setup does not say, and of a stop with what is done at it. */
const GO_S = 20;
const STOP_S = 8;
/** Chance that one of the class is late. Side Court default, for try-outs. */
const LATE = 0.03;

/** One play: travel, stop, now and then somebody late; rings swap at every fourth stop. */
export function simulatePerimeter(setup: PerimeterPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const events: PlayEvent[] = [];
  const go = setup.goSeconds ?? GO_S;
  for (let at = go, stop = 1; at <= seconds; at += go * (0.7 + 0.6 * random.float()) + STOP_S, stop++) {
    const late = setup.players.filter(() => random.float() < LATE);
    events.push({ at, type: 'stop', ...(late.length ? { late } : {}) });
    if (setup.mode === 'rings' && stop % 4 === 0) events.push({ at, type: 'swap' });
  }
  return events;
}

/** All travel from stop to stop; at a stop all stand, also those who come late. */
export function perimeterForecast(setup: PerimeterPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(perimeterRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  const go = setup.goSeconds ?? GO_S;
  const turns = Math.floor(played / (go + STOP_S));
  return summarise(
    options.seconds,
    setup.players.map((id) => ({ id, active: (played * go) / (go + STOP_S), turns, wait: STOP_S })),
  );
}
