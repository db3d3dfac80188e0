import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import type { SimulateOptions } from '../format.ts';
import { boutsOf, standsAt, stationsRules } from './play.ts';
import type { StationsPlaySetup } from './setup.ts';

/** Points that a group scores in one bout at most. */
const MOST_POINTS = 6;

/** Bout after bout every group at a scoring station scores now and then, and moves on. Only working time counts: moves take none. */
export function simulateStations(setup: StationsPlaySetup, { seconds, seed }: SimulateOptions): PlayEvent[] {
  const random = seededRng(seed);
  const bouts = boutsOf(setup);
  const state = stationsRules.start(setup);
  const events: PlayEvent[] = [];
  let from = 0;
  for (let round = 0; round < bouts; round++) {
    const lap = Math.floor(round / Math.max(1, bouts / setup.laps));
    const work = lap > 0 && setup.laterWorkSeconds ? setup.laterWorkSeconds : setup.workSeconds;
    if (from + work > seconds + 1e-9) break;
    setup.groups.forEach((_, group) => {
      const station = standsAt(setup, { ...state, round }, group);
      if (station < 0 || setup.stations[station].scoring === 'none') return;
      const points = random.below(MOST_POINTS + 1);
      if (points) events.push({ at: from + work * (0.5 + 0.4 * random.float()), type: 'points', group, points });
    });
    from += work;
    events.push({ at: from, type: 'rotate' });
  }
  return events.sort((a, b) => a.at - b.at);
}
