import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ past: 0 });
});
afterAll(() => server.stop());
const desk = async (id: string) => (await server.ask('GET', `/periods/${id}/desk`)).body;

describe('a lesson copied to another period', () => {
  it('goes there as a copy with edits on top; the first one stays as it is', async () => {
    const from = await desk(`mills-${DATE}`);
    const free = (
      await server.ask('POST', '/periods', { date: DATE, start: '15:00', end: '15:45', classId: 'grade-3b', roomId: 'mill-gym' })
    ).body;
    const block = from.lesson.blocks.find((b: { game?: object }) => b.game);
    const edits = { kind: 'set-setting', blockId: block.id, key: 'laps', value: 2 };
    const made = await server.ask('POST', `/periods/${free.id}/lesson`, { title: 'Mills again', from: from.lesson.id, edits });
    expect(made.status).toBe(200);
    expect(made.body.lesson).toMatchObject({ title: 'Mills again', accepted: [] });
    expect(made.body.lesson.id).not.toBe(from.lesson.id);
    const copied = made.body.lesson.blocks.find((b: { id: string }) => b.id === block.id);
    expect(copied.game.settings.laps).toBe(2);
    expect((await desk(`mills-${DATE}`)).lesson).toEqual(from.lesson);
    const edited = await server.ask('POST', `/lessons/${made.body.lesson.id}/edits`, {
      id: 'e1',
      revision: made.body.lesson.revision,
      name: 'x',
      edit: { kind: 'rename', title: 'Mills there' },
    });
    expect(edited.status).toBe(200);
    expect((await desk(`mills-${DATE}`)).lesson.title).toBe(from.lesson.title);
  });

  it('takes the place of another only when told so, and refuses what it does not know', async () => {
    const from = await desk(`mills-${DATE}`);
    const body = { title: 'Mills', from: from.lesson.id };
    const there = `weather-${DATE}`;
    expect((await server.ask('POST', `/periods/${there}/lesson`, body)).status).toBe(409);
    expect((await server.ask('POST', `/periods/${there}/lesson`, { ...body, from: 'nothing', replace: true })).body.issues[0].path).toEqual(
      ['from'],
    );
    const bad = { kind: 'remove-block', blockId: 'nothing' };
    expect((await server.ask('POST', `/periods/${there}/lesson`, { ...body, edits: bad, replace: true })).body.issues[0].path[0]).toBe(
      'edits',
    );
    const old = (await desk(there)).lesson.id;
    const made = await server.ask('POST', `/periods/${there}/lesson`, { ...body, replace: true });
    expect(made.body.lesson.id).not.toBe(old);
    expect((await server.ask('GET', `/lessons/${old}/edits`)).status).toBe(200);
  });
});

describe('two classes in one period', () => {
  it('are one desk: students, wishes and attendance of both; a class is no guest of its own', async () => {
    const { period, students } = await desk(`mills-${DATE}`);
    const put = (guests: string[]) => server.ask('PUT', `/periods/${period.id}`, { ...period, guests });
    expect((await put(['grade-5a'])).body.issues[0]).toMatchObject({ path: ['guests'], code: 'repeated' });
    expect((await put(['nobody'])).body.issues[0]).toMatchObject({ path: ['guests', 0], code: 'unknown-id' });
    expect((await put(['grade-3b'])).status).toBe(200);
    const both = await desk(period.id);
    expect(both.students).toHaveLength(students.length + 27);
    const guest = both.students.at(-1).id;
    const entries = { [guest]: { status: 'absent', role: 'away' } };
    const { attendance } = both;
    expect((await server.ask('PUT', `/periods/${period.id}/attendance`, { revision: attendance?.revision ?? 0, entries })).status).toBe(
      200,
    );
    expect((await server.ask('DELETE', '/classes/grade-3b')).status).toBe(409);
  });
});
