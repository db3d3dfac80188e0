import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { slotsOf, type TournamentState, tournamentRules } from './play.ts';
import { poolsOf, scheduleOf } from './schedule.ts';
import type { TournamentPlaySetup } from './setup.ts';

/** Seconds a point takes on average. Side Court default, for try-outs. */
const POINT_S = 40;

/** One play: match after match with a result by chance, the same for every team. */
export function simulateTournament(setup: TournamentPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const events: PlayEvent[] = [];
  const most = Math.max(1, Math.round((2 * setup.matchSeconds) / POINT_S / 2));
  let state: TournamentState = tournamentRules.start(setup);
  for (let slot = 0; (slot + 1) * setup.matchSeconds <= seconds + 1e-9; slot++) {
    const here = slotsOf(setup, state)[slot];
    if (!here) break;
    for (const [a, b] of here.matches) {
      const event = {
        at: (slot + 1) * setup.matchSeconds,
        type: 'result' as const,
        a,
        b,
        score: [random.below(most + 1), random.below(most + 1)] as [number, number],
      };
      events.push(event);
      state = tournamentRules.step(setup, state, event, () => true) as TournamentState;
    }
  }
  return events;
}

/** Teams play their matches and rest in between, by the plan of matches. Without a length of play by who is on the courts at the start. */
export function tournamentForecast(setup: TournamentPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(tournamentRules, setup, options);
  checkForecastOptions(options);
  const { seconds } = options;
  const slots = scheduleOf(poolsOf(setup), setup.courts);
  const every = setup.matchSeconds + (setup.breakSeconds ?? 0);
  const played = slots.slice(0, Math.floor((Math.min(seconds, setup.playSeconds) + 1e-9) / setup.matchSeconds));
  return summarise(
    seconds,
    setup.teams.flatMap((team) => {
      const own = played.flatMap(({ matches }, i) => (matches.some((m) => m.includes(team)) ? [i] : []));
      const gaps = [-1, ...own].map((i, k) => (own[k] ?? played.length) - i - 1);
      const row = { active: Math.min(seconds, own.length * setup.matchSeconds), turns: own.length, wait: Math.max(0, ...gaps) * every };
      return (setup.members?.[team] ?? [team]).map((id) => ({ id, ...row }));
    }),
  );
}
