import { drizzle } from 'drizzle-orm/pglite';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Database } from './database.ts';
import { withDay } from './dayBeside.ts';
import { type DemoRuns, openDemoRuns } from './demoRuns.fixture.ts';
import { readDesk, readDesks } from './deskInput.ts';
import { periodRecords } from './repositories/index.ts';
import { onDate } from './routes/facts.ts';

let open: DemoRuns;
beforeAll(async () => {
  open = await openDemoRuns();
});
afterAll(() => open.close());

describe('the desks of a day', () => {
  it('are those read one by one, with what they share asked for once', async () => {
    const periods = await periodRecords.list(open.db, onDate('2026-09-09'));
    expect(periods.length).toBeGreaterThan(4);
    const asked: string[] = [];
    const logged = drizzle(open.engine, { logger: { logQuery: (query) => void asked.push(query) } }) as unknown as Database;
    const desks = await readDesks(logged, periods);
    const times = (table: string) => asked.filter((query) => query.includes(`from "${table}"`)).length;
    expect(['gear', 'games', 'schools'].map(times)).toEqual([1, 1, 1]);
    expect(times('rooms')).toBe(new Set(periods.map((p) => p.roomId)).size);
    expect(times('classes')).toBe(new Set(periods.flatMap((p) => [p.classId, ...(p.guests ?? [])])).size);
    const whole = withDay(desks);
    for (const [i, period] of periods.entries()) expect(whole[i]).toEqual(await readDesk(open.db, period));
  });
});
