import { stockOf } from '../../gear/cover.ts';
import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, ideasByKind, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { TossIdea } from './codes.ts';
import { tossGear } from './gear.ts';
import { farthest, lanesOfGear, type TossContext } from './group.ts';
import { WAITING_TASK } from './settings.ts';
import type { TossTargetsValues } from './setup.ts';

const lanesIdea = (context: TossContext, count: number): TossIdea => idea('toss-lanes', { count }, ...groupCount(context, count));

/** One to four lanes more, as far as there is a student for each. */
export const moreLanes = (context: TossContext, now: number): TossIdea[] =>
  moreThan(now, Math.min(16, context.players.length)).map((count) => lanesIdea(context, count));

/** Fewer lanes, down to one. */
export const fewerLanes = (context: TossContext, now: number): TossIdea[] =>
  fewerThan(now, lanesOfGear(context)).map((count) => lanesIdea(context, count));

/** Lanes that take less floor: closer together, then shorter. */
export function smallerLanes(context: TossContext): TossIdea[] {
  const { gapM, stepM } = context.values;
  const far = farthest(context);
  const close = gapM > 0.5 ? [setting(context, 'gapM', 0.5)] : [];
  const shorter = [0.8, 0.6, 0.4]
    .map((share) => Math.round(far * share * 10) / 10)
    .filter((metres) => metres >= 1)
    .map((spacingM) =>
      idea('toss-near', { spacingM }, setting(context, 'distanceM', spacingM), ...(stepM ? [setting(context, 'stepM', 0)] : []), ...close),
    );
  return [...(close.length ? [idea('toss-close', { gapM: 0.5 }, ...close)] : []), ...shorter];
}

/** All of a side throw on one signal. */
export const together = (context: TossContext): TossIdea[] =>
  context.values.turns === 'one' ? [idea('toss-together', {}, setting(context, 'turns', 'together'))] : [];

/** An object for each of the largest side: of the kind in use, or of one that there is enough of. */
export function moreObjects(context: TossContext, lanes: number, count: number): TossIdea[] {
  const { values, cupboard } = context;
  if (count > 12) return [];
  const more = setting(context, 'objectsEach', count);
  const enough = stockOf(cupboard, values.object) >= lanes * count;
  const others = otherObjects(context, 'toss', lanes * count).map((other) => ({ ...other, edits: [...other.edits, more] }));
  return [...(enough ? [idea('toss-fewer', { count }, more)] : []), ...others];
}

/** Something to do while waiting. */
export const task = (context: TossContext): TossIdea[] =>
  context.values.waitingTask ? [] : [idea('toss-task', { task: WAITING_TASK }, setting(context, 'waitingTask', WAITING_TASK))];

/** What the whole lesson may ask of objects on targets. */
export function tossIdeas(context: TossContext, draft: BlockDraft<TossTargetsValues>): BlockIdeas<TossIdea> {
  const { values } = context;
  const { shorter, longer, others } = roundIdeas(context, 'toss');
  const now = draft.groups.length;
  const fewerObjects = [1, 2, 3, 4]
    .map((less) => values.objectsEach - less)
    .filter((count) => count >= 2)
    .map((count) => idea('toss-fewer', { count }, setting(context, 'objectsEach', count)));
  const objects = otherObjects(context, 'toss', now * values.objectsEach);
  return {
    shorter,
    longer,
    gear: ideasByKind(
      tossGear(context, draft),
      { gearKind: values.object, ideas: [...objects, ...fewerObjects] },
      fewerLanes(context, now),
    ),
    choices: [
      [...moreLanes(context, now).slice(0, 2), ...fewerLanes(context, now).slice(0, 2)],
      others([2, 3, 4, 5]),
      objects,
      together(context),
      task(context),
    ],
    waitingTask: values.waitingTask,
  };
}
