import { unitsThatFit } from '../../arrange/grid.ts';
import { memoize } from '../../memoize.ts';
import { roomArea } from '../../model/room.ts';
import { courtsOfGear } from '../courts.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { WinnersRingGame, WinnersRingValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type RingContext = PlanContext<WinnersRingGame, WinnersRingValues>;

/** Floor behind a bay where its line stands, m. */
export const LINE_M = 1.2;

/** What one bay takes of the floor, its line with it. */
export const bayUnit = ({ values }: Pick<RingContext, 'values'>) => ({
  width: values.widthM,
  depth: Math.round((values.lengthM + LINE_M) * 10) / 10,
  gap: values.gapM,
});

export const sizeOf = ({ values, setup }: Pick<RingContext, 'values' | 'setup'>): number => values.teamSize ?? setup.teamSize;

/** How many bays the gear is enough for. */
export const baysOfGear = (context: RingContext): number => courtsOfGear(context, 2 * sizeOf(context));

/** How many bays: what the teacher set, else one for every two teams of the usual size, within floor and gear. */
export function bayCount(context: RingContext): number {
  const { values, players, room, wallClearanceM, taken } = context;
  if (values.bays !== undefined) return values.bays;
  const wanted = Math.round(players.length / (2 * sizeOf(context)));
  const floor = fits(roomArea(room, wallClearanceM, taken), bayUnit(context));
  return Math.max(1, Math.min(10, wanted, floor, baysOfGear(context) || 1));
}

/** Two balanced teams a bay. */
export const ringGroups = (context: RingContext) => dealtGroups(context, 2 * bayCount(context));
