import { startPlay } from '../play/foldPlay.ts';
import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../play/forecast.ts';
import type { PlayRules } from '../play/playRules.ts';

/**
 * The forecast of a play about whose rates nothing is known: whoever is active at the start is taken to be active all the time.
 * Turns cannot be told and are 0.
 */
export function activeAtStart<S, State, E extends { type: string }>(
  rules: PlayRules<S, State, E>,
  setup: S,
  options: ForecastOptions,
): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const isActive = new Set(rules.active(setup, startPlay(rules, setup).state));
  return summarise(
    seconds,
    rules
      .players(setup)
      .map((id) => ({ id, turns: 0, ...(isActive.has(id) ? { active: seconds, wait: 0 } : { active: 0, wait: seconds }) })),
  );
}
