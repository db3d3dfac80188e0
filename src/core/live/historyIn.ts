import { formatOf } from '../formats/registry.ts';
import type { ClassHistory } from '../model/classHistory.ts';
import type { Run } from '../model/run.ts';
import { metIn } from './met.ts';
import { planOf } from './runPlan.ts';

/** Meetings and roles in runs, as they were frozen. */
export function historyIn(runs: readonly Run[]): ClassHistory {
  const roles: ClassHistory['roles'] = {};
  for (const run of runs)
    for (const { game } of planOf(run).blocks) {
      if (!game) continue;
      for (const { format, plays } of [game, ...(game.visits ?? [])])
        for (const setup of plays)
          for (const [role, students] of Object.entries(formatOf(format).rolesIn(setup))) {
            roles[role] ??= {};
            for (const id of students) roles[role][id] = (roles[role][id] ?? 0) + 1;
          }
    }
  const { met, lessons } = metIn(runs);
  return { met, roles, lessons };
}
