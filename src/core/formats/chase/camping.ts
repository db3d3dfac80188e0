import { far2 } from '../../simulate/bodies.ts';
import type { Field } from '../../simulate/runFloor.ts';
import type { Minds } from './minds.ts';
import type { ChasePlaySetup } from './setup.ts';

/** Where each agent has stayed and since when; `leavesUntil`: it has to go away until then. */
export interface Camps {
  x: Float64Array;
  y: Float64Array;
  since: Float64Array;
  leavesUntil: Float64Array;
}

export const campsOf = (x: Float64Array, y: Float64Array): Camps => ({
  x: Float64Array.from(x),
  y: Float64Array.from(y),
  since: new Float64Array(x.length),
  leavesUntil: new Float64Array(x.length).fill(-1),
});

/** Near the end of a side that is farther away. */
const farEnd = (from: number, size: number, now: number) => from + size * (now < from + size / 2 ? 0.85 : 0.15);

/** Seconds for which a hunter who stayed too long goes elsewhere. */
const AWAY_S = 4;

/** True while a hunter has to leave the place where it stayed longer than the limit, for its goal at the other end of the floor; notes where it stays. */
export function mustLeave(setup: ChasePlaySetup, field: Field, m: Minds, i: number, at: number): boolean {
  const { camping } = setup;
  if (!camping) return false;
  const { camps } = m;
  if (far2(m, i, camps.x[i], camps.y[i]) > camping.radius * camping.radius) {
    camps.x[i] = m.x[i];
    camps.y[i] = m.y[i];
    camps.since[i] = at;
  } else if (at - camps.since[i] > camping.seconds && at >= camps.leavesUntil[i]) {
    camps.leavesUntil[i] = at + AWAY_S;
    m.goalX[i] = farEnd(field.x, field.width, m.x[i]);
    m.goalY[i] = farEnd(field.y, field.depth, m.y[i]);
  }
  return at < camps.leavesUntil[i];
}
