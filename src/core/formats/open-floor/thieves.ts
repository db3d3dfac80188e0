import { seededRng } from '../../rng.ts';
import { EASY, far2, move, nearest, STEP_S } from '../../simulate/bodies.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { playLog } from '../../simulate/playLog.ts';
import { Track } from '../../simulate/track.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { bareFloor, runnersOn } from '../runningFloor.ts';
import type { TriedPlay } from '../tryOut.ts';
import { boutsOf } from './bouts.ts';
import { openFloorRules } from './play.ts';
import type { OpenFloorPlaySetup } from './setup.ts';

/** Metres within which an object is reached, and at which its holder turns away; the share of reaches that take it; seconds after one before the next. House figures. */
const REACH_M = 1;
const FEAR_M = 3;
const TAKES = 0.5;
const AFTER_S = 2;
/** Share of the speed that an object leaves; seconds between two thoughts of where to go. */
const WITH_OBJECT = 0.7;
const THOUGHT_S = 2;

/**
 * Steals simulated with one agent a student, in steps of 0.2 s: whoever has an object keeps it moving and turns away from others,
 * whoever has none goes for the nearest that they may take. An estimate for planning.
 */
export function runSteals(setup: OpenFloorPlaySetup, options: SimulateOptions): TriedPlay {
  const { seconds } = options;
  const random = seededRng(options.seed);
  const players = setup.groups.flat();
  const n = players.length;
  const index = new Map(players.map((id, i) => [id, i]));
  const { field, bodies } = runnersOn(setup.floor ?? bareFloor(n), n);
  const log = playLog(openFloorRules, setup);
  const track = options.track ? new Track() : undefined;
  const goal = players.map(() => field.somewhere(random.float(), random.float()));
  goal.forEach(({ x, y }, i) => {
    [bodies.x[i], bodies.y[i]] = [x, y];
  });
  const next = Float64Array.from(players, () => THOUGHT_S * random.float());
  const ready = new Float64Array(n).fill(1);
  const towards = (i: number, x: number, y: number, share: number) => move(field, bodies, i, x - bodies.x[i], y - bodies.y[i], share);

  const wander = (i: number, at: number) => {
    if (at < next[i]) return;
    next[i] = at + THOUGHT_S;
    goal[i] = field.somewhere(random.float(), random.float());
  };
  const keep = (i: number, at: number, has: (j: number) => boolean) => {
    wander(i, at);
    const thief = nearest(bodies, i, (j) => !has(j));
    if (thief < 0 || far2(bodies, i, bodies.x[thief], bodies.y[thief]) > FEAR_M * FEAR_M) towards(i, goal[i].x, goal[i].y, EASY);
    else move(field, bodies, i, (bodies.x[i] - bodies.x[thief]) * 3, (bodies.y[i] - bodies.y[thief]) * 3, WITH_OBJECT);
  };
  const steal = (i: number, at: number, has: (j: number) => boolean) => {
    const robber = log.state.robbedBy[players[i]];
    const prey = nearest(bodies, i, (j) => has(j) && players[j] !== robber);
    if (prey < 0) {
      wander(i, at);
      towards(i, goal[i].x, goal[i].y, EASY);
      return;
    }
    towards(i, bodies.x[prey], bodies.y[prey], 0.85);
    if (at < ready[i] || far2(bodies, i, bodies.x[prey], bodies.y[prey]) > REACH_M * REACH_M) return;
    ready[i] = at + AFTER_S;
    if (random.float() < TAKES && log.take(at, { type: 'steal', by: players[i], from: players[prey] })) ready[prey] = at + AFTER_S;
  };

  /** Who holds an object, looked up again after a steal. */
  let known: readonly string[] = [];
  const holds = new Uint8Array(n);
  const has = (j: number) => holds[j] === 1;
  const bouts = boutsOf(setup);
  let bout = 0;
  for (let step = 0; step * STEP_S < seconds; step++) {
    const at = Math.round(step * STEP_S * 10) / 10;
    track?.keep(step, bodies);
    while (bouts[bout] && at >= bouts[bout].until) log.take(bouts[bout].until, { type: bouts[bout++].ends });
    if (!bouts[bout]) break;
    if (at < bouts[bout].from) continue;
    for (let i = 0; i < n; i++) {
      if (log.state.holders !== known) {
        known = log.state.holders;
        holds.fill(0);
        for (const id of known) holds[index.get(id)!] = 1;
      }
      if (has(i)) keep(i, at, has);
      else steal(i, at, has);
    }
  }
  if (bouts[bout] && bouts[bout].until <= seconds + 1e-9) log.take(bouts[bout].until, { type: bouts[bout].ends });
  const { events } = log;
  return { events, measured: measurePlay(openFloorRules, setup, events, seconds), ...(track ? { frames: track.frames(players) } : {}) };
}
