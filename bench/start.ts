import { spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { RunEvent } from '../src/core/model/run.ts';
import type { Database } from '../src/server/database.ts';
import { runRecords } from '../src/server/repositories/index.ts';
import { appendRunEvents, readRunLog } from '../src/server/repositories/runLog.ts';
import { seedDemo, seedSchool } from '../src/server/seed.ts';
import { openStore, type Store } from '../src/server/store.ts';
import { journalMarks } from '../src/server/tables.ts';
import { fixed, middle } from './measure.ts';

const root = path.join(import.meta.dirname, '..');
const main = path.join(root, 'dist/server/main.mjs');
const PORT = 4790;
const LESSONS = 240;

/** Milliseconds until the server says where it is; then it is stopped. */
async function startOnce(dataDir: string, args: string[] = []): Promise<number> {
  const from = performance.now();
  const child = spawn(process.execPath, ['--liftoff-only', main, ...args], {
    cwd: root,
    env: { ...process.env, PORT: String(PORT), SIDE_COURT_DATA: dataDir },
  });
  const taken = await new Promise<number>((done, fail) => {
    child.stdout.on('data', (text) => String(text).includes('http://') && done(performance.now() - from));
    child.on('exit', (code) => fail(new Error(`the server ended with ${code}`)));
  });
  child.removeAllListeners('exit');
  child.kill('SIGTERM');
  await new Promise((done) => child.on('exit', done));
  return taken;
}

/** Puts whole lessons into the journal and the database as Whistle does: the run, then its events a few at a time. */
async function recordLessons(store: Store, lessons: number): Promise<number> {
  const past = await runRecords.list(store.db);
  let events = 0;
  for (let i = 0; i < lessons; i++) {
    const old = past[i % past.length];
    const run = { ...old, id: `lesson-${i}` as typeof old.id };
    const log = (await readRunLog(store.db, old.id)).map((event) => RunEvent.parse(event));
    await store.journal.record({ kind: 'run', run }, (tx) => runRecords.add(tx, run));
    for (let k = 0; k < log.length; k += 4) {
      const some = log.slice(k, k + 4);
      await store.journal.record({ kind: 'events', runId: run.id, events: some }, (tx) => appendRunEvents(tx, run.id, some));
    }
    events += log.length;
  }
  return events;
}

/** A copy of a data folder whose server is still running: what a killed one leaves. */
function killedCopy(live: string, name: string): string {
  const copy = path.join(path.dirname(live), name);
  cpSync(live, copy, { recursive: true });
  return copy;
}

/**
 * The start of a server that was killed with 240 lessons in its journal, against the same database without a journal: the
 * database knows the last line (the common case), or the computer itself was stopped and every line is looked for.
 */
async function benchKilled(folder: string): Promise<void> {
  const live = path.join(folder, 'live');
  const store = await openStore(
    live,
    async (db: Database) => {
      await seedSchool(db);
      await seedDemo(db, new Date('2026-09-09T08:00:00'));
    },
    () => new Date(),
  );
  const events = await recordLessons(store, LESSONS);
  await store.engine.exec('CHECKPOINT');
  const killed = killedCopy(live, 'killed');
  await store.db.update(journalMarks).set({ boot: 'another start of the computer' });
  const stopped = killedCopy(live, 'stopped');
  await store.close();
  const none = killedCopy(killed, 'none');
  rmSync(path.join(none, 'runs.jsonl'));
  const bytes = readFileSync(path.join(killed, 'runs.jsonl')).length;
  const taken: Record<string, number[]> = { none: [], killed: [], stopped: [] };
  // In turn, each on a copy of its own: a start that ends in order sets its journal aside.
  for (let i = 0; i < 5; i++)
    for (const [name, from] of Object.entries({ none, killed, stopped })) {
      const copy = killedCopy(from, `${name}-${i}`);
      taken[name].push(await startOnce(copy));
      rmSync(copy, { recursive: true });
    }
  const base = middle(taken.none);
  console.log(
    `  killed with ${LESSONS} lessons in the journal (${events} events, ${fixed(bytes / 1e6)} MB); without a journal ${fixed(base)} ms`,
  );
  console.log(`    killed server       ${fixed(middle(taken.killed))} ms, ${fixed(middle(taken.killed) / base, 2)} × without`);
  console.log(`    stopped computer    ${fixed(middle(taken.stopped))} ms, ${fixed(middle(taken.stopped) / base, 2)} × without`);
}

/** Cold start: a new folder, the demo's school, a folder that is there already, and one left by a killed server. */
export async function benchStart(): Promise<void> {
  if (!existsSync(main)) {
    console.log('  nothing built yet: npm run build');
    return;
  }
  const folder = mkdtempSync(path.join(tmpdir(), 'side-court-bench-'));
  try {
    const fresh = await startOnce(path.join(folder, 'own'));
    const warm = await startOnce(path.join(folder, 'own'));
    const demo = await startOnce(path.join(folder, 'demo'), ['--demo']);
    const again = await startOnce(path.join(folder, 'demo'), ['--demo']);
    console.log(`  own data: new ${fixed(fresh / 1000)} s, again ${fixed(warm / 1000)} s (${fixed(warm / fresh, 2)} of new)`);
    console.log(`  demo: new ${fixed(demo / 1000)} s, again ${fixed(again / 1000)} s (${fixed(again / demo, 2)} of new)`);
    await benchKilled(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
