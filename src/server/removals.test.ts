import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Removal } from '../core/model/removal.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

/** Everything that is stored, without the revisions of the periods that a removal changes for a while. */
async function everything() {
  const { body } = await server.ask('GET', '/export?private=yes');
  return { ...body, periods: body.periods.map((p: object) => ({ ...p, revision: 0 })) };
}
const log = async () => (await server.ask('GET', '/adaptations/lesson-mills')).body.log as { id: string }[];
const list = async () => (await server.ask('GET', '/removals')).body as Removal[];

/** Looks, removes, looks at what is left, brings back: all is as it was. Gives the removal. */
async function thereAndBack(what: string, id: string, path: string, query = ''): Promise<Removal> {
  const before = await everything();
  const { body: touched, status } = await server.ask('GET', `/removals/${what}/${id}${query}`);
  expect(status).toBe(200);
  expect(await everything(), 'a look changes nothing').toEqual(before);
  const { body: removal } = await server.ask('DELETE', `${path}${query}`);
  expect(removal).toMatchObject({ what, touched });
  expect(await everything()).not.toEqual(before);
  expect((await list())[0]).toEqual(removal);
  expect((await server.ask('DELETE', `${path}${query}`)).status).toBe(404);
  expect((await server.ask('POST', `/removals/${removal.id}/undo`)).status).toBe(200);
  expect(await everything()).toEqual(before);
  expect((await server.ask('POST', `/removals/${removal.id}/undo`)).status).toBe(404);
  return removal;
}

describe('what is removed', () => {
  it('comes back whole: gear, a period with its lesson, a room, a class with its periods', async () => {
    // A lesson that was edited goes and comes back with its edits.
    const { body: desk } = await server.ask('GET', `/periods/mills-${DATE}/desk`);
    const rename = { id: 'r1', revision: desk.lesson.revision, name: 'rename', edit: { kind: 'rename', title: 'Nine mills, again' } };
    expect((await server.ask('POST', '/lessons/lesson-mills/edits', rename)).status).toBe(200);
    expect((await thereAndBack('gear', 'gear-1', '/gear/gear-1')).touched).toMatchObject({ lessons: 0 });
    const period = await thereAndBack('period', `mills-${DATE}`, `/periods/mills-${DATE}`);
    expect(period).toMatchObject({ name: 'Grade 5a', date: DATE, touched: { periods: 0 } });
    expect(period.touched.lessons).toBe(1);
    const room = await thereAndBack('room', 'mill-gym', '/rooms/mill-gym', '?to=upper-yard');
    expect(room.touched.changed).toBeGreaterThan(1);
    const cls = await thereAndBack('class', 'grade-5a', '/classes/grade-5a', '?with=periods');
    expect(cls.touched.students).toBeGreaterThan(20);
    expect(cls.touched.periods).toBeGreaterThan(0);
    const emptied = await thereAndBack('room', 'mill-gym', '/rooms/mill-gym', '?with=periods');
    expect(emptied.touched).toMatchObject({ periods: room.touched.changed, changed: 0 });
  });

  it('names a student, and what was chosen for one comes back at the end of the log without taking a number twice', async () => {
    const choice = (id: string, student: string) => ({
      ...{ id, name: 'choose', lessonRevision: 0, student, block: 'mills-game', place: 'windmill' },
      after: { accepted: null, refused: [{ to: 'larger-object', why: '' }] },
    });
    await server.ask('POST', '/adaptations/lesson-mills', choice('z1', 'grade-5a-3'));
    await server.ask('POST', '/adaptations/lesson-mills', choice('z2', 'grade-5a-4'));
    const ids = (await log()).map((s) => s.id);
    const { body: removal } = await server.ask('DELETE', '/classes/grade-5a/students/grade-5a-4');
    expect(removal.touched.plans).toBeGreaterThan(0);
    await server.ask('POST', '/adaptations/lesson-mills', choice('z3', 'grade-5a-3'));
    expect((await server.ask('POST', `/removals/${removal.id}/undo`)).status).toBe(200);
    expect((await log()).map((s) => s.id).sort()).toEqual([...ids, 'z3'].sort());
  });

  it('says what it needs first: a student without a class does not come back', async () => {
    const { body: cls } = await server.ask('POST', '/classes', { name: 'Grade 1x', grade: '1' });
    const { body: student } = await server.ask('POST', `/classes/${cls.id}/students`, { givenName: 'Ova', familyName: 'Reed' });
    const { body: one } = await server.ask('DELETE', `/classes/${cls.id}/students/${student.id}`);
    const { body: all } = await server.ask('DELETE', `/classes/${cls.id}`);
    expect(one.name).toBe('Ova Reed');
    expect(await server.ask('POST', `/removals/${one.id}/undo`)).toMatchObject({ status: 409, body: { code: 'parent-gone' } });
    expect((await server.ask('POST', `/removals/${all.id}/undo`)).status).toBe(200);
    expect((await server.ask('POST', `/removals/${one.id}/undo`)).status).toBe(200);
    expect((await server.ask('GET', `/classes/${cls.id}`)).body.students).toHaveLength(1);
  });

  it('is in no export, goes with an updated roster too, and is deleted after thirty days', async () => {
    const { body: cls } = await server.ask('POST', '/classes', { name: 'Grade 2x', grade: '2' });
    const take = (text: string) => server.ask('POST', `/classes/${cls.id}/import`, { text, mode: 'update', commit: true });
    await take('Name\n"Quillon, Orla"\n"Reed, Ova"');
    await take('Name\n"Reed, Ova"');
    expect((await list())[0]).toMatchObject({ what: 'student', name: 'Orla Quillon' });
    expect(JSON.stringify((await server.ask('GET', '/export?private=yes')).body)).not.toContain('Quillon');
    server.clock.now += 31 * 86_400_000;
    expect(await list()).toEqual([]);
  });

  it.each([
    ['GET', '/removals/lesson/x', 400],
    ['GET', '/removals/class/nobody', 404],
    ['GET', '/removals/room/mill-gym', 409],
    ['GET', '/removals/room/mill-gym?to=nowhere', 400],
    ['GET', '/removals/room/mill-gym?to=mill-gym', 400],
    ['POST', '/removals/nothing/undo', 404],
    ['DELETE', '/rooms/mill-gym?to=nowhere', 400],
  ])('answers %s %s with %i', async (method, path, status) => {
    expect((await server.ask(method, path)).status).toBe(status);
  });
});
