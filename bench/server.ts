import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { logEntry } from '../src/core/live/logEntry.ts';
import { makeApp } from '../src/server/app.ts';
import { type Database, openDatabase } from '../src/server/database.ts';
import { readDesk, readDesks } from '../src/server/deskInput.ts';
import { periodRecords, runRecords } from '../src/server/repositories/index.ts';
import { readRunLog } from '../src/server/repositories/runLog.ts';
import { onDate } from '../src/server/routes/facts.ts';
import { seedDemo } from '../src/server/seed.ts';
import { fixed, type Spread, said } from './measure.ts';

async function timed(times: number, work: () => Promise<unknown>, warm = 2): Promise<Spread> {
  const taken: number[] = [];
  for (let i = -warm; i < times; i++) {
    const from = performance.now();
    await work();
    if (i >= 0) taken.push(performance.now() - from);
  }
  taken.sort((a, b) => a - b);
  return { median: taken[times >> 1], p95: taken[Math.floor(times * 0.95)] };
}

/** The list of runs as it was once made: every run and its whole log read and folded for each request. */
async function runsNaively(db: Database): Promise<unknown> {
  const all = await runRecords.list(db);
  const entries: unknown[] = [];
  for (const run of all) entries.push(logEntry(run, await readRunLog(db, run.id), 0));
  return entries;
}

/** Lists over HTTP and the same read naively: a day with what its periods share asked for once, and only runs not summed up yet. */
export async function benchServer(): Promise<void> {
  const { db, close } = await openDatabase();
  await seedDemo(db, new Date('2026-09-09T08:00:00'));
  const server = createServer(makeApp(db, { now: () => 0 })).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`;
  const ask = async (path: string) => {
    const answer = await fetch(base + path);
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
    await answer.arrayBuffer();
  };
  const line = (what: string, ours: Spread, naive: Spread) =>
    console.log(`  ${what.padEnd(24)} ${said(ours)}, ${fixed(ours.median / naive.median, 2)} of the naive way (${said(naive)})`);
  const periods = await periodRecords.list(db, onDate('2026-09-09'));
  const runs = (await runRecords.list(db)).length;
  const cold = await timed(1, () => ask('/runs'), 0);
  console.log(`  one record (GET /school)  ${said(await timed(20, () => ask('/school')))}; ${runs} runs, cold ${fixed(cold.median)} ms`);
  const each = await timed(20, async () => {
    for (const period of periods) await readDesk(db, period);
  });
  line(`a day of ${periods.length} periods`, await timed(20, () => readDesks(db, periods)), each);
  line(`a list of ${runs} runs`, await timed(20, () => ask('/runs')), await timed(5, () => runsNaively(db)));
  server.close();
  await close();
}
