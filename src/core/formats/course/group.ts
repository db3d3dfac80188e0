import { remembered } from '../../geometry/remembered.ts';
import { dealGroups } from '../../groups/dealGroups.ts';
import type { Noticed } from '../../model/finding.ts';
import { type CourseContext, startCount } from './elements.ts';

const deal = remembered(dealGroups);

/** One group for each place where the class starts. */
export function courseGroups(context: CourseContext): { groups: string[][]; noticed: Noticed[] } {
  const { groups, findings } = deal({
    players: context.players,
    count: Math.max(1, Math.min(startCount(context), Math.max(1, context.players.length))),
    apart: context.apart,
    together: context.together,
    stored: context.storedGroups,
    locks: context.locks,
    seed: context.seed,
  });
  return { groups, noticed: findings.map((f) => ({ ...f, at: { block: context.blockId } })) };
}
