import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, idea, ideasByKind, levelGroups, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { RingIdea } from './codes.ts';
import { ringGear } from './gear.ts';
import { baysOfGear, type RingContext } from './group.ts';
import type { WinnersRingValues } from './setup.ts';

/** Another number of bays; teams are dealt anew. */
const baysIdea = (context: RingContext, count: number): RingIdea =>
  idea('ring-bays', { count }, setting(context, 'bays', count), ...levelGroups(context).edits);

/** Fewer bays, down to one. */
export const fewerBays = (context: RingContext, now: number): RingIdea[] =>
  fewerThan(now, baysOfGear(context)).map((count) => baysIdea(context, count));

/** More bays, as far as there are two students for each. */
export const moreBays = (context: RingContext, now: number): RingIdea[] =>
  moreThan(now, Math.min(10, Math.floor(context.players.length / 2)), 2).map((count) => baysIdea(context, count));

/** Games that end sooner, and a head start for who is alone. */
export function shorterWaits(context: RingContext): RingIdea[] {
  const { target, headStart } = context.values;
  return [
    ...(headStart ? [] : [idea('ring-head-start', {}, setting(context, 'headStart', true))]),
    ...[0.7, 0.5]
      .map((share) => Math.max(1, Math.round(target * share)))
      .filter((count, i, all) => count < target && all.indexOf(count) === i)
      .map((count) => idea('ring-target', { count }, setting(context, 'target', count))),
  ];
}

/** What the whole lesson may ask of a ring of bays. */
export function ringIdeas(context: RingContext, draft: BlockDraft<WinnersRingValues>): BlockIdeas<RingIdea> {
  const { values, setup } = context;
  const { shorter, longer, others } = roundIdeas(context, 'ring');
  const now = draft.groups.length / 2;
  const objects = otherObjects(context, 'ring', now * setup.objectsEach);
  return {
    shorter,
    longer,
    gear: ideasByKind(ringGear(context, draft), { gearKind: values.object, ideas: objects }, fewerBays(context, now)),
    choices: [[...moreBays(context, now), ...fewerBays(context, now).slice(0, 2)], shorterWaits(context), others([1, 2]), objects],
    waitingTask: values.waitingTask,
  };
}
