import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { applyEdit } from '../core/model/edit.ts';
import type { Lesson } from '../core/model/lesson.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
const ask: TestServer['ask'] = (...request) => server.ask(...request);
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

const mills = `mills-${DATE}`;

describe('the demo', () => {
  it('has six classes, five periods today in two rooms, and the past in the logbook', async () => {
    const { body: day } = await ask('GET', `/days/${DATE}`);
    expect(day.map((d: { period: { start: string } }) => d.period.start)).toEqual(['09:10', '10:05', '11:10', '13:00', '14:05']);
    expect(new Set(day.map((d: { room: { name: string } }) => d.room.name)).size).toBe(2);
    expect((await ask('GET', '/classes')).body).toHaveLength(6);
    const { body: runs } = await ask('GET', '/runs');
    const past = runs.filter((r: { ended: boolean }) => r.ended);
    expect(past).toHaveLength(2);
    for (const run of past) {
      expect(
        run.blocks.some(
          (b: { rotations: number; plannedRotations: number }) => b.plannedRotations > 0 && b.rotations === b.plannedRotations,
        ),
      ).toBe(true);
      expect(run).not.toHaveProperty('absent');
      const { body: entry } = await ask('GET', `/runs/${run.runId}/entry`);
      expect(entry.results[0].best).toBeGreaterThan(0);
      expect(entry.onTaskSeconds).toBe(run.onTaskSeconds);
      expect(run.onTaskSeconds).toBeGreaterThan(0.3 * run.actualSeconds);
      expect(run.onTaskSeconds).toBeLessThan(run.actualSeconds);
    }
  });

  it('tells which runs are open, and the list follows a note that comes later', async () => {
    const { body: run } = await ask('POST', '/runs', { periodId: `bridges-${DATE}` });
    expect((await ask('GET', '/runs/open')).body).toEqual([{ runId: run.id, periodId: `bridges-${DATE}` }]);
    const told = async () => (await ask('GET', '/runs')).body.find((r: { runId: string }) => r.runId === run.id);
    expect((await told()).ended).toBe(false);
    const at = run.startedAt + 600_000;
    await ask('POST', `/runs/${run.id}/events`, { events: [{ id: 'x1', at, type: 'end' }] });
    expect(await told()).toMatchObject({ ended: true, actualSeconds: 600 });
    await ask('POST', `/runs/${run.id}/events`, { events: [{ id: 'x2', at, type: 'strike', target: 'x1' }] });
    expect((await told()).ended, 'the end struck out').toBe(false);
    expect((await ask('GET', '/runs/open')).body).toHaveLength(1);
    await ask('POST', `/runs/${run.id}/events`, { events: [{ id: 'x3', at, type: 'end' }] });
    expect((await ask('GET', '/runs/open')).body).toEqual([]);
  });
});

describe('a run that was made by mistake', () => {
  it('is discarded: kept, but in no trend nor in what the class has had, and restored', async () => {
    const { body: runs } = await ask('GET', '/runs');
    const { runId, classId } = runs.find((r: { ended: boolean }) => r.ended);
    const met = async () => JSON.stringify((await ask('GET', `/classes/${classId}/met`)).body);
    const told = async () => (await ask('GET', '/runs')).body.find((r: { runId: string }) => r.runId === runId);
    const before = await met();
    expect((await ask('POST', `/runs/${runId}/discard`, { discarded: true })).status).toBe(200);
    expect((await told()).discarded).toBe(true);
    expect(await met()).not.toBe(before);
    expect((await ask('GET', `/runs/${runId}/entry`)).body.discarded).toBe(true);
    await ask('POST', `/runs/${runId}/discard`, { discarded: false });
    expect([(await told()).discarded, await met()]).toEqual([false, before]);
    expect((await ask('POST', `/runs/${runId}/discard`, { discarded: 'yes' })).status).toBe(400);
    const { body: open } = await ask('POST', '/runs', { periodId: `weather-${DATE}` });
    expect((await ask('POST', `/runs/${open.id}/discard`, { discarded: true })).status).toBe(409);
    await ask('POST', `/runs/${open.id}/events`, { events: [{ id: 'over', at: open.startedAt + 1000, type: 'end' }] });
  });
});

describe('a lesson', () => {
  it('takes edits one after another, undoes by appending, and takes none twice', async () => {
    const desk = async () => (await ask('GET', `/periods/weather-${DATE}/desk`)).body;
    const before = (await desk()).lesson as Lesson;
    const rename = { id: 'e-1', revision: before.revision, name: 'rename', edit: { kind: 'rename', title: 'Storm round' } };
    const done = await ask('POST', `/lessons/${before.id}/edits`, rename);
    expect(done.body.lesson).toMatchObject({ title: 'Storm round', revision: before.revision + 1 });
    expect((await ask('POST', `/lessons/${before.id}/edits`, rename)).body.stored.revision).toBe(before.revision + 1);
    const { stored } = done.body;
    const undo = { id: 'e-2', revision: stored.revision, name: 'undo rename', edit: stored.inverse, undoes: stored.revision };
    expect((await ask('POST', `/lessons/${before.id}/edits`, undo)).body.lesson.title).toBe(before.title);
    const log = (await ask('GET', `/lessons/${before.id}/edits`)).body;
    expect(log.map((s: { id: string }) => s.id)).toEqual(['e-1', 'e-2']);
    let folded = before;
    for (const step of log) {
      const applied = applyEdit(folded, step.edit);
      if (!applied.ok) throw new Error(applied.code);
      folded = applied.lesson;
    }
    expect({ ...folded, revision: 0 }).toEqual({ ...(await desk()).lesson, revision: 0 });
  });

  it('answers a stale edit with both versions', async () => {
    const { body } = await ask('GET', `/periods/orchard-${DATE}/desk`);
    const { lesson } = body;
    const first = { id: 'c-1', revision: lesson.revision, name: 'a', edit: { kind: 'rename', title: 'Mine' } };
    const second = {
      id: 'c-2',
      revision: lesson.revision,
      name: 'b',
      edit: { kind: 'set-seconds', blockId: lesson.blocks[0].id, seconds: 90 },
    };
    await ask('POST', `/lessons/${lesson.id}/edits`, first);
    const answer = await ask('POST', `/lessons/${lesson.id}/edits`, second);
    expect(answer.status).toBe(409);
    expect(answer.body.stored.title).toBe('Mine');
    expect(answer.body.yours.blocks[0].seconds.value).toBe(90);
  });
});

