import { seededRng } from '../../rng.ts';
import { EASY, far2, move, nearest, STEP_S } from '../../simulate/bodies.ts';
import { Meter } from '../../simulate/meter.ts';
import { playLog } from '../../simulate/playLog.ts';
import { Track } from '../../simulate/track.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { bareFloor, runnersOn } from '../runningFloor.ts';
import type { TriedPlay } from '../tryOut.ts';
import { possessionRules } from './play.ts';
import type { PossessionPlaySetup } from './setup.ts';

/** What a student does: rests at home, carries to the far end, comes back from there, walks home tagged, guards. */
const ME = { rest: 0, carry: 1, back: 2, tagged: 3, guard: 4 } as const;
/** Metres within which a hand reaches, and at which a carrier swerves; seconds after a tag before the next; of rest at home. House figures. */
const REACH_M = 0.9;
const FEAR_M = 3.5;
const AFTER_TAG_S = 1.5;
const REST_S = [1, 4] as const;
const THERE_M = 0.6;

/**
 * Halves simulated with one agent a student, in steps of 0.2 s: carriers run for the far end and swerve from guards, guards go for the
 * nearest carrier in their half, whoever is tagged walks home and starts again. An estimate for planning.
 */
export function runHalves(setup: PossessionPlaySetup, options: SimulateOptions): TriedPlay {
  const random = seededRng(options.seed);
  const players = setup.sides.flatMap((s) => s.members);
  const n = players.length;
  const sideOf = setup.sides.flatMap((s, k) => s.members.map(() => k));
  const { field, bodies } = runnersOn(setup.floor ?? bareFloor(n), n);
  const log = playLog(possessionRules, setup);
  const meter = new Meter(players);
  const track = options.track ? new Track() : undefined;
  const isTall = field.depth >= field.width;
  const long = isTall ? field.depth : field.width;
  const wide = isTall ? field.width : field.depth;
  /** A spot by metres along the field and across it. */
  const at = (along: number, across: number) =>
    isTall ? { x: field.x + across, y: field.y + along } : { x: field.x + along, y: field.y + across };
  const along = (i: number) => (isTall ? bodies.y[i] - field.y : bodies.x[i] - field.x);
  const inHalf = (i: number, side: number) => (side === 0 ? along(i) < long / 2 : along(i) > long / 2);
  const guards = new Set(setup.guards ?? []);
  const mode = Uint8Array.from(players, (id) => (guards.has(id) ? ME.guard : ME.rest));
  const until = Float64Array.from(players, () => REST_S[0] + (REST_S[1] - REST_S[0]) * random.float());
  const lane = Float64Array.from(players, () => wide * (0.08 + 0.84 * random.float()));
  const home = (i: number) => at(long * (sideOf[i] === 0 ? 0.1 : 0.9), lane[i]);
  const post = (i: number) => at(long * (sideOf[i] === 0 ? 0.25 : 0.75), lane[i]);
  const goal = (i: number) => at(sideOf[i] === 0 ? long - 0.2 : 0.2, lane[i]);
  const to = (i: number, spot: { x: number; y: number }, share: number) =>
    move(field, bodies, i, spot.x - bodies.x[i], spot.y - bodies.y[i], share);
  const isThere = (i: number, spot: { x: number; y: number }) => far2(bodies, i, spot.x, spot.y) < THERE_M * THERE_M;
  for (let i = 0; i < n; i++) {
    const spot = guards.has(players[i]) ? post(i) : home(i);
    [bodies.x[i], bodies.y[i]] = [spot.x, spot.y];
  }
  /** Whoever may tag in their own half: the guards, or everyone where nobody guards. */
  const tags = (i: number) => (guards.size ? mode[i] === ME.guard : mode[i] === ME.rest);

  const carry = (i: number) => {
    const enemy = nearest(bodies, i, (j) => sideOf[j] !== sideOf[i] && tags(j) && inHalf(i, sideOf[j]));
    const target = goal(i);
    let [dx, dy] = [target.x - bodies.x[i], target.y - bodies.y[i]];
    if (enemy >= 0 && far2(bodies, i, bodies.x[enemy], bodies.y[enemy]) < FEAR_M * FEAR_M) {
      const [ex, ey] = [bodies.x[i] - bodies.x[enemy], bodies.y[i] - bodies.y[enemy]];
      const size = Math.hypot(dx, dy) || 1;
      // Around a guard, more sideways than back.
      [dx, dy] = [(dx / size) * 4 + ex * (isTall ? 2.2 : 0.6), (dy / size) * 4 + ey * (isTall ? 0.6 : 2.2)];
    }
    move(field, bodies, i, dx, dy, 0.9);
  };
  const guard = (i: number) => {
    const prey = nearest(bodies, i, (j) => sideOf[j] !== sideOf[i] && mode[j] === ME.carry && inHalf(j, sideOf[i]));
    if (prey < 0) to(i, post(i), EASY);
    else move(field, bodies, i, bodies.x[prey] - bodies.x[i], bodies.y[prey] - bodies.y[i], 1);
  };

  const steps = Math.floor(options.seconds / STEP_S + 1e-9);
  for (let step = 0; step < steps; step++) {
    const now = Math.round(step * STEP_S * 10) / 10;
    track?.keep(step, bodies);
    for (let i = 0; i < n; i++) {
      meter.tick(i, mode[i] === ME.carry || mode[i] === ME.guard || mode[i] === ME.back);
      if (mode[i] === ME.rest && now >= until[i]) mode[i] = ME.carry;
      else if (mode[i] === ME.carry) carry(i);
      else if (mode[i] === ME.guard) guard(i);
      else if (mode[i] === ME.back) to(i, home(i), 0.7);
      else if (mode[i] === ME.tagged) to(i, home(i), EASY);
    }
    for (let i = 0; i < n; i++) {
      if (mode[i] === ME.carry && isThere(i, goal(i)) && log.take(now, { type: 'goal', side: setup.sides[sideOf[i]].id })) {
        mode[i] = ME.back;
        meter.turn(i);
      }
      if ((mode[i] === ME.back || mode[i] === ME.tagged) && isThere(i, home(i))) {
        if (mode[i] === ME.tagged) log.take(now, { type: 'home', player: players[i] });
        mode[i] = ME.rest;
        until[i] = now + REST_S[0] + (REST_S[1] - REST_S[0]) * random.float();
        lane[i] = wide * (0.08 + 0.84 * random.float());
      }
    }
    for (let g = 0; g < n; g++) {
      if (!tags(g) || (guards.size > 0 && now < until[g])) continue;
      const prey = nearest(bodies, g, (j) => sideOf[j] !== sideOf[g] && mode[j] === ME.carry && inHalf(j, sideOf[g]));
      if (prey < 0 || far2(bodies, g, bodies.x[prey], bodies.y[prey]) > REACH_M * REACH_M) continue;
      if (!log.take(now, { type: 'tagged', player: players[prey] })) continue;
      mode[prey] = ME.tagged;
      meter.turn(prey);
      if (guards.size) until[g] = now + AFTER_TAG_S;
    }
  }
  return { events: log.events, measured: meter.measured(), ...(track ? { frames: track.frames(players) } : {}) };
}
