import type { PGlite } from '@electric-sql/pglite';
import { type Backup, backupDue, backupFile, listBackups, makeBackup, restoreBackup } from './backup.ts';
import { type Database, openDatabase } from './database.ts';
import { type Journal, openJournal } from './journal.ts';

/** What a running server keeps: database, journal, and the backups beside them. */
export interface Store {
  db: Database;
  journal: Journal;
  engine: PGlite;
  close(): Promise<void>;
}

/** Database and journal of a data folder, backed up before a migration changes anything. */
export async function openStore(dataDir: string, prepare: (db: Database) => Promise<void>): Promise<Store> {
  const { db, engine, close } = await openDatabase(dataDir, (old) => makeBackup(old, dataDir, 'before-migration', new Date()));
  await prepare(db);
  const journal = await openJournal(dataDir, db);
  return {
    db,
    engine,
    journal,
    async close() {
      await journal.close();
      await close();
    },
  };
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
export function backupsOf(dataDir: string, store: () => Store, swap: (work: () => Promise<void>) => Promise<void>): Backups {
  return {
    list: () => listBackups(dataDir),
    file: (name) => backupFile(dataDir, name),
    make: () => makeBackup(store().engine, dataDir, 'by-hand', new Date()),
    async restore(name) {
      const file = backupFile(dataDir, name);
      await makeBackup(store().engine, dataDir, 'before-restore', new Date());
      await swap(() => restoreBackup(dataDir, file, new Date()));
    },
  };
}

/** Makes the day's backup where one is due; told on the console where it cannot be made. */
export async function dailyBackup(dataDir: string, store: Store): Promise<void> {
  try {
    if (backupDue(dataDir, new Date())) await makeBackup(store.engine, dataDir, 'daily', new Date());
  } catch (error) {
    console.error(`The daily backup could not be made: ${error instanceof Error ? error.message : String(error)}`);
  }
}
