import { appendFileSync, existsSync, mkdirSync, readFileSync, renameSync } from 'node:fs';
import { type FileHandle, open } from 'node:fs/promises';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import type { Database } from './database.ts';
import { type JournalLine, journalText, linesOf, numberOf, type ReadLine, readJournalLine } from './journalLine.ts';
import { bootName, renameFlushed } from './onDisk.ts';
import { type LeftOver, replayLines } from './replayJournal.ts';
import { journalMarks } from './tables.ts';

export interface Journal {
  /** Flushes the line to the disk, then applies it to the database; one line after another. Rejects if either fails: nothing counts then. */
  record<T>(line: JournalLine, apply: (tx: Database) => Promise<T>): Promise<T>;
  /** Sets the journal aside once the database is known to hold all of it on the disk. `flush` makes it so. */
  settle(flush: () => Promise<void>): Promise<void>;
  /** Bytes that a start would have to read. */
  bytes(): number;
  /** What could not be read back at the start, in sentences. */
  notices: string[];
  close(): Promise<void>;
}

/** The journal in use, the one that is being set aside, the last one that was, and what could not be applied. */
const NAMES = { now: 'runs.jsonl', settling: 'runs.settling.jsonl', before: 'runs.before.jsonl', refused: 'runs.refused.jsonl' };
export const JOURNAL_FILES = [NAMES.now, NAMES.settling];
const MARK = 'runs';

/** No journal: for a database in memory. */
export function noJournal(db: Database): Journal {
  return {
    record: (_line, apply) => db.transaction((tx) => apply(tx as unknown as Database)),
    settle: async () => undefined,
    bytes: () => 0,
    notices: [],
    close: async () => undefined,
  };
}

async function readMark(db: Database): Promise<{ applied: number; boot: string }> {
  const [row] = await db.select().from(journalMarks).where(eq(journalMarks.id, MARK));
  return row ?? { applied: 0, boot: '' };
}

async function writeMark(db: Database, applied: number, boot: string): Promise<void> {
  const row = { id: MARK, applied, boot };
  await db.insert(journalMarks).values(row).onConflictDoUpdate({ target: journalMarks.id, set: row });
}

/** Lines behind the last one whose number the database holds; a line without a readable number belongs to its neighbours. */
function lacking(raws: readonly string[], applied: number): ReadLine[] {
  let from = raws.length;
  while (from > 0) {
    const n = numberOf(raws[from - 1]);
    if (n !== undefined && n <= applied) break;
    from -= 1;
  }
  return raws.slice(from).map(readJournalLine);
}

/** The version in which a journal's files begin with a line of their own, after the name of the computer's start in the mark. */
const BEGINS = ' begins';

/** Copies what could not be applied to a file of its own, once. */
function setAside(dataDir: string, left: readonly LeftOver[]): void {
  const file = path.join(dataDir, NAMES.refused);
  const there = new Set(existsSync(file) ? readFileSync(file, 'utf8').split('\n') : []);
  const text = left.map(({ raw, why }) => JSON.stringify({ why, line: raw })).filter((line) => !there.has(line));
  if (text.length) appendFileSync(file, text.map((line) => `${line}\n`).join(''), { flush: true });
}

/** What there is to say about lines that could not be applied, and about files that a power cut left cut off. */
function noticesOf(refused: readonly LeftOver[], cut: readonly LeftOver[], blank: readonly string[]): string[] {
  const notices: string[] = [];
  if (refused.length)
    notices.push(
      `${refused.length === 1 ? '1 entry' : `${refused.length} entries`} of the journal could not be read back. Nothing was deleted: see ${NAMES.refused} in the data folder.`,
    );
  if (cut.length)
    notices.push(
      `The last entry of the journal was cut off while it was written, so no screen was told that it was saved. What is left of it is in ${NAMES.refused} in the data folder. Look at the last lesson in the logbook.`,
    );
  for (const name of blank)
    notices.push(
      `The journal ${name} is empty though entries were written to it, as after a power cut. Look at the last lesson in the logbook: its last entries may be missing.`,
    );
  return notices;
}

