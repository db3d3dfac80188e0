import { and, inArray } from 'drizzle-orm';
import { ZodError } from 'zod';
import { effective } from '../core/live/effective.ts';
import { newestOf, upgrade } from '../core/model/record.ts';
import { Run, RunEvent } from '../core/model/run.ts';
import type { Database } from './database.ts';
import type { JournalLine, ReadLine } from './journalLine.ts';
import { runRecords } from './repositories/index.ts';
import { appendRunEvents, readRunLog } from './repositories/runLog.ts';
import { runEvents, runs } from './tables.ts';

/** What could not be put into the database, with the line it came in. */
export interface LeftOver {
  raw: string;
  why: string;
}

/** Writes when a run ended, or that it goes on again, if one of these new events ends it or crosses another one out. */
export async function noteEnd(db: Database, runId: string, events: readonly RunEvent[]): Promise<void> {
  if (!events.some((e) => e.type === 'end' || e.type === 'strike')) return;
  const endedAt = effective(await readRunLog(db, runId)).find((e) => e.type === 'end')?.at ?? null;
  const run = await runRecords.get(db, runId);
  if (run.endedAt !== endedAt) await runRecords.put(db, { ...run, endedAt });
}

/** Ids asked about in one query. */
const AT_ONCE = 500;

async function inParts<T, R>(all: readonly T[], ask: (part: T[]) => Promise<R[]>): Promise<R[]> {
  const found: R[] = [];
  for (let i = 0; i < all.length; i += AT_ONCE) found.push(...(await ask(all.slice(i, i + AT_ONCE))));
  return found;
}

/**
 * Why the database or a schema refuses a value, or undefined if the fault is another one: a full disk must stop the start, and
 * not set a whole journal aside. Classes 22 and 54 of the SQL standard's codes are data errors and exceeded limits.
 */
function refusal(error: unknown): string | undefined {
  if (error instanceof ZodError) return `not in its shape: ${error.issues[0]?.path.join('.')}`;
  if (error instanceof RangeError) return error.message;
  const { code } = ((error as { cause?: unknown }).cause ?? error) as { code?: string };
  return /^(22|54)/.test(code ?? '') ? `the database refuses it (${code})` : undefined;
}

/** Does the work and gives undefined, or why the value was refused; throws whatever is no fault of the value. */
async function attempt(work: () => Promise<unknown>): Promise<string | undefined> {
  try {
    await work();
    return undefined;
  } catch (error) {
    const why = refusal(error);
    if (why === undefined) throw error;
    return why;
  }
}

/**
 * Puts every run and event of the lines into the database that is not there yet; what is there stays as it is, however often
 * the lines are read. What the database lacks is found with a query for many lines at a time. Gives back what could not be put
 * in, each by itself: one bad event leaves the others of its line in place.
 */
export async function replayLines(lines: readonly ReadLine[], db: Database): Promise<LeftOver[]> {
  const left: LeftOver[] = [];
  const good = lines.filter((l): l is ReadLine & { line: Exclude<JournalLine, { kind: 'begin' }> } => {
    if (!l.line) left.push({ raw: l.raw, why: 'damaged' });
    return l.line !== undefined && l.line.kind !== 'begin';
  });
  const started = good.flatMap(({ line, raw }) => (line.kind === 'run' ? [{ run: line.run, raw }] : []));
  const named = [...new Set(good.map(({ line }) => (line.kind === 'run' ? line.run.id : line.runId)))];
  const rows = await inParts(named, (part) => db.select({ id: runs.id }).from(runs).where(inArray(runs.id, part)));
  const there = new Set(rows.map((row) => row.id));
  for (const { run, raw } of started) {
    if (there.has(run.id)) continue;
    const why = await attempt(async () => runRecords.add(db, Run.parse(upgrade(run, newestOf('run')))));
    if (why) left.push({ raw, why });
    else there.add(run.id);
  }
  const byRun = new Map<string, { event: { id: string }; raw: string }[]>();
  for (const { line, raw } of good) {
    if (line.kind !== 'events') continue;
    if (there.has(line.runId)) byRun.set(line.runId, [...(byRun.get(line.runId) ?? []), ...line.events.map((event) => ({ event, raw }))]);
    else left.push({ raw, why: 'of a lesson that is not there' });
  }
  for (const [runId, entries] of byRun) left.push(...(await replayEvents(runId, entries, db)));
  return left;
}

async function replayEvents(runId: string, entries: { event: { id: string }; raw: string }[], db: Database): Promise<LeftOver[]> {
  const ids = entries.map(({ event }) => event.id);
  const mine = inArray(runEvents.runId, [runId]);
  const stored = await inParts(ids, (part) =>
    db
      .select({ id: runEvents.id })
      .from(runEvents)
      .where(and(mine, inArray(runEvents.id, part))),
  );
  const known = new Set(stored.map((row) => row.id));
  const left: LeftOver[] = [];
  const fresh: { event: RunEvent; raw: string }[] = [];
  for (const { event, raw } of entries) {
    if (known.has(event.id)) continue;
    known.add(event.id);
    const parsed = RunEvent.safeParse(event);
    if (parsed.success) fresh.push({ event: parsed.data, raw });
    else left.push({ raw: JSON.stringify({ kind: 'events', runId, events: [event] }), why: 'not in its shape' });
  }
  const events = fresh.map((f) => f.event);
  if (await attempt(() => appendRunEvents(db, runId, events)))
    for (const event of events) {
      const why = await attempt(() => appendRunEvents(db, runId, [event]));
      if (why) left.push({ raw: JSON.stringify({ kind: 'events', runId, events: [event] }), why });
    }
  await noteEnd(db, runId, events);
  return left;
}
