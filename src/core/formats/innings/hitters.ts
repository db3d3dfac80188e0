import { boundsOf, type Point, type Rect } from '../../geometry/point.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { type Bodies, EASY, far2, moveTo, STEP_S } from '../../simulate/bodies.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { type PlayLog, playLog } from '../../simulate/playLog.ts';
import type { Field } from '../../simulate/runFloor.ts';
import { Track } from '../../simulate/track.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { bareFloor, runnersOn } from '../runningFloor.ts';
import type { FloorValue } from '../sharedSetup.ts';
import type { TriedPlay } from '../tryOut.ts';
import { BASES, type HitKind } from './bases.ts';
import { type InningsEvent, type InningsState, inningsRules } from './play.ts';
import type { InningsPlaySetup } from './setup.ts';

/** Seconds from everyone being ready to the hit, and a ball in the air; metres within which it is picked up; how fast it is thrown, m/s. House figures. */
const READY_S = 4;
const FLIGHT_S = 1;
const REACH_M = 0.8;
const THROW_MS = 9;
/** The longest that a hit is played out; the share of hits that fly, and of those that are caught. */
const LONGEST_S = 25;
const FLIES = 0.35;
const CATCHES = 0.15;
/** Metres from home at which a hit is a short fly, and at which a long one, as shares of the way to the far edge. */
const SHORT = 0.35;
const LONG = 0.7;

/** The spots of a field: as they were laid, or in the corners of a floor that has none. */
function spotsOf({ outline, spots = {} }: FloorValue): Record<string, Point> {
  const { x, y, width, depth } = boundsOf(outline);
  const at = (u: number, v: number) => ({ x: x + width * u, y: y + depth * v });
  return {
    ...{ home: at(0.15, 0.12), far: at(0.15, 0.85), 'base-1': at(0.6, 0.12), 'base-2': at(0.6, 0.85) },
    ...{ first: at(0.5, 0.15), second: at(0.5, 0.5), third: at(0.15, 0.5) },
    ...spots,
  };
}

/** A hit under way: where the ball comes down, when, and whether it flies. */
interface Hit {
  at: number;
  ball: Point;
  kind: HitKind;
  flies: boolean;
  /** Who went for it, −1 if nobody could; when it is back home. */
  fielder: number;
  back?: number;
  /** Trips of the batter, and whether they run out or home. */
  trips: number;
  isOut: boolean;
}
/** Where each stands between two hits, and who is where by the rules, by index. */
interface Standing {
  post: Point[];
  fielders: number[];
  onBase: number[][];
}
/** A field with everyone on it. `posts`: where each stands when their side fields. */
interface HitField {
  setup: InningsPlaySetup;
  players: string[];
  index: ReadonlyMap<string, number>;
  spots: Record<string, Point>;
  box: Rect;
  posts: Point[];
  field: Field;
  bodies: Bodies;
  log: PlayLog<InningsState, InningsEvent>;
  random: Rng;
}

const goTo = ({ field, bodies }: HitField, i: number, to: Point, share: number) => moveTo(field, bodies, i, to, share);
const isAt = ({ bodies }: HitField, i: number, { x, y }: Point, metres = REACH_M) => far2(bodies, i, x, y) <= metres * metres;

function start(setup: InningsPlaySetup, seed: number): HitField {
  const random = seededRng(seed);
  const players = setup.sides.flatMap((s) => s.members);
  const floor = setup.floor ?? bareFloor(players.length);
  const { field, bodies } = runnersOn(floor, players.length);
  const posts = players.map(() => field.somewhere(random.float(), random.float()));
  for (const [i, { x, y }] of posts.entries()) [bodies.x[i], bodies.y[i]] = [x, y];
  const index = new Map(players.map((id, i) => [id, i]));
  const log = playLog(inningsRules, setup);
  return { setup, players, index, spots: spotsOf(floor), box: boundsOf(floor.outline), posts, field, bodies, log, random };
}

/** Looked up again after every hit. */
function standing({ setup, log, index, players, box, spots, posts }: HitField): Standing {
  const { places } = inningsRules.view(setup, log.state, []);
  const at = (place: string) => (places[place] ?? []).map((id) => index.get(id)!);
  const post = players.map((_, i) => ({ x: box.x + 0.4, y: box.y + 0.4 + (i % 6) * 0.5 }));
  for (const i of at('bat')) post[i] = spots.home;
  for (const i of at('field')) post[i] = posts[i];
  for (const [place, spot] of [['field-1', 'base-1'], ['field-2', 'base-2'], ...BASES.map((b) => [b, b])])
    for (const i of at(place)) post[i] = spots[spot];
  return { post, fielders: ['field', 'field-1', 'field-2'].flatMap(at), onBase: BASES.map(at) };
}

