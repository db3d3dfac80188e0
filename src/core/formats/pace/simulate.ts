import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { paceRules } from './play.ts';
import type { PacePlaySetup } from './setup.ts';

/** How far off a student's first trial is, as a share of the target, and how much of it is left in each later one. Side Court defaults, for try-outs. */
const OFF = 0.2;
const LEARNED = 0.6;

/** One play: everyone is too fast or too slow at first, and nearer in every trial. */
export function simulatePace(setup: PacePlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const off = new Map(setup.players.map((id) => [id, (random.float() * 2 - 1) * OFF]));
  const events: PlayEvent[] = [];
  let from = 0;
  setup.trials.forEach(({ targetSeconds }, trial) => {
    const times = setup.players.map((player) => {
      const own = off.get(player)! * LEARNED ** trial + (random.float() - 0.5) * 0.04;
      return { player, seconds: Math.max(1, targetSeconds * (1 + own)) };
    });
    times.sort((a, b) => a.seconds - b.seconds);
    for (const { player, seconds: took } of times) {
      if (from + took <= seconds) events.push({ at: from + took, type: 'finish', player, trial, seconds: Math.round(took * 10) / 10 });
    }
    from += Math.max(targetSeconds, ...times.map((t) => t.seconds));
  });
  return events;
}

/** Everyone goes for the target's time in every trial, and waits for the last one then. */
export function paceForecast(setup: PacePlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(paceRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  const going = setup.trials.reduce((sum, t) => sum + t.targetSeconds, 0);
  const turns = setup.trials.filter((_, i) => setup.trials.slice(0, i + 1).reduce((s, t) => s + t.targetSeconds, 0) <= played).length;
  const wait = Math.max(0, setup.playSeconds - going) / setup.trials.length;
  return summarise(
    options.seconds,
    setup.players.map((id) => ({ id, active: Math.min(played, going), turns, wait })),
  );
}
