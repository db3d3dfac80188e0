import { appendFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Run, RunEvent } from '../core/model/run.ts';
import type { Database } from './database.ts';
import { type DemoRuns, event, openDemoRuns } from './demoRuns.fixture.ts';
import { type Journal, openJournal } from './journal.ts';
import { journalText, linesOf, readJournalLine } from './journalLine.ts';
import { replayLines } from './replayJournal.ts';
import { runRecords } from './repositories/index.ts';
import { appendRunEvents } from './repositories/runLog.ts';
import { journalMarks, runEvents, runs } from './tables.ts';

let open: DemoRuns;
let data = '';
let file = '';
beforeAll(async () => {
  open = await openDemoRuns();
});
afterAll(() => open.close());
beforeEach(() => {
  data = mkdtempSync(path.join(tmpdir(), 'side-court-journal-'));
  file = path.join(data, 'runs.jsonl');
});
afterEach(async () => {
  rmSync(data, { recursive: true, force: true });
  await open.db.delete(journalMarks);
});

const newDemoRun = (period?: string) => open.newDemoRun(period);
const ids = (runId: string) => open.ids(runId);
const record = (journal: Journal, runId: string, events: RunEvent[], apply = true) =>
  journal.record({ kind: 'events', runId, events }, (tx) => (apply ? appendRunEvents(tx, runId, events) : Promise.resolve()));
const start = (journal: Journal, run: Run) => journal.record({ kind: 'run', run }, (tx) => runRecords.add(tx, run));
/** Takes what the journal brought away again, as a database does that lost its last writes. */
async function lose(runId: string, from: string[] = []): Promise<void> {
  await open.db.delete(runEvents).where(eq(runEvents.runId, runId));
  if (!from.length) await open.db.delete(runs).where(eq(runs.id, runId));
  await open.db.delete(journalMarks);
}

describe('the journal', () => {
  it('holds each line whole, numbered, in the order of asking, and brings back what the database lost', async () => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await Promise.all([1, 2, 3, 4, 5].map((i) => record(journal, run.id, [event(`a${i}`)])));
    await journal.close();
    const [beginning, ...lines] = linesOf(readFileSync(file, 'utf8')).map(readJournalLine);
    expect([beginning.n, beginning.line]).toEqual([0, { kind: 'begin' }]);
    expect(lines.map((l) => l.n)).toEqual([1, 2, 3, 4, 5, 6]);
    expect(lines.slice(1).map((l) => (l.line?.kind === 'events' ? l.line.events[0].id : ''))).toEqual(['a1', 'a2', 'a3', 'a4', 'a5']);
    await lose(run.id);
    await (await openJournal(data, open.db)).close();
    expect(await runRecords.find(open.db, run.id)).toEqual(run);
    expect(await ids(run.id)).toEqual(['a1', 'a2', 'a3', 'a4', 'a5']);
  });

  it('is read on behind the number that the database holds: older lines are not looked at', async () => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await record(journal, run.id, [event('b1')]);
    await record(journal, run.id, [event('b2')], false);
    await journal.close();
    const [mark] = await open.db.select().from(journalMarks);
    expect(mark.applied).toBe(3);
    await open.db.update(journalMarks).set({ applied: 2 });
    await open.db.delete(runEvents).where(eq(runEvents.runId, run.id));
    await (await openJournal(data, open.db)).close();
    expect(await ids(run.id), 'b1 is known to be there by its number').toEqual(['b2']);
    await open.db.update(journalMarks).set({ applied: 3, boot: 'another start of this computer' });
    await (await openJournal(data, open.db)).close();
    expect((await ids(run.id)).sort(), 'after the computer stopped, ids are compared').toEqual(['b1', 'b2']);
  });

  it('goes on numbering where a restored database or an older journal stopped', async () => {
    const run = await newDemoRun();
    await open.db.insert(journalMarks).values({ id: 'runs', applied: 40, boot: '' });
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await journal.close();
    expect(linesOf(readFileSync(file, 'utf8')).map((raw) => readJournalLine(raw).n)).toEqual([40, 41]);
  });

  it('keeps no number past a line that the database did not take', async () => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    const refused = journal.record({ kind: 'events', runId: run.id, events: [event('c1')] }, () => Promise.reject(new Error('full')));
    await expect(refused).rejects.toThrow('full');
    await record(journal, run.id, [event('c2')]);
    await journal.close();
    expect(await ids(run.id)).toEqual(['c2']);
    await (await openJournal(data, open.db)).close();
    expect((await ids(run.id)).sort()).toEqual(['c1', 'c2']);
  });

  it('is set aside once the database holds it, and what comes meanwhile stays', async () => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await record(journal, run.id, [event('d1')]);
    const flushed = journal.settle(async () => {
      await record(journal, run.id, [event('d2')]);
      expect(existsSync(path.join(data, 'runs.settling.jsonl'))).toBe(true);
    });
    await flushed;
    await journal.close();
    expect(readFileSync(path.join(data, 'runs.before.jsonl'), 'utf8')).toContain('"d1"');
    const [, left, ...none] = linesOf(readFileSync(file, 'utf8'));
    expect([left.includes('"d1"'), left.includes('"d2"'), none.length]).toEqual([false, true, 0]);
    expect(readJournalLine(left).n).toBe(3);
  });

  it('that was being set aside when the process died is read before the newer one', async () => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await record(journal, run.id, [event('e1')]);
    await journal.settle(() => Promise.reject(new Error('disk full'))).catch(() => undefined);
    await record(journal, run.id, [event('e2')]);
    await journal.close();
    await lose(run.id);
    await (await openJournal(data, open.db)).close();
    expect(await ids(run.id)).toEqual(['e1', 'e2']);
  });
});

