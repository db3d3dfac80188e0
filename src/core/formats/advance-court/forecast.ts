import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import { seededRng } from '../../rng.ts';
import { seatCount } from './play.ts';
import { type CourtPlaySetup, RALLY_SECONDS } from './setup.ts';
import { simulateCourt } from './simulate.ts';

/** Plays simulated where nobody says: shares are then good to about half a point. */
const PLAYS = 400;

const equal = ({ players, weights }: CourtPlaySetup) => new Set(players.map((p) => weights?.[p] ?? 1)).size <= 1;

/**
 * Share of time on court. Equal players: k/(k+q) in closed form, and whoever joins the queue waits q rallies exactly. By
 * weights to err: means over simulated plays. Only `playSeconds` of the block are rallied, all of it where that is not said.
 */
export function courtForecast(setup: CourtPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const rallied = Math.min(seconds, setup.playSeconds ?? seconds);
  const rally = setup.rallySeconds ?? RALLY_SECONDS;
  const { players } = setup;
  if (players.length < 2)
    return summarise(
      seconds,
      players.map((id) => ({ id, active: 0, turns: 0, wait: rallied })),
    );
  const share = seatCount(setup) / players.length;
  if (equal(setup)) {
    const wait = Math.min(rallied, (players.length - seatCount(setup)) * rally);
    return summarise(
      seconds,
      players.map((id) => ({ id, active: share * rallied, turns: (rallied / rally) * share, wait })),
    );
  }
  const plays = options.plays || PLAYS;
  const random = seededRng(options.seed);
  const sums = new Map(players.map((id) => [id, { on: 0, wait: 0 }]));
  let rallies = 0;
  for (let play = 0; play < plays; play++) {
    const { states, events } = simulateCourt(setup, rallied, random);
    rallies = events.length;
    const waits = new Map(players.map((id) => [id, { now: 0, longest: 0 }]));
    for (const state of states.slice(0, -1)) {
      for (const id of state.court) {
        sums.get(id!)!.on += 1;
        waits.get(id!)!.now = 0;
      }
      for (const id of state.queue) {
        const wait = waits.get(id)!;
        wait.now += 1;
        wait.longest = Math.max(wait.longest, wait.now);
      }
    }
    for (const id of players) sums.get(id)!.wait += waits.get(id)!.longest;
  }
  const list = players.map((id) => {
    const { on, wait } = sums.get(id)!;
    const turns = on / plays;
    return { id, active: rallies ? (turns / rallies) * rallied : 0, turns, wait: Math.min(rallied, (wait / plays) * rally) };
  });
  return { ...summarise(seconds, list), plays };
}
