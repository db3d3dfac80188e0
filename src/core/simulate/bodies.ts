import type { Point } from '../geometry/point.ts';
import type { Field } from './runFloor.ts';

/** Students on a floor in flat arrays, by index: where they are, how fast they can be, and how rested (from 1 to 0). */
export interface Bodies {
  x: Float64Array;
  y: Float64Array;
  vmax: Float64Array;
  stamina: Float64Array;
}

/** Rested students at a corner of the floor, each with a speed of their own. */
export const bodiesOf = (speeds: readonly number[]): Bodies => ({
  x: new Float64Array(speeds.length),
  y: new Float64Array(speeds.length),
  vmax: Float64Array.from(speeds),
  stamina: new Float64Array(speeds.length).fill(1),
});

/** Seconds of one step. */
export const STEP_S = 0.2;
/** A sprint that can be kept up over a game, as a share of the band's: turns, stops and looking around cost the rest. */
export const PLAY_SHARE = 0.62;
/** Sprint of those of whom none is known: that of grades 4–5, m/s. */
export const USUAL_SPRINT = 5;
/** Share of the speed at which nobody tires. */
export const EASY = 0.5;
/** Seconds of sprint that use somebody up, and of rest that bring it back. */
const SPRINT_S = 14;
const REST_S = 18;

/** Square of the distance from an agent to a point. */
export const far2 = (m: Bodies, i: number, px: number, py: number) => (m.x[i] - px) ** 2 + (m.y[i] - py) ** 2;

/** The agent nearest to i for which `is` holds, −1 if none does. */
export function nearest(m: Bodies, i: number, is: (j: number) => boolean): number {
  let best = -1;
  let least = Number.POSITIVE_INFINITY;
  for (let j = 0; j < m.x.length; j++) {
    if (j === i || !is(j)) continue;
    const d = far2(m, i, m.x[j], m.y[j]);
    if (d >= least) continue;
    best = j;
    least = d;
  }
  return best;
}

/** Moves an agent a step towards a direction at a share of its speed, kept on the floor, and tires or rests it. */
export function move(field: Field, m: Bodies, i: number, dx: number, dy: number, share: number): void {
  const length = Math.sqrt(dx * dx + dy * dy);
  m.stamina[i] += share > EASY ? (-STEP_S / SPRINT_S) * share : STEP_S / REST_S;
  if (m.stamina[i] > 1) m.stamina[i] = 1;
  if (m.stamina[i] < 0) m.stamina[i] = 0;
  if (length < 1e-6 || share <= 0) return;
  const step = Math.min(length, m.vmax[i] * (0.6 + 0.4 * m.stamina[i]) * share * STEP_S);
  const [x, y] = [m.x[i] + (dx / length) * step, m.y[i] + (dy / length) * step];
  if (field.slack(x, y) >= 0) {
    m.x[i] = x;
    m.y[i] = y;
    return;
  }
  // Along the wall instead of into it.
  const [ax, ay] = [field.awayX(m.x[i], m.y[i]), field.awayY(m.x[i], m.y[i])];
  const norm = Math.sqrt(ax * ax + ay * ay) || 1;
  const [tx, ty] = [-ay / norm, ax / norm];
  const sign = dx * tx + dy * ty >= 0 ? 1 : -1;
  const [sx, sy] = [m.x[i] + tx * sign * step * 0.8 + (ax / norm) * 0.05, m.y[i] + ty * sign * step * 0.8 + (ay / norm) * 0.05];
  if (field.slack(sx, sy) < 0) return;
  m.x[i] = sx;
  m.y[i] = sy;
}

/** Moves an agent a step towards a spot. */
export const moveTo = (field: Field, m: Bodies, i: number, { x, y }: Point, share: number): void =>
  move(field, m, i, x - m.x[i], y - m.y[i], share);
