import { allAtOne } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { type RoundsOfBlock, roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { lapMetres, type PaceContext, trialsOf } from './group.ts';
import type { PacePlaySetup, PaceValues } from './setup.ts';

type PaceDraft = BlockDraft<PaceValues>;

/** What a trial takes more than its target until the last one is in. House figure. */
const SLOWEST = 1.4;

/** Trials are as long as their targets: the longest is one round, the others their share of it. */
function roundsOf(context: PaceContext, { values }: PaceDraft): RoundsOfBlock & { longest: number } {
  const targets = trialsOf(context).map((t) => t.targetSeconds);
  const longest = Math.max(...targets);
  return { ...values, shares: targets.map((t) => t / longest), longest };
}

export function paceSpan(context: PaceContext, draft: PaceDraft) {
  const rounds = roundsOf(context, draft);
  const least = Math.max(20, Math.ceil(rounds.longest * SLOWEST));
  const { least: from, most } = roundsSpan(rounds, [least, 2 * least]);
  return { least: Math.ceil(from), most: Math.ceil(most) };
}

export const paceTimeline = (context: PaceContext, draft: PaceDraft, seconds: number): Timeline =>
  roundsTimeline(roundsOf(context, draft), seconds, () => allAtOne(draft.groups));

/** One play of everyone, with the lap as it lies. */
export const pacePlays = (context: PaceContext, draft: PaceDraft, timeline: Timeline): PacePlaySetup[] => [
  {
    ...{ players: draft.groups.flat(), lapMetres: lapMetres(context), trials: trialsOf(context), lone: true },
    playSeconds: timeline.bouts.reduce((sum, b) => sum + b.until - b.at, 0),
  },
];
