import { appendFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RunEvent } from '../core/model/run.ts';
import { type OpenDatabase, openDatabase } from './database.ts';
import { readDeskById } from './deskInput.ts';
import { openJournal, replayJournal } from './journal.ts';
import { runRecords } from './repositories/index.ts';
import { appendRunEvents, readRunLog } from './repositories/runLog.ts';
import { newRun } from './routes/runs.ts';
import { seedDemo } from './seed.ts';

const TODAY = new Date('2026-09-09T08:00:00');
let open: OpenDatabase;
let data = '';
beforeAll(async () => {
  open = await openDatabase();
  await seedDemo(open.db, TODAY);
  data = mkdtempSync(path.join(tmpdir(), 'side-court-journal-'));
});
afterAll(async () => {
  await open.close();
  rmSync(data, { recursive: true, force: true });
});
const event = (id: string, type = 'pause') => RunEvent.parse({ id, at: TODAY.getTime() + 1, type });
const newDemoRun = async (period: string) => newRun(await readDeskById(open.db, `${period}-2026-09-09`), TODAY.getTime());
const ids = async (runId: string) => (await readRunLog(open.db, runId)).map((e) => e.id as string);

describe('the journal', () => {
  it('holds each line whole, in the order of asking, and reads back what the database lost', async () => {
    const run = await newDemoRun('mills');
    const journal = await openJournal(data, open.db);
    await journal.append({ kind: 'run', run });
    await Promise.all([1, 2, 3, 4, 5].map((i) => journal.append({ kind: 'events', runId: run.id, events: [event(`a${i}`)] })));
    await journal.close();
    const lines = readFileSync(path.join(data, 'runs.jsonl'), 'utf8').trim().split('\n');
    expect(lines).toHaveLength(6);
    expect(lines.slice(1).map((l) => JSON.parse(l).events[0].id)).toEqual(['a1', 'a2', 'a3', 'a4', 'a5']);
    expect(await runRecords.find(open.db, run.id)).toBeUndefined();
    await (await openJournal(data, open.db)).close();
    expect(await runRecords.find(open.db, run.id)).toEqual(run);
    expect(await ids(run.id)).toEqual(['a1', 'a2', 'a3', 'a4', 'a5']);
  });

  it('takes nothing twice and leaves what is there, however often it is read', async () => {
    const run = await runRecords.add(open.db, await newDemoRun('weather'));
    await appendRunEvents(open.db, run.id, [event('b1'), event('b2', 'resume')]);
    const text = [
      { kind: 'run', run: { ...run, date: '1999-01-01' } },
      { kind: 'events', runId: run.id, events: [event('b2', 'resume'), event('b3', 'end')] },
    ]
      .map((l) => JSON.stringify(l))
      .join('\n');
    for (let i = 0; i < 3; i++) await replayJournal(text, open.db);
    expect(await ids(run.id)).toEqual(['b1', 'b2', 'b3']);
    const stored = await runRecords.get(open.db, run.id);
    expect(stored.date).toBe(run.date);
    expect(stored.endedAt).toBe(event('b3').at);
  });

  it('leaves out a torn line, foreign lines and events of runs that nobody knows', async () => {
    const run = await runRecords.add(open.db, await newDemoRun('orchard'));
    const good = JSON.stringify({ kind: 'events', runId: run.id, events: [event('c1')] });
    const text = [
      'not json',
      '{"kind":"dance"}',
      '[]',
      'null',
      JSON.stringify({ kind: 'events', runId: 'gone', events: [event('c0')] }),
      good,
      good.slice(0, 40),
    ].join('\n');
    await replayJournal(text, open.db);
    expect(await ids(run.id)).toEqual(['c1']);
    expect(await ids('gone')).toEqual([]);
  });

  it('goes on after a torn line with a line of its own', async () => {
    const run = await newDemoRun('mills');
    const file = path.join(data, 'runs.jsonl');
    writeFileSync(file, '');
    appendFileSync(file, '{"kind":"events","runId":"x","eve');
    const journal = await openJournal(data, open.db);
    await journal.append({ kind: 'run', run });
    await journal.close();
    await (await openJournal(data, open.db)).close();
    expect(await runRecords.find(open.db, run.id)).toEqual(run);
  });

  it('reads runs of an older version', async () => {
    const { id: _, ...run } = await newDemoRun('mills');
    const blocks = run.plan.blocks.map((block) => {
      const game = block.game as { plays: unknown[] } | undefined;
      if (!game) return block;
      const { plays, ...rest } = game;
      return { ...block, game: { ...rest, play: plays[0] } };
    });
    const old = { ...run, id: 'old-run', version: 1, plan: { ...run.plan, blocks } };
    await replayJournal(JSON.stringify({ kind: 'run', run: old }), open.db);
    const found = await runRecords.get(open.db, 'old-run');
    expect(found.version).toBe(2);
    expect(found.plan).toEqual(run.plan);
  });
});
