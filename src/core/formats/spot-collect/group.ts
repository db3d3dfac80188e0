import { stockOf } from '../../gear/cover.ts';
import { dealtGroups } from '../dealtGroups.ts';
import { fieldCount } from '../fields.ts';
import type { PlanContext } from '../format.ts';
import { guaranteed } from './play.ts';
import type { SpotCollectGame, SpotValues } from './setup.ts';

export type SpotContext = PlanContext<SpotCollectGame, SpotValues>;

/** Spots of a field if nobody says and nothing is played to; the most that lie around one target. */
const SPOTS = 8;
const MOST_SPOTS = 24;
export const TEAMS = 2;

/** Spots of a field: the teacher's number, or as many as guarantee a finish. None where one target is struck. */
export function spotCount({ setup, values }: Pick<SpotContext, 'setup' | 'values'>): number {
  if (setup.mode === 'struck') return 0;
  if (values.spots !== undefined) return values.spots;
  return setup.mode === 'collect' && values.to ? Math.min(MOST_SPOTS, guaranteed(TEAMS, values.to)) : SPOTS;
}

/** How many fields the gear is enough for. */
export function fieldsOfGear(context: SpotContext): number {
  const { setup, values, cupboard } = context;
  const spots = spotCount(context);
  return Math.floor(
    Math.min(
      stockOf(cupboard, values.object) / (TEAMS * values.objectsEach),
      stockOf(cupboard, setup.target.gearKind) / setup.target.count,
      spots ? stockOf(cupboard, setup.spot) / spots : Number.POSITIVE_INFINITY,
    ),
  );
}

export const spotFields = (context: SpotContext): number => fieldCount(context, fieldsOfGear(context), TEAMS);

/** Two balanced teams for each field. */
export const spotGroups = (context: SpotContext) => dealtGroups(context, TEAMS * spotFields(context));
