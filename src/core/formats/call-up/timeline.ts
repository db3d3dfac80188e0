import { callList } from '../../rotation/callList.ts';
import { eachAtOwn } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import type { CallUpContext } from './group.ts';
import type { CallUpPlaySetup, CallUpValues } from './setup.ts';

type CallUpDraft = BlockDraft<CallUpValues>;

/** A round is two to six minutes long if nobody says. */
const ROUND = [120, 360] as const;

export const callUpSpan = (_: CallUpContext, draft: CallUpDraft) => roundsSpan(draft.values, ROUND);

export const callUpTimeline = (_: CallUpContext, draft: CallUpDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => eachAtOwn('side', draft.groups));

/** How many calls a round has time for. */
export const callsIn = (seconds: number, { callSeconds, gapSeconds }: Pick<CallUpValues, 'callSeconds' | 'gapSeconds'>): number =>
  Math.max(1, Math.floor((seconds + gapSeconds) / (callSeconds + gapSeconds)));

/** One play a field. Its list is drawn for its two sides, so that everyone is called equally often. */
export function callUpPlays({ setup, seed }: CallUpContext, draft: CallUpDraft, timeline: Timeline): CallUpPlaySetup[] {
  const { values, groups } = draft;
  const { bouts, atOnce, callSeconds, gapSeconds } = values;
  const calls = bouts * callsIn(timeline.workSeconds, values);
  const fields = groups.length / 2;
  const nameOf = (side: 0 | 1, field: number) => (fields > 1 ? `${setup.sides[side]} ${field + 1}` : setup.sides[side]);
  return Array.from({ length: fields }, (_, f): CallUpPlaySetup => {
    const pair = groups.slice(2 * f, 2 * f + 2);
    const sizes: [number, number] = [pair[0].length, pair[1].length];
    const most = Math.max(...sizes);
    const isPlayed = Math.min(...sizes) > 0;
    const drawn = isPlayed ? callList({ sides: sizes, atOnce: Math.min(atOnce, most), calls, seed: seed + f }).calls : [];
    return {
      sides: [
        { id: nameOf(0, f), members: pair[0] },
        { id: nameOf(1, f), members: pair[1] },
      ],
      ...{ atOnce, callSeconds, gapSeconds, calls, list: drawn, lone: true },
      playSeconds: bouts * timeline.workSeconds,
    };
  });
}
