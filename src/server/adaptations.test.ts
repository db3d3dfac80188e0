import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

const LOG = '/adaptations/lesson-mills';
const dial = { dial: 'rule', to: 'one-hand-way', data: {}, keeps: ['send'], cost: 7 };
const edit = (id: string, more: Record<string, unknown> = {}) => ({
  ...{ id, name: 'use 1 change', lessonRevision: 0, student: 'grade-5a-4', block: 'mills-game', place: 'windmill' },
  after: { accepted: [dial], refused: [{ to: 'marked-refusal', why: 'marked why' }] },
  ...more,
});

describe('adaptations of a lesson', () => {
  it('are an append-only log, each step with what it replaced, the same id once', async () => {
    const first = await server.ask('POST', LOG, edit('a1'));
    expect(first.body).toMatchObject({ seq: 1, before: { accepted: null, refused: [] }, after: { accepted: [dial] } });
    const again = await server.ask('POST', LOG, edit('a1'));
    expect(again.body).toEqual(first.body);
    const stop = await server.ask('POST', LOG, edit('a2', { name: 'stop', after: { accepted: null, refused: [] } }));
    expect(stop.body).toMatchObject({ seq: 2, before: { accepted: [dial] } });
    const undo = await server.ask('POST', LOG, edit('a3', { name: 'undo stop', undoes: 2 }));
    expect(undo.body).toMatchObject({ seq: 3, undoes: 2, before: { accepted: null } });
    const { body } = await server.ask('GET', LOG);
    expect(body.log.map((s: { seq: number }) => s.seq)).toEqual([1, 2, 3]);
    expect(body.homeMade.length).toBeGreaterThan(5);
  });

  it('bring back all of a choice when its replacement is undone, what is done without the adult too', async () => {
    const guided = { accepted: [dial], refused: [], withoutAdult: [{ ...dial, to: 'seated' }] };
    await server.ask('POST', LOG, edit('b1', { place: 'low-net', after: guided }));
    const stop = await server.ask('POST', LOG, edit('b2', { place: 'low-net', after: { accepted: null, refused: [] } }));
    expect(stop.body.before).toEqual(guided);
  });

  it('go nowhere else: not into a copy of the lesson, an export with or without what is private, a run, the day or the log of edits', async () => {
    await server.ask('POST', LOG, edit('a4'));
    const copy = await server.ask('POST', `/periods/orchard-${DATE}/lesson`, { title: 'Copy', from: 'lesson-mills', replace: true });
    const copied = copy.body.lesson.id as string;
    expect((await server.ask('GET', `/adaptations/${copied}`)).body.log).toEqual([]);
    const { body: run } = await server.ask('POST', '/runs', { periodId: `mills-${DATE}` });
    const seen = [
      copy.body,
      (await server.ask('GET', '/export')).body,
      (await server.ask('GET', '/export?private=yes')).body,
      run,
      (await server.ask('GET', `/runs/${run.id}`)).body,
      (await server.ask('GET', `/days/${DATE}`)).body,
      (await server.ask('GET', '/lessons/lesson-mills/edits')).body,
    ];
    for (const told of seen) expect(JSON.stringify(told)).not.toMatch(/marked-refusal|marked why|one-hand-way/);
  });

  it('are told to a later lesson of the class, never to an earlier one or another class', async () => {
    const earlier = async (period: string) =>
      (await server.ask('GET', `/adaptations/before/${period}`)).body.earlier as { games: Record<string, string>; choices: object[] }[];
    const late = await server.ask('POST', '/periods', {
      ...{ date: DATE, start: '15:00', end: '15:40', classId: 'grade-5a', roomId: 'mill-gym', lessonId: 'lesson-bells' },
    });
    const [found, ...others] = await earlier(late.body.id);
    expect(found.games).toEqual({ 'mills-game': 'nine-mills' });
    expect(found.choices).toContainEqual(expect.objectContaining({ student: 'grade-5a-4', place: 'windmill', accepted: [dial] }));
    expect(others).toEqual([]);
    expect(await earlier(`mills-${DATE}`)).toEqual([]);
    expect(await earlier(`bells-${DATE}`)).toEqual([]);
    await server.ask('DELETE', `/periods/${late.body.id}`);
  });

  it('go with the student who leaves the school', async () => {
    await server.ask('DELETE', '/classes/grade-5a/students/grade-5a-4');
    expect((await server.ask('GET', LOG)).body.log).toEqual([]);
  });

  it('go with a class that is removed, those of other classes stay', async () => {
    const { body: cls } = await server.ask('POST', '/classes', { name: 'Grade 1x', grade: '1' });
    const { body: student } = await server.ask('POST', `/classes/${cls.id}/students`, { givenName: 'Ova', familyName: 'Reed' });
    await server.ask('POST', LOG, edit('c1', { student: student.id }));
    await server.ask('POST', LOG, edit('c2', { student: 'grade-5a-5' }));
    expect((await server.ask('DELETE', `/classes/${cls.id}`)).status).toBeLessThan(300);
    expect((await server.ask('GET', LOG)).body.log.map((s: { id: string }) => s.id)).toEqual(['c2']);
  });
});

describe('supports', () => {
  it('are nowhere in an export without what is private, a run, or the lists of classes', async () => {
    const { body: cls } = await server.ask('GET', '/classes/grade-5a');
    const { revision } = cls.students.find((s: { id: string }) => s.id === 'grade-5a-2');
    const told = {
      supports: [{ kind: 'mouths-things' }],
      refined: { 'pressed-or-pulled': 1 },
      limits: ['lie-prone'],
      wish: 'marked wish',
      wishes: { refuses: ['marked-dial'] },
    };
    expect((await server.ask('PUT', '/classes/grade-5a/students/grade-5a-2', { revision, ...told })).status).toBe(200);
    const { body: run } = await server.ask('POST', '/runs', { periodId: `mills-${DATE}` });
    const seen = [
      (await server.ask('GET', '/export')).body,
      (await server.ask('GET', '/classes')).body,
      (await server.ask('GET', '/school')).body,
      (await server.ask('GET', `/runs/${run.id}`)).body,
      (await server.ask('GET', '/runs')).body,
    ];
    const words = /mouths-things|pressed-or-pulled|lie-prone|marked wish|marked-dial/;
    for (const each of seen) expect(JSON.stringify(each).replace(/"demands":\[[^\]]*\]/g, '')).not.toMatch(words);
  });
});
