import { eachAtOwn } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { distancesOf, type TossContext } from './group.ts';
import type { TossPlaySetup, TossTargetsValues } from './setup.ts';

type TossDraft = BlockDraft<TossTargetsValues>;

/** A round is three quarters of a minute to three minutes long if nobody says. */
const ROUND = [45, 180] as const;

export const tossSpan = (_: TossContext, draft: TossDraft) => roundsSpan(draft.values, ROUND);

export const tossTimeline = (_: TossContext, draft: TossDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => eachAtOwn('side', draft.groups));

/** One play of all lanes; a striker is whoever was it least in the last lessons. */
export function tossPlays(context: TossContext, draft: TossDraft, timeline: Timeline): TossPlaySetup[] {
  const { setup, values, had } = context;
  const id = (i: number) => `${setup.lane} ${i + 1}`;
  const strikers = draft.groups.flatMap((group, i) => {
    const [first] = inTurn(group, had?.striker);
    return first === undefined ? [] : [[id(i), first] as const];
  });
  return [
    {
      sides: draft.groups.map((members, i) => ({ id: id(i), members })),
      ...{ objectsEach: values.objectsEach, zones: setup.zones, distances: distancesOf(context), lone: true },
      ...(values.to ? { to: values.to } : {}),
      ...(values.striker ? { striker: Object.fromEntries(strikers) } : {}),
      ...(values.turns === 'one' ? { atOnce: 1 } : {}),
      playSeconds: values.bouts * timeline.workSeconds,
      rounds: values.bouts,
    },
  ];
}
