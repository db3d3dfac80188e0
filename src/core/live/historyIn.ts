import { formatOf } from '../formats/registry.ts';
import type { ClassHistory, StagesMet } from '../model/classHistory.ts';
import type { Run } from '../model/run.ts';
import { metIn } from './met.ts';
import { planOf } from './runPlan.ts';
import type { StageOnDay } from './stagesMetIn.ts';

/** Stages met, day by day; a day with enough tries says whether the next step, or an easier one, would be right. */
function stagesIn(attempts: readonly StageOnDay[]): StagesMet {
  const stages: StagesMet = {};
  const days = new Map<string, StageOnDay[]>();
  for (const each of attempts) {
    const key = JSON.stringify([each.stepId, each.player, each.date]);
    days.set(key, [...(days.get(key) ?? []), each]);
  }
  for (const day of days.values()) {
    const { stepId, player, suggest } = day.at(-1)!;
    stages[stepId] ??= {};
    const met = stages[stepId][player] ?? { days: 0, up: 0, down: 0 };
    stages[stepId][player] = { days: met.days + 1, up: met.up + (suggest > 0 ? 1 : 0), down: met.down + (suggest < 0 ? 1 : 0) };
  }
  return stages;
}

/** Meetings and roles in runs, as they were frozen, and the stages that were tried in them. */
export function historyIn(runs: readonly Run[], attempts: readonly StageOnDay[] = []): ClassHistory {
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
  return { met, roles, stages: stagesIn(attempts), lessons };
}
