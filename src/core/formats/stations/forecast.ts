import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import { rotationRounds } from '../../rotation/rounds.ts';
import type { StationsPlaySetup } from './setup.ts';

/** Every bout of the setup: slots × laps of them unless it says otherwise. */
export function boutsOfSetup(setup: StationsPlaySetup) {
  return rotationRounds({
    groups: setup.groups.length,
    stations: setup.stations.length,
    workOfLap: Array.from({ length: setup.laps }, (_, lap) => (lap && setup.laterWorkSeconds) || setup.workSeconds),
    moveSeconds: setup.moveSeconds,
    direction: setup.direction ?? 1,
    order: setup.order,
    rounds: setup.rounds,
  });
}

/**
 * Closed form. Active: the bouts at a station, times the share of the group that works there at once. Waiting: from the
 * first overflow bout's start to the last one's end where several follow one another; moves are neither.
 */
export function stationsForecast(setup: StationsPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const rounds = boutsOfSetup(setup);
  const players = setup.groups.flatMap((members, g) => {
    let active = 0;
    let turns = 0;
    let wait = 0;
    let waitingFrom: number | undefined;
    for (const round of rounds) {
      if (round.at >= seconds) break;
      const until = Math.min(round.until, seconds);
      const station = round.stationOf[g];
      if (station < 0) {
        waitingFrom ??= round.at;
        wait = Math.max(wait, until - waitingFrom);
      } else {
        waitingFrom = undefined;
        active += (until - round.at) * (setup.stations[station].active ?? 1);
        if (round.until <= seconds) turns += 1;
      }
    }
    return members.map((id) => ({ id, active, turns, wait }));
  });
  return summarise(seconds, players);
}
