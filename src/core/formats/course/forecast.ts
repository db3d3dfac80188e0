import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import { meanOfPlays, measurePlay } from '../../simulate/measurePlay.ts';
import { courseRules } from './play.ts';
import type { CoursePlaySetup } from './setup.ts';
import { simulateCourse } from './simulate.ts';

/** Plays simulated if elements have a spread: shares are then good to about half a point. */
const PLAYS = 20;

/** Simulated plays in which everyone goes as soon as they may; one if nothing in them is left to chance. */
export function courseForecast(setup: CoursePlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds, seed } = options;
  const isFixed = setup.elements.every((e) => !e.sd);
  const count = isFixed ? 1 : options.plays || PLAYS;
  const plays = Array.from({ length: count }, (_, i) =>
    measurePlay(courseRules, setup, simulateCourse(setup, { seconds, seed: seed + i }), seconds),
  );
  return { ...summarise(seconds, meanOfPlays(plays)), plays: count };
}

/** What holds the throughput back: how often somebody is let go, an element, or how many are there. */
export interface Throughput {
  /** Laps a second of all together in the long run, without spread. */
  lapsPerSecond: number;
  by: 'headway' | 'element' | 'players';
  /** The element that takes the fewest, by its id. */
  slowest: string;
}

/** min(starts/headway, capacity ÷ seconds of the slowest element, players ÷ seconds of a lap): the bounds of a closed loop of queues with fixed times. */
export function courseThroughput({ elements, players, headwaySeconds, starts }: CoursePlaySetup): Throughput {
  const lap = elements.reduce((sum, e) => sum + e.seconds, 0);
  const slowest = elements.reduce((a, b) => (b.capacity / b.seconds < a.capacity / a.seconds ? b : a));
  const bounds = [
    { by: 'players' as const, lapsPerSecond: players.length / lap },
    { by: 'element' as const, lapsPerSecond: slowest.capacity / slowest.seconds },
    {
      by: 'headway' as const,
      lapsPerSecond: headwaySeconds > 0 ? Math.max(1, new Set(starts).size) / headwaySeconds : Number.POSITIVE_INFINITY,
    },
  ];
  const least = bounds.reduce((a, b) => (b.lapsPerSecond < a.lapsPerSecond ? b : a));
  return { ...least, slowest: slowest.id };
}

/**
 * The same at once, in closed form: everyone is in an element as often as the throughput lets them, and waits for the rest of a lap.
 * Longest wait: the one at the slowest element, or at the start for the last who is let go. Without spread, in the long run.
 */
export function courseQuick(setup: CoursePlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds ?? options.seconds);
  const { elements, players, headwaySeconds, starts = [] } = setup;
  if (!players.length) return summarise(options.seconds, []);
  const lap = elements.reduce((sum, e) => sum + e.seconds, 0);
  const { lapsPerSecond, slowest } = courseThroughput(setup);
  const each = lapsPerSecond / players.length;
  const element = elements.find((e) => e.id === slowest)!;
  const queueing = Math.max(0, 1 / each - lap);
  const gate = headwaySeconds * (Math.ceil(players.length / Math.max(1, new Set(starts).size)) - 1);
  const share = Math.min(1, each * lap);
  const wait = Math.min(played, Math.max(queueing > element.seconds / element.capacity ? queueing : 0, gate));
  return summarise(
    options.seconds,
    players.map((id) => ({ id, active: share * played, turns: Math.floor(each * played), wait })),
  );
}
