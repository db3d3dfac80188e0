import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, levelGroups, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { LadderIdea } from './codes.ts';
import { ladderGear } from './gear.ts';
import { courtsOfGear, type LadderContext } from './group.ts';
import type { LadderValues } from './setup.ts';

/** What those who rest do if the teacher has set nothing. */
export const RESTING_TASK = 'Be the referee of court 1: watch the line and show the score';

/** One to four courts more, as far as there are two for each. */
export const moreCourts = (context: LadderContext, now: number): LadderIdea[] =>
  [1, 2, 3, 4]
    .map((more) => now + more)
    .filter((count) => count <= 16 && count * 2 * context.values.each <= context.players.length)
    .map((count) => idea('ladder-courts', { count }, ...groupCount(context, count)));

/** One to four courts fewer, then as many as there is gear for. */
export function fewerCourts(context: LadderContext, now: number): LadderIdea[] {
  return fewerThan(now, courtsOfGear(context)).map((count) => idea('ladder-courts', { count }, ...groupCount(context, count)));
}

/** Two on each side in place of one, or one in place of two; the number of courts is automatic then. */
export const sidesOf = (context: LadderContext, each: number): LadderIdea =>
  idea('ladder-sides', { count: each }, setting(context, 'each', each), setting(context, 'groups', null), ...levelGroups(context).edits);

/** Courts that take less floor: closer, narrower and shorter, then all of it at once. */
export function smallerCourts(context: LadderContext): LadderIdea[] {
  const { gapM, widthM, lengthM, apartM } = context.values;
  const close = [...(gapM > 0.5 ? [setting(context, 'gapM', 0.5)] : []), ...(apartM ? [setting(context, 'apartM', 0)] : [])];
  const tenths = (metres: number) => Math.round(metres * 10) / 10;
  const sizes = [0.85, 0.7, 0.55].map((share) => ({
    width: Math.max(1, tenths(widthM * share)),
    depth: Math.max(1.5, tenths(lengthM * share)),
  }));
  return [
    ...(close.length ? [idea('ladder-close', { gapM: 0.5 }, ...close)] : []),
    ...sizes
      .filter(({ width, depth }) => width < widthM || depth < lengthM)
      .map((size) =>
        idea('ladder-smaller', size, setting(context, 'widthM', size.width), setting(context, 'lengthM', size.depth), ...close),
      ),
  ];
}

/** What the whole lesson may ask of a ladder: time by fewer or more rounds, gear by another object or fewer courts. */
export function ladderIdeas(context: LadderContext, draft: BlockDraft<LadderValues>): BlockIdeas<LadderIdea> {
  const { values, setup } = context;
  const { shorter, longer, others } = roundIdeas(context, 'ladder');
  const now = draft.groups.length;
  const objects = otherObjects(context, 'ladder', now * setup.objectsEach);
  const kinds = new Set(ladderGear(context, draft).map((n) => n.gearKind));
  return {
    shorter,
    longer,
    gear: Object.fromEntries([...kinds].map((kind) => [kind, [...(kind === values.object ? objects : []), ...fewerCourts(context, now)]])),
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
