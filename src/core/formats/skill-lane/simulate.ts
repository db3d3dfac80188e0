import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { suggestion } from './play.ts';
import type { LanePlaySetup } from './setup.ts';

/** Seconds from one try to the next. */
export const TRY_SECONDS = 8;

/** One play: a try every eight seconds, each made by a chance of the student's own; up or down a step when it is suggested. */
export function simulateLane(setup: LanePlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const skill = 0.35 + 0.6 * random.float();
  const events: PlayEvent[] = [];
  let { step } = setup;
  let [tries, made] = [0, 0];
  for (let at = TRY_SECONDS; at < seconds; at += TRY_SECONDS) {
    const isMade = random.float() < skill - 0.12 * (step - setup.step);
    events.push({ at, type: 'try', made: isMade, prompt: random.below(5) ? 'alone' : 'word' });
    tries += 1;
    made += isMade ? 1 : 0;
    const by = suggestion(setup, { isThere: true, step, tries, made, run: 0, bestRun: 0, turns: 0 });
    if (!by) continue;
    step += by;
    events.push({ at, type: 'step', to: step });
    [tries, made] = [0, 0];
  }
  return events;
}
