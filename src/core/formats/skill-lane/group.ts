import { stockOf } from '../../gear/cover.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { lanesOnFloor } from '../lanes.ts';
import type { SkillLaneGame, SkillLaneValues } from './setup.ts';
import { classStart, startOf } from './startSteps.ts';

export type LaneContext = PlanContext<SkillLaneGame, SkillLaneValues>;

/** Floor before the line where one stands to send, behind the target where the partner stands; m. House figures. */
export const STAND_M = 1.2;
export const BEHIND_M = 1;

/** Metres from the line to the target, for the farthest of the steps that are begun at: the band's distance, or the share of it that the step says. */
export function reachOf(context: LaneContext): number {
  const starts = new Set([classStart(context), ...context.players.map((p) => startOf(context, p.id))]);
  const reach = ({ reach, share = 1 }: SkillLaneGame['ladder'][number]) =>
    context.defaults.targets[['near', 'middle', 'far'].indexOf(reach)] * share;
  return Math.round(Math.max(...[...starts].map((step) => reach(context.setup.ladder[step]))) * 10) / 10;
}

/** What one lane takes of the floor: across, along, and between two. */
export const laneUnit = (context: LaneContext) => ({
  widthM: context.values.laneM,
  lengthM: STAND_M + reachOf(context) + BEHIND_M,
  gapM: context.values.gapM,
});

/** How many lanes the gear is enough for; Infinity if it needs none. */
export const lanesOfGear = ({ setup, cupboard }: Pick<LaneContext, 'setup' | 'cupboard'>): number =>
  Math.min(...setup.gear.map(({ gearKind, count }) => Math.floor(stockOf(cupboard, gearKind) / count)));

/** How many lanes: what the teacher set, else enough for `perLane` in each, as far as floor and gear allow. */
export function laneCount(context: LaneContext): number {
  const { values, players } = context;
  if (values.groups !== undefined) return values.groups;
  const floor = lanesOnFloor(context, laneUnit(context));
  return Math.max(1, Math.min(20, Math.ceil(players.length / values.perLane), floor, Math.max(1, lanesOfGear(context))));
}

/** One group a lane. */
export const laneGroups = (context: LaneContext) => dealtGroups(context, laneCount(context));
