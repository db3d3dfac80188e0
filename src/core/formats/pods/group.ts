import { unitsThatFit } from '../../arrange/grid.ts';
import { stockOf } from '../../gear/cover.ts';
import { memoize } from '../../memoize.ts';
import { roomArea } from '../../model/room.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { PodsGame, PodsValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type PodsContext = PlanContext<PodsGame, PodsValues>;

/** Floor behind each of a pod for what they do while the music plays, m. */
const BEHIND_M = 0.4;

/** What one pod takes of the floor: a circle of starts and what is behind them. */
export const podUnit = ({ values }: Pick<PodsContext, 'values'>) => {
  const across = Math.round(2 * (values.startM + BEHIND_M) * 10) / 10;
  return { width: across, depth: across, gap: values.gapM };
};

/** How many pods the objects and their markers are enough for. */
export const podsOfGear = ({ setup, values, cupboard }: Pick<PodsContext, 'setup' | 'values' | 'cupboard'>): number =>
  Math.min(stockOf(cupboard, values.object), stockOf(cupboard, setup.marker));

/** Students of a pod beyond which heads meet over the object. A hard cap. */
export const CAP = 4;

/** How many pods: what the teacher set, else as many as their size makes, within floor and gear, but never so few that more than four meet at one object. */
export function podCount(context: PodsContext): number {
  const { values, players, room, wallClearanceM, taken } = context;
  if (values.groups !== undefined) return values.groups;
  const floor = fits(roomArea(room, wallClearanceM, taken), podUnit(context));
  const wanted = Math.min(Math.ceil(players.length / values.perPod), floor, podsOfGear(context));
  return Math.min(16, Math.max(1, Math.ceil(players.length / CAP), wanted));
}

/** One balanced group a pod. */
export const podGroups = (context: PodsContext) => dealtGroups(context, podCount(context));
