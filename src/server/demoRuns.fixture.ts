import { RunEvent } from '../core/model/run.ts';
import { openDatabase } from './database.ts';
import { readDeskById } from './deskInput.ts';
import { readRunLog } from './repositories/runLog.ts';
import { newRun } from './routes/runs.ts';
import { seedDemo } from './seed.ts';

export const TODAY = new Date('2026-09-09T08:00:00');

/** An event of today. */
export const event = (id: string, type = 'pause') => RunEvent.parse({ id, at: TODAY.getTime() + 1, type });

/** The demo school in memory, without its past, with what tests of runs ask of it. */
export async function openDemoRuns() {
  const open = await openDatabase();
  await seedDemo(open.db, TODAY, 0);
  return {
    ...open,
    newDemoRun: async (period = 'mills') => newRun(await readDeskById(open.db, `${period}-2026-09-09`), TODAY.getTime()),
    ids: async (runId: string) => (await readRunLog(open.db, runId)).map((e) => e.id as string),
  };
}
export type DemoRuns = Awaited<ReturnType<typeof openDemoRuns>>;
