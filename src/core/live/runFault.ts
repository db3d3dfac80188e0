import type { Run, RunEvent } from '../model/run.ts';
import { attemptsIn } from './attemptsIn.ts';
import { boardsOf } from './boardsOf.ts';
import { foldRun } from './foldRun.ts';
import { historyIn } from './historyIn.ts';
import { logEntry } from './logEntry.ts';
import { metIn } from './met.ts';
import { PlanBlockShape, RunPlanShape } from './planShape.ts';
import { playedIn } from './playedIn.ts';
import { planOf } from './runPlan.ts';
import { skillTriesIn } from './skillTries.ts';
import { stagesMetIn } from './stagesMetIn.ts';

/** What keeps a run from being read: where, outermost first, and why. */
export interface RunFault {
  path: (string | number)[];
  code: string;
}

/** Past the longest lesson: everything that the clock brings by itself has happened by then. */
const LATER_MS = 24 * 3600_000;

/** True if everything that is ever made of a run can be made of this one. */
function canBeRead(run: Run, events: readonly RunEvent[]): boolean {
  try {
    const last = events.reduce((most, e) => Math.max(most, e.at), run.startedAt);
    for (const now of [last, last + LATER_MS]) {
      logEntry(run, events, now);
      const state = foldRun(planOf(run), run.startedAt, events, now);
      for (const block of state.plan.blocks) boardsOf(block, state, 0);
    }
    const tries = [...attemptsIn(run, events), ...stagesMetIn(run, events)];
    historyIn([run], tries);
    skillTriesIn(run, events);
    metIn([run]);
    playedIn([{ run, events: [...events] }], last);
    return true;
  } catch {
    return false;
  }
}

/** The shape of what events bring with them: of a replan its blocks. */
function shapeFault(events: readonly RunEvent[]): RunFault | undefined {
  for (const [i, event] of events.entries()) {
    if (event.type !== 'replan') continue;
    for (const [b, block] of event.blocks.entries()) {
      const parsed = PlanBlockShape.safeParse(block);
      if (parsed.success) continue;
      const [{ path, message }] = parsed.error.issues;
      return { path: ['events', i, 'blocks', b, ...path.map((p) => (typeof p === 'symbol' ? String(p) : p))], code: codeOf(message) };
    }
  }
  return undefined;
}
const codeOf = (message: string) => (/^[a-z][a-z-]*$/.test(message) ? message : 'shape');

/**
 * What is wrong with events that are to be added to a run's log, or undefined: their shape first, then whether the run can still be
 * read with them. Said of the first event with which it cannot.
 */
export function eventsFault(run: Run, log: readonly RunEvent[], fresh: readonly RunEvent[]): RunFault | undefined {
  const shape = shapeFault(fresh);
  if (shape) return shape;
  if (canBeRead(run, [...log, ...fresh])) return undefined;
  const first = fresh.findIndex((_, i) => !canBeRead(run, [...log, ...fresh.slice(0, i + 1)]));
  return { path: ['events', Math.max(0, first)], code: 'not-readable' };
}

/** What is wrong with a whole run that comes in, or undefined: its frozen plan, its events, and whether all that is made of them can be. */
export function runFault(run: Run, events: readonly RunEvent[]): RunFault | undefined {
  const plan = RunPlanShape.safeParse(run.plan);
  if (!plan.success) {
    const [{ path, message }] = plan.error.issues;
    return { path: ['run', 'plan', ...path.map((p) => (typeof p === 'symbol' ? String(p) : p))], code: codeOf(message) };
  }
  if (!canBeRead(run, [])) return { path: ['run', 'plan'], code: 'not-readable' };
  return eventsFault(run, [], events);
}
