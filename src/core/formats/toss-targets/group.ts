import { stockOf } from '../../gear/cover.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { type LaneUnit, lanesOnFloor } from '../lanes.ts';
import type { TossTargetsGame, TossTargetsValues } from './setup.ts';

export type TossContext = PlanContext<TossTargetsGame, TossTargetsValues>;

/** Floor before the line where a side stands, and behind the target; m. House figures. */
export const STAND_M = 1.4;
const BEHIND_M = 0.5;

const tenths = (metres: number) => Math.round(metres * 10) / 10;

/** Metres from the line to the middle of the target in each round: what the teacher set, else the band's middle distance; so much more each round. */
export function distancesOf({ values, defaults }: Pick<TossContext, 'values' | 'defaults'>): number[] {
  const first = values.distanceM ?? defaults.targets[1];
  return Array.from({ length: values.bouts }, (_, round) => tenths(first + round * values.stepM));
}
export const farthest = (context: TossContext): number => Math.max(...distancesOf(context));

/** What one lane takes of the floor. */
export const tossUnit = (context: TossContext): LaneUnit => ({
  widthM: Math.max(context.values.laneM, context.values.targetM),
  lengthM: tenths(STAND_M + farthest(context) + context.values.targetM / 2 + BEHIND_M),
  gapM: context.values.gapM,
});

/** How many lanes the objects and targets are enough for; Infinity if nothing is short. */
export const lanesOfGear = ({ setup, values, cupboard }: Pick<TossContext, 'setup' | 'values' | 'cupboard'>): number =>
  Math.min(
    Math.floor(stockOf(cupboard, values.object) / values.objectsEach),
    Math.floor(stockOf(cupboard, setup.target.gearKind) / setup.target.count),
  );

/** How many lanes: what the teacher set, else enough for `perSide` in each, as far as floor and gear allow. */
export function laneCount(context: TossContext): number {
  const { values, players } = context;
  if (values.groups !== undefined) return values.groups;
  return Math.max(
    1,
    Math.min(16, Math.ceil(players.length / values.perSide), lanesOnFloor(context, tossUnit(context)), lanesOfGear(context) || 1),
  );
}

/** One side a lane. */
export const tossGroups = (context: TossContext) => dealtGroups(context, laneCount(context));
