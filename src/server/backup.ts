import { existsSync, mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import { unpackAside } from './aside/unpackAside.ts';
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
/** Its time, its kind, and a number of its own; those of older versions have none. */
const NAME = /^(\d{4})-(\d\d)-(\d\d)T(\d\d)(\d\d)(\d\d)Z-([a-z-]+?)(?:-(\d+))?\.tar\.gz$/;
/** A clock may be off by so much, and a backup of the future is still one of now. */
const AHEAD_MS = 5 * 60_000;

const folderOf = (dataDir: string) => path.join(dataDir, 'backups');

const numberOf = ({ name }: Backup): number => Number(NAME.exec(name)?.[8] ?? 0);

/** The backups of a data folder, the last one made first: by their numbers, since a clock may have been turned back. */
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
    .sort((a, b) => numberOf(b) - numberOf(a) || (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
}

/** The file of a backup by its name, "newest" included; FolderProblem (6) where there is none. A name cannot lead elsewhere. */
export function backupFile(dataDir: string, name: string): string {
  const all = listBackups(dataDir);
  const found = name === 'newest' ? all[0] : all.find((b) => b.name === name);
  if (!found) throw new FolderProblem(`There is no backup called ${name} in ${folderOf(dataDir)}.`, 6, 'no-backup');
  return path.join(folderOf(dataDir), found.name);
}

/** Unpacks a backup into a folder and opens it there, in a process of its own; FolderProblem (6) if it is not whole, and no folder then. */
export async function unpackBackup(file: string, folder: string, name: string): Promise<void> {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const answer = await unpackAside(file, folder);
  if (answer.ok) return;
  rmSync(folder, { recursive: true, force: true });
  throw new FolderProblem(`The backup ${name} does not open (${answer.why}). Choose another.`, 6);
}

/** Those that the rule no longer keeps: of each kind all but the newest few. `all`: newest first. */
export function beyondRule(all: readonly Backup[]): Backup[] {
  return REASONS.flatMap((kind) => all.filter((b) => b.reason === kind).slice(KEPT[kind]));
}

/** A backup of the running database, opened once to see that it can be, then kept; older ones beyond the rule are taken away. */
export async function makeBackup(engine: PGlite, dataDir: string, reason: Reason, now: Date): Promise<Backup> {
  const folder = folderOf(dataDir);
  mkdirSync(folder, { recursive: true });
  const number = Math.max(0, ...listBackups(dataDir).map(numberOf)) + 1;
  const time = now
    .toISOString()
    .replace(/\.\d+Z$/, 'Z')
    .replaceAll(':', '');
  const name = `${time}-${reason}-${number}.tar.gz`;
  const data = await engine.dumpDataDir('gzip');
  const part = path.join(folder, `${name}.part`);
  const tried = path.join(folder, `${name}.tried.part`);
  try {
    writeFileSync(part, Buffer.from(await data.arrayBuffer()), { flush: true });
    await unpackBackup(part, tried, name);
    renameFlushed(part, path.join(folder, name));
  } finally {
    // A full disk leaves a part of it behind.
    for (const left of [part, tried]) rmSync(left, { recursive: true, force: true });
  }
  for (const old of beyondRule(listBackups(dataDir))) rmSync(path.join(folder, old.name));
  return listBackups(dataDir).find((b) => b.name === name)!;
}

/** True if the last backup of any kind is older than a day or of the future, or there is none. */
export function backupDue(dataDir: string, now: Date): boolean {
  const [newest] = listBackups(dataDir);
  const age = newest ? now.getTime() - new Date(newest.at).getTime() : Number.POSITIVE_INFINITY;
  return age > DAY_MS || age < -AHEAD_MS;
}
