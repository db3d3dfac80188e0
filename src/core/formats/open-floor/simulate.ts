import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { playLog } from '../../simulate/playLog.ts';
import { openFloorRules } from './play.ts';
import type { OpenFloorPlaySetup } from './setup.ts';
import { SHORT } from './timeline.ts';

/** Seconds in which one who has no object takes one, on average. Side Court default, for try-outs. */
const STEAL_S = 12;

/** Every bout from the first to the last: when it begins, when it ends, and the event that ends it. */
function boutsOf({ stages, boutSeconds, switchSeconds, stageSeconds = switchSeconds }: OpenFloorPlaySetup) {
  let at = 0;
  return stages.flatMap(({ bouts, shorter }, s) =>
    Array.from({ length: bouts }, (_, b) => {
      if (s + b > 0) at += b ? switchSeconds : stageSeconds;
      const from = at;
      at += shorter ? boutSeconds * SHORT : boutSeconds;
      return { from, until: at, ends: b === bouts - 1 ? ('stage' as const) : ('switch' as const) };
    }),
  );
}

/** One play: bouts and stages by the clock; if objects are stolen, by chance, never straight back. */
export function simulateOpenFloor(setup: OpenFloorPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const log = playLog(openFloorRules, setup);
  for (const { from, until, ends } of boutsOf(setup)) {
    if (setup.thieves)
      for (let at = from + 2; at < Math.min(until, seconds); at += 1) {
        const without = log.state.groups.flat().filter((id) => !log.state.holders.includes(id));
        for (const by of without) {
          if (random.float() > 1 / STEAL_S || !log.state.holders.length) continue;
          log.take(at, { type: 'steal', by, from: log.state.holders[random.below(log.state.holders.length)] });
        }
      }
    if (until > seconds + 1e-9) break;
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
