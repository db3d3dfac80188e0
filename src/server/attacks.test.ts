import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { floorDrawing } from '../core/exchange/floorDrawing.ts';
import { floorSvg } from '../core/exchange/floorSvg.ts';
import { Room } from '../core/model/room.ts';
import { MOST_ISSUES } from './problem.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
let empty: TestServer;
const ask: TestServer['ask'] = (...request) => server.ask(...request);
beforeAll(async () => {
  [server, empty] = [await testServer(), await testServer({ empty: true })];
});
afterAll(() => Promise.all([server.stop(), empty.stop()]));

const EDITS = '/lessons/lesson-mills/edits';
const revision = async () => (await ask('GET', `/periods/mills-${DATE}/desk`)).body.lesson.revision;
const edit = async (change: object, id = `x${Math.random()}`.replace('.', '')) =>
  ask('POST', EDITS, { id, revision: await revision(), name: 'a change', edit: change });
const rename = { kind: 'rename', title: 'Mills' };
/** A gesture within a gesture, this many deep, as JSON text: no program can write 20,000 levels out of objects. */
const nestedText = (depth: number) => `${'{"kind":"many","edits":['.repeat(depth)}${JSON.stringify(rename)}${']}'.repeat(depth)}`;
const nested = (depth: number) => JSON.parse(nestedText(depth)) as object;

describe('text that people type', () => {
  it('is accepted with < and &, and comes back as it was typed', async () => {
    const { body: run } = await ask('POST', '/runs', { periodId: `mills-${DATE}` });
    const text = 'group 3 < group 1 & 2 > 4\nnext time "mats"';
    const sent = await ask('POST', `/runs/${run.id}/events`, { events: [{ id: 'n1', at: server.clock.now, type: 'note', text }] });
    expect(sent.status).toBe(200);
    expect((await ask('GET', `/runs/${run.id}/entry`)).body.note).toBe(text);
    const { body: made } = await ask('POST', '/classes', { name: 'Grade <6', grade: '5' });
    expect(made.name).toBe('Grade <6');
  });

  it('has one spelling for one name', async () => {
    const { body: made } = await ask('POST', '/classes', { name: 'Noe\u0308l', grade: '5' });
    expect(made.name).toBe('No\u00ebl');
  });

  it('is escaped where it is written out', async () => {
    const { body: rooms } = await ask('GET', '/rooms');
    const room = Room.parse({ ...rooms[0], name: 'Hall <b>"1" & 2</b>' });
    const svg = floorSvg(floorDrawing(room, [], []), 100);
    expect(svg).toContain('Hall &lt;b&gt;&quot;1&quot; &amp; 2&lt;/b&gt;');
    expect(svg).not.toContain('<b>');
  });

  it.each([
    ['NUL', 'a\u0000b'],
    ['half a surrogate pair', 'a\ud800b'],
    ['the other half', 'a\udc00b'],
  ])('is refused with %s, at every door, and the run goes on', async (_, text) => {
    const { body: run } = await ask('POST', '/runs', { periodId: `weather-${DATE}` });
    const at = server.clock.now;
    const events = [
      { id: 'g1', at, type: 'note', text },
      { id: 'g2', at, type: 'play', blockId: 'b', event: { type: 'points', group: 0, points: 1, why: text } },
      { id: 'g3', at, type: 'play', blockId: 'b', event: { type: 'points', [text]: 1 } },
    ];
    for (const event of events) {
      const { status, body } = await ask('POST', `/runs/${run.id}/events`, { events: [event] });
      expect(status).toBe(400);
      expect(body.issues[0].path.slice(0, 2)).toEqual(['events', 0]);
    }
    expect((await ask('POST', '/classes', { name: text, grade: '5' })).status).toBe(400);
    expect((await edit({ kind: 'set-setting', blockId: 'mills-game', key: 'gapM', value: { deep: [text] } })).status).toBe(400);
    expect((await ask('POST', `/runs/${run.id}/events`, { events: [{ id: `ok-${text.length}`, at, type: 'pause' }] })).status).toBe(200);
  });
});

