import { type Stay, stay } from '../bouts.ts';
import { fieldStays } from '../fields.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { floorAt } from '../runningFloor.ts';
import { groupsEach, isHalves, isSpots, type PossessionContext } from './group.ts';
import type { PossessionPlaySetup, PossessionValues } from './setup.ts';

type PossessionDraft = BlockDraft<PossessionValues>;

/** A round is two to five minutes long if nobody says. */
const ROUND = [120, 300] as const;

export const possessionSpan = (_: PossessionContext, draft: PossessionDraft) => roundsSpan(draft.values, ROUND);

/** The guards of a side in a round: the next ones in each, so that all guard. Nobody of a side that would be guards alone. */
function guardsOf(context: PossessionContext, group: readonly string[], round: number): string[] {
  if (!isHalves(context) || group.length < 2) return [];
  const count = Math.min(context.values.guards, group.length - 1);
  const order = inTurn(group, context.had?.guard);
  return Array.from({ length: count }, (_, i) => order[(round * count + i) % order.length]);
}

export const possessionTimeline = (context: PossessionContext, draft: PossessionDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, (round) => {
    if (!isHalves(context)) return fieldStays(isSpots(context) ? 'pair' : 'side', draft.groups, groupsEach(context));
    return draft.groups.flatMap((group, g): Stay[] => {
      const guards = guardsOf(context, group, round);
      const carriers = group.filter((id) => !guards.includes(id));
      return [...(guards.length ? [stay('side', guards, Math.floor(g / 2), 'guard')] : []), stay('side', carriers, Math.floor(g / 2))];
    });
  });

/** One play a field; its first side starts. */
export function possessionPlays(context: PossessionContext, draft: PossessionDraft, timeline: Timeline): PossessionPlaySetup[] {
  const { setup, values } = context;
  const each = groupsEach(context);
  const fields = Math.max(1, Math.ceil(draft.groups.length / each));
  const nameOf = (f: number, k: number) => {
    if (isSpots(context)) return `Pair ${f * each + k + 1}`;
    return fields > 1 ? `${setup.sides[k]} ${f + 1}` : setup.sides[k];
  };
  return Array.from({ length: fields }, (_, f) => {
    const groups = draft.groups.slice(f * each, (f + 1) * each);
    const guards = groups.flatMap((g) => guardsOf(context, g, 0));
    return {
      ...{ mode: setup.mode, sides: groups.map((members, k) => ({ id: nameOf(f, k), members })), starts: nameOf(f, 0), lone: true },
      ...(setup.mode === 'passes' ? { passes: values.passes } : {}),
      ...(setup.mode === 'goals' && values.goesOn ? { goesOn: true } : {}),
      ...(guards.length ? { guards } : {}),
      playSeconds: values.bouts * timeline.workSeconds,
      ...(isHalves(context) ? floorAt(draft.pieces[f], draft.things, context.defaults.sprint) : {}),
    };
  });
}
