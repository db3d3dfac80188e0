import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { playLog } from '../../simulate/playLog.ts';
import { type SpotEvent, type SpotState, spotRules } from './play.ts';
import type { SpotPlaySetup } from './setup.ts';

/** Seconds that a student takes from try to try, and chances. Side Court defaults, for try-outs. */
const TRY_S = 10;
const MADE = 0.4;
const STRIKE_S = 20;
const FREE_S = 3;
const TASK_S = 15;

/** A student's next try: at any spot but the one that they have just missed. */
function aTry(state: SpotState, player: string, random: Rng): SpotEvent | undefined {
  const open = state.left.filter((id) => id !== state.missedAt[player] || state.left.length < 2);
  if (!open.length) return undefined;
  return { type: random.float() < MADE ? 'made' : 'missed', player, spot: open[random.below(open.length)] };
}

/** One play: everyone tries in turn; or a target is struck, free shots follow until the others' task is done. */
export function simulateSpots(setup: SpotPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const log = playLog(spotRules, setup);
  const players = setup.teams.flatMap((t) => t.members);
  if (!players.length) return [];
  if (setup.mode === 'struck') {
    for (let at = STRIKE_S; at + TASK_S <= seconds; at += STRIKE_S + TASK_S) {
      const { id: team } = setup.teams[random.below(setup.teams.length)];
      log.take(at, { type: 'struck', team });
      for (let free = FREE_S; free < TASK_S; free += FREE_S) if (random.float() < MADE) log.take(at + free, { type: 'free', team });
      log.take(at + TASK_S, { type: 'taskDone' });
    }
    return log.events;
  }
  const atOnce = Math.min(players.length, (setup.objectsEach ?? players.length) * setup.teams.length);
  const every = TRY_S / atOnce;
  for (let at = every, i = 0; at <= seconds && !log.isOver(); at += every, i++) {
    const event = aTry(log.state, players[i % players.length], random);
    if (event) log.take(at, event);
  }
  return log.events;
}

/** Of a team so many try at once as it has objects; the others wait for one to come back. */
export function spotForecast(setup: SpotPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(spotRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  return summarise(
    options.seconds,
    setup.teams.flatMap(({ members }) => {
      const atOnce = Math.min(members.length, setup.objectsEach ?? members.length);
      const share = members.length ? atOnce / members.length : 0;
      const wait = Math.max(0, Math.ceil(members.length / Math.max(1, atOnce)) - 1) * TRY_S;
      return members.map((id) => ({ id, active: played * share, turns: Math.floor((played * share) / TRY_S), wait }));
    }),
  );
}
