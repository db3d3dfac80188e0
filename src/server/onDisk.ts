import { closeSync, existsSync, fsyncSync, openSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { open, readdir } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';

/** Flushes a folder's own list of names, where the system allows that: a rename in it is then on the disk. */
export function flushFolder(folder: string): void {
  try {
    const handle = openSync(folder, 'r');
    try {
      fsyncSync(handle);
    } finally {
      closeSync(handle);
    }
  } catch {
    // Windows opens no folders; there the rename is flushed by the system itself.
  }
}

/** Renames within one folder and flushes its list of names. */
export function renameFlushed(from: string, to: string): void {
  renameSync(from, to);
  flushFolder(path.dirname(to));
}

/** Writes a small file so that after a crash it is there whole or not at all. */
export function writeWhole(file: string, text: string): void {
  writeFileSync(`${file}.part`, text, { flush: true });
  renameFlushed(`${file}.part`, file);
}

/** Flushes every file and folder below a folder to the disk, one after another, so that the server answers meanwhile. */
export async function flushTree(folder: string): Promise<void> {
  for (const entry of await readdir(folder, { recursive: true, withFileTypes: true })) {
    const place = path.join(entry.parentPath, entry.name);
    if (entry.isDirectory()) flushFolder(place);
    else if (entry.isFile()) {
      // A file that the database has removed meanwhile needs no flushing.
      const handle = await open(place, 'r+').catch(() => undefined);
      await handle?.sync();
      await handle?.close();
    }
  }
  flushFolder(folder);
}

const BOOT_ID = '/proc/sys/kernel/random/boot_id';

/** A name for this start of the computer: files written since then are readable even if they were never flushed. */
export function bootName(): string {
  if (existsSync(BOOT_ID)) return readFileSync(BOOT_ID, 'utf8').trim();
  return `about ${Math.round((Date.now() - os.uptime() * 1000) / 60_000)}`;
}
