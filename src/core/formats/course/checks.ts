import { HOUSE_LIMITS } from '../../model/band.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import type { CourseNoticed } from './codes.ts';
import { type CourseContext, inUse } from './elements.ts';
import { courseQuick, courseThroughput } from './forecast.ts';
import { doubleIdea, splitStart, withoutOne } from './ideas.ts';
import { neededLength, queueAt } from './layout.ts';
import { WAITING_TASK } from './settings.ts';
import type { CourseValues } from './setup.ts';
import { coursePlays } from './timeline.ts';

type CourseDraft = BlockDraft<CourseValues>;

/** No loop of that length on the floor. */
function tooLong(context: CourseContext, draft: CourseDraft): CourseNoticed[] {
  if (!draft.unplaced.length) return [];
  const { freeM, pathM, doubled } = context.values;
  const near = freeM > 0.5 ? [setting(context, 'freeM', 0.5)] : [];
  const narrow = pathM > 0.8 ? [setting(context, 'pathM', 0.8)] : [];
  const fewer = withoutOne(context);
  const least = context.setup.elements
    .filter((e) => e.brake || e.spaceM <= 2)
    .map((e) => e.id)
    .slice(0, 3);
  return [
    {
      code: 'course-does-not-fit',
      weight: 'stop',
      at: { block: context.blockId, piece: 'course' },
      data: { metres: neededLength(context), elements: inUse(context).length },
      ideas: [
        ...(near.length ? [idea('course-near', { gapM: 0.5 }, ...near)] : []),
        ...(narrow.length ? [idea('course-narrow', { spacingM: 0.8, gapM: 0.5 }, ...narrow, ...near)] : []),
        ...(doubled ? [idea('course-single', {}, setting(context, 'doubled', ''))] : []),
        ...fewer.map((f) => ({ ...f, edits: [...f.edits, ...near, ...narrow] })),
        ...(least.length ? [idea('course-few', { count: least.length }, setting(context, 'picks', least), ...near, ...narrow)] : []),
      ],
    },
  ];
}

/** How many laps the course takes, which element holds it back, and how long the line before it gets. */
function queueing(context: CourseContext, draft: CourseDraft, timeline: Timeline): CourseNoticed[] {
  const [setup] = coursePlays(context, draft, timeline);
  if (!setup.players.length || !setup.elements.length) return [];
  const { by, lapsPerSecond } = courseThroughput(setup);
  const { slowest, queue } = queueAt(context, setup.players.length);
  const { longestWait, activeShare } = courseQuick(setup, { seconds: Math.max(1, timeline.workSeconds * context.values.bouts), seed: 1 });
  const element = inUse(context).find((e) => e.id === slowest);
  const isLong = longestWait.p90 > HOUSE_LIMITS.sittingOutSeconds || 1 - activeShare.mean > HOUSE_LIMITS.waitingShare;
  const data = {
    perMinute: Math.round(lapsPerSecond * 600) / 10,
    by,
    title: element?.title ?? '',
    brake: element?.brake ?? false,
    queue,
    seconds: Math.round(longestWait.p90),
    share: 1 - activeShare.mean,
    task: context.values.waitingTask,
  };
  const at = { block: context.blockId, piece: element && by === 'element' ? `course:${slowest}` : 'course' };
  if (!isLong) return [{ code: 'course-flows', weight: 'note', at: { block: context.blockId }, data }];
  const { waitingTask, headwaySeconds, groups } = context.values;
  if (waitingTask) return [{ code: 'course-queue-works', weight: 'note', at, data }];
  const shorter =
    by === 'headway' && headwaySeconds > 2 ? [idea('course-headway', { seconds: 2 }, setting(context, 'headwaySeconds', 2))] : [];
  return [
    {
      code: 'course-queue',
      weight: 'caution',
      at,
      data,
      ideas: [
        ...shorter,
        ...doubleIdea(context, slowest),
        ...[groups + 1, groups + 2].filter((c) => c <= inUse(context).length).map((c) => splitStart(context, c)),
        idea('course-task', { task: WAITING_TASK }, setting(context, 'waitingTask', WAITING_TASK)),
      ],
    },
  ];
}

/** Everything about a course that only its format can see. */
export const courseChecks = (context: CourseContext, draft: CourseDraft, timeline: Timeline): CourseNoticed[] => [
  ...tooLong(context, draft),
  ...queueing(context, draft, timeline),
];
