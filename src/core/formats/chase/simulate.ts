import { memoize } from '../../memoize.ts';
import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { meanOfPlays } from '../../simulate/measurePlay.ts';
import { type Field, fieldOf } from '../../simulate/runFloor.ts';
import type { TriedPlay } from '../tryOut.ts';
import { runChase } from './agents.ts';
import { chaseFlow } from './fluid.ts';
import { meanFieldForecast } from './meanField.ts';
import type { ChasePlaySetup } from './setup.ts';
import { huntersIn, playersIn } from './state.ts';

const fieldOnce = memoize(fieldOf);
/** Plays of a forecast on the floor, if nobody says how many: the mean share is then good to about one point. */
const PLAYS = 40;
/** A floor for a play that has none: 40 m² a player, as wide as deep. */
const bareFloor = (players: number): NonNullable<ChasePlaySetup['floor']> => {
  const side = Math.sqrt(40 * Math.max(2, players));
  return { outline: [0, 1, 2, 3].map((i) => ({ x: i === 1 || i === 2 ? side : 0, y: i > 1 ? side : 0 })) };
};
export const floorOf = (setup: ChasePlaySetup): Field => fieldOnce(setup.floor ?? bareFloor(setup.players.length));

/** One play as it could go on its floor, in events that play accepts. */
export const simulateChase = (setup: ChasePlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] =>
  runChase(setup, floorOf(setup), { seconds, seed }).events;

/** One play on the floor, with everyone's true way if it is asked for. */
export const tryChase = (setup: ChasePlaySetup, options: { seconds: number; seed: number; track?: boolean }): TriedPlay =>
  runChase(setup, floorOf(setup), options);

const quantile = (sorted: readonly number[], share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;

/** The forecast of a chase: closed forms without a floor; simulated plays on it. `duration` is given if some plays end by themselves. */
export function chaseForecast(setup: ChasePlaySetup, options: ForecastOptions): Forecast {
  if (!setup.floor) return meanFieldForecast(setup, options);
  checkForecastOptions(options);
  const { seconds, seed } = options;
  const field = floorOf(setup);
  const runs = Array.from({ length: options.plays || PLAYS }, (_, i) => runChase(setup, field, { seconds, seed: seed + i }));
  const ends = runs.map((r) => r.endedAt ?? seconds).sort((a, b) => a - b);
  const isEnding = runs.some((r) => r.endedAt !== undefined);
  return {
    ...summarise(seconds, meanOfPlays(runs.map((r) => r.measured))),
    plays: runs.length,
    ...(isEnding && {
      duration: { mean: ends.reduce((a, b) => a + b, 0) / ends.length, p10: quantile(ends, 0.1), p90: quantile(ends, 0.9) },
    }),
  };
}

/**
 * The forecast at once: runners and hunters as flows on the floor's area (see fluid.ts). Rounds with their own hunters are averaged;
 * only `playSeconds` of the block are played. Without a floor the closed forms.
 */
export function chaseQuick(setup: ChasePlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  if (!setup.floor) return meanFieldForecast(setup, options);
  const rounds = setup.roundHunters ?? [setup.everyoneHunts ? [] : huntersIn(setup)];
  const players = playersIn(setup);
  const played = Math.min(options.seconds, setup.playSeconds ?? options.seconds);
  const each = played / rounds.length;
  const area = floorOf(setup).areaM2;
  const sums = new Map(players.map((id) => [id, { active: 0, turns: 0, wait: 0 }]));
  let ended = 0;
  for (const hunters of rounds) {
    const flow = chaseFlow(setup, players.length - hunters.length, hunters.length, area, each);
    const lasted = flow.endedAt ?? each;
    ended += lasted;
    const turns = flow.catches / Math.max(1, players.length - hunters.length);
    for (const id of players) {
      const sum = sums.get(id)!;
      sum.active += hunters.includes(id) ? lasted : flow.active;
      if (hunters.includes(id)) continue;
      sum.turns += turns;
      sum.wait = Math.max(sum.wait, flow.wait);
    }
  }
  const rows = players.map((id) => ({ id, ...sums.get(id)!, turns: Math.round(sums.get(id)!.turns) }));
  const forecast = summarise(options.seconds, rows);
  return ended < played ? { ...forecast, duration: { mean: ended, p10: ended, p90: ended } } : forecast;
}