/** The batter runs, on bases those before them too. */
function runOn(f: HitField, hit: Hit, batter: number, { onBase }: Standing): void {
  if (f.setup.mode === 'bases') {
    goTo(f, batter, f.spots.first, 0.9);
    for (const [b, runners] of onBase.entries()) for (const i of runners) goTo(f, i, f.spots[BASES[b + 1] ?? 'home'], 0.9);
    return;
  }
  const to = hit.isOut ? f.spots.far : f.spots.home;
  goTo(f, batter, to, 1);
  if (!isAt(f, batter, to, 0.7)) return;
  if (!hit.isOut) hit.trips += 1;
  hit.isOut = !hit.isOut;
}

/** The fielder fetches the ball and throws it home; the others go back to where they stand. */
function fetch(f: HitField, hit: Hit, at: number, { fielders, post }: Standing): void {
  if (hit.fielder >= 0 && hit.back === undefined) {
    goTo(f, hit.fielder, hit.ball, 1);
    const { home } = f.spots;
    if (at >= hit.at + FLIGHT_S && isAt(f, hit.fielder, hit.ball))
      hit.back = at + Math.sqrt(far2(f.bodies, hit.fielder, home.x, home.y)) / THROW_MS;
  }
  for (const i of fielders) if (i !== hit.fielder) goTo(f, i, post[i], EASY);
}

/**
 * Hits simulated with one agent a student, in steps of 0.2 s: the ball comes down somewhere in the field, the nearest fielder fetches it
 * and throws it home, the batter runs meanwhile. On bases everyone on them runs along. An estimate for planning.
 */
export function runInnings(setup: InningsPlaySetup, { seconds, seed, track: isTracked }: SimulateOptions): TriedPlay {
  const f = start(setup, seed);
  const { log } = f;
  const track = isTracked ? new Track() : undefined;
  let now = standing(f);
  let ready = READY_S;
  let hit: Hit | undefined;
  for (let step = 0; step * STEP_S < seconds && log.state.bat !== undefined && !log.isOver(); step++) {
    const at = Math.round(step * STEP_S * 10) / 10;
    track?.keep(step, f.bodies);
    const batter = f.index.get(log.state.bat)!;
    if (!hit) {
      for (let i = 0; i < f.players.length; i++) goTo(f, i, now.post[i], 0.6);
      if (at >= ready && isAt(f, batter, f.spots.home, 1)) hit = hitAt(f, at, now.fielders);
      continue;
    }
    runOn(f, hit, batter, now);
    fetch(f, hit, at, now);
    const isOver = (hit.back !== undefined && at >= hit.back) || at - hit.at > LONGEST_S || hit.fielder < 0;
    if (!isOver) continue;
    if (!log.take(at, eventOf(f, hit, f.players[batter]))) break;
    now = standing(f);
    hit = undefined;
    ready = at + READY_S;
  }
  const { events } = log;
  return { events, measured: measurePlay(inningsRules, setup, events, seconds), ...(track ? { frames: track.frames(f.players) } : {}) };
}

/** Where a hit comes down: forward, anywhere in the field; how far it goes says what kind it is. The nearest fielder goes for it. */
function hitAt({ random, spots: { home }, box, bodies }: HitField, at: number, fielders: readonly number[]): Hit {
  const ball = {
    x: box.x + box.width * (0.15 + 0.75 * random.float()),
    y: home.y + (box.y + box.depth - home.y) * (0.1 + 0.85 * random.float()),
  };
  const share = Math.hypot(ball.x - home.x, ball.y - home.y) / Math.hypot(box.width, box.depth);
  const flies = random.float() < FLIES;
  const kind = !flies || share < SHORT ? 'grounder' : share < LONG ? 'short-fly' : 'long-fly';
  const far = (i: number) => far2(bodies, i, ball.x, ball.y);
  const fielder = fielders.reduce((best, i) => (best < 0 || far(i) < far(best) ? i : best), -1);
  return { at, ball, kind, flies, fielder, trips: 0, isOut: true };
}

/** What the rules are told of a hit that is over. */
function eventOf({ setup, random }: HitField, { kind, flies, back, trips }: Hit, batter: string): InningsEvent {
  const isCaught = flies && random.float() < CATCHES;
  if (setup.mode === 'shuttle') return setup.catchOut && isCaught ? { type: 'caught', batter } : { type: 'hit', batter, trips };
  return { type: 'hit', batter, kind, fielded: back !== undefined };
}
