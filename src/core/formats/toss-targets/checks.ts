import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft } from '../format.ts';
import type { TossNoticed } from './codes.ts';
import { farthest, type TossContext, tossUnit } from './group.ts';
import { fewerLanes, moreLanes, moreObjects, smallerLanes, task, together } from './ideas.ts';
import type { TossTargetsValues } from './setup.ts';

type TossDraft = BlockDraft<TossTargetsValues>;

/** Students of a side beyond which most of them watch. House figure. */
const CROWD = 4;

/** Lanes that find no floor. */
function unplaced(context: TossContext, draft: TossDraft): TossNoticed[] {
  const { widthM, lengthM } = tossUnit(context);
  const ideas = [...smallerLanes(context), ...fewerLanes(context, draft.groups.length)];
  return doesNotFit(context, 'toss', draft, { width: widthM, depth: lengthM }, ideas);
}

/** Large sides: few throw, the others watch. */
function crowded(context: TossContext, draft: TossDraft): TossNoticed[] {
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  if (largest <= CROWD) return [];
  const hasTask = context.values.waitingTask !== '';
  return [
    {
      code: 'toss-crowded',
      weight: hasTask ? 'note' : 'caution',
      at: { block: context.blockId },
      data: { largest, lanes: draft.groups.length, objects: context.values.objectsEach, task: context.values.waitingTask },
      ideas: [...moreLanes(context, draft.groups.length), ...together(context), ...task(context)],
    },
  ];
}

/** Fewer objects than students: somebody has nothing to throw. */
function tooFew(context: TossContext, draft: TossDraft): TossNoticed[] {
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  const { objectsEach } = context.values;
  if (objectsEach >= largest || context.values.turns === 'one') return [];
  return [
    {
      code: 'toss-too-few',
      weight: 'caution',
      at: { block: context.blockId },
      data: { objects: objectsEach, largest },
      ideas: [...moreObjects(context, draft.groups.length, largest), ...moreLanes(context, draft.groups.length)],
    },
  ];
}

/** How far it is, and that a student's own distance counts as much. */
const own = (context: TossContext): TossNoticed[] =>
  context.values.ownDistance
    ? [{ code: 'toss-own', weight: 'note', at: { block: context.blockId }, data: { spacingM: farthest(context) } }]
    : [];

/** Everything about objects on targets that only its format can see. */
export const tossChecks = (context: TossContext, draft: TossDraft): TossNoticed[] => [
  ...unplaced(context, draft),
  ...crowded(context, draft),
  ...tooFew(context, draft),
  ...own(context),
];
