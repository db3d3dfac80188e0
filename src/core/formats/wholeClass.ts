import type { Noticed } from '../model/findingCodes.ts';
import type { PlanInput } from './format.ts';

/** One group of everybody who plays, in their order. */
export const wholeClass = ({ players }: Pick<PlanInput, 'players'>): { groups: string[][]; noticed: Noticed[] } => ({
  groups: [players.map((p) => p.id)],
  noticed: [],
});
