import type { Attempts } from '../formats/format.ts';
import { formatOf } from '../formats/registry.ts';
import type { Run, RunEvent } from '../model/run.ts';
import { effective } from './effective.ts';
import { foldRun } from './foldRun.ts';
import { formatsIn, planOf } from './runPlan.ts';

/** A student's tries at a step in one lesson. Private. */
export interface AttemptsOnDay extends Attempts {
  date: string;
  game: string;
}

/** True if a lesson has a game whose tries are kept by step. */
export const keepsAttempts = (run: Run): boolean =>
  planOf(run).blocks.some(({ game }) => formatsIn(game).some((format) => formatOf(format).keepsAttempts));

/** Tries by step in one lesson, corrections counted: of the plays that there were when it ended, latecomers' own too. */
export function attemptsIn(run: Run, events: readonly RunEvent[]): AttemptsOnDay[] {
  const state = foldRun(planOf(run), run.startedAt, events, run.endedAt ?? Number.MAX_SAFE_INTEGER);
  const counted = effective(events);
  return state.plan.blocks.flatMap(({ id, game }) => {
    if (!game) return [];
    const played = [
      { title: game.title, format: game.format, plays: state.plays[id], visit: undefined },
      ...(game.visits ?? []).map(({ title, format }, visit) => ({ title, format, plays: state.visits[id][visit], visit })),
    ];
    return played.flatMap(({ title, format, plays, visit }) =>
      plays.flatMap(({ setup }, play) => {
        const mine = counted.flatMap((e) =>
          e.type === 'play' && e.blockId === id && (e.play ?? 0) === play && e.visit === visit ? [{ ...e.event, at: e.at }] : [],
        );
        return formatOf(format)
          .attempts(setup, mine)
          .map((each) => ({ ...each, date: run.date, game: title }));
      }),
    );
  });
}
