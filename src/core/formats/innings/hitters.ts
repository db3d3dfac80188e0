import type { Point } from '../../geometry/point.ts';
import { boundsOf } from '../../geometry/point.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { EASY, far2, move, STEP_S } from '../../simulate/bodies.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { playLog } from '../../simulate/playLog.ts';
import { Track } from '../../simulate/track.ts';
import type { SimulateOptions } from '../blockPlan.ts';
import { bareFloor, runnersOn } from '../runningFloor.ts';
import type { FloorValue } from '../sharedSetup.ts';
import type { TriedPlay } from '../tryOut.ts';
import { BASES, type HitKind } from './bases.ts';
import { type InningsEvent, inningsRules } from './play.ts';
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
  /** Who went for it, when they had it, when it is back home. */
  fielder: number;
  back?: number;
}

/**
 * Hits simulated with one agent a student, in steps of 0.2 s: the ball comes down somewhere in the field, the nearest fielder fetches it
 * and throws it home, the batter runs meanwhile. On bases everyone on them runs along. An estimate for planning.
 */
export function runInnings(setup: InningsPlaySetup, options: SimulateOptions): TriedPlay {
  const { seconds } = options;
  const random = seededRng(options.seed);
  const players = setup.sides.flatMap((s) => s.members);
  const n = players.length;
  const floor = setup.floor ?? bareFloor(n);
  const spots = spotsOf(floor);
  const { field, bodies } = runnersOn(floor, n);
  const log = playLog(inningsRules, setup);
  const track = options.track ? new Track() : undefined;
  const index = new Map(players.map((id, i) => [id, i]));
  const box = boundsOf(floor.outline);
  const posts = players.map(() => field.somewhere(random.float(), random.float()));
  players.forEach((_, i) => {
    [bodies.x[i], bodies.y[i]] = [posts[i].x, posts[i].y];
  });
  const go = (i: number, { x, y }: Point, share: number) => move(field, bodies, i, x - bodies.x[i], y - bodies.y[i], share);
  const isAt = (i: number, { x, y }: Point, metres = REACH_M) => far2(bodies, i, x, y) <= metres * metres;
  /** Where each stands between two hits, and who is where by the rules: looked up again after every hit. */
  const standing = () => {
    const { places } = inningsRules.view(setup, log.state, []);
    const at = (place: string) => (places[place] ?? []).map((id) => index.get(id)!);
    const post = players.map((_, i) => ({ x: box.x + 0.4, y: box.y + 0.4 + (i % 6) * 0.5 }));
    const put = (place: string, spot: (i: number) => Point) => {
      for (const i of at(place)) post[i] = spot(i);
    };
    put('bat', () => spots.home);
    put('field', (i) => posts[i]);
    for (const [place, spot] of [['field-1', 'base-1'], ['field-2', 'base-2'], ...BASES.map((b) => [b, b])]) put(place, () => spots[spot]);
    return { post, fielders: ['field', 'field-1', 'field-2'].flatMap(at), onBase: BASES.map(at) };
  };

  let now = standing();
  let ready = READY_S;
  let hit: Hit | undefined;
  let trips = 0;
  let isOut = true;
  for (let step = 0; step * STEP_S < seconds && log.state.bat !== undefined && !log.isOver(); step++) {
    const at = Math.round(step * STEP_S * 10) / 10;
    track?.keep(step, bodies);
    const batter = index.get(log.state.bat)!;
    if (!hit) {
      for (let i = 0; i < n; i++) go(i, now.post[i], 0.6);
      if (at >= ready && isAt(batter, spots.home, 1)) {
        hit = hitAt(at, random, spots.home, box);
        const { ball } = hit;
        hit.fielder = now.fielders.reduce(
          (best, f) => (best < 0 || far2(bodies, f, ball.x, ball.y) < far2(bodies, best, ball.x, ball.y) ? f : best),
          -1,
        );
        [trips, isOut] = [0, true];
      }
      continue;
    }
    // The batter runs, on bases those before them too; the fielder fetches and throws home.
    if (setup.mode === 'shuttle') {
      const to = isOut ? spots.far : spots.home;
      go(batter, to, 1);
      if (isAt(batter, to, 0.7)) {
        if (!isOut) trips += 1;
        isOut = !isOut;
      }
    } else {
      go(batter, spots.first, 0.9);
      for (const [b, runners] of now.onBase.entries()) for (const i of runners) go(i, spots[BASES[b + 1] ?? 'home'], 0.9);
    }
    if (hit.fielder >= 0 && hit.back === undefined) {
      go(hit.fielder, hit.ball, 1);
      if (at >= hit.at + FLIGHT_S && isAt(hit.fielder, hit.ball))
        hit.back = at + Math.sqrt(far2(bodies, hit.fielder, spots.home.x, spots.home.y)) / THROW_MS;
    }
    for (const f of now.fielders) if (f !== hit.fielder) go(f, now.post[f], EASY);
    const isOver = (hit.back !== undefined && at >= hit.back) || at - hit.at > LONGEST_S || hit.fielder < 0;
    if (!isOver) continue;
    const event = eventOf(setup, hit, players[batter], trips, random);
    if (!log.take(at, event)) break;
    now = standing();
    hit = undefined;
    ready = at + READY_S;
  }
  const { events } = log;
  return { events, measured: measurePlay(inningsRules, setup, events, seconds), ...(track ? { frames: track.frames(players) } : {}) };
}

/** Where a hit comes down: forward, anywhere in the field; how far it goes says what kind it is. */
function hitAt(at: number, random: Rng, home: Point, box: ReturnType<typeof boundsOf>): Hit {
  const ball = {
    x: box.x + box.width * (0.15 + 0.75 * random.float()),
    y: home.y + (box.y + box.depth - home.y) * (0.1 + 0.85 * random.float()),
  };
  const share = Math.hypot(ball.x - home.x, ball.y - home.y) / Math.hypot(box.width, box.depth);
  const flies = random.float() < FLIES;
  const kind = !flies || share < SHORT ? 'grounder' : share < LONG ? 'short-fly' : 'long-fly';
  return { at, ball, kind, flies, fielder: -1 };
}

/** What the rules are told of a hit that is over. */
function eventOf(setup: InningsPlaySetup, { kind, flies, back }: Hit, batter: string, trips: number, random: Rng): InningsEvent {
  const isCaught = flies && random.float() < CATCHES;
  if (setup.mode === 'shuttle') return setup.catchOut && isCaught ? { type: 'caught', batter } : { type: 'hit', batter, trips };
  return { type: 'hit', batter, kind, fielded: back !== undefined };
}
