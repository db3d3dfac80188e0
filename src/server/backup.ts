import { existsSync, mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { FolderProblem } from './database.ts';
import { renameFlushed } from './onDisk.ts';

export const REASONS = ['daily', 'by-hand', 'before-migration', 'before-restore'] as const;
export type Reason = (typeof REASONS)[number];
export interface Backup {
  name: string;
  /** When it was made, ISO. */
  at: string;
  reason: Reason;
  bytes: number;
}

/** How many of each are kept: a week of days, and a few of the others. */
const KEPT: Record<Reason, number> = { daily: 7, 'by-hand': 5, 'before-migration': 3, 'before-restore': 3 };
const DAY_MS = 24 * 3600_000;
const NAME = /^(\d{4})-(\d\d)-(\d\d)T(\d\d)(\d\d)(\d\d)Z-([a-z-]+)\.tar\.gz$/;

const folderOf = (dataDir: string) => path.join(dataDir, 'backups');

/** The backups of a data folder, newest first. */
export function listBackups(dataDir: string): Backup[] {
  const folder = folderOf(dataDir);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name): Backup[] => {
      const m = name.match(NAME);
      if (!m || !REASONS.includes(m[7] as Reason)) return [];
      const at = `${m[1]}-${m[2]}-${m[3]}T${m[4]}:${m[5]}:${m[6]}Z`;
      return [{ name, at, reason: m[7] as Reason, bytes: statSync(path.join(folder, name)).size }];
    })
    .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
}

/** The file of a backup by its name, "newest" included; FolderProblem (6) where there is none. A name cannot lead elsewhere. */
export function backupFile(dataDir: string, name: string): string {
  const all = listBackups(dataDir);
  const found = name === 'newest' ? all[0] : all.find((b) => b.name === name);
  if (!found) throw new FolderProblem(`There is no backup called ${name} in ${folderOf(dataDir)}.`, 6, 'no-backup');
  return path.join(folderOf(dataDir), found.name);
}

/** Opens a backup in memory and counts its schools; FolderProblem (6) where it does not open. */
export async function checkBackup(data: Blob, name: string): Promise<void> {
  try {
    const engine = await PGlite.create({ loadDataDir: data });
    try {
      const { rows } = await engine.query<{ n: number }>('select count(*)::int as n from schools');
      if (!rows[0] || rows[0].n < 1) throw new Error('no school in it');
    } finally {
      await engine.close();
    }
  } catch (error) {
    throw new FolderProblem(
      `The backup ${name} does not open (${error instanceof Error ? error.message : String(error)}). Choose another.`,
      6,
    );
  }
}

/** Those that the rule no longer keeps: of each kind all but the newest few. `all`: newest first. */
export function beyondRule(all: readonly Backup[]): Backup[] {
  return REASONS.flatMap((kind) => all.filter((b) => b.reason === kind).slice(KEPT[kind]));
}

/** A backup of the running database, opened once to see that it can be, then kept; older ones beyond the rule are taken away. */
export async function makeBackup(engine: PGlite, dataDir: string, reason: Reason, now: Date): Promise<Backup> {
  const folder = folderOf(dataDir);
  mkdirSync(folder, { recursive: true });
  const name = `${now
    .toISOString()
    .replace(/\.\d+Z$/, 'Z')
    .replaceAll(':', '')}-${reason}.tar.gz`;
  const data = await engine.dumpDataDir('gzip');
  await checkBackup(data, name);
  const part = path.join(folder, `${name}.part`);
  try {
    writeFileSync(part, Buffer.from(await data.arrayBuffer()), { flush: true });
    renameFlushed(part, path.join(folder, name));
  } finally {
    // A full disk leaves a part of it behind.
    rmSync(part, { force: true });
  }
  for (const old of beyondRule(listBackups(dataDir))) rmSync(path.join(folder, old.name));
  return listBackups(dataDir).find((b) => b.name === name)!;
}

/** True where the newest backup of any kind is older than a day, or there is none. */
export function backupDue(dataDir: string, now: Date): boolean {
  const newest = listBackups(dataDir)[0];
  return !newest || now.getTime() - new Date(newest.at).getTime() > DAY_MS;
}
