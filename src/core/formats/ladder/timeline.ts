import { eachAtOwn } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type LadderContext, startOf } from './group.ts';
import type { LadderPlaySetup, LadderValues } from './setup.ts';

type LadderDraft = BlockDraft<LadderValues>;

/** A round is three quarters of a minute to three minutes long if nobody says: short ones, so that everybody meets many others. */
const ROUND = [45, 180] as const;

export const ladderSpan = (_: LadderContext, draft: LadderDraft) => roundsSpan(draft.values, ROUND);

/** Walk-through, rehearsal, rounds with a break in which the courts change, reset; after the first round play says who is where. */
export const ladderTimeline = (_: LadderContext, draft: LadderDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => eachAtOwn('group', draft.groups));

/** One play of all courts. Strengths never enter it: they would carry private ratings into the run. */
export function ladderPlays(draft: LadderDraft, timeline: Timeline): LadderPlaySetup[] {
  const { bouts, count, tie, each } = draft.values;
  return [
    {
      ...startOf(draft.groups, each),
      ...{ roundSeconds: Math.max(1, timeline.workSeconds), rounds: bouts, count, tie, lone: true },
      playSeconds: bouts * timeline.workSeconds,
    },
  ];
}
