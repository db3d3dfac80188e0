import { wrap } from 'comlink';
import type { ReadOutline } from '../../core/exchange/outlineFile.ts';
import type { Reading } from './plan.worker.ts';

/** Milliseconds that reading a plan may take: one of a hall takes some tens. */
const MOST_MS = 8_000;

/** The outline in a plan file, read in a worker of its own that is ended if it takes too long: the page never waits for it. */
export async function readPlan(text: string, metresPerUnit?: number): Promise<ReadOutline> {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tooSlow = new Promise<ReadOutline>((done) => {
    const stop = () => done({ ok: false, problem: { code: 'too-slow' } });
    timer = setTimeout(stop, MOST_MS);
    worker.addEventListener('error', stop);
  });
  try {
    return await Promise.race([wrap<Reading>(worker).readOutline(text, metresPerUnit), tooSlow]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
