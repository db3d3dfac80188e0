import type { ArchiveAnswer } from './archive.ts';
import { startProcess } from './entry.ts';

/** Milliseconds that unpacking and opening a backup may take: one of a school's years takes some seconds. */
const MOST_MS = 300_000;

/**
 * Unpacks a backup into a new folder and opens it there, in a process of its own: a damaged database ends its engine, and with it
 * whatever process it runs in. Resolves with why if the backup is not whole.
 */
export function unpackAside(file: string, folder: string, mostMs = MOST_MS): Promise<ArchiveAnswer> {
  const child = startProcess('archive', [file, folder]);
  return new Promise((done) => {
    let answer: ArchiveAnswer = { ok: false, why: 'the database ended while it was opened' };
    const late = setTimeout(() => {
      answer = { ok: false, why: 'opening it takes too long' };
      child.kill('SIGKILL');
    }, mostMs);
    child.on('message', (said) => {
      answer = said as ArchiveAnswer;
    });
    child.on('error', (error) => {
      answer = { ok: false, why: error.message };
    });
    // Not before it is gone: until then the files of the folder are its own.
    child.on('close', () => {
      clearTimeout(late);
      done(answer);
    });
  });
}
