import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft } from '../format.ts';
import { eachWith, idea, levelGroups, setting } from '../ideas.ts';
import type { PodsNoticed } from './codes.ts';
import { CAP, type PodsContext, podUnit } from './group.ts';
import { fewerPods, podsIdea, smallerPods } from './ideas.ts';
import type { PodsValues } from './setup.ts';
import { roundSeconds } from './timeline.ts';

type PodsDraft = BlockDraft<PodsValues>;

/** Pods that find no floor. */
const unplaced = (context: PodsContext, draft: PodsDraft): PodsNoticed[] =>
  doesNotFit(context, 'pods', draft, podUnit(context), [...smallerPods(context), ...fewerPods(context, draft.groups.length)]);

/** Pods of more than four, or of one alone. */
function sizes(context: PodsContext, draft: PodsDraft): PodsNoticed[] {
  const counts = draft.groups.map((g) => g.length);
  const largest = Math.max(0, ...counts);
  const now = draft.groups.length;
  const at = { block: context.blockId };
  if (largest > CAP) {
    const enough = podsIdea(context, Math.min(16, Math.ceil(context.players.length / CAP)));
    // Enough pods as they are, then with each way to a smaller one.
    const ideas = [enough, ...eachWith(smallerPods(context), [enough])];
    return [{ code: 'pods-crowded', weight: 'stop', at, data: { largest, most: CAP }, ideas }];
  }
  if (!context.players.length || !counts.some((count) => count < 2)) return [];
  return [
    {
      code: 'pods-alone',
      weight: 'stop',
      at,
      data: { alone: counts.filter((count) => count < 2).length, playing: context.players.length },
      ideas: [...fewerPods(context, now), levelGroups(context)],
    },
  ];
}

/** A burst that has no room between its least and its most can be foreseen. */
function foreseen(context: PodsContext): PodsNoticed[] {
  const { leastSeconds, mostSeconds } = context.values;
  const at = { block: context.blockId };
  if (mostSeconds - leastSeconds < 5)
    return [
      {
        code: 'pods-foreseen',
        weight: 'caution',
        at,
        data: { least: leastSeconds, most: mostSeconds },
        ideas: [idea('pods-longer', { seconds: leastSeconds + 15 }, setting(context, 'mostSeconds', Math.min(90, leastSeconds + 15)))],
      },
    ];
  return [
    {
      code: 'pods-bursts',
      weight: 'note',
      at,
      data: { least: leastSeconds, most: mostSeconds, seconds: Math.round(roundSeconds(context.values)) },
    },
  ];
}

/** Everything about pods that only their format can see; how fast two meet over the object the checks of the floor see. */
export const podChecks = (context: PodsContext, draft: PodsDraft): PodsNoticed[] => [
  ...unplaced(context, draft),
  ...sizes(context, draft),
  ...foreseen(context),
];
