import { openPlay, type PlayFold } from '../play/foldPlay.ts';
import type { Forecast, ForecastOptions } from '../play/forecast.ts';
import type { PlayRules } from '../play/playRules.ts';
import { activeAtStart } from '../simulate/activeAtStart.ts';
import { FORMATS } from './registry.ts';
import { clashRules } from './target-clash/play.ts';

/** What can be asked of a format's play alone. */
interface PlayOnly {
  open(setup: unknown): PlayFold;
  forecast(setup: unknown, options: ForecastOptions): Forecast;
}

function playOnly<S, State, E extends { type: string }>(
  rules: PlayRules<S, State, E>,
  forecast: (setup: S, options: ForecastOptions) => Forecast,
): PlayOnly {
  return { open: (setup) => openPlay(rules, setup), forecast: (setup, options) => forecast(rules.parse(setup), options) };
}

/** Plays by format, also of formats that no lesson can hold yet: their rules stand, their floor and screens do not. */
const PLAYS: Record<string, PlayOnly> = {
  ...FORMATS,
  'target-clash': playOnly(clashRules, (setup, options) => activeAtStart(clashRules, setup, options)),
};

function playOf(format: string): PlayOnly {
  if (!Object.hasOwn(PLAYS, format)) throw new RangeError(`unknown format: ${JSON.stringify(format)}`);
  return PLAYS[format];
}

/** A play at second 0. RangeError for a format without rules of play, or a setup that breaks its shape. */
export const openPlayOf = (format: string, setup: unknown): PlayFold => playOf(format).open(setup);

/** How a play is expected to go. RangeError for a format without rules of play, a setup or options that break their shape. */
export const forecastOf = (format: string, setup: unknown, options: ForecastOptions): Forecast => playOf(format).forecast(setup, options);
