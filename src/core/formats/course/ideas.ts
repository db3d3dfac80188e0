import type { BlockDraft, BlockIdeas } from '../format.ts';
import { groupCount, idea, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { CourseIdea } from './codes.ts';
import { type CourseContext, inUse } from './elements.ts';
import { courseGear } from './gear.ts';
import type { CourseValues } from './setup.ts';

/** The class starts from so many places; groups dealt for the old number are given back. */
export const splitStart = (context: CourseContext, count: number): CourseIdea =>
  idea('course-starts', { count }, ...groupCount(context, count));

/** One element twice. */
export function doubleIdea(context: CourseContext, id: string): CourseIdea[] {
  const element = context.setup.elements.find((e) => e.id === id.split('~')[0]);
  return element && context.values.doubled !== element.id
    ? [idea('course-double', { title: element.title }, setting(context, 'doubled', element.id))]
    : [];
}

/** One element less: never a brake, never the last three. */
export function withoutOne(context: CourseContext): CourseIdea[] {
  const { picks } = context.values;
  if (picks.length <= 3) return [];
  return context.setup.elements
    .filter((e) => picks.includes(e.id) && !e.brake)
    .sort((a, b) => b.spaceM - a.spaceM)
    .map((e) =>
      idea(
        'course-without',
        { title: e.title },
        setting(
          context,
          'picks',
          picks.filter((p) => p !== e.id),
        ),
      ),
    );
}

/** What the whole lesson may ask of a course. */
export function courseIdeas(context: CourseContext, draft: BlockDraft<CourseValues>): BlockIdeas<CourseIdea> {
  const { headwaySeconds, groups } = context.values;
  const { shorter, longer, others } = roundIdeas(context, 'course');
  const needs = courseGear(context);
  const without = withoutOne(context);
  const using = (kind: string) =>
    without.filter((w) =>
      needs.some((n) => n.gearKind === kind && n.title === inUse(context).find((e) => e.title === w.data.title)?.title),
    );
  const single = (): CourseIdea[] => (context.values.doubled ? [idea('course-single', {}, setting(context, 'doubled', ''))] : []);
  return {
    shorter,
    longer,
    gear: Object.fromEntries(needs.map((n) => [n.gearKind, [...single(), ...using(n.gearKind)]])),
    choices: [
      [1, 2, 3, 4, 6].filter((c) => c !== groups && c <= inUse(context).length).map((c) => splitStart(context, c)),
      [3, 6, 9, 12]
        .filter((h) => h !== headwaySeconds)
        .map((h) => idea('course-headway', { seconds: h }, setting(context, 'headwaySeconds', h))),
      inUse(context).flatMap((e) => doubleIdea(context, e.id)),
      others([1, 2, 3, 4]),
    ],
    waitingTask: draft.values.waitingTask,
  };
}
