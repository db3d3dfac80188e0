import { HOUSE_LIMITS } from '../../model/band.ts';
import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { idea, levelGroups, setting } from '../ideas.ts';
import type { LadderNoticed } from './codes.ts';
import { type LadderContext, ladderUnit, startOf } from './group.ts';
import { fewerCourts, moreCourts, RESTING_TASK, sidesOf, smallCourts } from './ideas.ts';
import type { LadderValues } from './setup.ts';

type LadderDraft = BlockDraft<LadderValues>;

/** Courts that find no floor. */
const unplaced = (context: LadderContext, draft: LadderDraft): LadderNoticed[] =>
  doesNotFit(context, 'ladder', draft, ladderUnit(context), [...smallCourts(context), ...fewerCourts(context, draft.groups.length)]);

/** Courts without two to play on them. */
function lonely(context: LadderContext, draft: LadderDraft): LadderNoticed[] {
  const alone = draft.groups.filter((g) => g.length < 2).length;
  if (!alone || !context.players.length) return [];
  return [
    {
      code: 'ladder-lonely',
      weight: 'stop',
      at: { block: context.blockId },
      data: { alone, courts: draft.groups.length, playing: context.players.length },
      ideas: [...fewerCourts(context, draft.groups.length), levelGroups(context)],
    },
  ];
}

/** How many rest at once, how long until they play, and whether they have something to do. */
function resting(context: LadderContext, draft: LadderDraft, timeline: Timeline): LadderNoticed[] {
  const { each, waitingTask: task, breakSeconds } = context.values;
  const { resting: queue = [] } = startOf(draft.groups, each);
  const seconds = queue.length * timeline.workSeconds + Math.max(0, queue.length - 1) * breakSeconds;
  if (seconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  const more = moreCourts(context, draft.groups.length);
  return [
    {
      code: task ? 'ladder-resting-works' : 'ladder-resting',
      weight: task ? 'note' : 'caution',
      at: { block: context.blockId, piece: 'court-1' },
      data: { count: queue.length, seconds, courts: draft.groups.length, task },
      ideas: task
        ? []
        : [
            ...more,
            ...(each === 1 ? [sidesOf(context, 2)] : []),
            idea('ladder-task', { task: RESTING_TASK }, setting(context, 'waitingTask', RESTING_TASK)),
          ],
    },
  ];
}

/** Losers never move down a court: the order on a ladder is none of strength. */
const noRanking = (context: LadderContext, draft: LadderDraft): LadderNoticed[] =>
  draft.groups.length > 1 ? [{ code: 'ladder-mixes', weight: 'note', at: { block: context.blockId }, data: {} }] : [];

/** Everything about a ladder that only its format can see. */
export const ladderChecks = (context: LadderContext, draft: LadderDraft, timeline: Timeline): LadderNoticed[] => [
  ...unplaced(context, draft),
  ...lonely(context, draft),
  ...resting(context, draft, timeline),
  ...noRanking(context, draft),
];
