import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { PLAY_SHARE, STEP_S, USUAL_SPRINT } from '../../simulate/bodies.ts';
import { Meter } from '../../simulate/meter.ts';
import type { Field } from '../../simulate/runFloor.ts';
import { Track } from '../../simulate/track.ts';
import type { TriedPlay } from '../tryOut.ts';
import { nextCall } from './calls.ts';
import { campsOf } from './camping.ts';
import { type Minds, think } from './minds.ts';
import { ME } from './modes.ts';
import { dropItem, itemOf } from './objective.ts';
import type { ChasePlaySetup } from './setup.ts';
import { huntersIn, playersIn } from './state.ts';

/** Metres within which a hand reaches, and from which a throw is tried; the share of throws that meet. House figures. */
const REACH_M = 0.9;
const THROW_M = 4;
const THROW_MEETS = 0.35;
/** Seconds after a catch before the next, and after a throw. */
const AFTER_CATCH_S = 1.2;
const AFTER_THROW_S = 3;

/**
 * Simulates a chase with one agent a student, in steps of 0.2 s: hunters run at the nearest whom they may catch, runners flee from
 * hunters and walls, tire when they sprint, free others when nobody hunts near, use safe spots. An estimate for planning: real
 * students talk, trick and look elsewhere. `hunters` of the setup hunt all the time.
 */
export function runChase(setup: ChasePlaySetup, field: Field, options: { seconds: number; seed: number; track?: boolean }): TriedPlay {
  const random = seededRng(options.seed);
  const players = playersIn(setup);
  const n = players.length;
  const minds = startMinds(setup, field, players, random);
  const { mode, until, cool } = minds;
  const events: PlayEvent[] = [];
  const meter = new Meter(players);
  const captors: number[][] = players.map(() => []);
  const steps = Math.floor(options.seconds / STEP_S + 1e-9);
  const track = options.track ? new Track() : undefined;
  let endedAt: number | undefined;
  let lastCall = -Number.POSITIVE_INFINITY;
  const say = (at: number, type: string, fields: object) => events.push({ at, type, ...fields } as PlayEvent);

  const free = (i: number) => {
    mode[i] = ME.free;
    captors[i] = [];
  };
  const freeAll = (are: (i: number) => boolean) => {
    for (let i = 0; i < n; i++) if (are(i)) free(i);
  };
  const caught = (at: number, by: number[], who: number) => {
    say(at, 'caught', { by: by.length > 1 ? by.map((b) => players[b]) : players[by[0]], who: players[who] });
    for (const b of by) cool[b] = at + AFTER_CATCH_S;
    dropItem(minds, who);
    const escort = minds.escorts.find((e) => e.by === who || e.who === who);
    if (escort) {
      minds.escorts = minds.escorts.filter((e) => e !== escort);
      mode[escort.who] = ME.held;
      mode[escort.by] = setup.onlyCaptive ? ME.free : ME.held;
      if (!setup.onlyCaptive) meter.turn(escort.by);
      return;
    }
    meter.turn(who);
    if (setup.release === 'captor') freeAll((i) => captors[i].includes(who) && i !== who && mode[i] === ME.held);
    if (setup.caught === 'back') mode[who] = ME.returning;
    else if (setup.caught === 'converts') {
      mode[who] = ME.hunter;
      minds.hunters.push({ id: who, partner: -1, how: 'touch' });
    } else if (setup.caught === 'out') mode[who] = ME.out;
    else {
      mode[who] = ME.held;
      captors[who] = by;
      until[who] = setup.caught === 'task' || setup.release === 'task' ? at + (setup.taskSeconds ?? 15) : Number.POSITIVE_INFINITY;
    }
  };

  for (let step = 0; step < steps && endedAt === undefined; step++) {
    const at = Math.round(step * STEP_S * 10) / 10;
    if (setup.callSeconds && at - lastCall >= setup.callSeconds) {
      lastCall = at;
      say(at, 'call', nextCall(setup, minds, at, random));
      freeAll((i) => mode[i] === ME.across || (setup.release === 'call' && mode[i] === ME.held));
    }
    think(setup, field, minds, at, random);
    track?.keep(step, minds);
    for (let i = 0; i < n; i++) {
      const isActive = mode[i] === ME.free || mode[i] === ME.hunter || mode[i] === ME.escort || mode[i] === ME.returning;
      meter.tick(i, isActive);
      if (mode[i] === ME.held && at >= until[i]) {
        say(at, 'taskDone', { who: players[i] });
        free(i);
      }
    }
    const doneNow = minds.done;
    if (doneNow.length) minds.done = [];
    for (const done of doneNow) {
      if (endedAt !== undefined) break;
      const [by, who] = [players[done.by], players[done.who]];
      if (done.what === 'safe') say(at, 'safe', { who, ...(done.spot === undefined ? {} : { spot: setup.safeSpots![done.spot].id }) });
      else if (['unsafe', 'across', 'take', 'objective'].includes(done.what)) say(at, done.what, { who });
      else say(at, done.what, { by, who });
      if (done.what === 'freed') free(done.who);
      if (done.what === 'objective') endedAt = at;
    }
    if (endedAt !== undefined) break;
    for (const { by, who } of catches(setup, minds, at, random)) {
      caught(at, by, who);
      endedAt ??= isAllCaught(setup, mode) ? at : undefined;
    }
  }
  return {
    ...{ events, measured: meter.measured() },
    ...(endedAt === undefined ? {} : { endedAt }),
    ...(track ? { frames: track.frames(players) } : {}),
  };
}

