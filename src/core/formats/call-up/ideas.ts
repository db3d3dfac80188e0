import type { BlockDraft, BlockIdeas } from '../format.ts';
import { idea, ideasByKind, levelGroups, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { CallUpIdea } from './codes.ts';
import { callUpGear } from './gear.ts';
import type { CallUpContext } from './group.ts';
import type { CallUpValues } from './setup.ts';

/** Another number of fields; the sides are dealt anew. */
export const fieldsIdea = (context: CallUpContext, count: number): CallUpIdea =>
  idea('call-up-fields', { count }, setting(context, 'fields', count), ...levelGroups(context).edits);

/** More fields, as far as there are two students a side for each. */
export const moreFields = (context: CallUpContext, now: number): CallUpIdea[] =>
  moreThan(now, Math.min(4, Math.floor(context.players.length / 4)), 2).map((count) => fieldsIdea(context, count));

/** More numbers at once. */
export const moreAtOnce = (context: CallUpContext): CallUpIdea[] =>
  [2, 3]
    .filter((count) => count > context.values.atOnce)
    .map((count) => idea('call-up-at-once', { count }, setting(context, 'atOnce', count)));

/** What the whole lesson may ask of a call-up. */
export function callUpIdeas(context: CallUpContext, draft: BlockDraft<CallUpValues>): BlockIdeas<CallUpIdea> {
  const { shorter, longer, others } = roundIdeas(context, 'call-up');
  const now = draft.groups.length / 2;
  const fewer = Array.from({ length: now - 1 }, (_, i) => fieldsIdea(context, now - 1 - i));
  const objects = otherObjects(context, 'call-up', now);
  return {
    shorter,
    longer,
    gear: ideasByKind(callUpGear(context, draft), { gearKind: context.values.object, ideas: objects }, fewer),
    choices: [[...moreFields(context, now), ...fewer], moreAtOnce(context), others([1, 2, 3]), objects],
    waitingTask: context.setup.sideline,
  };
}
