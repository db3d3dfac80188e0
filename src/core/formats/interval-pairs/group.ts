import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { areaInside, insideOf, type LoopPlace, loopOnFloor } from '../loopFloor.ts';
import type { IntervalExercise, IntervalPairsGame, IntervalPairsValues } from './setup.ts';

export type IntervalContext = PlanContext<IntervalPairsGame, IntervalPairsValues>;

/** Metres of the loop for each runner, and of an exercise's area across for each row of those who exercise. House figures. */
const EACH_M = 1.5;
const ROW_M = 1.1;

/** The exercises of this lesson. */
export const exercisesOf = ({ setup, values }: Pick<IntervalContext, 'setup' | 'values'>): IntervalExercise[] =>
  setup.exercises.slice(0, values.exerciseCount);

/** How many pairs: the teacher's number, else as many as there are twos for; the odd one makes a trio. */
const pairCount = ({ values, players }: Pick<IntervalContext, 'values' | 'players'>): number =>
  values.groups ?? Math.max(1, Math.min(30, Math.floor(players.length / 2)));

export const intervalGroups = (context: IntervalContext) => dealtGroups(context, pairCount(context));

/** Pairs at one exercise at the same time, at the most. */
export const pairsAtOne = (context: IntervalContext): number => Math.max(1, Math.ceil(pairCount(context) / exercisesOf(context).length));

/** An exercise's area: the setting, or as large as those who are there at once need. */
export function areaUnit(context: IntervalContext) {
  const side = Math.max(context.values.areaM, Math.round(ROW_M * Math.ceil(Math.sqrt(pairsAtOne(context))) * 10) / 10);
  return { width: side, depth: side, gap: context.values.gapM };
}

/** The track around the exercises. */
export function trackOf(context: IntervalContext): LoopPlace | undefined {
  const count = exercisesOf(context).length;
  return loopOnFloor(context, {
    ...{ id: 'track', title: 'Track', number: count + 1, widthM: context.values.trackM },
    ...{ leastM: Math.max(8, EACH_M * pairCount(context)), spacing: 'wide' as const },
  });
}

/** The floor inside the track; undefined if there is none. */
export function floorInside(context: IntervalContext) {
  const track = trackOf(context);
  const inside = track && insideOf(track.path, Math.max(0.3, context.values.gapM));
  return inside && areaInside(context, inside);
}
