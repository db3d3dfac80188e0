import type { Point } from '../../geometry/point.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { type Bodies, EASY, far2, move, moveTo, nearest, STEP_S } from '../../simulate/bodies.ts';
import { Meter } from '../../simulate/meter.ts';
import { type PlayLog, playLog } from '../../simulate/playLog.ts';
import type { Field } from '../../simulate/runFloor.ts';
import { Track } from '../../simulate/track.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { bareFloor, runnersOn } from '../runningFloor.ts';
import type { TriedPlay } from '../tryOut.ts';
import { type PossessionEvent, type PossessionState, possessionRules } from './play.ts';
import type { PossessionPlaySetup } from './setup.ts';

/** What a student does: rests at home, carries to the far end, comes back from there, walks home tagged, guards. */
const ME = { rest: 0, carry: 1, back: 2, tagged: 3, guard: 4 } as const;
/** Metres within which a hand reaches, and at which a carrier swerves; seconds after a tag before the next; of rest at home. House figures. */
const REACH_M = 0.9;
const FEAR_M = 3.5;
const AFTER_TAG_S = 1.5;
const REST_S = [1, 4] as const;
const THERE_M = 0.6;
/** Where homes and guards are, as shares of the field's length. */
const HOME = 0.1;
const POST = 0.25;

/** Two halves with everyone on them, in flat arrays by index of the player. `lane`: metres across the field; `until`: the end of a rest, or of a pause after a tag. */
interface Halves {
  sides: PossessionPlaySetup['sides'];
  players: string[];
  sideOf: number[];
  field: Field;
  bodies: Bodies;
  log: PlayLog<PossessionState, PossessionEvent>;
  meter: Meter;
  random: Rng;
  hasGuards: boolean;
  mode: Uint8Array;
  until: Float64Array;
  lane: Float64Array;
}

const isTall = ({ field }: Halves) => field.depth >= field.width;
const lengthOf = (h: Halves) => (isTall(h) ? h.field.depth : h.field.width);
const widthOf = (h: Halves) => (isTall(h) ? h.field.width : h.field.depth);
/** A spot on somebody's lane, by its share of the field's length as their side sees it. */
function onLane(h: Halves, i: number, share: number): Point {
  const along = lengthOf(h) * (h.sideOf[i] === 0 ? share : 1 - share);
  return isTall(h) ? { x: h.field.x + h.lane[i], y: h.field.y + along } : { x: h.field.x + along, y: h.field.y + h.lane[i] };
}
const goalOf = (h: Halves, i: number): Point => onLane(h, i, 1 - 0.2 / lengthOf(h));
const goTo = ({ field, bodies }: Halves, i: number, to: Point, share: number) => moveTo(field, bodies, i, to, share);
const isThere = ({ bodies }: Halves, i: number, { x, y }: Point) => far2(bodies, i, x, y) < THERE_M * THERE_M;
function isInHalf(h: Halves, i: number, side: number): boolean {
  const along = isTall(h) ? h.bodies.y[i] - h.field.y : h.bodies.x[i] - h.field.x;
  return side === 0 ? along < lengthOf(h) / 2 : along > lengthOf(h) / 2;
}
/** Whoever may tag in their own half: the guards, or whoever rests there where nobody guards. */
const mayTag = (h: Halves, i: number) => h.mode[i] === (h.hasGuards ? ME.guard : ME.rest);
/** The nearest carrier in a student's half, −1 if there is none. */
const preyOf = (h: Halves, i: number) =>
  nearest(h.bodies, i, (j) => h.sideOf[j] !== h.sideOf[i] && h.mode[j] === ME.carry && isInHalf(h, j, h.sideOf[i]));

function rest(h: Halves, i: number, now: number): void {
  h.mode[i] = ME.rest;
  h.until[i] = now + REST_S[0] + (REST_S[1] - REST_S[0]) * h.random.float();
  h.lane[i] = widthOf(h) * (0.08 + 0.84 * h.random.float());
}

function start(setup: PossessionPlaySetup, seed: number): Halves {
  const players = setup.sides.flatMap((s) => s.members);
  const guards = new Set(setup.guards ?? []);
  const n = players.length;
  const h: Halves = {
    ...{ sides: setup.sides, players, sideOf: setup.sides.flatMap((s, k) => s.members.map(() => k)) },
    ...runnersOn(setup.floor ?? bareFloor(n), n),
    ...{ log: playLog(possessionRules, setup), meter: new Meter(players), random: seededRng(seed), hasGuards: guards.size > 0 },
    ...{ mode: new Uint8Array(n), until: new Float64Array(n), lane: new Float64Array(n) },
  };
  for (let i = 0; i < n; i++) {
    rest(h, i, 0);
    if (guards.has(players[i])) [h.mode[i], h.until[i]] = [ME.guard, 0];
    const { x, y } = onLane(h, i, guards.has(players[i]) ? POST : HOME);
    [h.bodies.x[i], h.bodies.y[i]] = [x, y];
  }
  return h;
}

