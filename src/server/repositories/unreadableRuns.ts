import { eq } from 'drizzle-orm';
import type { Run, RunEvent } from '../../core/model/run.ts';
import type { Database } from '../database.ts';
import { Problem } from '../problem.ts';
import { runEvents, runs } from '../tables.ts';

/** A run of which nothing can be made: what its row says of it alone, so that it has its line among the others. */
export interface UnreadableRun {
  unreadable: true;
  runId: string;
  periodId: string;
  date: string;
  startedAt: number;
  className: string;
  lessonTitle: string;
}

/** True if the work does not throw: what older versions stored without looking must cost one run, not the list. */
export function isWhole(work: () => unknown): boolean {
  try {
    work();
    return true;
  } catch {
    return false;
  }
}

/** What a function makes of a run and its log, or what there is instead if the run cannot be read. */
export function madeOf<T>(instead: T, make: (run: Run, log: RunEvent[]) => T, run: Run, log: RunEvent[]): T {
  try {
    return make(run, log);
  } catch {
    return instead;
  }
}

/** A run and its events as they are stored, looked at by nobody. Problem 404 if there is none. */
export async function rawRun(db: Database, id: string): Promise<{ id: string; run: unknown; events: unknown[] }> {
  const [row] = await db.select({ data: runs.data }).from(runs).where(eq(runs.id, id));
  if (!row) throw new Problem(404, 'unknown-id', [{ path: ['id'], code: 'unknown-id' }]);
  const events = await db.select({ data: runEvents.data }).from(runEvents).where(eq(runEvents.runId, id)).orderBy(runEvents.seq);
  return { id, run: row.data, events: events.map((e) => e.data) };
}

/** The line of a run that cannot be read. */
export async function unreadable(db: Database, id: string): Promise<UnreadableRun> {
  const { run } = (await rawRun(db, id)) as { run: Partial<Run> | null };
  const text = (value: unknown) => (typeof value === 'string' ? value : '');
  const { className, lessonTitle } = (run?.plan ?? {}) as { className?: unknown; lessonTitle?: unknown };
  return {
    unreadable: true,
    runId: id,
    periodId: text(run?.periodId),
    date: text(run?.date),
    startedAt: Number(run?.startedAt) || 0,
    className: text(className),
    lessonTitle: text(lessonTitle),
  };
}
