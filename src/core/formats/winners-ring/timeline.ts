import { type Stay, stay } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import type { RingContext } from './group.ts';
import type { WinnersRingPlaySetup, WinnersRingValues } from './setup.ts';

type RingDraft = BlockDraft<WinnersRingValues>;

/** Play is five to twenty minutes long if nobody says: long enough for a few bays. */
const ROUND = [300, 1200] as const;

export const ringSpan = (_: RingContext, draft: RingDraft) => roundsSpan(draft.values, ROUND);

/** Two teams begin in every bay; from then on play says who is where. */
export const ringTimeline = (_: RingContext, draft: RingDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, (): Stay[] => draft.groups.map((members, i) => stay('side', members, Math.floor(i / 2))));

/** One play of all bays, every team at the same rate: how often each scores is nobody's business. */
export function ringPlays({ setup, values }: RingContext, draft: RingDraft, timeline: Timeline): WinnersRingPlaySetup[] {
  const teams = draft.groups.map((_, i) => `${setup.team} ${i + 1}`);
  const rate = 1 / (2 * values.pointSeconds);
  return [
    {
      ...{ teams, bays: teams.length / 2, target: values.target, headStart: values.headStart, moveSeconds: values.moveSeconds },
      scorePerSecond: Object.fromEntries(teams.map((team) => [team, rate])),
      members: Object.fromEntries(teams.map((team, i) => [team, draft.groups[i]])),
      playSeconds: values.bouts * timeline.workSeconds,
      lone: true,
    },
  ];
}
