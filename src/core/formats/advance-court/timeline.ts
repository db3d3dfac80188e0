import { eachAtOwn } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import type { CourtContext } from './group.ts';
import type { AdvanceCourtValues, CourtPlaySetup } from './setup.ts';

type CourtDraft = BlockDraft<AdvanceCourtValues>;

/** A bout of rallies is between two and eight minutes long where nobody says: shorter is no game, longer no contest. */
const BOUT = [120, 480] as const;

const roundsOf = ({ values }: CourtDraft) => ({ ...values, walkSeconds: 0 });

export const courtSpan = (_: CourtContext, draft: CourtDraft) => roundsSpan(roundsOf(draft), BOUT);

/** Rehearsal, bouts with a break between them, reset; every group stays on its court. */
export const courtTimeline = (_: CourtContext, draft: CourtDraft, seconds: number): Timeline =>
  roundsTimeline(roundsOf(draft), seconds, () => eachAtOwn('group', draft.groups));

/** One play a court. Weights never enter it: they would carry private ratings into the run. */
export function courtPlays(draft: CourtDraft, timeline: Timeline): CourtPlaySetup[] {
  const { positions, rallySeconds, bouts } = draft.values;
  return draft.groups.map((players) => ({
    players,
    positions,
    rallySeconds,
    playSeconds: bouts * timeline.workSeconds,
    ...(players.length < 2 ? { lone: true } : {}),
  }));
}
