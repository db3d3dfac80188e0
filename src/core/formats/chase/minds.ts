import type { Rng } from '../../rng.ts';
import { type Bodies, EASY, far2, move, nearest } from '../../simulate/bodies.ts';
import type { Field } from '../../simulate/runFloor.ts';
import { isCalled } from './calls.ts';
import { type Camps, mustLeave } from './camping.ts';
import { ME } from './modes.ts';
import { zoneX } from './motion.ts';
import { dropItem, handleItem, type Item, seekItem } from './objective.ts';
import type { ChasePlaySetup } from './setup.ts';

/** Something that an agent did by moving. */
export interface Done {
  what: 'freed' | 'escort' | 'home' | 'across' | 'safe' | 'unsafe' | 'take' | 'objective';
  by: number;
  who: number;
  spot?: number;
}
/** All agents in flat arrays, by index of the player. */
export interface Minds extends Bodies {
  mode: Uint8Array;
  /** When a task is done, or a stay at a safe spot must end. */
  until: Float64Array;
  /** No catch before this second. */
  cool: Float64Array;
  goalX: Float64Array;
  goalY: Float64Array;
  nextThought: Float64Array;
  /** Whom a hunter is after, or whom a runner goes to free. */
  target: Int16Array;
  zone: Int16Array;
  spot: Int16Array;
  type: string[];
  /** The type that may run, if types are called. */
  calledType?: string;
  helps: boolean[];
  hunters: { id: number; partner: number; how: string; catches?: string[] }[];
  escorts: { by: number; who: number }[];
  /** Index of the zone that was called last, −1 before. */
  called: number;
  /** What is to be fetched, if there is something. */
  item?: Item;
  camps: Camps;
  done: Done[];
}

/** Metres at which a runner flees, and at which nobody hunts near enough to spoil a rescue. */
const FEAR_M = 5;
const CALM_M = 3.5;
/** Seconds between two thoughts about where to go. */
const THOUGHT_S = 0.8;
const THERE_M = 0.8;

/** One step of every agent. */
export function think(setup: ChasePlaySetup, field: Field, m: Minds, at: number, random: Rng): void {
  // Whom a runner has to look out for: hunters, or everyone.
  const hunting = setup.everyoneHunts ? ME.free : ME.hunter;
  const threats: number[] = [];
  for (let i = 0; i < m.mode.length; i++) if (m.mode[i] === hunting) threats.push(i);
  for (let i = 0; i < m.mode.length; i++) {
    const mode = m.mode[i];
    if (mode === ME.hunter) hunt(setup, field, m, i, at);
    else if (mode === ME.free && isCalled(m, i)) run(setup, field, m, i, at, random, threats);
    else if (mode === ME.free) goBack(setup, field, m, i);
    else if (mode === ME.escort) lead(setup, field, m, i);
    else if (mode === ME.returning) goBack(setup, field, m, i);
    else if (mode === ME.safe) rest(setup, m, i, at);
    else if (mode === ME.held && setup.caught === 'jail')
      move(field, m, i, field.x + 1 - m.x[i], field.y + 1 + ((i * 0.7) % Math.max(1, field.depth - 2)) - m.y[i], EASY);
  }
}

function hunt(setup: ChasePlaySetup, field: Field, m: Minds, i: number, at: number): void {
  const pair = m.hunters.find((h) => h.id === i);
  const leads = pair ?? m.hunters.find((h) => h.partner === i);
  if (!pair && leads) {
    m.target[i] = -1;
    move(field, m, i, m.x[leads.id] - m.x[i], m.y[leads.id] - m.y[i], 1);
    return;
  }
  if (mustLeave(setup, field, m, i, at)) {
    m.target[i] = -1;
    move(field, m, i, m.goalX[i] - m.x[i], m.goalY[i] - m.y[i], 0.7);
    return;
  }
  const runs = (j: number) => (m.mode[j] === ME.free || m.mode[j] === ME.escort) && isCalled(m, j);
  const isGone = m.target[i] < 0 || !runs(m.target[i]);
  if (isGone || at >= m.nextThought[i]) {
    m.nextThought[i] = at + THOUGHT_S * 1.5;
    m.target[i] = nearest(m, i, (j) => runs(j) && (!pair?.catches || pair.catches.includes(m.type[j])) && m.spot[j] < 0);
  }
  const who = m.target[i];
  if (who < 0) move(field, m, i, field.x + field.width / 2 - m.x[i], field.y + field.depth / 2 - m.y[i], EASY);
  else move(field, m, i, m.x[who] - m.x[i], m.y[who] - m.y[i], at < m.cool[i] ? EASY : 1);
}

