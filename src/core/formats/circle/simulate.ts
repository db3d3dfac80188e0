import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { playLog } from '../../simulate/playLog.ts';
import { type CircleEvent, circleRules, sidesIn } from './play.ts';
import type { CirclePlaySetup } from './setup.ts';
import type { CircleState } from './state.ts';

/** Seconds from one event to the next, and chances. Side Court defaults, for try-outs. */
const EVERY_S = { sequence: 30, 'keep-up': 1.2, barrier: 1.5, crews: 10, leader: 15 };
const FALLS = 0.12;

const oneOf = <T>(random: Rng, list: readonly T[]): T => list[random.below(list.length)];

/** Whoever may hit next without a break: anybody but the last one, and the one from whom that one had it. */
function hitter(state: CircleState, random: Rng): string | undefined {
  const all = Object.values(state.here).flat();
  const fair = all.filter((id) => id !== state.last && id !== state.giver);
  const list = fair.length ? fair : all.filter((id) => id !== state.last);
  return list.length ? oneOf(random, list) : undefined;
}

/** A crew's next event: at the limit a reset with the next ones in every role. */
function crewEvent(setup: Extract<CirclePlaySetup, { mode: 'crews' }>, state: CircleState, random: Rng): CircleEvent | undefined {
  const all = Object.values(state.here).flat();
  const edge = all.filter((id) => ![...state.takers, ...state.rescuers, ...state.pulled].includes(id));
  if (state.takers.length >= setup.limit || (!edge.length && !state.pulled.length)) {
    const order = [...all].sort((a, b) => (state.roles[a] ?? 0) - (state.roles[b] ?? 0));
    const takers = order.slice(0, setup.takers.length);
    return { type: 'reset', takers, rescuers: order.slice(takers.length, takers.length + setup.rescuers.length) };
  }
  if (!state.pulled.length) return state.takers.length ? { type: 'pulled', who: oneOf(random, edge) } : undefined;
  const who = oneOf(random, state.pulled);
  return state.rescuers.length && random.below(2) ? { type: 'rescued', who, by: oneOf(random, state.rescuers) } : { type: 'gone', who };
}

function drawn(setup: CirclePlaySetup, state: CircleState, random: Rng): CircleEvent | undefined {
  switch (setup.mode) {
    case 'sequence':
      return setup.moves[state.step] === undefined ? undefined : { type: 'move', id: setup.moves[state.step] };
    case 'leader':
      return { type: 'next' };
    case 'crews':
      return crewEvent(setup, state, random);
    default: {
      const by = hitter(state, random);
      if (by === undefined || (state.last !== undefined && random.float() < FALLS))
        return setup.mode === 'barrier' && !setup.joint ? { type: 'point', side: oneOf(random, setup.sides).id } : { type: 'ground' };
      return { type: 'hit', by };
    }
  }
}

/** One play: move after move, hit after hit until it falls, leader after leader. */
export function simulateCircle(setup: CirclePlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const random = seededRng(seed);
  const log = playLog(circleRules, setup);
  const every = setup.mode === 'leader' ? setup.seconds : EVERY_S[setup.mode];
  if (!sidesIn(setup).some((s) => s.members.length)) return [];
  for (let at = every; at <= seconds && !log.isOver(); at += every * (0.8 + 0.4 * random.float())) {
    const event = drawn(setup, log.state, random);
    if (!event) break;
    log.take(at, event);
  }
  return log.events;
}

/** Everyone of a circle is at it while it is played. */
export function circleForecast(setup: CirclePlaySetup, options: ForecastOptions): Forecast {
  if (setup.playSeconds === undefined) return activeAtStart(circleRules, setup, options);
  checkForecastOptions(options);
  const all = sidesIn(setup).flatMap((s) => s.members);
  const every = setup.mode === 'leader' ? setup.seconds : EVERY_S[setup.mode];
  const needed =
    setup.mode === 'sequence' ? every * setup.moves.length : setup.mode === 'leader' ? every * all.length : Number.POSITIVE_INFINITY;
  const played = Math.min(options.seconds, setup.playSeconds, setup.mode === 'leader' ? needed : Number.POSITIVE_INFINITY);
  const events = Math.floor(Math.min(played, needed) / every);
  const turns = setup.mode === 'sequence' || setup.mode === 'crews' ? events : Math.floor(events / Math.max(1, all.length));
  return summarise(
    options.seconds,
    all.map((id) => ({ id, active: played, turns, wait: 0 })),
  );
}
