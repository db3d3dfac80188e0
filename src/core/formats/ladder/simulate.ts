import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { meanOfPlays, measurePlay } from '../../simulate/measurePlay.ts';
import { type LadderState, ladderRules } from './play.ts';
import type { LadderPlaySetup } from './setup.ts';

/** Plays simulated if nobody says: shares are then good to about half a point. */
const PLAYS = 200;

/** One play of `seconds`: at the end of every round each court has a winner, by the strengths of those who play there. */
export function simulateLadder(setup: LadderPlaySetup, seconds: number, random: Rng): PlayEvent[] {
  const strength = (ids: readonly string[]) => ids.reduce((sum, id) => sum + (setup.strengths?.[id] ?? 1), 0) / ids.length;
  const events: PlayEvent[] = [];
  let state: LadderState = ladderRules.start(setup);
  for (let r = 1; r <= setup.rounds && r * setup.roundSeconds <= seconds + 1e-9; r++) {
    const winners = state.courts.map(([a, b]) => {
      if (!a || !b) return (a ?? b)?.ids[0] ?? '';
      const share = strength(a.ids) / (strength(a.ids) + strength(b.ids));
      return (random.float() < share ? a : b).ids[0];
    });
    events.push({ at: r * setup.roundSeconds, type: 'round', winners });
    const next = ladderRules.step(setup, state, { at: r * setup.roundSeconds, type: 'round', winners }, () => true);
    if (next === 'not-allowed') throw new Error(`a simulated round ${r} of a ladder is not allowed`);
    state = next;
  }
  return events;
}

/** How much of the block is played. */
const playedOf = ({ playSeconds }: LadderPlaySetup, seconds: number) => Math.min(seconds, playSeconds ?? seconds);

/** The share of those on the courts, all resting equally often, in closed form; whoever rests waits until the queue has gone round. */
export function ladderQuick(setup: LadderPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds } = options;
  const played = playedOf(setup, seconds);
  const players = ladderRules.players(setup);
  const on = ladderRules.active(setup, ladderRules.start(setup)).length;
  const share = players.length ? on / players.length : 0;
  const queue = setup.resting?.length ?? 0;
  const rounds = Math.min(setup.rounds, played / setup.roundSeconds);
  const wait = Math.min(played, (setup.courts.length ? queue : rounds) * setup.roundSeconds);
  return summarise(
    seconds,
    players.map((id) => ({ id, active: share * played, turns: rounds * share, wait })),
  );
}

/** By strengths: means over simulated plays. Without them the share that is on a court at the start (rulings), of the block's playing time. */
export function ladderForecast(setup: LadderPlaySetup, options: ForecastOptions): Forecast {
  checkForecastOptions(options);
  const { seconds, seed } = options;
  if (!setup.strengths) return setup.playSeconds === undefined ? activeAtStart(ladderRules, setup, options) : ladderQuick(setup, options);
  const played = playedOf(setup, seconds);
  const random = seededRng(seed);
  const plays = Array.from({ length: options.plays || PLAYS }, () =>
    measurePlay(ladderRules, setup, simulateLadder(setup, played, random), played),
  );
  return { ...summarise(seconds, meanOfPlays(plays)), plays: plays.length };
}
