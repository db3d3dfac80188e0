import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { laneRules } from './play.ts';
import type { LanePlaySetup } from './setup.ts';
import { TRY_SECONDS } from './simulate.ts';

/** The share of the block in which the student has the lane; alone at it all the time if the setup does not say. Closed form. */
export function laneForecast(setup: LanePlaySetup, options: ForecastOptions): Forecast {
  const { ownSeconds, blockSeconds, waitSeconds = 0 } = setup;
  if (ownSeconds === undefined || blockSeconds === undefined) return activeAtStart(laneRules, setup, options);
  checkForecastOptions(options);
  const active = Math.min(1, ownSeconds / blockSeconds) * options.seconds;
  return summarise(options.seconds, [{ id: setup.player, active, turns: Math.floor(active / TRY_SECONDS), wait: waitSeconds }]);
}
