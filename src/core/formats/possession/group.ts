import { stockOf } from '../../gear/cover.ts';
import { dealtGroups } from '../dealtGroups.ts';
import { fieldCount } from '../fields.ts';
import type { PlanContext } from '../format.ts';
import type { PossessionGame, PossessionValues } from './setup.ts';

export type PossessionContext = PlanContext<PossessionGame, PossessionValues>;
type Mode = Pick<PossessionContext, 'setup'>;

export const isSpots = ({ setup }: Mode): boolean => setup.mode === 'spots';
export const isHalves = ({ setup }: Mode): boolean => setup.mode === 'halves';

/** Students of a field, at most; and pairs. */
const onField = ({ values, players }: Pick<PossessionContext, 'values' | 'players'>): number => Math.min(values.perField, players.length);
const pairsOf = (context: PossessionContext): number => Math.max(1, Math.ceil(onField(context) / 2));

/** Objects of one field: one, one for every pair, or one for all who carry. */
export function objectsEach(context: PossessionContext): number {
  const { values } = context;
  if (isSpots(context)) return pairsOf(context);
  return isHalves(context) ? Math.max(1, onField(context) - 2 * values.guards) : 1;
}
/** Markers of one field: two for each of two goals, corners and middle of halves, or more spots than pairs. */
export function markersEach(context: PossessionContext): number {
  if (isSpots(context)) return spotCount(context);
  return context.setup.mode === 'passes' ? 4 : isHalves(context) ? 6 : 4;
}
/** Spots of one field: some more than there are pairs, so that one is always free. */
export const spotCount = (context: PossessionContext): number => pairsOf(context) + context.values.freeSpots;

/** How many fields the gear is enough for. */
export const fieldsOfGear = (context: PossessionContext): number => {
  const { setup, values, cupboard } = context;
  const objects = stockOf(cupboard, values.object) / objectsEach(context);
  return Math.floor(Math.min(objects, stockOf(cupboard, setup.marker) / markersEach(context)));
};

export const possessionFields = (context: PossessionContext): number => fieldCount(context, fieldsOfGear(context), 4);

/** All groups: two sides for each field, or pairs; the odd one makes a trio. */
const groupCount = (context: PossessionContext): number =>
  isSpots(context) ? Math.max(1, Math.floor(context.players.length / 2)) : 2 * possessionFields(context);

/** Groups at one field, at most. */
export const groupsEach = (context: PossessionContext): number => Math.ceil(groupCount(context) / possessionFields(context));

/** Two balanced sides for each field, or pairs. */
export const possessionGroups = (context: PossessionContext) => dealtGroups(context, groupCount(context));