describe('names that every object has', () => {
  const at = { value: { x: 3, y: 3 }, by: 'teacher', pinned: true };
  it.each(['constructor', '__proto__', 'toString', 'hasOwnProperty'])('are no keys: %s', async (key) => {
    const before = await revision();
    const changes = [
      { kind: 'place', blockId: 'mills-game', pieceId: key, at },
      { kind: 'set-setting', blockId: 'mills-game', key, value: 1 },
      { kind: 'insert-block', index: 0, block: { id: key, phase: 'water', title: 'W', least: 0, most: 9, weight: 1 } },
    ];
    for (const change of changes) expect((await edit(change)).status, JSON.stringify(change)).toBe(400);
    const presence = { status: 'late', role: 'plays' };
    const attendance = `{"revision":0,"entries":{"${key}":${JSON.stringify(presence)}}}`;
    expect((await ask('PUT', `/periods/mills-${DATE}/attendance`, attendance)).status).toBe(400);
    expect(await revision()).toBe(before);
    expect((await ask('GET', EDITS)).status).toBe(200);
    expect((await ask('GET', '/export')).status).toBe(200);
  });
});

describe('requests that ask too much', () => {
  it('of an address that is no text are refused', async () => {
    for (const path of ['/periods/%E0%A4%A/desk', '/classes/%ff', '/backups/%', '/lessons/%E0%A4%A/edits'])
      expect((await ask('GET', path)).status, path).toBeLessThan(500);
  });

  it('with gestures in gestures, or thousands of changes in one, are refused', async () => {
    for (const depth of [5, 30, 1_000, 20_000]) {
      const text = `{"id":"deep${depth}","revision":${await revision()},"name":"a change","edit":${nestedText(depth)}}`;
      const { status, body } = await ask('POST', EDITS, text);
      expect([status, body.issues[0].path[0]], `${depth}`).toEqual([400, 'edit']);
    }
    const wide = (n: number): object => ({ kind: 'many', edits: Array.from({ length: n }, () => rename) });
    expect((await edit({ kind: 'many', edits: Array.from({ length: 40 }, () => wide(50)) })).status).toBe(400);
    expect((await edit({ kind: 'many', edits: [wide(50), nested(2)] })).status).toBe(200);
    expect((await ask('GET', EDITS)).status).toBe(200);
  });

  it('with an edit id that another lesson has are told so', async () => {
    expect((await edit(rename, 'twice')).status).toBe(200);
    const other = { id: 'twice', revision: 0, name: 'a change', edit: rename };
    const { status, body } = await ask('POST', '/lessons/lesson-weather/edits', other);
    expect([status, body.issues[0]]).toEqual([409, { path: ['id'], code: 'repeated' }]);
    expect((await edit(rename, 'twice')).status, 'the same again is no change').toBe(200);
  });

  it('with a million wrong entries keep nobody waiting, and their answer is short', async () => {
    const file = (await empty.ask('GET', '/export')).body;
    const wrong = Array.from({ length: 19_000 }, () => ({ kind: 'student' }));
    let slowest = 0;
    let done = false;
    const asking = (async () => {
      while (!done) {
        const from = performance.now();
        await (await fetch(`${empty.base}/health`)).text();
        slowest = Math.max(slowest, performance.now() - from);
        await new Promise((next) => setTimeout(next, 5));
      }
    })();
    const some = await empty.ask('POST', '/import', { ...file, students: wrong, lessons: wrong });
    const flood = await empty.ask('POST', '/import', JSON.stringify({ ...file, students: Array(1_000_000).fill(0) }));
    done = true;
    await asking;
    expect([some.status, some.body.issues.length]).toEqual([400, MOST_ISSUES]);
    expect([flood.status, flood.body.issues]).toEqual([400, [{ path: ['students'], code: 'too-many' }]]);
    // Most of it is the reading of the text itself, which no server can interrupt.
    expect(slowest).toBeLessThan(1500);
  });

  it('with old records that are damaged are refused with their place', async () => {
    const file = (await empty.ask('GET', '/export')).body;
    for (const record of [
      { kind: 'room', version: 1 },
      { kind: 'room', version: 2, fixed: 7 },
      { kind: 'room', version: 1, fixed: [null] },
    ]) {
      const { status, body } = await empty.ask('POST', '/import', { ...file, rooms: [record] });
      expect([status, body.issues[0].path.slice(0, 2)]).toEqual([400, ['rooms', 0]]);
    }
    const { status, body } = await empty.ask('POST', '/import', { ...file, runs: [{ run: { kind: 'run', version: 1 }, events: [] }] });
    expect([status, body.issues[0].path[0]]).toEqual([400, 'runs']);
  });
});
