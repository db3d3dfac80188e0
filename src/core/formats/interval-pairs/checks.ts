import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { eachWith } from '../ideas.ts';
import type { IntervalNoticed } from './codes.ts';
import { areaUnit, exercisesOf, type IntervalContext } from './group.ts';
import { fewerExercises, smaller } from './ideas.ts';
import { boutCount } from './play.ts';
import type { IntervalPairsValues } from './setup.ts';
import { wholeSeconds } from './timeline.ts';

type IntervalDraft = BlockDraft<IntervalPairsValues>;

/** A track or areas that find no floor. */
function unplaced(context: IntervalContext, draft: IntervalDraft): IntervalNoticed[] {
  const small = smaller(context);
  const fewer = fewerExercises(context);
  const both = eachWith(small.slice(-1), fewer.slice(-1));
  return doesNotFit(context, 'interval', draft, areaUnit(context), [...small, ...fewer, ...both]);
}

/** How long it takes in all, before it begins: twice the exercises times the bout, and what lies between. */
function total(context: IntervalContext, draft: IntervalDraft, timeline: Timeline): IntervalNoticed[] {
  const exercises = exercisesOf(context).map((e) => e.id);
  const bouts = boutCount({ pairs: draft.groups, exercises });
  const seconds = wholeSeconds(context, draft, timeline.workSeconds);
  const data = { bouts, exercises: exercises.length, bout: timeline.workSeconds, seconds };
  return [{ code: 'interval-total', weight: 'note', at: { block: context.blockId }, data }];
}

/** Somebody is alone, or three share the turns. */
function odd(context: IntervalContext, draft: IntervalDraft): IntervalNoticed[] {
  const at = { block: context.blockId };
  const alone = draft.groups.filter((g) => g.length === 1).length;
  const trios = draft.groups.filter((g) => g.length > 2).length;
  return [
    ...(alone ? [{ code: 'interval-alone' as const, weight: 'caution' as const, at, data: { alone } }] : []),
    ...(trios ? [{ code: 'interval-trio' as const, weight: 'note' as const, at, data: { trios } }] : []),
  ];
}

/** Everything about interval pairs that only their format can see. */
export const intervalChecks = (context: IntervalContext, draft: IntervalDraft, timeline: Timeline): IntervalNoticed[] => [
  ...unplaced(context, draft),
  ...odd(context, draft),
  ...total(context, draft, timeline),
];
