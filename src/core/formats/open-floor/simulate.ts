import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { playLog } from '../../simulate/playLog.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { boutsOf } from './bouts.ts';
import { openFloorRules } from './play.ts';
import type { OpenFloorPlaySetup } from './setup.ts';
import { runSteals } from './thieves.ts';

/** One play: bouts and stages by the clock; where objects are stolen, on the floor. */
export function simulateOpenFloor(setup: OpenFloorPlaySetup, options: SimulateOptions): PlayEvent[] {
  if (setup.thieves) return runSteals(setup, options).events;
  const log = playLog(openFloorRules, setup);
  for (const { until, ends } of boutsOf(setup)) {
    if (until > options.seconds + 1e-9) break;
    if (!log.take(until, { type: ends })) break;
  }
  return log.events;
}

/** In closed form: of a group's bouts everyone has their share, one after the other; between them the object changes hands. */
export function openFloorForecast(setup: OpenFloorPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const bouts = boutsOf(setup).filter((b) => b.from < seconds);
  const played = Math.min(seconds, bouts.at(-1)?.until ?? 0);
  const state = openFloorRules.start(setup);
  return summarise(
    seconds,
    state.groups.flatMap((group, g) =>
      group.map((id, i) => {
        const mine = bouts.filter((_, b) => setup.thieves || b % group.length === i);
        const moving = bouts.filter((b, n) => mine.includes(b) || (state.defended[g] && (n + group.length - 1) % group.length === i));
        let free = 0;
        let wait = 0;
        for (const { from, until } of moving) {
          wait = Math.max(wait, from - free);
          free = until;
        }
        const active = moving.reduce((sum, { from, until }) => sum + Math.min(until, seconds) - from, 0);
        return { id, active, turns: mine.filter((b) => b.until <= seconds + 1e-9).length, wait: Math.max(wait, played - free) };
      }),
    ),
  );
}
