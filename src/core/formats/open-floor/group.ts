import { stockOf } from '../../gear/cover.ts';
import type { Rect } from '../../geometry/point.ts';
import { classField } from '../classField.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { wholeClass } from '../wholeClass.ts';
import type { OpenFloorGame, OpenFloorValues } from './setup.ts';

export type OpenFloorContext = PlanContext<OpenFloorGame, OpenFloorValues>;

/** Square metres for each student that a close field has at the least. */
const CLOSE_M2 = 7;
/** Most students who share one object. */
export const MOST_SHARERS = 3;

export const fieldFor = (context: OpenFloorContext): Rect | undefined => classField(context, CLOSE_M2);

/** Students for one object: the teacher's number, else the fewest that the objects (and implements) are enough for. */
export function sharers({ setup, values, players, cupboard }: OpenFloorContext): number {
  if (setup.mode !== 'share') return setup.mode === 'steal' ? 1 : 2;
  if (values.perObject !== undefined) return values.perObject;
  const objects = Math.min(
    stockOf(cupboard, values.object),
    setup.implement ? stockOf(cupboard, setup.implement) : Number.POSITIVE_INFINITY,
  );
  for (let each = 1; each < MOST_SHARERS; each++) if (Math.floor(players.length / each) <= objects) return each;
  return MOST_SHARERS;
}

/** Students who start without an object: the teacher's number, else one in four, and as many as there are too few objects for. */
export function thiefCount({ setup, values, players, cupboard }: OpenFloorContext): number {
  const n = players.length;
  if (setup.mode !== 'steal' || n < 2) return 0;
  const wanted = values.without ?? Math.max(1, Math.round(n / 4), n - stockOf(cupboard, values.object));
  return Math.min(n - 1, wanted);
}

/** True if nobody shares: an object each, or those that are stolen. The class is one group then. */
export const isOwn = (context: OpenFloorContext): boolean => sharers(context) === 1;

/**
 * Even groups, one to an object: pairs with one trio for the odd one, threes with a pair or two. One group of everybody if nobody shares.
 */
export function openFloorGroups(context: OpenFloorContext) {
  if (isOwn(context)) return wholeClass(context);
  const each = sharers(context);
  const count = context.players.length / each;
  return dealtGroups(context, Math.max(1, each < MOST_SHARERS ? Math.floor(count) : Math.ceil(count)));
}

/** Those who share an object, each alone if nobody does. */
export const units = (context: OpenFloorContext, groups: readonly string[][]): string[][] =>
  isOwn(context) ? groups.flat().map((id) => [id]) : [...groups];
