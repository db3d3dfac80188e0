import { unitsThatFit } from '../../arrange/grid.ts';
import { stockOf } from '../../gear/cover.ts';
import { memoize } from '../../memoize.ts';
import { roomArea } from '../../model/room.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { wholeClass } from '../wholeClass.ts';
import type { CircleGame, CircleValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type CircleContext = PlanContext<CircleGame, CircleValues>;

/** Floor behind those who stand in a circle, m; the smallest circle. House figures. */
const BEHIND_M = 0.5;
const LEAST_RADIUS_M = 1;
/** Metres of a court for two sides at a barrier, across and along. */
const COURT = { width: 3, depth: 5 };
/** Students of a circle if nobody says: small ones touch the object often. */
const PER_RING = { sequence: 60, 'keep-up': 6, barrier: 6, crews: 60, leader: 12 };

export const isBarrier = ({ setup }: Pick<CircleContext, 'setup'>): boolean => setup.mode === 'barrier';

/** How many a cloth of that size holds, one beside the other; Infinity for a ring of people. */
export const holds = ({ setup, values }: Pick<CircleContext, 'setup' | 'values'>): number =>
  setup.cloth ? Math.floor((Math.PI * setup.cloth.acrossM) / values.besideM) : Number.POSITIVE_INFINITY;

/** The radius on which so many stand, m: around the cloth, or side by side. */
export function radiusOf({ setup, values }: Pick<CircleContext, 'setup' | 'values'>, students: number): number {
  const beside = (students * values.besideM) / (2 * Math.PI);
  const cloth = setup.cloth ? setup.cloth.acrossM / 2 + 0.2 : 0;
  return Math.round(Math.max(LEAST_RADIUS_M, beside, cloth) * 10) / 10;
}

/** What one circle takes if so many share the class. */
export function circleUnit(context: CircleContext, count: number) {
  const { gapM } = context.values;
  if (isBarrier(context)) return { ...COURT, gap: gapM };
  const across = 2 * (radiusOf(context, Math.ceil(context.players.length / Math.max(1, count))) + BEHIND_M);
  return { width: across, depth: across, gap: gapM };
}

/** How many circles the gear is enough for. */
export function ringsOfGear({ setup, values, cupboard }: Pick<CircleContext, 'setup' | 'values' | 'cupboard'>): number {
  const per = (kind: string | undefined, each: number) =>
    kind && each ? Math.floor(stockOf(cupboard, kind) / each) : Number.POSITIVE_INFINITY;
  return Math.min(per(setup.cloth?.gearKind, 1), per(values.object, setup.objectsEach), per(setup.barrier, 1));
}

/** The number of circles: the teacher's, or as many as cloth or size ask for, within floor and gear. Two cloths where one does not hold all. */
export function ringCount(context: CircleContext): number {
  const { values, players, setup, room, wallClearanceM, taken } = context;
  if (values.groups !== undefined) return values.groups;
  const perRing = Math.min(values.perRing ?? PER_RING[setup.mode], holds(context));
  const wanted = Math.max(1, Math.min(16, Math.ceil(players.length / perRing), ringsOfGear(context) || 1));
  const area = roomArea(room, wallClearanceM, taken);
  for (let count = wanted; count > 1; count--) if (fits(area, circleUnit(context, count)) >= count) return count;
  return 1;
}

/** One balanced group for each circle; two sides at a barrier; everybody where there is one circle alone. */
export function circleGroups(context: CircleContext) {
  const count = ringCount(context) * (isBarrier(context) ? 2 : 1);
  return count === 1 ? wholeClass(context) : dealtGroups(context, count);
}
