import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, ideasByKind, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { PodsIdea } from './codes.ts';
import { podGear } from './gear.ts';
import { type PodsContext, podsOfGear } from './group.ts';
import type { PodsValues } from './setup.ts';

/** So many pods. */
export const podsIdea = (context: PodsContext, count: number): PodsIdea => idea('pods-count', { count }, ...groupCount(context, count));

/** More pods, as far as there are two students for each. */
export const morePods = (context: PodsContext, now: number): PodsIdea[] =>
  moreThan(now, Math.min(16, Math.floor(context.players.length / 2))).map((count) => podsIdea(context, count));

/** Fewer pods, down to one. */
export const fewerPods = (context: PodsContext, now: number): PodsIdea[] =>
  fewerThan(now, podsOfGear(context)).map((count) => podsIdea(context, count));

/** Pods that take less floor: closer together, then with starts nearer to the object. */
export function smallerPods(context: PodsContext): PodsIdea[] {
  const { gapM, startM } = context.values;
  const close = gapM > 0.5 ? [setting(context, 'gapM', 0.5)] : [];
  return [
    ...(close.length ? [idea('pods-close', { gapM: 0.5 }, ...close)] : []),
    ...[1.6, 1.3, 1]
      .filter((m) => m < startM)
      .map((spacingM) => idea('pods-start', { spacingM }, setting(context, 'startM', spacingM), ...close)),
  ];
}

/** What the whole lesson may ask of pods. */
export function podIdeas(context: PodsContext, draft: BlockDraft<PodsValues>): BlockIdeas<PodsIdea> {
  const { shorter, longer, others } = roundIdeas(context, 'pods');
  const now = draft.groups.length;
  const objects = otherObjects(context, 'pods', now);
  return {
    shorter,
    longer,
    gear: ideasByKind(podGear(context, draft), { gearKind: context.values.object, ideas: objects }, fewerPods(context, now)),
    choices: [[...morePods(context, now).slice(0, 2), ...fewerPods(context, now).slice(0, 2)], others([1, 2, 3]), objects],
    waitingTask: '',
  };
}
