import { dealGroups } from '../groups/dealGroups.ts';
import { memoize } from '../memoize.ts';
import type { Noticed } from '../model/findingCodes.ts';
import type { PlanInput } from './format.ts';

const deal = memoize(dealGroups);

/** So many balanced groups of everybody who plays; what the teacher chose, locks and pairings hold where they can. */
export function dealtGroups(context: PlanInput, count: number): { groups: string[][]; noticed: Noticed[] } {
  const { players, apart, together, storedGroups: stored, locks, seed } = context;
  const { groups, findings } = deal({ players, count, apart, together, stored, locks, seed });
  return { groups, noticed: findings.map((f) => ({ ...f, at: { block: context.blockId } })) };
}
