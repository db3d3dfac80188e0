import { HOUSE_LIMITS } from '../../model/band.ts';
import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import type { LaneNoticed } from './codes.ts';
import { type LaneContext, laneUnit } from './group.ts';
import { fewerLanes, smallerLanes } from './ideas.ts';
import { WAITING_TASK } from './settings.ts';
import type { SkillLaneValues } from './setup.ts';
import { ownStarts } from './startSteps.ts';

type LaneDraft = BlockDraft<SkillLaneValues>;

/** Lanes that find no floor. */
function unplacedLanes(context: LaneContext, draft: LaneDraft): LaneNoticed[] {
  const { widthM, lengthM } = laneUnit(context);
  const ideas = [...smallerLanes(context), ...fewerLanes(context, draft.groups.length)];
  return doesNotFit(context, 'lane', draft, { width: widthM, depth: lengthM }, ideas);
}

/** More at a lane than the student and the partner: those wait, with a task or without. */
function waiting(context: LaneContext, draft: LaneDraft, timeline: Timeline): LaneNoticed[] {
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  const seconds = Math.max(0, largest - 2) * (timeline.workSeconds + context.values.breakSeconds);
  if (seconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  const { waitingTask: task, workSeconds } = context.values;
  const more = draft.groups.length + 1;
  return [
    {
      code: task ? 'lane-line-works' : 'lane-waiting',
      weight: task ? 'note' : 'caution',
      at: { block: context.blockId, piece: 'lane-1' },
      data: { largest, seconds, lanes: draft.groups.length, task },
      ideas: task
        ? []
        : [
            ...smallerLanes(context).map((i) => ({ ...i, edits: [...i.edits, setting(context, 'groups', null)] })),
            idea('lane-task', { task: WAITING_TASK }, setting(context, 'waitingTask', WAITING_TASK)),
            ...(more <= 20 ? [idea('lanes', { count: more }, setting(context, 'groups', more))] : []),
            ...(workSeconds !== undefined && workSeconds > 30
              ? [idea('turn-of', { seconds: 30 }, setting(context, 'workSeconds', 30))]
              : []),
          ],
    },
  ];
}

/** Lanes with nobody: more lanes than students. */
function empty(context: LaneContext, draft: LaneDraft): LaneNoticed[] {
  const count = draft.groups.filter((g) => !g.length).length;
  const used = draft.groups.length - count;
  if (!count || !used) return [];
  return [
    {
      code: 'lane-empty',
      weight: 'caution',
      at: { block: context.blockId },
      data: { count },
      ideas: [idea('lanes', { count: used }, setting(context, 'groups', used))],
    },
  ];
}

/** Students who begin at another step than the class, as their last lessons went. */
function starts(context: LaneContext): LaneNoticed[] {
  const { ahead, behind } = ownStarts(context);
  if (!ahead && !behind) return [];
  const same = idea('same-start', {}, setting(context, 'startAt', 'same'));
  return [{ code: 'lane-own-starts', weight: 'note', at: { block: context.blockId }, data: { ahead, behind }, ideas: [same] }];
}

/** Everything about skill lanes that only their format can see. */
export const laneFormatChecks = (context: LaneContext, draft: LaneDraft, timeline: Timeline): LaneNoticed[] => [
  ...unplacedLanes(context, draft),
  ...empty(context, draft),
  ...waiting(context, draft, timeline),
  ...starts(context),
];
