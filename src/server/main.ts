import { existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { makeApp } from './app.ts';
import { databaseThere, FolderProblem, openDatabase } from './database.ts';
import { openJournal } from './journal.ts';
import { lockFolder } from './lock.ts';
import { seedDemo, seedDemoDay, seedSchool } from './seed.ts';

const here = path.dirname(fileURLToPath(import.meta.url));
const root = [path.join(here, '../..'), path.join(here, '..')].find((dir) => existsSync(path.join(dir, 'package.json'))) ?? process.cwd();
const demo = process.argv.includes('--demo');
const fresh = process.argv.includes('--fresh');
const dataDir = path.resolve(process.env.SIDE_COURT_DATA ?? path.join(root, demo ? 'data/demo' : 'data/own'));

function portFrom(text: string | undefined): number {
  const port = text === undefined ? 4600 : Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new FolderProblem(`PORT must be a number from 1 to 65535, not "${text}".`, 4);
  return port;
}

/** The clock of the server; SIDE_COURT_SPEED runs it faster, for tests alone. */
const speed = Number(process.env.SIDE_COURT_SPEED ?? 1);
const born = Date.now();
const now = () => Math.round(born + (Date.now() - born) * speed);

async function start(): Promise<void> {
  const port = portFrom(process.env.PORT);
  const release = await lockFolder(dataDir);
  const dbFolder = path.join(dataDir, 'db');
  if (fresh && demo) for (const old of [dbFolder, path.join(dataDir, 'runs.jsonl')]) rmSync(old, { recursive: true, force: true });
  const first = !databaseThere(dbFolder);
  if (first) console.log(`Making a new database in ${dataDir} …`);
  const { db, close } = await openDatabase(dataDir);
  if (demo && first) await seedDemo(db, new Date());
  else {
    await seedSchool(db);
    if (demo) await seedDemoDay(db, new Date());
  }
  const journal = await openJournal(dataDir, db);
  const server = makeApp(db, { webDir: path.join(root, 'dist/web'), now, journal }).listen(port, '127.0.0.1');
  server.requestTimeout = 60_000;
  server.headersTimeout = 20_000;
  const stop = async (code: number) => {
    server.closeAllConnections?.();
    server.close();
    await journal.close();
    await close();
    await release();
    process.exit(code);
  };
  server.on('listening', () => console.log(`Side Court is at http://127.0.0.1:${port}${demo ? ' (demo data)' : ''}`));
  server.on('error', (error: NodeJS.ErrnoException) => {
    console.error(
      error.code === 'EADDRINUSE'
        ? `Port ${port} is taken. Stop what uses it, or choose another: PORT=4601 npm start`
        : `The server cannot listen: ${error.message}`,
    );
    void stop(4);
  });
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop(0));
}

start().catch((error) => {
  if (error instanceof FolderProblem) {
    console.error(error.message);
    process.exit(error.exitCode);
  }
  console.error(error);
  process.exit(1);
});
