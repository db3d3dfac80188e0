import { existsSync, readdirSync, rmSync } from 'node:fs';
import { createServer, type RequestListener } from 'node:http';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { makeApp } from './app.ts';
import { backupFile, listBackups } from './backup.ts';
import { BESIDE, type Database, databaseThere, FolderProblem, folderProblemOf } from './database.ts';
import { lockFolder } from './lock.ts';
import { openNotices } from './notices.ts';
import { pruneRemovals } from './repositories/removalLog.ts';
import { finishRestore, removeLeftovers, restoreBackup, takeBackRestore } from './restore.ts';
import { seedDemoDay, seedDemoSchool, seedSchool } from './seed.ts';
import { backupsOf, dailyBackup, openStore, type Store, settleGrown } from './store.ts';

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

/** Milliseconds after a start, and between two looks, until a journal is set aside. */
const SETTLE_MS = 20_000;

/** The clock of the server; SIDE_COURT_SPEED runs it faster and SIDE_COURT_AHEAD sets it ahead (milliseconds), for tests alone. */
const speed = Number(process.env.SIDE_COURT_SPEED ?? 1);
const ahead = Number(process.env.SIDE_COURT_AHEAD ?? 0);
const born = Date.now();
const now = () => Math.round(born + ahead + (Date.now() - born) * speed);
const clock = () => new Date(now());

/** "--restore NAME": puts that backup ("newest" for the last one) in the database's place before it is opened. */
async function restoreFirst(): Promise<void> {
  const at = process.argv.indexOf('--restore');
  if (at < 0) return;
  const name = process.argv[at + 1];
  if (!name) throw new FolderProblem('Say which backup: --restore newest, or the name of one.', 6);
  const file = backupFile(dataDir, name);
  await restoreBackup(dataDir, file, clock());
  console.log(`Restored ${path.basename(file)}. The database that was there is kept beside it.`);
}

/** What to do about a database that does not open: the newest backup, where there is one. */
function withWayOut(problem: FolderProblem): string {
  if (problem.exitCode !== 3) return problem.message;
  const newest = listBackups(dataDir)[0];
  return newest
    ? `${problem.message} The newest backup is of ${newest.at}. To put it in its place: npm ${demo ? 'run demo' : 'start'} -- --restore newest (the damaged one is kept).`
    : `${problem.message} There is no backup yet. Restore a copy of the folder, or choose another with SIDE_COURT_DATA.`;
}

/** Removes the invented school with everything that was kept beside it: `--fresh` asks for that. */
function removeDemo(dbFolder: string): void {
  const beside = existsSync(dataDir) ? readdirSync(dataDir).filter((name) => BESIDE.test(name)) : [];
  for (const old of [dbFolder, ...beside.map((name) => path.join(dataDir, name))]) rmSync(old, { recursive: true, force: true });
}

async function start(): Promise<void> {
  const port = portFrom(process.env.PORT);
  const release = await lockFolder(dataDir);
  const dbFolder = path.join(dataDir, 'db');
  if (fresh && demo) removeDemo(dbFolder);
  const notices = openNotices(dataDir, now);
  const finished = finishRestore(dataDir);
  for (const text of [...(finished ? [finished] : []), ...removeLeftovers(dataDir)]) {
    notices.add(text);
    console.error(text);
  }
  await restoreFirst();
  const first = !databaseThere(dbFolder);
  if (first) console.log(`Making a new database in ${dataDir} …`);
  let seeds = demo && first;
  const prepare = async (db: Database) => {
    if (seeds) {
      // Once: a database that is put back later brings its own school.
      seeds = false;
      return seedDemoSchool(db, clock());
    }
    await seedSchool(db);
    await pruneRemovals(db, now());
    await seedDemoDay(db, clock());
  };
  let store = await openStore(dataDir, prepare, clock);
  const appOver = (s: Store) => makeApp(s.db, { webDir: path.join(root, 'dist/web'), now, journal: s.journal, backups, notices });
  const away: RequestListener = (_req, res) =>
    res.writeHead(503, { 'content-type': 'application/json' }).end('{"code":"restoring","issues":[]}');
  let answer: RequestListener = away;
  const backups = backupsOf(
    dataDir,
    clock,
    () => store,
    async (work) => {
      answer = away;
      await store.close();
      let isRestored = false;
      try {
        await work();
        isRestored = true;
      } finally {
        store = await openStore(dataDir, prepare, clock).catch(async (error: Error) => {
          // Restored, and it does not open after all: the school that was there goes on.
          console.error(`The database cannot be opened again: ${error.message}`);
          if (isRestored) takeBackRestore(dataDir);
          notices.add('The backup could not be opened. The school that was there is back; the other one is kept beside it.');
          return openStore(dataDir, prepare, clock);
        });
        for (const text of store.journal.notices) notices.add(text);
        answer = appOver(store);
      }
    },
  );
  for (const text of store.journal.notices) notices.add(text);
  answer = appOver(store);
  const server = createServer((req, res) => answer(req, res)).listen(port, '127.0.0.1');
  server.requestTimeout = 60_000;
  server.headersTimeout = 20_000;
  const daily = setInterval(() => void dailyBackup(dataDir, store, clock()), 3600_000);
  // What a start found in the journal is set aside soon, once the first page has been answered.
  const grown = setInterval(() => void settleGrown(store), SETTLE_MS);
  setTimeout(() => void settleGrown(store, 1), SETTLE_MS).unref();
  const stop = async (code: number) => {
    clearInterval(daily);
    clearInterval(grown);
    server.closeAllConnections?.();
    server.close();
    await store.close();
    await release();
    process.exit(code);
  };
  server.on('listening', () => {
    for (const notice of store.journal.notices) console.error(notice);
    console.log(`Side Court is at http://127.0.0.1:${port}${demo ? ' (demo data)' : ''}`);
    // A minute later, so that the first page is not kept waiting: the database does one thing at a time.
    if (!demo) setTimeout(() => void dailyBackup(dataDir, store, clock()), 60_000).unref();
  });
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

// A library may reject a promise that nobody waits for: work that is held here must not end with it.
process.on('unhandledRejection', (error) =>
  console.error(`Something failed that nobody waited for: ${error instanceof Error ? error.message : error}`),
);

start().catch((error) => {
  const problem = folderProblemOf(error, dataDir);
  if (problem) {
    console.error(withWayOut(problem));
    process.exit(problem.exitCode);
  }
  console.error(error);
  process.exit(1);
});
