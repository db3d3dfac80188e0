import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { flushTree, renameFlushed } from './onDisk.ts';
import * as tables from './tables.ts';

/** Typed on PostgreSQL, not on the embedded engine, so that a server of its own can take over one day. */
export type Database = PgDatabase<PgQueryResultHKT, typeof tables>;
export interface OpenDatabase {
  db: Database;
  engine: PGlite;
  close(): Promise<void>;
}

/** Thrown if the folder must not be touched; `exitCode` is what the process ends with, `code` what callers tell apart. */
export class FolderProblem extends Error {
  readonly exitCode: number;
  readonly code: 'folder' | 'no-backup';
  constructor(message: string, exitCode: number, code: FolderProblem['code'] = 'folder') {
    super(message);
    this.exitCode = exitCode;
    this.code = code;
  }
}

/** What the system says of a folder or a disk, in words that help: by its own codes, or the database's for a full disk (53100). */
const SYSTEM: Record<string, string> = {
  ENOSPC: 'The disk is full',
  53100: 'The disk is full',
  EDQUOT: 'The disk is full',
  EISDIR: 'There is a folder where a file should be',
  ENOTDIR: 'There is a file where a folder should be',
  EACCES: 'This may not be read or written',
  EPERM: 'This may not be read or written',
  EROFS: 'This disk can only be read',
  EIO: 'The disk does not answer',
};

/** The problem of a data folder that an error comes from: a full disk, a folder in place of a file. Undefined for any other error. */
export function folderProblemOf(error: unknown, dataDir: string): FolderProblem | undefined {
  if (error instanceof FolderProblem) return error;
  for (let at = error as { code?: string; errno?: unknown; path?: string; cause?: unknown; message?: string } | undefined; at; ) {
    const said = SYSTEM[at.code ?? ''] ?? (/No space left on device/.test(at.message ?? '') ? SYSTEM.ENOSPC : undefined);
    if (said) return new FolderProblem(`${said}: ${at.path ?? dataDir}. Nothing was changed. Mend that, then start again.`, 5);
    at = at.cause as typeof at;
  }
  return undefined;
}

function migrationsFolder(): string {
  const here = path.dirname(fileURLToPath(import.meta.url));
  return [path.join(here, 'migrations'), path.join(here, '../../src/server/migrations')].find((dir) => existsSync(dir))!;
}

/** True where a database is; false where none is yet. FolderProblem where there is half of one: it would be written over. */
export function databaseThere(folder: string): boolean {
  if (!existsSync(folder) || readdirSync(folder).length === 0) return false;
  for (const part of ['PG_VERSION', 'global/pg_control']) {
    if (!existsSync(path.join(folder, part)))
      throw new FolderProblem(`The database in ${folder} is damaged (${part} is missing). Nothing was changed.`, 3);
  }
  return true;
}

/** What a data folder holds of a school beside its database: older databases, journals, a restore under way, backups. */
export const BESIDE = /^(db\.|runs\.|restore\.json|backups$)/;

/**
 * Refuses to make a new database beside data of a school: an empty school would hide them. FolderProblem (3) naming what is
 * there. What an interrupted first start leaves is no data.
 */
export function refuseBesideData(dataDir: string): void {
  const holds = (name: string) => {
    const place = path.join(dataDir, name);
    return statSync(place).isDirectory() ? readdirSync(place).length > 0 : statSync(place).size > 0;
  };
  const found = existsSync(dataDir) ? readdirSync(dataDir).filter((name) => BESIDE.test(name) && name !== 'db.init' && holds(name)) : [];
  if (found.length)
    throw new FolderProblem(`There is no database in ${dataDir}, but there is ${found.join(', ')}. Nothing was changed.`, 3);
}

/** True where the database holds data and migrations are still to come; false for a new one. */
async function migrationsWait(engine: PGlite): Promise<boolean> {
  const { rows: there } = await engine.query<{ t: string | null }>("select to_regclass('drizzle.__drizzle_migrations')::text as t");
  if (!there[0].t) return false;
  const { rows } = await engine.query<{ n: number }>('select count(*)::int as n from drizzle.__drizzle_migrations');
  const { entries } = JSON.parse(readFileSync(path.join(migrationsFolder(), 'meta/_journal.json'), 'utf8')) as { entries: unknown[] };
  return rows[0].n > 0 && rows[0].n < entries.length;
}

/** The migrated database of a data folder; a new one is made beside and moved in whole, so that a kill leaves no half. Memory where no folder is given (tests). `beforeMigration` is called where data are about to be changed. */
export async function openDatabase(
  dataDir?: string,
  beforeMigration: (engine: PGlite) => Promise<unknown> = async () => undefined,
): Promise<OpenDatabase> {
  let engine: PGlite;
  if (dataDir === undefined) engine = await PGlite.create();
  else {
    const folder = path.join(dataDir, 'db');
    if (!databaseThere(folder)) {
      refuseBesideData(dataDir);
      const fresh = path.join(dataDir, 'db.init');
      rmSync(fresh, { recursive: true, force: true });
      mkdirSync(fresh, { recursive: true });
      const first = await PGlite.create(fresh);
      await first.close();
      await flushTree(fresh);
      rmSync(folder, { recursive: true, force: true });
      renameFlushed(fresh, folder);
    }
    try {
      engine = await PGlite.create(folder);
    } catch (error) {
      throw new FolderProblem(
        `The database in ${folder} cannot be opened (${error instanceof Error ? error.message : String(error)}). Nothing was changed.`,
        3,
      );
    }
  }
  const db = drizzle(engine, { schema: tables });
  if (await migrationsWait(engine)) await beforeMigration(engine);
  await migrate(db, { migrationsFolder: migrationsFolder() });
  return { db: db as unknown as Database, engine, close: () => engine.close() };
}
