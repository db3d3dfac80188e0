import { type LogEntry, logEntry } from '../core/live/logEntry.ts';
import type { Database } from './database.ts';
import { Problem } from './problem.ts';
import { runRecords } from './repositories/index.ts';
import { readRunLog } from './repositories/runLog.ts';
import { type UnreadableRun, unreadable } from './repositories/unreadableRuns.ts';

/** What the list of runs tells of each: nobody's name. */
export type RunSummary = Omit<LogEntry, 'results' | 'absent' | 'late' | 'left' | 'gearMissing' | 'gearUncounted' | 'note'> & {
  periodId: string;
};

async function foldSummary(db: Database, id: string, now: number): Promise<RunSummary> {
  const run = await runRecords.get(db, id);
  const {
    results: _,
    absent: __,
    late: ___,
    left: ____,
    gearMissing: _____,
    gearUncounted: ______,
    note: _______,
    ...entry
  } = logEntry(run, await readRunLog(db, id), now);
  return { ...entry, periodId: run.periodId };
}

/**
 * Summaries of runs. That of an ended one is kept with how many events it was folded from, so that a later note or correction folds
 * again; one that cannot be read is a line of its own and costs no other.
 */
export function runSummaries(db: Database, now: () => number) {
  const folded = new Map<string, { events: number; summary: RunSummary }>();
  return {
    async of(id: string, events: number): Promise<RunSummary | UnreadableRun> {
      const known = folded.get(id);
      if (known?.events === events) return known.summary;
      try {
        const summary = await foldSummary(db, id, now());
        if (summary.ended) folded.set(id, { events, summary });
        return summary;
      } catch (error) {
        if (error instanceof Problem) throw error;
        return unreadable(db, id);
      }
    },
    forget: (id: string) => void folded.delete(id),
  };
}
