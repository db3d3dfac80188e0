import { mondayOf } from '../model/day.ts';
import type { LogEntry } from './logEntry.ts';

/** One stretch of time in the trend: means over its lessons. */
export interface TrendPoint {
  /** First day of the stretch with a lesson, yyyy-mm-dd. */
  from: string;
  lessons: number;
  plannedMinutes: number;
  actualMinutes: number;
  onTaskMinutes: number;
}

type Ran = Pick<LogEntry, 'date' | 'ended' | 'plannedSeconds' | 'actualSeconds' | 'onTaskSeconds'> & Partial<Pick<LogEntry, 'discarded'>>;

/**
 * Ended lessons, those that were discarded left out, oldest first: each its own point while there are at most `most` days with any, else one point a week (Monday
 * to Sunday). Minutes are means of a stretch's lessons to a tenth. Empty without lessons.
 */
export function trendOf(runs: readonly Ran[], most = 20): TrendPoint[] {
  const ended = runs.filter((r) => r.ended && !r.discarded);
  const weekly = new Set(ended.map((r) => r.date)).size > most;
  const stretch = (date: string) => (weekly ? mondayOf(date) : date);
  const by = new Map<string, Ran[]>();
  for (const run of ended) by.set(stretch(run.date), [...(by.get(stretch(run.date)) ?? []), run]);
  const minutes = (list: Ran[], of: (run: Ran) => number) => Math.round(list.reduce((sum, r) => sum + of(r), 0) / list.length / 6) / 10;
  return [...by.entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, list]) => ({
      from: list.map((r) => r.date).sort()[0],
      lessons: list.length,
      plannedMinutes: minutes(list, (r) => r.plannedSeconds),
      actualMinutes: minutes(list, (r) => r.actualSeconds),
      onTaskMinutes: minutes(list, (r) => r.onTaskSeconds),
    }));
}