/** What the database lacks of the journal put into it; sentences for what could not be. */
async function catchUp(dataDir: string, db: Database, boot: string): Promise<{ next: number; holds: boolean; notices: string[] }> {
  const names = [NAMES.settling, NAMES.now].filter((name) => existsSync(path.join(dataDir, name)));
  const texts = names.map((name) => readFileSync(path.join(dataDir, name), 'utf8'));
  const read = texts.map(linesOf);
  const raws = read.flat();
  const mark = await readMark(db);
  const hasBeginnings = mark.boot.endsWith(BEGINS);
  const blank = names.filter((_, i) => !read[i].length && (hasBeginnings || texts[i] !== ''));
  // Nothing of the database is flushed while it runs: after the computer itself stopped, every line is looked for by its ids.
  const lines = lacking(raws, mark.boot === boot + BEGINS ? mark.applied : 0);
  // The last line of a file may be torn by a crash in the middle of writing: it was never acknowledged.
  const tails = new Set(read.map((list) => list.at(-1)));
  const left = await replayLines(lines, db);
  const isCut = ({ raw, why }: LeftOver) => why === 'damaged' && tails.has(raw);
  setAside(dataDir, left);
  const last = raws.reduce((most, raw) => Math.max(most, numberOf(raw) ?? 0), mark.applied);
  if (lines.length) await writeMark(db, last, boot + BEGINS);
  return {
    next: last + 1,
    // A file with its beginning alone need not be set aside.
    holds: raws.length > 1,
    notices: noticesOf(
      left.filter((l) => !isCut(l)),
      left.filter(isCut),
      blank,
    ),
  };
}

/**
 * Runs and their events as they were acknowledged: one line each, numbered, with a checksum, flushed to the disk (fsync) before
 * it is applied to the database, which itself never flushes. The number of a line is written in the same transaction as what it
 * brings, so that a start reads on behind it.
 */
export async function openJournal(dataDir: string, db: Database): Promise<Journal> {
  mkdirSync(dataDir, { recursive: true });
  const boot = bootName();
  const caught = await catchUp(dataDir, db, boot);
  const file = path.join(dataDir, NAMES.now);
  const settling = path.join(dataDir, NAMES.settling);
  let handle: FileHandle = await open(file, 'a');
  const isNew = linesOf(readFileSync(file, 'utf8')).length === 0;
  let size = caught.holds ? (await handle.stat()).size : 0;
  let { next } = caught;
  // A line that was journalled and not applied is applied by the next start: until then no number may pass it.
  let behind = false;
  let last: Promise<unknown> = Promise.resolve();
  const inOrder = <T>(work: () => Promise<T>): Promise<T> => {
    const done = last.then(work);
    last = done.catch(() => undefined);
    return done;
  };
  const append = async (text: string) => {
    await handle.appendFile(text);
    await handle.datasync();
    size += Buffer.byteLength(text);
  };
  /** A new file begins with a line that says so, under the number of the last line before it; its bytes are counted as none. */
  const begin = async () => {
    await append(journalText(next - 1, { kind: 'begin' }));
    await writeMark(db, next - 1, boot + BEGINS);
    size = 0;
  };
  if (isNew) await begin();
  return {
    notices: caught.notices,
    bytes: () => size,
    record: (line, apply) =>
      inOrder(async () => {
        const n = next;
        next += 1;
        await append(journalText(n, line));
        try {
          return await db.transaction(async (tx) => {
            const answer = await apply(tx as unknown as Database);
            if (!behind) await writeMark(tx as unknown as Database, n, boot + BEGINS);
            return answer;
          });
        } catch (error) {
          behind = true;
          throw error;
        }
      }),
    async settle(flush) {
      // Between two lines: what the old file holds is applied, what comes later goes into a new one.
      const turned = await inOrder(async () => {
        if (behind) return false;
        if (size > 0 && !existsSync(settling)) {
          await handle.close();
          renameFlushed(file, settling);
          handle = await open(file, 'a');
          await begin();
        }
        return existsSync(settling);
      });
      if (!turned) return;
      await flush();
      renameSync(settling, path.join(dataDir, NAMES.before));
    },
    async close() {
      await last;
      await handle.close();
    },
  };
}
