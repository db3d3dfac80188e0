import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { tossRules } from './play.ts';
import type { TossPlaySetup } from './setup.ts';

/** Seconds for a throw and until the next one of the side, and of a round if nobody says. */
const THROW_S = 4;
const ROUND_S = 60;
/** Chance that a throw moves an object that lies there. Side Court default, for try-outs. */
const MOVES = 0.15;

/** One play: rounds in which every side throws all it has, some of it knocked on by a later throw. */
export function simulateToss(setup: TossPlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const rounds = setup.rounds ?? Math.max(1, Math.floor(seconds / ROUND_S));
  const round = (setup.playSeconds ?? seconds) / rounds;
  const scores = new Map(setup.sides.map((s) => [s.id, 0]));
  const events: PlayEvent[] = [];
  for (let r = 0; r < rounds && (r + 1) * round <= seconds + 1e-9; r++) {
    const lying = new Map<string, { side: string; zone: number | null }>();
    const fall = () => (random.float() < 0.3 ? null : random.below(setup.zones.length));
    for (let k = 0; k < setup.objectsEach; k++) {
      const at = r * round + Math.min(round, (k + 1) * (round / (setup.objectsEach + 1)));
      setup.sides.forEach(({ id: side, members }, i) => {
        if (!members.length) return;
        const object = `${i + 1}-${k + 1}`;
        const zone = fall();
        lying.set(object, { side, zone });
        events.push({ at, type: 'rest', object, side, zone });
        if (k === 0 || random.float() >= MOVES) return;
        const hit = `${i + 1}-${1 + random.below(k)}`;
        const to = fall();
        lying.set(hit, { side, zone: to });
        events.push({ at, type: 'rest', object: hit, side, zone: to });
      });
    }
    events.push({ at: (r + 1) * round, type: 'endRound' });
    for (const { side, zone } of lying.values()) if (zone !== null) scores.set(side, scores.get(side)! + setup.zones[zone]);
    if (setup.to !== undefined && Math.max(...scores.values()) >= setup.to) break;
  }
  return events;
}

/** Those who throw at once are active all the time that is played; where one throws at a time the others of the side wait for their turn. */
export function tossForecast(setup: TossPlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(tossRules, setup, options);
  checkForecastOptions(options);
  const played = Math.min(options.seconds, setup.playSeconds);
  return summarise(
    options.seconds,
    setup.sides.flatMap(({ members }) =>
      members.map((id) => {
        const atOnce = Math.min(setup.atOnce ?? members.length, members.length);
        return {
          ...{ id, active: (played * atOnce) / members.length, turns: setup.rounds ?? 1 },
          wait: (Math.ceil(members.length / atOnce) - 1) * THROW_S,
        };
      }),
    ),
  );
}
