import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, ideasByKind, levelGroups, moreThan, otherObjects, setting, smallerCourts } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { LadderIdea } from './codes.ts';
import { ladderGear } from './gear.ts';
import { gearCourts, type LadderContext } from './group.ts';
import type { LadderValues } from './setup.ts';

/** What those who rest do if the teacher has set nothing. */
export const RESTING_TASK = 'Be the referee of court 1: watch the line and show the score';

/** One to four courts more, as far as there are two for each. */
export const moreCourts = (context: LadderContext, now: number): LadderIdea[] =>
  moreThan(now, Math.min(16, Math.floor(context.players.length / (2 * context.values.each)))).map((count) =>
    idea('ladder-courts', { count }, ...groupCount(context, count)),
  );

/** One to four courts fewer, then as many as there is gear for. */
export function fewerCourts(context: LadderContext, now: number): LadderIdea[] {
  return fewerThan(now, gearCourts(context)).map((count) => idea('ladder-courts', { count }, ...groupCount(context, count)));
}

/** Two on each side in place of one, or one in place of two; the number of courts is automatic then. */
export const sidesOf = (context: LadderContext, each: number): LadderIdea =>
  idea('ladder-sides', { count: each }, setting(context, 'each', each), setting(context, 'groups', null), ...levelGroups(context).edits);

/** Courts that take less floor, the top one no longer apart. */
export const smallCourts = (context: LadderContext): LadderIdea[] =>
  smallerCourts(context, 'ladder', context.values.apartM ? [setting(context, 'apartM', 0)] : []);

/** What the whole lesson may ask of a ladder: time by fewer or more rounds, gear by another object or fewer courts. */
export function ladderIdeas(context: LadderContext, draft: BlockDraft<LadderValues>): BlockIdeas<LadderIdea> {
  const { values, setup } = context;
  const { shorter, longer, others } = roundIdeas(context, 'ladder');
  const now = draft.groups.length;
  const objects = otherObjects(context, 'ladder', now * setup.objectsEach);
  return {
    shorter,
    longer,
    gear: ideasByKind(ladderGear(context, draft), { gearKind: values.object, ideas: objects }, fewerCourts(context, now)),
    choices: [
      [...moreCourts(context, now).slice(0, 2), ...fewerCourts(context, now).slice(0, 2)],
      [sidesOf(context, values.each === 1 ? 2 : 1)],
      others([4, 5, 6, 8]),
      objects,
      values.waitingTask ? [] : [idea('ladder-task', { task: RESTING_TASK }, setting(context, 'waitingTask', RESTING_TASK))],
    ],
    waitingTask: values.waitingTask,
  };
}
