import { fieldStays } from '../fields.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type SpotContext, spotCount, TEAMS } from './group.ts';
import { spotId } from './play.ts';
import type { SpotPlaySetup, SpotValues } from './setup.ts';

type SpotDraft = BlockDraft<SpotValues>;

/** A round is one and a half to four minutes long if nobody says. */
const ROUND = [90, 240] as const;

export const spotSpan = (_: SpotContext, draft: SpotDraft) => roundsSpan(draft.values, ROUND);

export const spotTimeline = (_: SpotContext, draft: SpotDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => fieldStays('side', draft.groups, TEAMS));

/** One play a field. A block of several rounds is played to as many times the target, on as many times the spots: they lie there anew in each. */
export function spotPlays(context: SpotContext, draft: SpotDraft, timeline: Timeline): SpotPlaySetup[] {
  const { setup, values } = context;
  const fields = Math.max(1, Math.ceil(draft.groups.length / TEAMS));
  const rounds = setup.mode === 'collect' ? values.bouts : 1;
  const spots = Array.from({ length: rounds }, (_, round) => Array.from({ length: spotCount(context) }, (_, i) => spotId(i, round))).flat();
  return Array.from({ length: fields }, (_, f) => ({
    mode: setup.mode,
    teams: draft.groups.slice(f * TEAMS, (f + 1) * TEAMS).map((members, k) => ({
      id: fields > 1 ? `${setup.teams[k]} ${f + 1}` : setup.teams[k],
      members,
    })),
    ...(spots.length ? { spots } : {}),
    ...(values.to ? { to: values.to * rounds } : {}),
    objectsEach: values.objectsEach,
    playSeconds: values.bouts * timeline.workSeconds,
    lone: true,
  }));
}