function run(setup: ChasePlaySetup, field: Field, m: Minds, i: number, at: number, random: Rng, threats: readonly number[]): void {
  const isAll = setup.everyoneHunts === true;
  let fx = 0;
  let fy = 0;
  let least = Number.POSITIVE_INFINITY;
  for (let k = 0; k < threats.length; k++) {
    const j = threats[k];
    if (isAll && (m.target[j] !== i || j === i)) continue;
    const dx = m.x[i] - m.x[j];
    const dy = m.y[i] - m.y[j];
    const d2 = dx * dx + dy * dy + 0.01;
    if (d2 < least) least = d2;
    if (d2 < FEAR_M * FEAR_M) {
      fx += dx / d2;
      fy += dy / d2;
    }
  }
  handleItem(m, i);
  if (reachSafety(setup, m, i, at, least)) return;
  if (at >= m.nextThought[i]) {
    m.nextThought[i] = at + THOUGHT_S;
    chooseGoal(setup, field, m, i, random, least);
  }
  const helps = m.target[i];
  if (!isAll && helps >= 0 && m.mode[helps] === ME.held) {
    if (far2(m, i, m.x[helps], m.y[helps]) < THERE_M * THERE_M) {
      help(setup, m, i, helps);
      return;
    }
    m.goalX[i] = m.x[helps];
    m.goalY[i] = m.y[helps];
  }
  if (setup.zones && m.called >= 0 && m.zone[i] !== m.called && Math.abs(m.x[i] - zoneX(field, setup.zones.length, m.called)) < THERE_M) {
    m.zone[i] = m.called;
    m.done.push({ what: 'across', by: i, who: i });
  }
  if (isAll && helps >= 0 && at >= m.cool[i]) {
    move(field, m, i, m.x[helps] - m.x[i] + fx, m.y[helps] - m.y[i] + fy, 1);
    return;
  }
  const flees = least < FEAR_M * FEAR_M;
  let [gx, gy] = [m.goalX[i] - m.x[i], m.goalY[i] - m.y[i]];
  const goal = Math.sqrt(gx * gx + gy * gy) || 1;
  if (flees) {
    const pull = setup.zones || m.item?.carrier === i || (helps >= 0 && least > CALM_M * CALM_M) ? 0.25 : 0.05;
    gx = fx + (gx / goal) * pull;
    gy = fy + (gy / goal) * pull;
    if (field.slack(m.x[i], m.y[i]) < 1.2) {
      gx += field.awayX(m.x[i], m.y[i]) * 0.25;
      gy += field.awayY(m.x[i], m.y[i]) * 0.25;
    }
    const size = Math.sqrt(gx * gx + gy * gy) || 1;
    move(field, m, i, (gx / size) * 5, (gy / size) * 5, 1);
    return;
  }
  const isHurried = setup.zones !== undefined || helps >= 0 || m.item?.carrier === i;
  move(field, m, i, gx, gy, goal < 0.3 ? 0 : isHurried ? 0.9 : EASY);
}

