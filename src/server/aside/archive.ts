import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { flushTree } from '../onDisk.ts';
import { readTar } from './tar.ts';

/** What came of looking at a backup. */
export type ArchiveAnswer = { ok: true } | { ok: false; why: string };

/** Bytes that a backup may unpack to. */
const MOST_BYTES = 4_000_000_000;
/** Without these a folder is no database, and the engine would make a new one over it. */
const PARTS = ['PG_VERSION', 'global/pg_control', 'base/1'];

/** Unpacks an archive of a database into a folder; throws with what is wrong before anything opens it. */
function unpack(file: string, folder: string): void {
  const entries = readTar(gunzipSync(readFileSync(file), { maxOutputLength: MOST_BYTES }));
  const names = new Set(entries.map((e) => e.path));
  for (const part of PARTS) if (![...names].some((n) => n === part || n.startsWith(`${part}/`))) throw new RangeError(`${part} is missing`);
  for (const { path: name, bytes } of entries) {
    const place = path.join(folder, name);
    mkdirSync(bytes ? path.dirname(place) : place, { recursive: true });
    if (bytes) writeFileSync(place, bytes);
  }
  // Left behind by the process that made the backup.
  rmSync(path.join(folder, 'postmaster.pid'), { force: true });
}

/** Opens a database and counts its schools; throws if it does not open or has none. */
async function look(folder: string): Promise<void> {
  const engine = await PGlite.create(folder);
  try {
    const { rows } = await engine.query<{ n: number }>('select count(*)::int as n from schools');
    if (!rows[0] || rows[0].n < 1) throw new RangeError('no school in it');
    // Every row of every table is read: a page that is damaged is found here, not in a lesson.
    const { rows: tables } = await engine.query<{ t: string }>(
      "select format('%I.%I', schemaname, tablename) as t from pg_tables where schemaname in ('public', 'drizzle')",
    );
    for (const { t } of tables) await engine.query(`select count(x::text) from ${t} x`);
  } finally {
    await engine.close();
  }
}

/** `FILE FOLDER`: unpacks a backup into a new folder, opens it there, looks at all of it, closes it and flushes it to the disk. */
async function main([file, folder]: readonly string[]): Promise<ArchiveAnswer> {
  try {
    unpack(file, folder);
    await look(folder);
    await flushTree(folder);
    return { ok: true };
  } catch (error) {
    return { ok: false, why: error instanceof Error ? error.message : String(error) };
  }
}

/** The engine rejects more than once for one fault: the first word about it ends the process. */
const say = (answer: ArchiveAnswer) => process.send?.(answer, () => process.exit(0));
process.on('unhandledRejection', (error) => say({ ok: false, why: error instanceof Error ? error.message : String(error) }));
process.on('uncaughtException', (error) => say({ ok: false, why: error.message }));
void main(process.argv.slice(2)).then(say);
