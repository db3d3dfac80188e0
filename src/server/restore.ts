import { existsSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { unpackBackup } from './backup.ts';
import { FolderProblem } from './database.ts';
import { JOURNAL_FILES } from './journal.ts';
import { flushFolder, renameFlushed, writeWhole } from './onDisk.ts';

/** A restore under way: written before the first rename and taken away after the last, so that a start can finish it. */
const Record = z.object({ backup: z.string(), aside: z.string().regex(/^before-[0-9TZ]+$/) });
type Record = z.infer<typeof Record>;

const RECORD = 'restore.json';
/** The restored database until it takes the old one's place. */
const READY = 'db.restored';

/** The renames of a restore in order: the old database and its journals aside, then the restored one in their place. */
function renamesOf(dataDir: string, { aside }: Record): [from: string, to: string][] {
  const within = (name: string) => path.join(dataDir, name);
  return [
    ...JOURNAL_FILES.map((name): [string, string] => [within(name), within(name.replace('.jsonl', `.${aside}.jsonl`))]),
    [within('db'), within(`db.${aside}`)],
    [within(READY), within('db')],
  ];
}

/**
 * Does those renames that are still to do. While the restored database waits under its own name, what has an old name is old:
 * so every prefix of the renames can be told from the folder alone.
 */
function goOn(dataDir: string, record: Record): void {
  const done: [string, string][] = [];
  try {
    for (const [from, to] of renamesOf(dataDir, record)) {
      if (!existsSync(path.join(dataDir, READY))) break;
      if (!existsSync(from) || existsSync(to)) continue;
      renameFlushed(from, to);
      done.push([from, to]);
    }
  } catch (error) {
    for (const [from, to] of done.reverse()) renameSync(to, from);
    flushFolder(dataDir);
    throw error;
  }
}

const recordFile = (dataDir: string) => path.join(dataDir, RECORD);

/**
 * Puts a backup in the place of the database, which must be closed. The backup is unpacked and opened beside it first, in a process of its own; the old database and the
 * journal are moved aside, never written over, so that this can be undone by hand. All or nothing: a rename that is refused
 * takes the others back, and a process that dies between two of them leaves a record by which the next start finishes.
 */
export async function restoreBackup(dataDir: string, file: string, now: Date): Promise<void> {
  const name = path.basename(file);
  await unpackBackup(file, path.join(dataDir, READY), name);
  const record = { backup: name, aside: `before-${now.toISOString().replaceAll(/[-:.]/g, '')}` };
  writeWhole(recordFile(dataDir), JSON.stringify(record));
  try {
    goOn(dataDir, record);
  } catch (error) {
    rmSync(recordFile(dataDir), { force: true });
    throw new FolderProblem(
      `The backup ${name} could not be put in place (${error instanceof Error ? error.message : String(error)}). The database that was there is still in use.`,
      6,
    );
  }
  rmSync(recordFile(dataDir));
  flushFolder(dataDir);
}

/** Takes a restore back whose database cannot be opened after all: what was there is there again, and the other one is kept aside. */
export function takeBackRestore(dataDir: string): void {
  const aside = readdirSync(dataDir)
    .filter((name) => /^db\.before-[0-9TZ]+$/.test(name))
    .sort()
    .at(-1);
  if (!aside) return;
  const stamp = aside.slice('db.'.length);
  const within = (name: string) => path.join(dataDir, name);
  renameFlushed(within('db'), within(`db.unopened-${stamp.slice('before-'.length)}`));
  renameFlushed(within(aside), within('db'));
  for (const name of JOURNAL_FILES) {
    const old = within(name.replace('.jsonl', `.${stamp}.jsonl`));
    if (existsSync(old)) renameFlushed(old, within(name));
  }
}

/** Finishes a restore that a process did not live to finish; a sentence about it, or undefined if there was none. */
export function finishRestore(dataDir: string): string | undefined {
  if (!existsSync(recordFile(dataDir))) return undefined;
  let record: Record;
  try {
    record = Record.parse(JSON.parse(readFileSync(recordFile(dataDir), 'utf8')));
  } catch {
    throw new FolderProblem(`The record of a restore in ${recordFile(dataDir)} cannot be read. Nothing was changed.`, 3);
  }
  goOn(dataDir, record);
  rmSync(recordFile(dataDir));
  flushFolder(dataDir);
  return `Finished restoring ${record.backup}. The database that was there is kept as db.${record.aside}.`;
}

/** Takes away what a process left half made when it died; a sentence for each. Called with the folder locked, after finishRestore. */
export function removeLeftovers(dataDir: string): string[] {
  const said: string[] = [];
  const remove = (name: string, what: string) => {
    rmSync(path.join(dataDir, name), { recursive: true, force: true });
    said.push(`Removed ${name}: ${what}.`);
  };
  const names = (folder: string) => (existsSync(folder) ? readdirSync(folder) : []);
  if (existsSync(path.join(dataDir, READY))) remove(READY, 'a restore that had not begun');
  for (const name of names(path.join(dataDir, 'backups')))
    if (name.endsWith('.part')) remove(path.join('backups', name), 'a backup that was not finished');
  for (const name of names(dataDir)) if (name.endsWith('.part')) remove(name, 'a file that was not finished');
  return said;
}
