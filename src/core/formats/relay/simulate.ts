import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { playLog } from '../../simulate/playLog.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import type { TriedPlay } from '../tryOut.ts';
import { owedTurns, relayRules } from './play.ts';
import type { RelayPlaySetup } from './setup.ts';

/** Chance that a try is made if the setup does not say. Side Court default, for try-outs. */
const MADE = 0.6;

/** One play: turns around the mean, lines on their own; in a crossing all heads go at once. */
export function simulateRelay(setup: RelayPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const { lines, mode, turnSeconds, handoverSeconds, goingAtOnce } = setup;
  const isTry = mode === 'until-made' || mode === 'bay-shift';
  const aTurn = () => (turnSeconds * (0.85 + 0.3 * random.float()) + handoverSeconds) / goingAtOnce;
  const next = lines.map(() => aTurn());
  const shift = mode === 'bay-shift' && setup.rounds ? (setup.playSeconds ?? seconds) / setup.rounds : Number.POSITIVE_INFINITY;
  let rotate = shift;
  const log = playLog(relayRules, setup);
  while (!log.isOver()) {
    const at = Math.min(rotate, ...next);
    if (!(at <= seconds + 1e-9)) break;
    if (at === rotate) {
      log.take(at, { type: 'rotate' });
      rotate += shift;
      continue;
    }
    const line = next.indexOf(at);
    if (mode === 'crossing') {
      // All heads go with the same signal, so that nobody runs into an empty corner.
      const heads = log.state.lines.map((l) => l.length > 0);
      heads.forEach((isThere, i) => {
        if (isThere) log.take(at, { type: 'back', line: i });
      });
      next.fill(at + aTurn());
      continue;
    }
    log.take(at, { type: 'back', line, ...(isTry ? { made: random.float() < (setup.madeShare ?? MADE) } : {}) });
    next[line] = at + aTurn();
  }
  return log.events;
}

/** One play with how long each was going and waited: the lines of a play are not the same twice. The hand-over is no part of a turn. */
export function tryRelay(setup: RelayPlaySetup, options: SimulateOptions): TriedPlay {
  const events = simulateRelay(setup, options);
  const going = setup.turnSeconds / (setup.turnSeconds + setup.handoverSeconds);
  const measured = measurePlay(relayRules, setup, events, options.seconds).map((m) => ({ ...m, active: m.active * going }));
  return { events, measured };
}

/** Seconds that a line plays: all of them, or until it has gone as often as it owes. */
function played(setup: RelayPlaySetup, seconds: number): number {
  if (setup.playSeconds === undefined) return seconds;
  const owed = owedTurns(setup) * ((setup.turnSeconds + setup.handoverSeconds) / setup.goingAtOnce);
  return Math.min(seconds, setup.playSeconds, owed);
}

/** In closed form: of a line, so many of its members are going, for the turn without the hand-over. */
export function relayForecast(setup: RelayPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const { turnSeconds, handoverSeconds, goingAtOnce } = setup;
  const turn = turnSeconds + handoverSeconds;
  const length = played(setup, seconds);
  return summarise(
    seconds,
    setup.lines.flatMap((line) =>
      line.map((id) => {
        const going = Math.min(1, goingAtOnce / line.length);
        return {
          id,
          active: (length * going * turnSeconds) / turn,
          turns: Math.floor((length * going) / turn + 1e-9),
          wait: Math.max(0, Math.ceil(line.length / goingAtOnce) - 1) * turn + handoverSeconds,
        };
      }),
    ),
  );
}
