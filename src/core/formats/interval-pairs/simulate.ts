import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { boutCount, intervalRules, runnerAt } from './play.ts';
import type { IntervalPlaySetup } from './setup.ts';

/** Seconds that a repetition takes. Side Court default, for try-outs. */
const REP_S = 3;

/** One play by the clock: everyone at an exercise counts, then the switch. */
export function simulateInterval(setup: IntervalPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const events: PlayEvent[] = [];
  for (let bout = 1; bout <= boutCount(setup); bout++) {
    const at = bout * setup.boutSeconds;
    if (at > seconds + 1e-9) break;
    for (const pair of setup.pairs)
      pair.forEach((player, k) => {
        if (k === runnerAt(pair.length, bout)) return;
        const count = Math.round((setup.boutSeconds / REP_S) * (0.6 + 0.8 * random.float()));
        events.push({ at, type: 'reps', player, count });
      });
    events.push({ at, type: 'switch' });
  }
  return events;
}

/** All are active in every bout; the wait is the change between two. */
export function intervalForecast(setup: IntervalPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(intervalRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  const bouts = Math.min(boutCount(setup), Math.floor(played / setup.boutSeconds + 1e-9));
  const numbers = Array.from({ length: bouts }, (_, b) => b + 1);
  return summarise(
    options.seconds,
    setup.pairs.flatMap((pair) =>
      pair.map((id, k) => ({
        ...{ id, active: played, wait: setup.moveSeconds },
        turns: numbers.filter((bout) => runnerAt(pair.length, bout) === k).length,
      })),
    ),
  );
}
