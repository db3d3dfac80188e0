import { readFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fit } from '../core/fit/fit.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let full: TestServer;
let empty: TestServer;
/** Stays empty until a file is taken at last. */
let untouched: TestServer;
beforeAll(async () => {
  full = await testServer();
  empty = await testServer({ empty: true });
  untouched = await testServer({ empty: true });
});
afterAll(async () => {
  await full.stop();
  await empty.stop();
  await untouched.stop();
});

describe('everything as one file', () => {
  it('goes out, and into an empty school, and out again the same', async () => {
    const { body: file } = await full.ask('GET', '/export?private=yes');
    expect(file).toMatchObject({ format: 'side-court', version: 1, privateIncluded: true });
    expect(file.students).toHaveLength(154);
    expect(file.runs).toHaveLength(2);
    const taken = await empty.ask('POST', '/import', file);
    expect(taken).toMatchObject({ status: 200, body: { classes: 6, students: 154, runs: 2 } });
    const { body: again } = await empty.ask('GET', '/export?private=yes');
    const calm = (f: typeof file) => ({ ...f, school: { ...f.school, revision: 0 } });
    expect(calm(again)).toEqual(calm(file));
    const entries = async (s: TestServer) => (await s.ask('GET', '/runs')).body;
    expect(await entries(empty)).toEqual(await entries(full));
  });

  it('is refused by a school that is not empty, and stores nothing', async () => {
    const { body: file } = await full.ask('GET', '/export?private=yes');
    const before = (await full.ask('GET', '/export?private=yes')).body;
    expect(await full.ask('POST', '/import', file)).toMatchObject({ status: 409, body: { code: 'not-empty' } });
    expect((await full.ask('GET', '/export?private=yes')).body).toEqual(before);
  });

  it.each([
    ['a list', [], ''],
    ['another format', { format: 'other' }, 'format'],
    ['a version to come', { format: 'side-court', version: 9 }, 'version'],
    ['nothing but a head', { format: 'side-court', version: 1, privateIncluded: true }, 'school'],
  ])('%s is refused with the place', async (_, body, where) => {
    const answer = await untouched.ask('POST', '/import', body);
    expect(answer.status).toBe(400);
    expect(answer.body.issues.some((i: { path: unknown[] }) => i.path.join('.').startsWith(where))).toBe(true);
    expect((await untouched.ask('GET', '/classes')).body).toEqual([]);
  });

  it('of a newer Side Court: gear of a kind that is not known here is taken, a support that is not is refused with its place', async () => {
    const { body: file } = await full.ask('GET', '/export?private=yes');
    const newer = structuredClone(file);
    newer.gear[0].gearKind = 'hover ring';
    newer.ratings[7].supports = [{ kind: 'a-support-to-come' }];
    const refused = await untouched.ask('POST', '/import', newer);
    expect(refused).toMatchObject({ status: 400, body: { issues: [{ path: ['ratings', 7, 'supports', 0, 'kind'], code: 'choice' }] } });
    newer.ratings[7].supports = [];
    const school = await testServer({ empty: true });
    try {
      expect((await school.ask('POST', '/import', newer)).status).toBe(200);
      const { body: desk } = await school.ask('GET', `/periods/mills-${DATE}/desk`);
      expect(desk.cupboard.map((g: { gearKind: string }) => g.gearKind)).toContain('hover ring');
      expect(() => fit(desk)).not.toThrow();
    } finally {
      await school.stop();
    }
  });

  it('one bad record in a whole school is named, and nothing of the rest is stored', async () => {
    const fresh = untouched;
    const { body: file } = await full.ask('GET', '/export?private=yes');
    const bad = structuredClone(file);
    bad.students[40].givenName = 'Wr\u0007en';
    const answer = await fresh.ask('POST', '/import', bad);
    expect(answer.body.issues[0].path).toEqual(['students', 40, 'givenName']);
    const twice = structuredClone(file);
    twice.students.push(twice.students[0]);
    expect((await fresh.ask('POST', '/import', twice)).body.issues[0]).toMatchObject({ path: ['students', 154], code: 'repeated' });
    expect((await fresh.ask('GET', '/classes')).body).toEqual([]);
  });

  it('of an older version is brought up on its way in', async () => {
    const fresh = untouched;
    const { body: file } = await full.ask('GET', '/export?private=yes');
    const without = (record: object, keys: string[]) => Object.fromEntries(Object.entries(record).filter(([key]) => !keys.includes(key)));
    const rooms = file.rooms.map((room: { doors: object[]; fixed: object[] }) => ({
      ...without(room, ['painted', 'floorKind', 'outside', 'walls', 'curtains']),
      version: 1,
      doors: room.doors.map((door) => without(door, ['swing', 'exit'])),
      fixed: room.fixed.map((thing) => without(thing, ['undersideM', 'shape', 'heightM', 'opens'])),
    }));
    expect(await fresh.ask('POST', '/import', { ...file, rooms })).toMatchObject({ status: 200, body: { classes: 6 } });
    const { body: taken } = await fresh.ask('GET', '/rooms');
    expect(taken.map((r: { version: number; painted: unknown[] }) => [r.version, r.painted])).toEqual([
      [3, []],
      [3, []],
      [3, []],
    ]);
    expect(taken[0].doors[0]).toMatchObject({ swing: 'inwards', exit: true });
    const post = taken.flatMap((r: { fixed: { thing: string }[] }) => r.fixed).find((f: { thing: string }) => f.thing === 'post');
    expect(post).toMatchObject({ shape: 'round', heightM: 4, opens: null });
  });

  it('has a published shape, the same as the one in docs', async () => {
    const { body } = await full.ask('GET', '/export/schema');
    expect(Object.keys(body.properties)).toEqual(expect.arrayContaining(['format', 'students', 'runs', 'lessonEdits']));
    expect(JSON.parse(readFileSync(path.join(import.meta.dirname, '../../docs/export.schema.json'), 'utf8'))).toEqual(body);
  });
});