/** A safe spot that is near and free is taken when a hunter comes close. */
function reachSafety(setup: ChasePlaySetup, m: Minds, i: number, at: number, hunter2: number): boolean {
  const spots = setup.safeSpots;
  if (!spots?.length || hunter2 > 9 || at < m.cool[i]) return false;
  for (let s = 0; s < spots.length; s++) {
    if (far2(m, i, spots[s].at.x, spots[s].at.y) > (spots[s].radius + 0.6) ** 2) continue;
    let there = 0;
    for (let j = 0; j < m.spot.length; j++) if (m.spot[j] === s) there += 1;
    if (there >= (spots[s].capacity ?? 1)) continue;
    dropItem(m, i);
    m.mode[i] = ME.safe;
    m.spot[i] = s;
    m.until[i] = at + (spots[s].limitSeconds ?? 5);
    m.done.push({ what: 'safe', by: i, who: i, spot: s });
    return true;
  }
  return false;
}

function rest(setup: ChasePlaySetup, m: Minds, i: number, at: number): void {
  if (at < m.until[i]) return;
  m.mode[i] = ME.free;
  m.spot[i] = -1;
  m.until[i] = Number.POSITIVE_INFINITY;
  // Not straight back to the spot they left.
  m.cool[i] = at + (setup.safeSpots ? 4 : 0);
  m.done.push({ what: 'unsafe', by: i, who: i });
}

/** Where to go next: to a zone that was called, to somebody who can be freed, to a safe spot, or just around. */
function chooseGoal(setup: ChasePlaySetup, field: Field, m: Minds, i: number, random: Rng, hunter2: number): void {
  m.target[i] = -1;
  if (setup.everyoneHunts) {
    m.target[i] = nearest(m, i, (j) => m.mode[j] === ME.free);
    return;
  }
  if (setup.zones && m.called >= 0) {
    m.goalX[i] = m.zone[i] === m.called ? m.x[i] : zoneX(field, setup.zones.length, m.called);
    m.goalY[i] = m.y[i];
    return;
  }
  if (seekItem(m, i, random)) return;
  const canHelp = (setup.release === 'touch' || setup.release === 'escort') && m.helps[i] && hunter2 > CALM_M * CALM_M;
  if (canHelp && random.below(3) > 0) {
    m.target[i] = nearest(m, i, (j) => m.mode[j] === ME.held);
    if (m.target[i] >= 0) return;
  }
  if (far2(m, i, m.goalX[i], m.goalY[i]) > 1 && random.below(4) > 0) return;
  const to = field.somewhere(random.float(), random.float());
  m.goalX[i] = to.x;
  m.goalY[i] = to.y;
}

function help(setup: ChasePlaySetup, m: Minds, i: number, who: number): void {
  m.target[i] = -1;
  if (setup.release === 'touch') {
    m.done.push({ what: 'freed', by: i, who });
    // The mode changes with the event: nobody frees the same one twice.
    m.mode[who] = ME.free;
    return;
  }
  dropItem(m, i);
  m.mode[i] = ME.escort;
  m.mode[who] = ME.escort;
  m.escorts = [...m.escorts, { by: i, who }];
  m.done.push({ what: 'escort', by: i, who });
}

/** Hand in hand to the far end of the floor. */
function lead(setup: ChasePlaySetup, field: Field, m: Minds, i: number): void {
  const pair = m.escorts.find((e) => e.by === i || e.who === i);
  if (!pair) return;
  const home = field.x + field.width - 1;
  if (i === pair.who) {
    move(field, m, i, m.x[pair.by] - m.x[i], m.y[pair.by] - m.y[i], 0.9);
    return;
  }
  move(field, m, i, home - m.x[i], 0, setup.release === 'escort' ? 0.75 : EASY);
  if (Math.abs(m.x[i] - home) > THERE_M) return;
  m.escorts = m.escorts.filter((e) => e !== pair);
  m.mode[pair.by] = ME.free;
  m.mode[pair.who] = ME.free;
  m.done.push({ what: 'home', by: pair.by, who: pair.who });
}

function goBack(setup: ChasePlaySetup, field: Field, m: Minds, i: number): void {
  const x = zoneX(field, Math.max(2, setup.zones?.length ?? 2), setup.zones ? m.zone[i] : 0);
  move(field, m, i, x - m.x[i], 0, EASY);
  if (Math.abs(m.x[i] - x) < THERE_M) m.mode[i] = ME.free;
}
