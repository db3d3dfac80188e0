import { stay } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type RelayContext, turnSeconds } from './group.ts';
import type { RelayPlaySetup, RelayValues } from './setup.ts';

type RelayDraft = BlockDraft<RelayValues>;

/** A round is one to four minutes long if nobody says; a race takes as long as the longest line needs. */
const ROUND = [60, 240] as const;

/** Seconds that the longest line needs to go so often. */
function raceSeconds(context: RelayContext, groups: readonly (readonly string[])[]): number {
  const { turns, atOnce, handoverSeconds } = context.values;
  const longest = Math.max(1, ...groups.map((g) => g.length));
  return Math.ceil((longest * turns * (turnSeconds(context) + handoverSeconds)) / atOnce / 5) * 5;
}
export const isRace = ({ setup }: Pick<RelayContext, 'setup'>): boolean => setup.mode === 'race' || setup.mode === 'passing';

export function relaySpan(context: RelayContext, draft: RelayDraft) {
  const race = Math.max(20, raceSeconds(context, draft.groups));
  return roundsSpan(draft.values, isRace(context) ? [race, race + 30] : ROUND);
}

/** Every line at its own place; where bays shift, one bay on in each round. */
export function relayTimeline({ setup }: RelayContext, draft: RelayDraft, seconds: number): Timeline {
  const { groups, values } = draft;
  const shifts = setup.mode === 'bay-shift';
  const breaks = shifts
    ? Array.from({ length: values.bouts }, () => ({ code: 'shift', seconds: Math.max(5, values.breakSeconds) }))
    : undefined;
  return roundsTimeline({ ...values, breaks }, seconds, (round) =>
    groups.map((members, g) => stay('line', members, shifts ? (g + round) % groups.length : g)),
  );
}

/** One play of all lines. */
export function relayPlays(context: RelayContext, draft: RelayDraft, timeline: Timeline): RelayPlaySetup[] {
  const { setup, values } = context;
  return [
    {
      ...{ lines: draft.groups, goingAtOnce: values.atOnce, turnSeconds: turnSeconds(context), handoverSeconds: values.handoverSeconds },
      mode: setup.mode,
      ...(isRace(context) ? { rounds: values.turns * values.bouts } : setup.mode === 'bay-shift' ? { rounds: values.bouts } : {}),
      ...(values.to ? { to: values.to } : {}),
      playSeconds: values.bouts * timeline.workSeconds,
      lone: true,
    },
  ];
}
