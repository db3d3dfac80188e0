import type { BlockIdeas } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import type { IntervalIdea } from './codes.ts';
import { intervalGear } from './gear.ts';
import { exercisesOf, type IntervalContext } from './group.ts';

const exercisesIdea = (context: IntervalContext, count: number): IntervalIdea =>
  idea('interval-exercises', { count }, setting(context, 'exerciseCount', count));

/** Fewer exercises, down to two. */
export const fewerExercises = (context: IntervalContext): IntervalIdea[] =>
  [1, 2, 3, 4]
    .map((less) => exercisesOf(context).length - less)
    .filter((count) => count >= 2)
    .map((count) => exercisesIdea(context, count));

/** Smaller areas, closer together, and a narrower track. */
export function smaller(context: IntervalContext): IntervalIdea[] {
  const { areaM, gapM, trackM } = context.values;
  const close = [...(gapM > 0.3 ? [setting(context, 'gapM', 0.3)] : []), ...(trackM > 0.8 ? [setting(context, 'trackM', 0.8)] : [])];
  return [
    ...(close.length ? [idea('interval-close', { gapM: 0.3 }, ...close)] : []),
    ...[2, 1.6, 1.2]
      .filter((side) => side < areaM)
      .map((spacingM) => idea('interval-small', { spacingM }, setting(context, 'areaM', spacingM), ...close)),
  ];
}

/** Bouts of another length. */
export const bouts = (context: IntervalContext, seconds: readonly number[]): IntervalIdea[] =>
  seconds
    .filter((s) => s !== context.values.workSeconds)
    .map((s) => idea('interval-bout', { seconds: s }, setting(context, 'workSeconds', s)));

/** What the whole lesson may ask of interval pairs. */
export function intervalIdeas(context: IntervalContext): BlockIdeas<IntervalIdea> {
  const { values, setup } = context;
  const now = exercisesOf(context).length;
  const fewer = fewerExercises(context);
  const work = values.workSeconds ?? 30;
  const shorter = bouts(
    context,
    [work - 5, work - 10, 20, 15].filter((s) => s >= 20 && s < work),
  );
  const still = values.walkSeconds
    ? [idea<'interval-no-walk'>('interval-no-walk', { seconds: values.walkSeconds }, setting(context, 'walkSeconds', 0))]
    : [];
  const kinds = [...new Set(intervalGear(context).map((n) => n.gearKind))];
  return {
    shorter: [...still, ...shorter, ...fewer],
    longer: [
      ...(now < setup.exercises.length ? [exercisesIdea(context, now + 1)] : []),
      ...bouts(
        context,
        [work + 5, work + 15].filter((s) => s <= 90),
      ),
    ],
    gear: Object.fromEntries(kinds.map((kind) => [kind, fewer])),
    choices: [
      [...fewer.slice(0, 2), ...(now < setup.exercises.length ? [exercisesIdea(context, now + 1)] : [])],
      bouts(context, [20, 30, 45]),
    ],
    waitingTask: '',
  };
}
