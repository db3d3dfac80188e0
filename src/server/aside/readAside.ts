import type { Worker } from 'node:worker_threads';
import { Problem } from '../problem.ts';
import { startThread } from './entry.ts';
import type { ReadAnswer, Readers, ReadJob } from './reader.ts';

/** What reading one file may take. */
export interface ReadLimits {
  /** Milliseconds: a list needs some tens, the file of a school with decades of lessons some thousands. */
  listMs: number;
  schoolMs: number;
  /** Megabytes of values. */
  memoryMb: number;
}
const LIMITS: ReadLimits = { listMs: 10_000, schoolMs: 45_000, memoryMb: 1_500 };
/** Milliseconds after which a reader that has nothing to do is ended. */
const IDLE_MS = 60_000;

type ReadFile = <K extends keyof Readers>(kind: K, ...args: Parameters<Readers[K]>) => Promise<ReturnType<Readers[K]>>;

const unreadable = (code: string) => new Problem(400, 'unreadable-file', [{ path: ['text'], code }]);

/**
 * Reads files that came in on a thread of its own, one after another; the server answers everything else meanwhile. Rejects with
 * Problem 400 if a file takes too long or too much, and the thread is ended from outside.
 */
export function readerAside({ listMs, schoolMs, memoryMb }: ReadLimits): ReadFile {
  let reader: Worker | undefined;
  let idle: NodeJS.Timeout | undefined;
  let count = 0;
  let last: Promise<unknown> = Promise.resolve();
  const end = () => {
    clearTimeout(idle);
    void reader?.terminate();
    reader = undefined;
  };
  const readerNow = (): Worker => {
    clearTimeout(idle);
    if (reader) return reader;
    const begun = startThread('reader', { maxOldGenerationSizeMb: memoryMb });
    // Without work it keeps no process alive.
    begun.unref();
    // It ends after an error, and that is heard.
    begun.on('error', () => undefined);
    reader = begun;
    return begun;
  };
  const readOne: ReadFile = (kind, ...args) => {
    const worker = readerNow();
    count += 1;
    const job: ReadJob = { id: count, kind, args };
    return new Promise((done, fail) => {
      const finish = () => {
        clearTimeout(late);
        worker.off('message', hear);
        worker.off('exit', gone);
      };
      const refuse = (code: string) => {
        finish();
        fail(unreadable(code));
      };
      const late = setTimeout(
        () => {
          refuse('too-slow');
          end();
        },
        kind === 'school' ? schoolMs : listMs,
      );
      const hear = (answer: ReadAnswer) => {
        if (answer.id !== job.id) return;
        idle = setTimeout(end, IDLE_MS).unref();
        if ('error' in answer) return refuse('not-readable');
        finish();
        done(answer.result as never);
      };
      // It had no more memory.
      const gone = () => {
        if (reader === worker) reader = undefined;
        refuse('too-large');
      };
      worker.on('message', hear);
      worker.on('exit', gone);
      worker.postMessage(job);
    });
  };
  return (kind, ...args) => {
    const read = last.then(() => readOne(kind, ...args));
    last = read.catch(() => undefined);
    return read;
  };
}

export const readAside = readerAside(LIMITS);
