import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { podsRules } from './play.ts';
import type { PodsPlaySetup } from './setup.ts';

/** Seconds from a stop to the next music if the setup does not say. */
const RESET_S = 10;
/** Chance that somebody holds the balance. Side Court default, for try-outs. */
const HOLDS = 0.6;

/** One play: music of random length, a stop, then whoever takes or holds, the same chance for all. */
export function simulatePods(setup: PodsPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const [least, most] = setup.burstSeconds;
  const events: PlayEvent[] = [];
  let at = 0;
  for (let round = 0; round < setup.rounds; round++) {
    at += least + (most - least) * random.float();
    if (at + 2 >= seconds) break;
    events.push({ at, type: 'stop' });
    if (setup.mode === 'hold') events.push({ at: at + 2, type: 'held', by: setup.pods.flat().filter(() => random.float() < HOLDS) });
    else
      setup.pods.forEach((pod, i) => {
        if (pod.length) events.push({ at: at + 1, type: 'taken', pod: i, by: pod[random.below(pod.length)] });
      });
    at += setup.resetSeconds ?? RESET_S;
  }
  return events;
}

/** While music plays all are active; from the stop to the next music nobody is. Without a length of play by who is active at the start. */
export function podsForecast(setup: PodsPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(podsRules, setup, options);
  checkForecastOptions(options);
  const { seconds } = options;
  const mean = (setup.burstSeconds[0] + setup.burstSeconds[1]) / 2;
  const reset = setup.resetSeconds ?? RESET_S;
  const rounds = Math.min(setup.rounds, Math.floor(Math.min(seconds, setup.playSeconds) / (mean + reset)));
  return summarise(
    seconds,
    setup.pods.flat().map((id) => ({ id, active: Math.min(seconds, rounds * mean), turns: rounds, wait: reset })),
  );
}
