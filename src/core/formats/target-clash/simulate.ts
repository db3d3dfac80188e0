import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { clashRules } from './play.ts';
import type { ClashPlaySetup } from './setup.ts';

/** Seconds between two hits that count, on average. */
const HIT_SECONDS = 25;

/** One play: hits come at random, the same chance for every side. */
export function simulateClash(setup: ClashPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const ids = setup.sides.map((s) => s.id);
  const up = new Map(ids.map((id) => [id, setup.targets]));
  const scores = new Map(ids.map((id) => [id, 0]));
  const events: PlayEvent[] = [];
  for (let at = 10 * random.float(); at < seconds; at += 2 * HIT_SECONDS * random.float() + 1) {
    const side = ids[random.below(ids.length)];
    const score = () => scores.set(side, scores.get(side)! + 1);
    if (setup.mode === 'drive') {
      events.push({ at, type: 'goal', side });
      score();
    } else if (setup.mode === 'pen') {
      const others = ids.filter((id) => id !== side);
      events.push({ at, type: 'through', by: side, of: others[random.below(others.length)] });
      score();
    } else if (up.get(side)! > 0) {
      events.push({ at, type: 'down', side });
      up.set(side, up.get(side)! - 1);
      if (setup.mode === 'topple' && up.get(side) === 0) {
        for (const id of ids) up.set(id, setup.targets);
        score();
      }
    }
    if (setup.mode !== 'protect' && setup.to !== undefined && scores.get(side)! >= setup.to) break;
  }
  return events;
}

/** Everyone plays all the time that is played: feeders and guards have their part too. Without a length of play by who is active at the start. */
export function clashForecast(setup: ClashPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(clashRules, setup, options);
  checkForecastOptions(options);
  const active = Math.min(options.seconds, setup.playSeconds);
  return summarise(
    options.seconds,
    setup.sides.flatMap((s) => s.members).map((id) => ({ id, active, turns: setup.rounds ?? 1, wait: 0 })),
  );
}
