import type { PlayEvent } from '../../play/playRules.ts';
import type { Rng } from '../../rng.ts';
import { afterError, type CourtState, courtRules } from './play.ts';
import { type CourtPlaySetup, RALLY_SECONDS } from './setup.ts';

/** One play of `seconds`: rally after rally somebody on court errs, each by its weight among those on court. The events are play's own. */
export function simulateCourt(setup: CourtPlaySetup, seconds: number, random: Rng): { events: PlayEvent[]; states: CourtState[] } {
  const rally = setup.rallySeconds ?? RALLY_SECONDS;
  const weight = (player: string | null) => (player === null ? 0 : (setup.weights?.[player] ?? 1));
  const events: PlayEvent[] = [];
  let state = courtRules.start(setup);
  const states = [state];
  for (let r = 1; r * rally <= seconds + 1e-9; r++) {
    let left = random.float() * state.court.reduce((sum, p) => sum + weight(p), 0);
    let at = 0;
    while (at < state.court.length - 1 && left >= weight(state.court[at])) {
      left -= weight(state.court[at]);
      at += 1;
    }
    events.push({ at: r * rally, type: 'error', position: at + 1 });
    state = afterError(state, at);
    states.push(state);
  }
  return { events, states };
}
