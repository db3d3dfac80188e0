import { openDatabase } from '../src/server/database.ts';
import { readDesk, readDesks } from '../src/server/deskInput.ts';
import { periodRecords, schoolRecords } from '../src/server/repositories/index.ts';
import { onDate } from '../src/server/routes/facts.ts';
import { seedDemo } from '../src/server/seed.ts';
import { fixed, type Spread, said } from './measure.ts';

async function timed(times: number, work: () => Promise<unknown>): Promise<Spread> {
  const taken: number[] = [];
  for (let i = -2; i < times; i++) {
    const from = performance.now();
    await work();
    if (i >= 0) taken.push(performance.now() - from);
  }
  taken.sort((a, b) => a - b);
  return { median: taken[times >> 1], p95: taken[Math.floor(times * 0.95)] };
}

/** Reading a day with what its periods share asked for once, against one desk after the other, and both against one record. */
export async function benchServer(): Promise<void> {
  const { db, close } = await openDatabase();
  await seedDemo(db, new Date('2026-09-09T08:00:00'), 0);
  const periods = await periodRecords.list(db, onDate('2026-09-09'));
  const school = await timed(20, () => schoolRecords.get(db, 'home'));
  const once = await timed(20, () => readDesks(db, periods));
  const each = await timed(20, async () => {
    for (const period of periods) await readDesk(db, period);
  });
  console.log(`  one record ${said(school)}`);
  console.log(`  a day of ${periods.length} periods ${said(once)}, ${fixed(once.median / each.median, 2)} of one by one (${said(each)})`);
  await close();
}
