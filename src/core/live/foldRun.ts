import type { RunEvent } from '../model/run.ts';
import { effective, isPlain, undoable } from './effective.ts';
import { passRun, type RunFold, startRun, stepRun } from './runFold.ts';
import type { RunPlan } from './runPlan.ts';
import { type RunState, showRun } from './runState.ts';

/**
 * Where a run stands at `now`: the log folded over the frozen plan. The clock is the start plus pauses; steps follow one
 * another by themselves; a bout that ends makes its format's clock events, so that a reload, a gap or a second window see the
 * same. The last step waits at 0:00 until the teacher ends. Times that go backwards count as no time passed.
 */
export function foldRun(plan: RunPlan, startedAt: number, log: readonly RunEvent[], now: number): RunState {
  const fold = effective(log).reduce(stepRun, startRun(plan, startedAt));
  return showRun(passRun(fold, now), undoable(log));
}

const startsWith = (log: readonly RunEvent[], known: readonly RunEvent[]) =>
  log === known || (log.length >= known.length && known.every((event, i) => event.id === log[i].id));

/**
 * Follows one run: the same answers as `foldRun`, without folding what it has folded. A tick of the clock goes on from the last
 * one, a new event is one step; only a strike, a replacement, a late addition or another order folds the whole log again.
 */
export function followRun(plan: RunPlan, startedAt: number): (log: readonly RunEvent[], now: number) => RunState {
  const start = startRun(plan, startedAt);
  let known: readonly RunEvent[] = [];
  let can: RunEvent[] = [];
  /** After the last event, and from there on as far as the clock was looked at. */
  let folded: RunFold = start;
  let ahead: RunFold = start;
  return (log, now) => {
    if (log !== known) {
      const fresh = startsWith(log, known) ? log.slice(known.length) : undefined;
      if (!fresh || fresh.length) {
        folded = fresh?.every(isPlain) ? fresh.reduce(stepRun, folded) : effective(log).reduce(stepRun, start);
        ahead = folded;
        can = undoable(log);
      }
      known = log;
    }
    ahead = passRun(now >= ahead.wall ? ahead : folded, now);
    return showRun(ahead, can);
  };
}
