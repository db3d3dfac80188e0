import type { Rng } from '../../rng.ts';
import { far2, nearest } from '../../simulate/bodies.ts';
import type { Field } from '../../simulate/runFloor.ts';
import type { Minds } from './minds.ts';
import { ME } from './modes.ts';
import type { ChasePlaySetup } from './setup.ts';

/** The item to fetch: where it is when nobody has it. */
export interface Item {
  x: number;
  y: number;
  /** Index of who carries it, −1 if nobody does. */
  carrier: number;
}

/** Metres within which the item is picked up, and a hunter is touched with it. */
const REACH_M = 0.9;
/** Of three thoughts of somebody free, so many are about the item. */
const BOLD = 1;

/** The item in the middle of the floor, where the hunters begin; undefined if there is none. */
export const itemOf = (setup: ChasePlaySetup, field: Field): Item | undefined =>
  setup.objective ? { x: field.x + field.width / 2, y: field.y + field.depth / 2, carrier: -1 } : undefined;

/** Leaves the item where its carrier is, if that is them. */
export function dropItem(m: Minds, who: number): void {
  if (m.item?.carrier !== who) return;
  m.item = { x: m.x[who], y: m.y[who], carrier: -1 };
}

/** Where somebody free goes for the item: to it, or with it to the nearest hunter; false if they have something else in mind. */
export function seekItem(m: Minds, i: number, random: Rng): boolean {
  const { item } = m;
  if (!item) return false;
  if (item.carrier === i) {
    const hunter = nearest(m, i, (j) => m.mode[j] === ME.hunter);
    if (hunter < 0) return false;
    m.goalX[i] = m.x[hunter];
    m.goalY[i] = m.y[hunter];
    return true;
  }
  if (item.carrier >= 0 || random.below(3) >= BOLD) return false;
  m.goalX[i] = item.x;
  m.goalY[i] = item.y;
  return true;
}

/** Picks the item up, or touches a hunter with it who is after somebody else. */
export function handleItem(m: Minds, i: number): void {
  const { item } = m;
  if (!item) return;
  if (item.carrier < 0 && far2(m, i, item.x, item.y) <= REACH_M * REACH_M) {
    m.item = { ...item, carrier: i };
    m.done.push({ what: 'take', by: i, who: i });
    return;
  }
  if (item.carrier !== i) return;
  const touched = nearest(m, i, (j) => m.mode[j] === ME.hunter && m.target[j] !== i);
  if (touched >= 0 && far2(m, i, m.x[touched], m.y[touched]) <= REACH_M * REACH_M) m.done.push({ what: 'objective', by: i, who: i });
}
