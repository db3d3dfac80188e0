import { type Stay, stay } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { type RoundsOfBlock, roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { exercisesOf, type IntervalContext } from './group.ts';
import { boutCount, boutsEach, exerciseAt, runnerAt } from './play.ts';
import type { IntervalPairsValues, IntervalPlaySetup } from './setup.ts';

type IntervalDraft = BlockDraft<IntervalPairsValues>;

/** A bout is 15 to 90 seconds long if nobody says. */
const BOUT = [15, 90] as const;

const playOf = (context: IntervalContext, groups: string[][]): Pick<IntervalPlaySetup, 'pairs' | 'exercises'> => ({
  pairs: groups,
  exercises: exercisesOf(context).map((e) => e.id),
});

/** The bouts of a block: a swap inside an exercise, a move to the next one. */
function roundsOf(context: IntervalContext, { values, groups }: IntervalDraft): RoundsOfBlock {
  const play = playOf(context, groups);
  const each = boutsEach(play);
  return {
    ...{ ...values, bouts: boutCount(play) },
    breaks: Array.from({ length: boutCount(play) }, (_, b) =>
      b % each ? { code: 'swap', seconds: values.breakSeconds } : { code: 'move', seconds: values.moveSeconds },
    ),
  };
}

export const intervalSpan = (context: IntervalContext, draft: IntervalDraft) => roundsSpan(roundsOf(context, draft), BOUT);

/** Seconds from the first bout to the last: 2·E·t and what lies between. */
export function wholeSeconds(context: IntervalContext, draft: IntervalDraft, workSeconds: number): number {
  const { bouts, breaks = [] } = roundsOf(context, draft);
  return bouts * workSeconds + breaks.slice(1).reduce((sum, b) => sum + b.seconds, 0);
}

/** In every bout one of each pair on the track, the other at their exercise. */
export function intervalTimeline(context: IntervalContext, draft: IntervalDraft, seconds: number): Timeline {
  const play = playOf(context, draft.groups);
  const track = play.exercises.length;
  return roundsTimeline(roundsOf(context, draft), seconds, (round) =>
    draft.groups.flatMap((pair, i): Stay[] => {
      if (!pair.length) return [stay('pair', pair, exerciseAt(play, i, round + 1))];
      const runner = runnerAt(pair.length, round + 1);
      const others = pair.filter((_, k) => k !== runner);
      return [
        ...(runner >= 0 ? [stay('solo', [pair[runner]], track, 'runner')] : []),
        ...(others.length ? [stay('pair', others, exerciseAt(play, i, round + 1))] : []),
      ];
    }),
  );
}

/** One play of all pairs. */
export function intervalPlays(context: IntervalContext, draft: IntervalDraft, timeline: Timeline): IntervalPlaySetup[] {
  const play = playOf(context, draft.groups);
  return [
    {
      ...play,
      ...{ boutSeconds: Math.max(1, timeline.workSeconds), moveSeconds: draft.values.moveSeconds, lone: true },
      playSeconds: boutCount(play) * timeline.workSeconds,
    },
  ];
}
