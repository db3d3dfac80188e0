import { eachAtOwn } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import type { PodsContext } from './group.ts';
import type { PodsPlaySetup, PodsValues } from './setup.ts';

type PodsDraft = BlockDraft<PodsValues>;

/** A set of rounds is two to five minutes long if nobody says. */
const SET = [120, 300] as const;

export const podSpan = (_: PodsContext, draft: PodsDraft) => roundsSpan(draft.values, SET);

export const podTimeline = (_: PodsContext, draft: PodsDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => eachAtOwn('group', draft.groups));

/** How long a round is on average, from music to music. */
export const roundSeconds = ({ leastSeconds, mostSeconds, pauseSeconds }: PodsValues): number =>
  (leastSeconds + Math.max(leastSeconds, mostSeconds)) / 2 + pauseSeconds;

/** One play of all pods: as many rounds as the sets have time for. */
export function podPlays({ setup, values, had }: PodsContext, draft: PodsDraft, timeline: Timeline): PodsPlaySetup[] {
  // Whoever led least in the last lessons leads first.
  const pods = draft.groups.map((pod) => inTurn(pod, had?.leader));
  return [
    {
      ...{ pods, mode: setup.mode, leading: values.leading, lone: true },
      rounds: values.bouts * Math.max(1, Math.floor(timeline.workSeconds / roundSeconds(values))),
      burstSeconds: [values.leastSeconds, Math.max(values.leastSeconds, values.mostSeconds)],
      resetSeconds: values.pauseSeconds,
      playSeconds: values.bouts * timeline.workSeconds,
    },
  ];
}