describe('private by construction', () => {
  const CANARY = /canary/i;
  /** Marked words in everything private: wishes, attendance, ratings, a note, a note to sort, a consequence, a reason, a block's note. */
  async function plant(server: TestServer): Promise<string> {
    const period = `mills-${DATE}`;
    const { body: desk } = await server.ask('GET', `/periods/${period}/desk`);
    const lesson = `/lessons/${desk.lesson.id}/edits`;
    await server.ask('POST', lesson, {
      id: 'canary-accept',
      revision: desk.lesson.revision,
      name: 'accept canary',
      edit: { kind: 'accept', key: 'x', reason: 'canary reason' },
    });
    const [block] = desk.lesson.blocks;
    await server.ask('POST', lesson, {
      id: 'canary-note',
      revision: desk.lesson.revision + 1,
      name: 'note canary',
      edit: { kind: 'set-block', blockId: block.id, patch: { note: 'canary note' } },
    });
    const { body: run } = await server.ask('POST', '/runs', { periodId: period });
    const game = run.plan.blocks.find((b: { game?: unknown }) => b.game).id;
    const events = [
      { id: 'c1', at: run.startedAt + 1, type: 'note', text: 'canary observation' },
      {
        id: 'c2',
        at: run.startedAt + 2,
        type: 'play',
        blockId: game,
        event: { type: 'box', player: 'grade-5a-2', why: 'canary consequence', release: 'task' },
      },
      { id: 'c3', at: run.startedAt + 3, type: 'offence', blockId: game, student: 'grade-5a-3', what: 'canary-offence', step: 'word' },
      { id: 'c4', at: run.startedAt + 4, type: 'offence', blockId: game, student: 'grade-5a-3', what: 'canary-offence', step: 'rest' },
    ];
    expect((await server.ask('POST', `/runs/${run.id}/events`, { events })).status).toBe(200);
    expect((await server.ask('PUT', '/classes/grade-5a/students/grade-5a-4', { toSort: 'canary to sort' })).status).toBe(200);
    return run.id;
  }

  it('a marked word shows nowhere public: export, cards, titles, addresses, logs', async () => {
    const server = await testServer();
    const heard: string[] = [];
    const [log, error] = [console.log, console.error];
    console.log = (...args) => heard.push(args.join(' '));
    console.error = (...args) => heard.push(args.join(' '));
    try {
      const runId = await plant(server);
      const { body: all } = await server.ask('GET', '/export?private=yes');
      expect(JSON.stringify(all), 'the words were planted').toMatch(CANARY);
      const { body: file } = await server.ask('GET', '/export');
      expect(file.privateIncluded).toBe(false);
      expect(JSON.stringify(file)).not.toMatch(CANARY);
      expect(JSON.stringify(file)).not.toMatch(/"rating":|"wish":|"excused"|"no-shoes"/);
      const { run } = (await server.ask('GET', `/runs/${runId}`)).body;
      const cards = run.plan.blocks.flatMap((b: { game?: object }) => (b.game ? [b.game] : []));
      expect(JSON.stringify(cards)).not.toMatch(CANARY);
      expect(JSON.stringify(cards)).not.toMatch(/rating|wish|apart/);
      expect(`${run.id} ${run.periodId} ${run.plan.lessonTitle}`).not.toMatch(CANARY);
      const guest = JSON.stringify((await server.ask('GET', `/guest/${run.periodId}`)).body);
      expect(guest).toContain('Nine mills');
      expect(guest).not.toMatch(CANARY);
      await server.ask('POST', '/classes', '{"name": "canary');
      await server.ask('PUT', '/classes/grade-5a/students/grade-5a-1', { revision: 99, givenName: 'canary' });
      expect(heard.join('\n')).not.toMatch(CANARY);
    } finally {
      console.log = log;
      console.error = error;
      await server.stop();
    }
  });
});
