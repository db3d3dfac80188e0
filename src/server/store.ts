import path from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import { type Backup, backupDue, backupFile, listBackups, makeBackup } from './backup.ts';
import { type Database, openDatabase } from './database.ts';
import { type Journal, openJournal } from './journal.ts';
import { flushTree } from './onDisk.ts';
import { restoreBackup } from './restore.ts';

/** What a running server keeps: database, journal, and the backups beside them. */
export interface Store {
  db: Database;
  journal: Journal;
  engine: PGlite;
  /** Makes the database hold everything on the disk, and sets the journal aside. */
  settle(): Promise<void>;
  close(): Promise<void>;
}

/** Database and journal of a data folder, backed up before a migration changes anything. */
export async function openStore(dataDir: string, prepare: (db: Database) => Promise<void>, clock: () => Date): Promise<Store> {
  const { db, engine, close } = await openDatabase(dataDir, (old) => makeBackup(old, dataDir, 'before-migration', clock()));
  await prepare(db);
  const journal = await openJournal(dataDir, db);
  /** CHECKPOINT writes every change out of the database's memory into its files, and flushTree those to the disk. */
  const settle = () =>
    journal.settle(async () => {
      await engine.exec('CHECKPOINT');
      await flushTree(path.join(dataDir, 'db'));
    });
  return {
    db,
    engine,
    journal,
    settle,
    async close() {
      // A journal that could not be set aside is read by the next start.
      await settle().catch(() => undefined);
      await journal.close();
      await close();
    },
  };
}

/** A journal larger than this is set aside while the server runs, bytes. */
const MOST_BYTES = 4_000_000;

/** Sets the journal aside if it has grown. A failure is logged, not thrown: the journal then stays in use. */
export async function settleGrown(store: Store, least = MOST_BYTES): Promise<void> {
  if (store.journal.bytes() < least) return;
  await store.settle().catch((error: Error) => console.error(`The journal could not be set aside: ${error.message}`));
}

/** What the interface may do about backups. */
export interface Backups {
  list(): Backup[];
  file(name: string): string;
  make(): Promise<Backup>;
  /** Resolves once the restored database answers; every page must then load again. */
  restore(name: string): Promise<void>;
}

/**
 * Backups over a store that can be taken away and put back: `swap` closes what runs, does the work and opens again, also where
 * the work fails.
 */
export function backupsOf(
  dataDir: string,
  clock: () => Date,
  store: () => Store,
  swap: (work: () => Promise<void>) => Promise<void>,
): Backups {
  return {
    list: () => listBackups(dataDir),
    file: (name) => backupFile(dataDir, name),
    make: () => makeBackup(store().engine, dataDir, 'by-hand', clock()),
    async restore(name) {
      const file = backupFile(dataDir, name);
      await makeBackup(store().engine, dataDir, 'before-restore', clock());
      await swap(() => restoreBackup(dataDir, file, clock()));
    },
  };
}

/** Makes the daily backup if one is due. A failure is logged, not thrown. */
export async function dailyBackup(dataDir: string, store: Store, now: Date): Promise<void> {
  try {
    if (backupDue(dataDir, now)) await makeBackup(store.engine, dataDir, 'daily', now);
  } catch (error) {
    console.error(`The daily backup could not be made: ${error instanceof Error ? error.message : String(error)}`);
  }
}