function startMinds(setup: ChasePlaySetup, field: Field, players: string[], random: Rng): Minds {
  const n = players.length;
  const index = new Map(players.map((id, i) => [id, i]));
  const hunting = new Set(setup.everyoneHunts ? [] : huntersIn(setup));
  const vmax = Float64Array.from(players, (id) => Math.max(0.3, setup.speeds?.[id] ?? setup.sprint ?? USUAL_SPRINT) * PLAY_SHARE);
  const [x, y] = [new Float64Array(n), new Float64Array(n)];
  // In a crossing everyone stands at one end, hunters in the middle; else runners anywhere, hunters together.
  const isCrossing = setup.zones !== undefined || setup.caught === 'back';
  players.forEach((id, i) => {
    let spot = field.somewhere(random.float(), random.float());
    if (isCrossing && !hunting.has(id)) spot = { x: field.x + field.width * 0.06, y: spot.y };
    if (hunting.has(id)) spot = { x: field.x + field.width / 2, y: field.y + field.depth * (0.3 + 0.4 * random.float()) };
    x[i] = spot.x;
    y[i] = spot.y;
  });
  return {
    x,
    y,
    vmax,
    mode: Uint8Array.from(players, (id) => (hunting.has(id) ? ME.hunter : ME.free)),
    until: new Float64Array(n).fill(Number.POSITIVE_INFINITY),
    cool: new Float64Array(n),
    stamina: new Float64Array(n).fill(1),
    goalX: Float64Array.from(x),
    goalY: Float64Array.from(y),
    nextThought: Float64Array.from(players, () => random.float()),
    target: new Int16Array(n).fill(-1),
    zone: new Int16Array(n),
    spot: new Int16Array(n).fill(-1),
    type: players.map((id) => setup.types?.[id] ?? ''),
    helps: players.map((id) => !setup.rescuers || setup.rescuers.includes(id)),
    hunters: setup.everyoneHunts
      ? []
      : setup.hunters.map((h) => ({
          id: index.get(h.id)!,
          partner: h.with === undefined ? -1 : index.get(h.with)!,
          how: h.how,
          ...(h.catches ? { catches: h.catches } : {}),
        })),
    escorts: [],
    called: -1,
    ...(setup.objective ? { item: itemOf(setup, field) } : {}),
    camps: campsOf(x, y),
    done: [],
  };
}

/** Who catches whom in this step; each hunter at most one, each runner once. */
function catches(setup: ChasePlaySetup, minds: Minds, at: number, random: Rng): { by: number[]; who: number }[] {
  const { x, y, mode, cool, target } = minds;
  const found: { by: number[]; who: number }[] = [];
  const taken = new Set<number>();
  const canBe = (who: number) => mode[who] === ME.free || mode[who] === ME.escort;
  const near = (a: number, b: number, metres: number) => (x[a] - x[b]) ** 2 + (y[a] - y[b]) ** 2 <= metres * metres;
  if (setup.everyoneHunts) {
    mode.forEach((m, i) => {
      const who = target[i];
      if (m !== ME.free || taken.has(i) || at < cool[i] || who < 0 || taken.has(who) || mode[who] !== ME.free || !near(i, who, REACH_M))
        return;
      taken.add(who).add(i);
      found.push({ by: [i], who });
    });
    return found;
  }
  for (const { id, partner, how } of minds.hunters) {
    const who = target[id];
    if (mode[id] !== ME.hunter || at < cool[id] || who < 0 || taken.has(who) || !canBe(who)) continue;
    if (how === 'throw') {
      if (!near(id, who, THROW_M)) continue;
      cool[id] = at + AFTER_THROW_S;
      if (random.float() >= THROW_MEETS) continue;
    } else if (!near(id, who, partner < 0 ? REACH_M : REACH_M * 1.4)) continue;
    const by = how === 'together' && partner >= 0 ? [id, partner] : [id];
    if (by.some((b) => mode[b] !== ME.hunter)) continue;
    taken.add(who);
    const escort = minds.escorts.find((e) => e.by === who || e.who === who);
    if (escort) taken.add(escort.by).add(escort.who);
    found.push({ by, who });
  }
  return found;
}

/** Nobody is left whom anything could bring back: the rules end play then. */
function isAllCaught(setup: ChasePlaySetup, mode: Uint8Array): boolean {
  const canReturn = setup.release === 'call' || setup.release === 'task' || setup.caught === 'task';
  return mode.every((m) => m === ME.hunter || m === ME.out || (m === ME.held && !canReturn));
}
