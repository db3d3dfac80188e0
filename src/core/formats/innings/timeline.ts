import { fieldStays } from '../fields.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { floorAt } from '../runningFloor.ts';
import { groupsEach, type InningsContext, isBases } from './group.ts';
import type { InningsPlaySetup, InningsValues } from './setup.ts';

type InningsDraft = BlockDraft<InningsValues>;

/** A round is three to eight minutes long if nobody says; on bases, where a turn may be long, five to fifteen. */
const ROUND = { shuttle: [180, 480], bases: [300, 900] } as const;
/** Innings if the clock ends play. */
const NO_END = 99;

export const inningsSpan = ({ setup }: InningsContext, draft: InningsDraft) => roundsSpan(draft.values, ROUND[setup.mode]);

export const inningsTimeline = (context: InningsContext, draft: InningsDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => fieldStays('side', draft.groups, groupsEach(context)));

/** The sides of a small game: two against two, three for themselves, one against one; alone if there is nobody else. */
function shuttleSides(group: readonly string[], name: string): InningsPlaySetup['sides'] {
  const side = (id: string, members: readonly string[]) => ({ id: `${name} ${id}`, members: [...members] });
  if (group.length === 3) return group.map((id, i) => side('ABC'[i], [id]));
  const half = Math.ceil(group.length / 2);
  return [side('A', group.slice(0, half)), side('B', group.slice(half))];
}

/** One play a field. */
export function inningsPlays(context: InningsContext, draft: InningsDraft, timeline: Timeline): InningsPlaySetup[] {
  const { setup, values } = context;
  const shared = {
    innings: values.innings || NO_END,
    ...{ playSeconds: values.bouts * timeline.workSeconds, lone: true },
    ...(isBases(context) && values.capSeconds ? { capSeconds: values.capSeconds } : {}),
    ...(values.catchOut ? { catchOut: true } : {}),
  };
  const floorFor = (field: number) => floorAt(draft.pieces[field], draft.things, context.defaults.sprint);
  if (!isBases(context))
    return draft.groups.map((group, i) => ({
      mode: setup.mode,
      sides: shuttleSides(group, `${setup.field} ${i + 1}`),
      ...shared,
      ...floorFor(i),
    }));
  return Array.from({ length: draft.groups.length / 2 }, (_, f) => ({
    mode: setup.mode,
    sides: [0, 1].map((k) => ({ id: `${setup.field} ${f + 1} ${'AB'[k]}`, members: [...draft.groups[2 * f + k]] })),
    ...shared,
    ...floorFor(f),
  }));
}