describe('a run', () => {
  it('keeps every event once, in its order, and ends in the logbook', async () => {
    const { body: run } = await ask('POST', '/runs', { periodId: `weather-${DATE}` });
    expect((await ask('POST', '/runs', { periodId: `weather-${DATE}` })).body.id).toBe(run.id);
    const at = run.startedAt;
    const events = [
      { id: 'r1', at: at + 1000, type: 'skip' },
      { id: 'r2', at: at + 2000, type: 'pause' },
    ];
    await ask('POST', `/runs/${run.id}/events`, { events });
    const again = await ask('POST', `/runs/${run.id}/events`, { events: [...events, { id: 'r3', at: at + 3000, type: 'resume' }] });
    expect(again.body.events.map((e: { id: string }) => e.id)).toEqual(['r1', 'r2', 'r3']);
    server.clock.now = at + 60_000;
    const end = [
      { id: 'r4', at: at + 50_000, type: 'note', text: 'Frost first next time' },
      { id: 'r5', at: at + 60_000, type: 'end' },
    ];
    await ask('POST', `/runs/${run.id}/events`, { events: end });
    const entry = (await ask('GET', `/runs/${run.id}/entry`)).body;
    expect(entry).toMatchObject({ ended: true, note: 'Frost first next time', actualSeconds: 59 });
  });

  it('is frozen: a later change of the plan does not reach it', async () => {
    const { body: run } = await ask('POST', '/runs', { periodId: mills });
    const before = (await ask('GET', `/runs/${run.id}`)).body.run.plan;
    const { body } = await ask('GET', `/periods/${mills}/desk`);
    await ask('POST', `/lessons/${body.lesson.id}/edits`, {
      id: 'f-1',
      revision: body.lesson.revision,
      name: 'x',
      edit: { kind: 'rename', title: 'Ten mills' },
    });
    expect((await ask('GET', `/runs/${run.id}`)).body.run.plan).toEqual(before);
  });

  it('plans nothing private into what it freezes', async () => {
    const { body } = await ask('GET', '/runs');
    const { run } = (await ask('GET', `/runs/${body[0].runId}`)).body;
    expect(JSON.stringify(run)).not.toMatch(/"rating"|"wish"|"apart"/);
  });
});

describe('foreign pages', () => {
  /** Asks with headers that fetch would not let a test set. */
  const raw = (headers: Record<string, string>, method = 'GET', path = '/api/health') =>
    new Promise<number>((done, fail) => {
      const { hostname, port } = new URL(server.base);
      const asked = request({ hostname, port, path, method, headers }, (res) => {
        res.resume();
        done(res.statusCode ?? 0);
      });
      asked.on('error', fail);
      asked.end(method === 'POST' ? '{}' : undefined);
    });
  it.each([
    [{ host: 'evil.example' }, 403],
    [{ host: '127.0.0.1.evil.example:4600' }, 403],
    [{ origin: 'http://evil.example' }, 403],
    [{ origin: 'null' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{}, 200],
    [{ host: 'localhost:4600' }, 200],
    [{ host: 'localhost:4600', origin: 'http://localhost:4600' }, 200],
    [{ host: 'localhost:4600', origin: 'http://localhost:4601' }, 403],
  ])('%j gets %i', async (headers, status) => {
    expect(await raw(headers as Record<string, string>)).toBe(status);
    if (status === 403) expect(await raw(headers as Record<string, string>, 'POST', '/api/classes')).toBe(403);
  });

  it('no path climbs out of the folder of the pages', async () => {
    for (const path of ['/../package.json', '/..%2f..%2fpackage.json', '/assets/..%2f..%2fserver/main.mjs', '/%2e%2e/%2e%2e/etc/passwd'])
      expect([200, 400, 403, 404]).toContain(await raw({}, 'GET', path));
    const text = await (await fetch(`${server.base.replace('/api', '')}/..%2fpackage.json`)).text();
    expect(text).not.toContain('"dependencies"');
  });
});

describe('an answer', () => {
  it('carries safe headers and no stack, and unknown routes are JSON', async () => {
    const response = await fetch(`${server.base}/health`);
    expect(response.headers.get('content-security-policy')).toMatch(/script-src 'self' 'wasm-unsafe-eval'/);
    expect(response.headers.get('content-security-policy')).toContain("media-src 'self' blob:");
    expect(response.headers.get('x-content-type-options')).toBe('nosniff');
    expect(response.headers.get('x-powered-by')).toBeNull();
    const lost = await ask('GET', '/nowhere');
    expect(lost).toMatchObject({ status: 404, body: { code: 'unknown-route' } });
  });
});
