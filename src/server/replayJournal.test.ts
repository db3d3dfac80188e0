import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newestOf } from '../core/model/record.ts';
import type { Database } from './database.ts';
import { type DemoRuns, event, openDemoRuns } from './demoRuns.fixture.ts';
import { readJournalLine } from './journalLine.ts';
import { replayLines } from './replayJournal.ts';
import { runRecords } from './repositories/index.ts';
import { appendRunEvents } from './repositories/runLog.ts';

let open: DemoRuns;
beforeAll(async () => {
  open = await openDemoRuns();
});
afterAll(() => open.close());
const newDemoRun = (period?: string) => open.newDemoRun(period);
const ids = (runId: string) => open.ids(runId);
const replay = (lines: string[], db: Database = open.db) => replayLines(lines.map(readJournalLine), db);

describe('lines of a journal', () => {
  it('bring nothing twice and leave what is there, however often they are read', async () => {
    const run = await runRecords.add(open.db, await newDemoRun('weather'));
    await appendRunEvents(open.db, run.id, [event('i1'), event('i2', 'resume')]);
    const lines = [
      { kind: 'run', run: { ...run, date: '1999-01-01' } },
      { kind: 'events', runId: run.id, events: [event('i2', 'resume'), event('i3', 'end')] },
    ].map((l) => JSON.stringify(l));
    for (let i = 0; i < 3; i++) expect(await replay(lines)).toEqual([]);
    expect(await ids(run.id)).toEqual(['i1', 'i2', 'i3']);
    const stored = await runRecords.get(open.db, run.id);
    expect(stored.date).toBe(run.date);
    expect(stored.endedAt).toBe(event('i3').at);
  });

  it('that are foreign, torn, or of a lesson that nobody knows are given back', async () => {
    const run = await runRecords.add(open.db, await newDemoRun('orchard'));
    const good = JSON.stringify({ kind: 'events', runId: run.id, events: [event('j1')] });
    const gone = JSON.stringify({ kind: 'events', runId: 'gone', events: [event('j0')] });
    const left = await replay(['not json', '{"kind":"dance"}', '[]', 'null', gone, good, good.slice(0, 40)]);
    expect(left).toHaveLength(6);
    expect(await ids(run.id)).toEqual(['j1']);
    expect(await ids('gone')).toEqual([]);
  });

  it('of an older version are read', async () => {
    const { id: _, ...run } = await newDemoRun();
    const blocks = run.plan.blocks.map((block) => {
      const game = block.game as { plays: unknown[]; rules: unknown; cards: unknown } | undefined;
      if (!game) return block;
      const { plays, rules: _rules, cards: _cards, ...rest } = game;
      return { ...block, game: { ...rest, pieces: [], play: plays[0] } };
    });
    const old = { ...run, id: 'old-run', version: 1, plan: { ...run.plan, blocks } };
    const bare = run.plan.blocks.map((block) =>
      block.game ? { ...block, game: { ...block.game, pieces: [], things: [], rules: [], cards: [] } } : block,
    );
    await replay([JSON.stringify({ kind: 'run', run: old })]);
    const found = await runRecords.get(open.db, 'old-run');
    expect(found.version).toBe(newestOf('run'));
    expect(found.plan).toEqual({ ...run.plan, blocks: bare });
  });
});

describe('the log of a run', () => {
  it('drops nothing when another writer has taken its number: only a repeated id is left out', async () => {
    const run = await runRecords.add(open.db, await newDemoRun());
    await open.engine.exec(`
      create function another() returns trigger language plpgsql as $$ begin
        insert into run_events (run_id, seq, id, at, data) values (new.run_id, new.seq, 'theirs', 1, '{}'); return new; end $$;
      create trigger another before insert on run_events for each row when (new.id = 'mine') execute function another();`);
    try {
      await expect(appendRunEvents(open.db, run.id, [event('mine')])).rejects.toThrow();
    } finally {
      await open.engine.exec('drop trigger another on run_events; drop function another()');
    }
    await appendRunEvents(open.db, run.id, [event('mine')]);
    await appendRunEvents(open.db, run.id, [event('mine'), event('more')]);
    expect(await ids(run.id)).toEqual(['mine', 'more']);
  });

  it('takes its next number with the row of the run locked', async () => {
    const asked: string[] = [];
    const { drizzle } = await import('drizzle-orm/pglite');
    const logged = drizzle(open.engine, { logger: { logQuery: (query) => void asked.push(query) } }) as unknown as Database;
    const run = await runRecords.add(open.db, await newDemoRun());
    await appendRunEvents(logged, run.id, [event('k1')]);
    const lock = asked.findIndex((q) => /from "runs".*for update/.test(q));
    const number = asked.findIndex((q) => /max\(.*seq/.test(q));
    expect(lock).toBeGreaterThanOrEqual(0);
    expect(number).toBeGreaterThan(lock);
  });
});
