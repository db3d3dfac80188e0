import { asc, eq, sql } from 'drizzle-orm';
import { RunEvent } from '../../core/model/run.ts';
import type { Database } from '../database.ts';
import { runEvents } from '../tables.ts';

/** The run's events in the server's order. */
export async function readRunLog(db: Database, runId: string): Promise<RunEvent[]> {
  const rows = await db.select({ data: runEvents.data }).from(runEvents).where(eq(runEvents.runId, runId)).orderBy(asc(runEvents.seq));
  return rows.map((row) => RunEvent.parse(row.data));
}

/** Appends events in one transaction; one that is there already (same id) is left as it is. Returns the whole log. */
export async function appendRunEvents(db: Database, runId: string, events: readonly RunEvent[]): Promise<RunEvent[]> {
  await db.transaction(async (tx) => {
    const [{ last }] = await tx
      .select({ last: sql`coalesce(max(${runEvents.seq}), 0)`.mapWith(Number) })
      .from(runEvents)
      .where(eq(runEvents.runId, runId));
    let seq = last;
    for (const event of events) {
      const rows = await tx
        .insert(runEvents)
        .values({ runId, seq: seq + 1, id: event.id, at: event.at, data: event })
        .onConflictDoNothing()
        .returning({ seq: runEvents.seq });
      if (rows.length) seq += 1;
    }
  });
  return readRunLog(db, runId);
}
