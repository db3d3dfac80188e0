import { formatOf } from '../formats/registry.ts';
import type { Run, RunEvent } from '../model/run.ts';
import { everyoneIn } from '../play/playRules.ts';
import type { AttemptsOnDay } from './attemptsIn.ts';
import { foldRun } from './foldRun.ts';
import { formatsIn, planOf } from './runPlan.ts';

/** A student at a stage on a day. Private. */
export type StageOnDay = Pick<AttemptsOnDay, 'stepId' | 'player' | 'date' | 'suggest'>;

/** True if a lesson has a game with stages of which it is kept who has met them. */
export const keepsStages = (run: Run): boolean =>
  planOf(run).blocks.some(({ game }) => formatsIn(game).some((format) => formatOf(format).keepsStages));

/** Stages that a lesson reached, for everyone who was still there at its end; corrections counted. */
export function stagesMetIn(run: Run, events: readonly RunEvent[]): StageOnDay[] {
  const state = foldRun(planOf(run), run.startedAt, events, run.endedAt ?? Number.MAX_SAFE_INTEGER);
  return state.plan.blocks.flatMap(({ id, game }) =>
    game
      ? state.plays[id].flatMap(({ setup, view }) =>
          formatOf(game.format)
            .stagesMet(setup, view)
            .flatMap((stepId) => everyoneIn(view).map((player): StageOnDay => ({ stepId, player, date: run.date, suggest: 0 }))),
        )
      : [],
  );
}
