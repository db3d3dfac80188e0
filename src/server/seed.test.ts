import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { foldRun } from '../core/live/foldRun.ts';
import { planOf } from '../core/live/runPlan.ts';
import { trendOf } from '../core/live/trend.ts';
import { type OpenDatabase, openDatabase } from './database.ts';
import { runRecords } from './repositories/index.ts';
import { readRunLog } from './repositories/runLog.ts';
import { seedDemo } from './seed.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let open: OpenDatabase;
let server: TestServer;
beforeAll(async () => {
  open = await openDatabase();
  await seedDemo(open.db, new Date(`${DATE}T08:00:00`));
  server = await testServer({ past: 0 });
});
afterAll(async () => {
  await open.close();
  await server.stop();
});

describe('the eight weeks behind the demo', () => {
  it('are 96 lessons that ended, and nothing in them was refused', async () => {
    const runs = await runRecords.list(open.db);
    expect(runs).toHaveLength(96);
    expect(runs.every((r) => r.endedAt !== null && r.date < DATE)).toBe(true);
    let played = 0;
    for (const run of runs) {
      const log = await readRunLog(open.db, run.id);
      const state = foldRun(planOf(run), run.startedAt, log, 0);
      expect(state.ended, run.id).toBe(true);
      for (const play of Object.values(state.plays).flat()) expect(play.refused, run.id).toEqual([]);
      played += log.filter((e) => e.type === 'play').length;
    }
    expect(played).toBeGreaterThan(2000);
  });

  it('show a trend: lessons ran over at first and hardly any more at the end', async () => {
    const over = (await runRecords.list(open.db)).map(async (run) => {
      const log = await readRunLog(open.db, run.id);
      const plan = planOf(run);
      const planned = plan.blocks.reduce((sum, b) => sum + b.seconds, 0);
      return { date: run.date, late: foldRun(plan, run.startedAt, log, 0).activeMs / 1000 - planned };
    });
    const all = (await Promise.all(over)).sort((a, b) => a.date.localeCompare(b.date));
    const mean = (list: typeof all) => list.reduce((sum, r) => sum + r.late, 0) / list.length;
    expect(mean(all.slice(0, 32))).toBeGreaterThan(60);
    expect(mean(all.slice(-32))).toBeLessThan(0.7 * mean(all.slice(0, 32)));
    const points = trendOf(
      all.map((r) => ({ date: r.date, ended: true, plannedSeconds: 2700, actualSeconds: 2700 + r.late, onTaskSeconds: 1 })),
    );
    expect(points.reduce((sum, p) => sum + p.lessons, 0)).toBe(96);
  });

  it('are not needed: a school without a past opens with an empty logbook', async () => {
    expect((await server.ask('GET', '/runs')).body).toEqual([]);
  });
});
