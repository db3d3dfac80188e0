import { type ChildProcess, fork } from 'node:child_process';
import { type ResourceLimits, Worker } from 'node:worker_threads';

/** Built, what runs beside the server lies beside it; from source it is TypeScript. */
const isBuilt = import.meta.url.endsWith('.mjs');

/** A thread of its own, from `reader.ts`. */
export function startThread(name: 'reader', resourceLimits: ResourceLimits): Worker {
  return isBuilt
    ? new Worker(new URL(`./${name}.mjs`, import.meta.url), { resourceLimits })
    : new Worker(new URL('./fromSource.mjs', import.meta.url), { resourceLimits, workerData: { source: `./${name}.ts` } });
}

/** A process of its own, from `archive.ts`, with these words to go by. */
export function startProcess(name: 'archive', args: readonly string[]): ChildProcess {
  return isBuilt
    ? fork(new URL(`./${name}.mjs`, import.meta.url), args, { execArgv: ['--liftoff-only'], silent: true })
    : fork(new URL(`./${name}.ts`, import.meta.url), args, { execArgv: ['--liftoff-only', '--import', 'tsx'], silent: true });
}
