import { HOUSE_LIMITS } from '../../model/band.ts';
import { crowdedField } from '../classField.ts';
import type { BlockDraft } from '../format.ts';
import { idea, levelGroups, setting } from '../ideas.ts';
import type { CallUpNoticed } from './codes.ts';
import { type CallUpContext, fieldFor } from './group.ts';
import { fieldsIdea, moreAtOnce, moreFields } from './ideas.ts';
import type { CallUpValues } from './setup.ts';

type CallUpDraft = BlockDraft<CallUpValues>;

/** Square metres a student below which nobody has room to play. House figure. */
const LEAST_M2 = 3;

/** Sides without anybody on them. */
function empty(context: CallUpContext, draft: CallUpDraft): CallUpNoticed[] {
  const none = draft.groups.filter((g) => !g.length).length;
  if (!none || !context.players.length) return [];
  const count = draft.groups.length / 2;
  return [
    {
      code: 'call-up-empty',
      weight: 'stop',
      at: { block: context.blockId },
      data: { none, playing: context.players.length, fields: count },
      ideas: [...(count > 1 ? [fieldsIdea(context, 1)] : []), levelGroups(context)],
    },
  ];
}

/** A caution if students wait too long from one call to the next: it grows with the size of a side. */
function waiting(context: CallUpContext, draft: CallUpDraft): CallUpNoticed[] {
  const { atOnce, callSeconds, gapSeconds } = context.values;
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  const calls = Math.ceil(largest / atOnce) - 1;
  const seconds = calls * (callSeconds + gapSeconds) + gapSeconds;
  if (largest < 2 || seconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  const shorter = [10, 8].filter((s) => s < callSeconds);
  return [
    {
      code: 'call-up-waits',
      weight: 'caution',
      at: { block: context.blockId },
      data: { seconds, largest, atOnce },
      ideas: [
        ...moreFields(context, draft.groups.length / 2),
        ...moreAtOnce(context),
        ...shorter.map((s) => idea('call-up-shorter', { seconds: s }, setting(context, 'callSeconds', s))),
      ],
    },
  ];
}

/** Sides of different sizes share numbers: somebody on the shorter one has two. */
function shared(context: CallUpContext, draft: CallUpDraft): CallUpNoticed[] {
  const pairs = draft.groups.filter((g, i) => i % 2 === 0 && g.length !== draft.groups[i + 1].length);
  const over = draft.groups.reduce((sum, g, i) => (i % 2 ? sum : sum + Math.abs(g.length - draft.groups[i + 1].length)), 0);
  if (!pairs.length || draft.groups.some((g) => !g.length)) return [];
  return [{ code: 'call-up-shared', weight: 'note', at: { block: context.blockId }, data: { count: over } }];
}

/** Everything about a call-up that only its format can see. */
export const callUpChecks = (context: CallUpContext, draft: CallUpDraft): CallUpNoticed[] => [
  ...crowdedField(context, 'call-up', fieldFor(context), LEAST_M2),
  ...empty(context, draft),
  ...waiting(context, draft),
  ...shared(context, draft),
];
