import { stockOf } from '../../gear/cover.ts';
import { dealtGroups } from '../dealtGroups.ts';
import { fieldCount } from '../fields.ts';
import type { PlanContext } from '../format.ts';
import type { InningsGame, InningsValues } from './setup.ts';

export type InningsContext = PlanContext<InningsGame, InningsValues>;

export const isBases = ({ setup }: Pick<InningsContext, 'setup'>): boolean => setup.mode === 'bases';
/** Groups at one field: two sides, or the two to four of a small game. */
export const groupsEach = (context: Pick<InningsContext, 'setup'>): number => (isBases(context) ? 2 : 1);
/** Markers of a field: home, far and two bases; or home and three bases. */
export const MARKERS = 4;

/** How many fields the gear is enough for. */
export const fieldsOfGear = ({ setup, values, cupboard }: Pick<InningsContext, 'setup' | 'values' | 'cupboard'>): number =>
  Math.min(
    stockOf(cupboard, values.object),
    setup.implement ? stockOf(cupboard, setup.implement) : Number.POSITIVE_INFINITY,
    setup.tee ? stockOf(cupboard, setup.tee) : Number.POSITIVE_INFINITY,
    Math.floor(stockOf(cupboard, setup.marker) / MARKERS),
  );

export const inningsFields = (context: InningsContext): number => fieldCount(context, fieldsOfGear(context), isBases(context) ? 8 : 2);

/** Twos to fours that play for themselves, or two balanced sides for each field. */
export const inningsGroups = (context: InningsContext) => dealtGroups(context, inningsFields(context) * groupsEach(context));
