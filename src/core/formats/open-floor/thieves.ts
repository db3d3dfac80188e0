import type { Point } from '../../geometry/point.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { type Bodies, EASY, far2, move, moveTo, nearest, STEP_S } from '../../simulate/bodies.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { type PlayLog, playLog } from '../../simulate/playLog.ts';
import type { Field } from '../../simulate/runFloor.ts';
import { Track } from '../../simulate/track.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { bareFloor, runnersOn } from '../runningFloor.ts';
import type { TriedPlay } from '../tryOut.ts';
import { boutsOf } from './bouts.ts';
import { type OpenFloorEvent, openFloorRules } from './play.ts';
import type { OpenFloorPlaySetup } from './setup.ts';
import type { OpenFloorState } from './state.ts';

/** Metres within which an object is reached, and at which its holder turns away; the share of reaches that take it; seconds after one before the next. House figures. */
const REACH_M = 1;
const FEAR_M = 3;
const TAKES = 0.5;
const AFTER_S = 2;
/** Share of the speed that an object leaves; seconds between two thoughts of where to go. */
const WITH_OBJECT = 0.7;
const THOUGHT_S = 2;

/** The floor with everyone on it, in flat arrays by index of the player. `next`: when they think again; `ready`: no reach before this second. */
interface Stealing {
  players: string[];
  index: ReadonlyMap<string, number>;
  field: Field;
  bodies: Bodies;
  log: PlayLog<OpenFloorState, OpenFloorEvent>;
  random: Rng;
  goal: Point[];
  next: Float64Array;
  ready: Float64Array;
  /** Who holds an object: looked up again after a steal. */
  known: readonly string[];
  holds: Uint8Array;
}

function start(setup: OpenFloorPlaySetup, seed: number): Stealing {
  const random = seededRng(seed);
  const players = setup.groups.flat();
  const n = players.length;
  const { field, bodies } = runnersOn(setup.floor ?? bareFloor(n), n);
  const goal = players.map(() => field.somewhere(random.float(), random.float()));
  for (const [i, { x, y }] of goal.entries()) [bodies.x[i], bodies.y[i]] = [x, y];
  return {
    ...{ players, index: new Map(players.map((id, i) => [id, i])), field, bodies, random, goal },
    ...{ log: playLog(openFloorRules, setup), known: [], holds: new Uint8Array(n) },
    ...{ next: Float64Array.from(players, () => THOUGHT_S * random.float()), ready: new Float64Array(n).fill(1) },
  };
}

function wander(s: Stealing, i: number, at: number): void {
  if (at >= s.next[i]) {
    s.next[i] = at + THOUGHT_S;
    s.goal[i] = s.field.somewhere(s.random.float(), s.random.float());
  }
  moveTo(s.field, s.bodies, i, s.goal[i], EASY);
}

/** Whoever has an object keeps it moving, and turns away from whoever has none. */
function keep(s: Stealing, i: number, at: number): void {
  const { bodies } = s;
  const thief = nearest(bodies, i, (j) => s.holds[j] === 0);
  if (thief < 0 || far2(bodies, i, bodies.x[thief], bodies.y[thief]) > FEAR_M * FEAR_M) wander(s, i, at);
  else move(s.field, bodies, i, (bodies.x[i] - bodies.x[thief]) * 3, (bodies.y[i] - bodies.y[thief]) * 3, WITH_OBJECT);
}

/** Whoever has none goes for the nearest that they may take. */
function steal(s: Stealing, i: number, at: number): void {
  const { bodies, players, log } = s;
  const robber = log.state.robbedBy[players[i]];
  const prey = nearest(bodies, i, (j) => s.holds[j] === 1 && players[j] !== robber);
  if (prey < 0) {
    wander(s, i, at);
    return;
  }
  moveTo(s.field, bodies, i, { x: bodies.x[prey], y: bodies.y[prey] }, 0.85);
  if (at < s.ready[i] || far2(bodies, i, bodies.x[prey], bodies.y[prey]) > REACH_M * REACH_M) return;
  s.ready[i] = at + AFTER_S;
  if (s.random.float() < TAKES && log.take(at, { type: 'steal', by: players[i], from: players[prey] })) s.ready[prey] = at + AFTER_S;
}

function lookAgain(s: Stealing): void {
  if (s.log.state.holders === s.known) return;
  s.known = s.log.state.holders;
  s.holds.fill(0);
  for (const id of s.known) s.holds[s.index.get(id)!] = 1;
}

/**
 * Steals simulated with one agent a student, in steps of 0.2 s: whoever has an object keeps it moving and turns away from others,
 * whoever has none goes for the nearest that they may take. An estimate for planning.
 */
export function runSteals(setup: OpenFloorPlaySetup, { seconds, seed, track: isTracked }: SimulateOptions): TriedPlay {
  const s = start(setup, seed);
  const track = isTracked ? new Track() : undefined;
  const bouts = boutsOf(setup);
  let bout = 0;
  for (let step = 0; step * STEP_S < seconds; step++) {
    const at = Math.round(step * STEP_S * 10) / 10;
    track?.keep(step, s.bodies);
    while (bouts[bout] && at >= bouts[bout].until) s.log.take(bouts[bout].until, { type: bouts[bout++].ends });
    if (!bouts[bout]) break;
    if (at < bouts[bout].from) continue;
    for (let i = 0; i < s.players.length; i++) {
      lookAgain(s);
      if (s.holds[i]) keep(s, i, at);
      else steal(s, i, at);
    }
  }
  if (bouts[bout] && bouts[bout].until <= seconds + 1e-9) s.log.take(bouts[bout].until, { type: bouts[bout].ends });
  const { events } = s.log;
  return { events, measured: measurePlay(openFloorRules, setup, events, seconds), ...(track ? { frames: track.frames(s.players) } : {}) };
}
