import { classField } from '../classField.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { TargetClashGame, TargetClashValues } from './setup.ts';

export type ClashContext = PlanContext<TargetClashGame, TargetClashValues>;

/** Square metres for each student that a close field has at the least. */
const CLOSE_M2 = 8;

/** The field of all sides; undefined if there is none. */
export const fieldFor = (context: ClashContext) => classField(context, CLOSE_M2);

/** How many of a side feed and guard: none where nothing may be sent towards people. */
export const postsOf = ({ setup, values }: Pick<ClashContext, 'setup' | 'values'>) => ({
  feeders: values.nearPeople && setup.mode === 'drive' ? values.feeders : 0,
  guards: values.nearPeople && (setup.mode === 'topple' || setup.mode === 'protect') ? values.guards : 0,
});

/** One balanced group a side. */
export const clashGroups = (context: ClashContext) => dealtGroups(context, Math.min(context.values.groups, context.setup.sides.length));
