import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { callList } from '../../rotation/callList.ts';
import { calledBy } from './play.ts';
import type { CallUpPlaySetup } from './setup.ts';

/** Chance that a call brings a goal. Side Court default, for try-outs. */
const GOAL = 0.6;
/** Seconds from one call to the next if the setup does not say. */
const GAP_S = 8;

/** The numbers of each call: the drawn list, or one drawn now. */
function listOf({ list, sides, atOnce, calls }: CallUpPlaySetup, seed: number): number[][] {
  if (list) return list;
  const sizes: [number, number] = [sides[0].members.length, sides[1].members.length];
  return Math.min(...sizes) ? callList({ sides: sizes, atOnce: Math.min(atOnce, Math.max(...sizes)), calls, seed }).calls : [];
}

/** One play: call after call by the list, some with a goal of either side. */
export function simulateCallUp(setup: CallUpPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const events: PlayEvent[] = [];
  let at = 0;
  for (const numbers of listOf(setup, seed)) {
    const until = at + setup.callSeconds;
    if (until > seconds + 1e-9) break;
    events.push({ at, type: 'call', numbers });
    if (random.float() < GOAL)
      events.push({ at: at + setup.callSeconds * random.float(), type: 'goal', side: setup.sides[random.below(2)].id });
    events.push({ at: until, type: 'over' });
    at = until + (setup.gapSeconds ?? GAP_S);
  }
  return events;
}

/** In closed form from the list: who is called plays for the call, everybody else waits at the line. */
export function callUpForecast(setup: CallUpPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds, seed } = options;
  const every = setup.callSeconds + (setup.gapSeconds ?? GAP_S);
  const played = Math.min(seconds, setup.playSeconds ?? seconds);
  const here = setup.sides.map((s) => s.members);
  const calls = listOf(setup, seed).slice(0, Math.floor((played + every - setup.callSeconds) / every));
  const inCalls = new Map(here.flat().map((id) => [id, [] as number[]]));
  calls.forEach((numbers, i) => {
    for (const id of calledBy(here, numbers)) inCalls.get(id)!.push(i);
  });
  return summarise(
    seconds,
    [...inCalls].map(([id, own]) => {
      const starts = own.map((i) => i * every);
      const ends = [0, ...starts.map((s) => s + setup.callSeconds)];
      const wait = Math.max(...[...starts, played].map((s, i) => s - ends[i]), 0);
      return { id, active: Math.min(played, own.length * setup.callSeconds), turns: own.length, wait };
    }),
  );
}
