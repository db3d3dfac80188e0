import { allAtOne } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type CourseContext, inUse, startOf } from './elements.ts';
import type { CoursePlaySetup, CourseValues } from './setup.ts';

type CourseDraft = BlockDraft<CourseValues>;

export const elementsOfPlay = (context: Pick<CourseContext, 'setup' | 'values' | 'band'>): CoursePlaySetup['elements'] =>
  inUse(context).map(({ id, seconds, capacity, noOvertaking }) => ({ id, seconds, capacity, noOvertaking }));

/** A round is once to six times around, but at least a minute. */
export function courseSpan(context: CourseContext, draft: CourseDraft): { least: number; most: number } {
  const lap = elementsOfPlay(context).reduce((sum, e) => sum + e.seconds, 0);
  return roundsSpan(draft.values, [Math.max(60, Math.ceil(lap)), Math.max(240, Math.ceil(lap * 6))]);
}

/** Everyone is on the one loop in every round. */
export const courseTimeline = (_: CourseContext, draft: CourseDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => allAtOne(draft.groups));

/** One play for all: who starts at which element, and how much of the block is traveled. */
export function coursePlays(context: CourseContext, draft: CourseDraft, timeline: Timeline): CoursePlaySetup[] {
  const { groups, values } = draft;
  const elements = elementsOfPlay(context);
  return [
    {
      players: groups.flat(),
      elements,
      headwaySeconds: values.headwaySeconds,
      starts: groups.flatMap((members, g) => members.map(() => startOf(g, groups.length, elements.length))),
      boutSeconds: timeline.workSeconds,
      restSeconds: values.breakSeconds,
      playSeconds: values.bouts * timeline.workSeconds,
    },
  ];
}
