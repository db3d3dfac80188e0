import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { ChasePlaySetup } from './setup.ts';
import { huntersIn, playersIn } from './state.ts';

/** Catches a second of each free hunter and each free runner, if the setup does not say. */
export const CATCH_RATE = 0.02;

/** Free runners summed over time, and catches in that time. */
interface Flow {
  freeSeconds: number;
  catches: number;
}

/** Hunters stay hunters: dF/dt = −k F + r (R − F), with k = rate × hunters. */
function linear(runners: number, k: number, r: number, seconds: number): Flow {
  const speed = k + r;
  if (speed === 0) return { freeSeconds: runners * seconds, catches: 0 };
  const settled = (runners * r) / speed;
  const freeSeconds = settled * seconds + ((runners - settled) * -Math.expm1(-speed * seconds)) / speed;
  return { freeSeconds, catches: k * freeSeconds };
}

/** Counts catches when the caught hunt on: F / (N − F) decays as exp(−c N t), the logistic equation (P.-F. Verhulst 1838). */
function converting(runners: number, hunters: number, c: number, seconds: number): number {
  if (!hunters) return 0;
  const all = runners + hunters;
  const odds = (runners / hunters) * Math.exp(-c * all * seconds);
  return runners - (all * odds) / (1 + odds);
}

/** Everyone hunts everyone: dF/dt = −c F² + r (N − F), a Riccati equation between its two roots. */
function allAgainstAll(all: number, c: number, r: number, seconds: number): Flow {
  if (c === 0) return { freeSeconds: all * seconds, catches: 0 };
  if (r === 0) {
    const freeSeconds = Math.log1p(c * all * seconds) / c;
    return { freeSeconds, catches: all - all / (1 + c * all * seconds) };
  }
  const root = Math.sqrt(r * r + 4 * c * r * all);
  const [high, low] = [(root - r) / (2 * c), (-root - r) / (2 * c)];
  const k = (all - high) / (all - low);
  const left = k * Math.exp(-root * seconds);
  const freeSeconds = high * seconds + (Math.log1p(-left) - Math.log1p(-k)) / c;
  const freeAtEnd = (high - low * left) / (1 - left);
  // Those caught are those freed meanwhile and those who are held at the end.
  return { freeSeconds, catches: r * (all * seconds - freeSeconds) + (all - freeAtEnd) };
}

/**
 * The mean-field forecast of a chase of which no floor is known: each free hunter catches each free runner at `catchRate`, who
 * is held comes back at `freeRate`. Closed forms, so `plays` is 0. Who is where, tires or is safe plays no part in it.
 */
export function meanFieldForecast(setup: ChasePlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const { caught, catchRate: c = CATCH_RATE } = setup;
  const r = caught === 'out' || setup.release === 'none' ? 0 : (setup.freeRate ?? 0);
  const players = playersIn(setup);
  const hunters = setup.everyoneHunts ? [] : huntersIn(setup);
  const running = players.length - hunters.length;
  const isAlwaysActive = caught === 'back' || caught === 'converts';
  const flow = setup.everyoneHunts ? allAgainstAll(running, c, r, seconds) : linear(running, c * hunters.length, r, seconds);
  const catches =
    caught === 'back'
      ? c * hunters.length * running * seconds
      : caught === 'converts'
        ? converting(running, hunters.length, c, seconds)
        : flow.catches;
  const active = isAlwaysActive || !running ? seconds : flow.freeSeconds / running;
  const held = seconds - active;
  const runner = { active, turns: running ? catches / running : 0, wait: r > 0 ? Math.min(held, 1 / r) : held };
  return summarise(
    seconds,
    players.map((id) => (hunters.includes(id) ? { id, active: seconds, turns: 0, wait: 0 } : { id, ...runner })),
  );
}
