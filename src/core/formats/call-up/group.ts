import { stockOf } from '../../gear/cover.ts';
import type { Rect } from '../../geometry/point.ts';
import { classField } from '../classField.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { CallUpGame, CallUpValues } from './setup.ts';

export type CallUpContext = PlanContext<CallUpGame, CallUpValues>;

/** Square metres for each student that a close field has at the least, and of one field for those who play on it. */
const CLOSE_M2 = 9;
const FIELD_M2 = 70;
/** Students on a side up to which one field is enough if nobody says. */
const SIDE = 8;
/** Between two fields, m. */
const BETWEEN_M = 2;

/** All the floor that is played on; undefined if there is none. */
export const fieldFor = (context: CallUpContext): Rect | undefined => classField(context, CLOSE_M2);

/** The number of fields: the teacher's, or enough to keep sides small, limited by floor and objects. */
export function fieldCount(context: CallUpContext): number {
  const { values, players, cupboard, setup } = context;
  if (values.fields !== undefined) return values.fields;
  const field = fieldFor(context);
  const wanted = Math.ceil(players.length / (2 * SIDE));
  const floor = field ? Math.floor((field.width * field.depth) / FIELD_M2) : 1;
  const gear = Math.min(stockOf(cupboard, values.object), Math.floor(stockOf(cupboard, setup.goal.gearKind) / setup.goal.count));
  return Math.max(1, Math.min(4, wanted, floor, gear, Math.floor(players.length / 2)));
}

/** The fields side by side, cut across the longer side of the floor. */
export function fieldsOf(context: CallUpContext, count: number): Rect[] {
  const field = fieldFor(context);
  if (!field) return [];
  const isFlat = field.width >= field.depth;
  const length = ((isFlat ? field.width : field.depth) - BETWEEN_M * (count - 1)) / count;
  return Array.from({ length: count }, (_, i) =>
    isFlat
      ? { x: field.x + i * (length + BETWEEN_M), y: field.y, width: length, depth: field.depth }
      : { x: field.x, y: field.y + i * (length + BETWEEN_M), width: field.width, depth: length },
  );
}

/** Two balanced sides for each field. */
export const callUpGroups = (context: CallUpContext) => dealtGroups(context, 2 * fieldCount(context));