describe('a damaged journal', () => {
  it('goes on after a line that a full disk tore, each line ending the one before it', async () => {
    const run = await newDemoRun();
    writeFileSync(file, '{"n":1,"crc":"00000000","kind":"events","runId":"x","eve');
    const journal = await openJournal(data, open.db);
    expect(journal.notices).toHaveLength(1);
    expect(journal.notices[0]).toMatch(/^The last entry of the journal was cut off/);
    expect(readFileSync(path.join(data, 'runs.refused.jsonl'), 'utf8')).toContain('"damaged"');
    await start(journal, run);
    await journal.close();
    await lose(run.id);
    await (await openJournal(data, open.db)).close();
    expect(await runRecords.find(open.db, run.id)).toEqual(run);
  });

  it('takes a whole last line that a power cut padded with zeros', async () => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await record(journal, run.id, [event('z1')]);
    await journal.close();
    for (const padding of ['\0'.repeat(700), '']) {
      appendFileSync(file, padding);
      await lose(run.id);
      const again = await openJournal(data, open.db);
      await again.close();
      expect(again.notices).toEqual([]);
      expect(await ids(run.id)).toEqual(['z1']);
    }
    // As older versions wrote it: no line end behind the line, zeros at once.
    writeFileSync(file, `${readFileSync(file, 'utf8').replaceAll('\0', '').trimEnd()}${'\0'.repeat(300)}`);
    await lose(run.id);
    await (await openJournal(data, open.db)).close();
    expect(await ids(run.id)).toEqual(['z1']);
  });

  it.each([
    ['nothing', ''],
    ['zeros alone', '\0'.repeat(4096)],
  ])('of %s is said to be empty, if something had been written to it', async (_, text) => {
    const run = await newDemoRun();
    const journal = await openJournal(data, open.db);
    expect(journal.notices).toEqual([]);
    await start(journal, run);
    await journal.close();
    writeFileSync(file, text);
    const again = await openJournal(data, open.db);
    await again.close();
    expect(again.notices).toEqual([expect.stringMatching(/^The journal runs\.jsonl is empty/)]);
    const third = await openJournal(data, open.db);
    await third.close();
    expect(third.notices, 'it has a beginning again').toEqual([]);
  });

  it('sets what it cannot apply aside in a file of its own, starts, and says so', async () => {
    const run = await newDemoRun();
    const bad = ['f\u0000', 'f\ud800'].map((text) => ({ id: 'f0', at: 5, type: 'note', text }));
    const journal = await openJournal(data, open.db);
    await start(journal, run);
    await journal.close();
    appendFileSync(file, journalText(2, { kind: 'events', runId: run.id, events: [event('f1'), bad[0]] }));
    appendFileSync(file, `\n${JSON.stringify({ kind: 'events', runId: run.id, events: [bad[1]] })}`);
    appendFileSync(file, journalText(3, { kind: 'events', runId: run.id, events: [event('f2'), { id: 'f3', at: -1, type: 'dance' }] }));
    const again = await openJournal(data, open.db);
    await again.close();
    expect(again.notices).toHaveLength(1);
    expect(again.notices[0]).toContain('3 entries of the journal could not be read back');
    expect(await ids(run.id)).toEqual(['f2']);
    const aside = readFileSync(path.join(data, 'runs.refused.jsonl'), 'utf8').trim().split('\n');
    expect(aside).toHaveLength(3);
    const third = await openJournal(data, open.db);
    await third.close();
    expect(third.notices, 'said once').toEqual([]);
  });

  it('cut or flipped at any byte brings no wrong event, and all that stands before the damage', async () => {
    const run = await newDemoRun();
    const small = { ...run, plan: { ...run.plan, blocks: [] } };
    const lines = [
      journalText(1, { kind: 'run', run: small }),
      ...[1, 2, 3].map((i) => journalText(i + 1, { kind: 'events', runId: run.id, events: [event(`g${i}`)] })),
    ];
    const whole = lines.join('');
    for (let i = 0; i < whole.length; i += 17) {
      const flipped = `${whole.slice(0, i)}${String.fromCharCode(whole.charCodeAt(i) ^ 4)}${whole.slice(i + 1)}`;
      for (const text of [whole.slice(0, i), flipped]) {
        const read = text.split('\n').filter(Boolean).map(readJournalLine);
        for (const { line, n } of read) if (line) expect(line, `byte ${i}`).toEqual(readJournalLine(lines[n! - 1].trim()).line);
        const intact = lines.filter((l, at) => lines.slice(0, at + 1).join('').length <= i && l);
        expect(read.filter((l) => l.line).length).toBeGreaterThanOrEqual(intact.length - 1);
      }
    }
  });

  it('stops a start for any fault that is not the line’s own', async () => {
    const full = {
      select: () => ({ from: () => ({ where: () => Promise.reject(Object.assign(new Error('disk full'), { code: '53100' })) }) }),
    };
    const lines = [JSON.stringify({ kind: 'events', runId: 'x', events: [event('h1')] })];
    await expect(replayLines(lines.map(readJournalLine), full as unknown as Database)).rejects.toThrow('disk full');
  });
});
