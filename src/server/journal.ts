import { existsSync, mkdirSync, readFileSync, renameSync, statSync } from 'node:fs';
import { type FileHandle, open } from 'node:fs/promises';
import path from 'node:path';
import { z } from 'zod';
import { effective } from '../core/live/foldRun.ts';
import { newestOf, upgrade } from '../core/model/record.ts';
import { Run, RunEvent } from '../core/model/run.ts';
import type { Database } from './database.ts';
import { runRecords } from './repositories/index.ts';
import { appendRunEvents, readRunLog } from './repositories/runLog.ts';

const Line = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('run'), run: z.unknown() }),
  z.object({ kind: z.literal('events'), runId: z.string(), events: z.array(RunEvent) }),
]);
type Line = z.infer<typeof Line>;

export interface Journal {
  /** Resolves once the line is on the disk: flushed, not merely written. */
  append(line: Line): Promise<void>;
  close(): Promise<void>;
}

/** A journal larger than this is set aside at the next start; one older one is kept beside it. */
const MOST_BYTES = 8_000_000;
const NAME = 'runs.jsonl';

/** No journal: for a database in memory. */
export const NO_JOURNAL: Journal = { append: async () => undefined, close: async () => undefined };

/**
 * Runs and their events as they were acknowledged, one JSON text a line, each flushed to the disk (fsync) before it counts:
 * the embedded database alone never flushes. At the start what the database does not have is put in again; a line torn by a
 * crash was never acknowledged and is left out.
 */
export async function openJournal(dataDir: string, db: Database): Promise<Journal> {
  mkdirSync(dataDir, { recursive: true });
  const file = path.join(dataDir, NAME);
  if (existsSync(file)) {
    await replayJournal(readFileSync(file, 'utf8'), db);
    if (statSync(file).size > MOST_BYTES) renameSync(file, path.join(dataDir, 'runs.before.jsonl'));
  }
  const handle: FileHandle = await open(file, 'a');
  const endsTorn = existsSync(file) && statSync(file).size > 0 && !readFileSync(file, 'utf8').endsWith('\n');
  if (endsTorn) await handle.appendFile('\n');
  let last: Promise<unknown> = Promise.resolve();
  return {
    append(line) {
      const written = last.then(async () => {
        await handle.appendFile(`${JSON.stringify(line)}\n`);
        await handle.datasync();
      });
      last = written.catch(() => undefined);
      return written;
    },
    async close() {
      await last;
      await handle.close();
    },
  };
}

/** Writes when a run ended, or that it goes on again, where one of these new events ends it or strikes another out. */
export async function noteEnd(db: Database, runId: string, events: readonly RunEvent[]): Promise<void> {
  if (!events.some((e) => e.type === 'end' || e.type === 'strike')) return;
  const endedAt = effective(await readRunLog(db, runId)).find((e) => e.type === 'end')?.at ?? null;
  const run = await runRecords.get(db, runId);
  if (run.endedAt !== endedAt) await runRecords.put(db, { ...run, endedAt });
}

/** Puts every run and event of the journal into the database that is not there yet; what is there stays as it is. */
export async function replayJournal(text: string, db: Database): Promise<void> {
  for (const raw of text.split('\n')) {
    if (!raw) continue;
    let json: unknown;
    try {
      json = JSON.parse(raw);
    } catch {
      continue;
    }
    const line = Line.safeParse(json);
    if (!line.success) continue;
    if (line.data.kind === 'run') {
      const run = Run.safeParse(upgrade(line.data.run as Record<string, unknown>, newestOf('run')));
      if (run.success && !(await runRecords.find(db, run.data.id))) await runRecords.add(db, run.data);
    } else if (await runRecords.find(db, line.data.runId)) {
      await appendRunEvents(db, line.data.runId, line.data.events);
      await noteEnd(db, line.data.runId, line.data.events);
    }
  }
}
