import { pairKey } from '../groups/traits.ts';
import type { Run } from '../model/run.ts';
import { planOf } from './runPlan.ts';

/** Who has been in one group with whom, as the log tells. */
export interface MetBefore {
  /** Lessons in which a pair was in one group, 'a|b' with the ids sorted. */
  met: Record<string, number>;
  /** Lessons in which a student was one of three where others were two. */
  thirds: Record<string, number>;
  /** Lessons that were looked at. */
  lessons: number;
}

/** Meetings in the groups of runs: a pair counts once a lesson, however many games had it together. */
export function metIn(runs: readonly Run[]): MetBefore {
  const met: Record<string, number> = {};
  const thirds: Record<string, number> = {};
  for (const run of runs) {
    const pairs = new Set<string>();
    const trios = new Set<string>();
    for (const block of planOf(run).blocks) {
      const groups = block.game?.groups ?? [];
      if (groups.some((g) => g.length === 2)) for (const id of groups.filter((g) => g.length === 3).flat()) trios.add(id);
      for (const group of block.game?.groups ?? []) {
        for (let i = 1; i < group.length; i++) for (let j = 0; j < i; j++) pairs.add(pairKey(group[i], group[j]));
      }
    }
    for (const pair of pairs) met[pair] = (met[pair] ?? 0) + 1;
    for (const id of trios) thirds[id] = (thirds[id] ?? 0) + 1;
  }
  return { met, thirds, lessons: runs.length };
}