/** Towards the far end, around a guard rather sideways than back. */
function carry(h: Halves, i: number): void {
  const { bodies, field } = h;
  const goal = goalOf(h, i);
  let [dx, dy] = [goal.x - bodies.x[i], goal.y - bodies.y[i]];
  const guard = nearest(bodies, i, (j) => h.sideOf[j] !== h.sideOf[i] && mayTag(h, j) && isInHalf(h, i, h.sideOf[j]));
  if (guard >= 0 && far2(bodies, i, bodies.x[guard], bodies.y[guard]) < FEAR_M * FEAR_M) {
    const [ex, ey] = [bodies.x[i] - bodies.x[guard], bodies.y[i] - bodies.y[guard]];
    const size = Math.hypot(dx, dy) || 1;
    const [sideways, back] = isTall(h) ? [2.2, 0.6] : [0.6, 2.2];
    [dx, dy] = [(dx / size) * 4 + ex * sideways, (dy / size) * 4 + ey * back];
  }
  move(field, bodies, i, dx, dy, 0.9);
}

function moveAll(h: Halves, now: number): void {
  for (let i = 0; i < h.mode.length; i++) {
    const mode = h.mode[i];
    h.meter.tick(i, mode === ME.carry || mode === ME.guard || mode === ME.back);
    if (mode === ME.rest && now >= h.until[i]) h.mode[i] = ME.carry;
    else if (mode === ME.carry) carry(h, i);
    else if (mode === ME.back) goTo(h, i, onLane(h, i, HOME), 0.7);
    else if (mode === ME.tagged) goTo(h, i, onLane(h, i, HOME), EASY);
    else if (mode === ME.guard) {
      const prey = preyOf(h, i);
      if (prey < 0) goTo(h, i, onLane(h, i, POST), EASY);
      else goTo(h, i, { x: h.bodies.x[prey], y: h.bodies.y[prey] }, 1);
    }
  }
}

function arriveAll(h: Halves, now: number): void {
  for (let i = 0; i < h.mode.length; i++) {
    if (h.mode[i] === ME.carry && isThere(h, i, goalOf(h, i)) && h.log.take(now, { type: 'goal', side: h.sides[h.sideOf[i]].id })) {
      h.mode[i] = ME.back;
      h.meter.turn(i);
    }
    const isHome = (h.mode[i] === ME.back || h.mode[i] === ME.tagged) && isThere(h, i, onLane(h, i, HOME));
    if (!isHome) continue;
    if (h.mode[i] === ME.tagged) h.log.take(now, { type: 'home', player: h.players[i] });
    rest(h, i, now);
  }
}

function tagAll(h: Halves, now: number): void {
  for (let i = 0; i < h.mode.length; i++) {
    if (!mayTag(h, i) || (h.hasGuards && now < h.until[i])) continue;
    const prey = preyOf(h, i);
    if (prey < 0 || far2(h.bodies, i, h.bodies.x[prey], h.bodies.y[prey]) > REACH_M * REACH_M) continue;
    if (!h.log.take(now, { type: 'tagged', player: h.players[prey] })) continue;
    h.mode[prey] = ME.tagged;
    h.meter.turn(prey);
    if (h.hasGuards) h.until[i] = now + AFTER_TAG_S;
  }
}

/**
 * Halves simulated with one agent a student, in steps of 0.2 s: carriers run for the far end and swerve from guards, guards go for the
 * nearest carrier in their half, whoever is tagged walks home and starts again. An estimate for planning.
 */
export function runHalves(setup: PossessionPlaySetup, { seconds, seed, track: isTracked }: SimulateOptions): TriedPlay {
  const h = start(setup, seed);
  const track = isTracked ? new Track() : undefined;
  const steps = Math.floor(seconds / STEP_S + 1e-9);
  for (let step = 0; step < steps; step++) {
    const now = Math.round(step * STEP_S * 10) / 10;
    track?.keep(step, h.bodies);
    moveAll(h, now);
    arriveAll(h, now);
    tagAll(h, now);
  }
  return { events: h.log.events, measured: h.meter.measured(), ...(track ? { frames: track.frames(h.players) } : {}) };
}
