import { and, asc, count, eq, inArray, not, sql } from 'drizzle-orm';
import { type Run, RunEvent } from '../../core/model/run.ts';
import type { Database } from '../database.ts';
import { runEvents, runs } from '../tables.ts';
import { runRecords } from './index.ts';

/** Runs that have not ended. */
export const stillOpen = sql`${runs.data}->>'endedAt' is null`;

/** Runs that count: not those made by mistake. */
export const isKept = sql`(${runs.data}->>'discarded') is distinct from 'true'`;

/** A class's runs that have ended, the oldest first; discarded ones are left out. */
export async function endedRuns(db: Database, classId: string): Promise<Run[]> {
  const list = await runRecords.list(db, and(eq(runs.classId, classId), not(stillOpen), isKept));
  return list.sort((a, b) => a.startedAt - b.startedAt);
}

/** The run's events in the server's order. */
export async function readRunLog(db: Database, runId: string): Promise<RunEvent[]> {
  const rows = await db.select({ data: runEvents.data }).from(runEvents).where(eq(runEvents.runId, runId)).orderBy(asc(runEvents.seq));
  return rows.map((row) => RunEvent.parse(row.data));
}

/** How many events each run has, by its id; runs without any are left out. */
export async function countRunEvents(db: Database): Promise<Map<string, number>> {
  const rows = await db.select({ runId: runEvents.runId, events: count() }).from(runEvents).groupBy(runEvents.runId);
  return new Map(rows.map((row) => [row.runId, row.events]));
}

/** How many events one run has. */
export async function lengthOfLog(db: Database, runId: string): Promise<number> {
  const [row] = await db.select({ events: count() }).from(runEvents).where(eq(runEvents.runId, runId));
  return row.events;
}

/** Those of the events that the run does not have yet. */
export async function unknownEvents(db: Database, runId: string, events: readonly RunEvent[]): Promise<RunEvent[]> {
  const ids = events.map((e) => e.id as string);
  const rows = await db
    .select({ id: runEvents.id })
    .from(runEvents)
    .where(and(eq(runEvents.runId, runId), inArray(runEvents.id, ids)));
  const there = new Set(rows.map((row) => row.id));
  return events.filter((e) => !there.has(e.id));
}

/**
 * Appends events in one transaction; an event that is there already (same id) is left as it is. The run's row is locked first,
 * so that two writers cannot take the same number, and anything else that stands in the way rejects: nothing is dropped.
 */
export async function appendRunEvents(db: Database, runId: string, events: readonly RunEvent[]): Promise<void> {
  if (!events.length) return;
  await db.transaction(async (tx) => {
    await tx.select({ id: runs.id }).from(runs).where(eq(runs.id, runId)).for('update');
    const [{ last }] = await tx
      .select({ last: sql`coalesce(max(${runEvents.seq}), 0)`.mapWith(Number) })
      .from(runEvents)
      .where(eq(runEvents.runId, runId));
    const rows = events.map((event, i) => ({ runId, seq: last + 1 + i, id: event.id, at: event.at, data: event }));
    await tx
      .insert(runEvents)
      .values(rows)
      .onConflictDoNothing({ target: [runEvents.runId, runEvents.id] });
  });
}
