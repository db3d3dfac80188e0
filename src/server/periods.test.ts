import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { addDays } from '../core/model/day.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

const mills = `mills-${DATE}`;
const desk = async (id: string) => (await server.ask('GET', `/periods/${id}/desk`)).body;
const day = async (date: string) =>
  (await server.ask('GET', `/days/${date}`)).body as { period: { id: string; start: string }; lesson: { title: string } | null }[];
/** The school with another timetable. */
async function setTimetable(timetable: object): Promise<void> {
  const { body: school } = await server.ask('GET', '/school');
  expect((await server.ask('PUT', '/school', { ...school, timetable })).status).toBe(200);
}
const NONE = { slots: [], shortDays: [], holidays: [] };

describe('a period', () => {
  it('is moved to another day, time and room, and stays the same lesson', async () => {
    const { period, lesson } = await desk(`bells-${DATE}`);
    const to = addDays(DATE, 1);
    const moved = await server.ask('PUT', `/periods/${period.id}`, {
      ...period,
      date: to,
      start: '08:00',
      end: '08:40',
      roomId: 'mill-gym',
    });
    expect(moved.status).toBe(200);
    expect((await day(DATE)).some((d) => d.period.id === period.id)).toBe(false);
    expect(await day(to)).toMatchObject([{ period: { id: period.id, start: '08:00' }, lesson: { id: lesson.id } }]);
    expect((await server.ask('PUT', `/periods/${period.id}`, { ...moved.body, end: '08:04' })).body.issues).toEqual([
      { path: ['end'], code: 'too-small' },
    ]);
  });

  it('is copied with its lesson to another day; the copy is changed without the original, and nothing private goes along', async () => {
    const to = addDays(DATE, 7);
    await server.ask('POST', '/adaptations/lesson-mills', {
      ...{ id: 'z1', name: 'choose', lessonRevision: 0, student: 'grade-5a-3', block: 'mills-game', place: 'windmill' },
      after: { accepted: null, refused: [{ to: 'larger-object', why: '' }] },
    });
    const { body: copy } = await server.ask('POST', `/periods/${mills}/copy`, { date: to });
    expect(copy).toMatchObject({ date: to, start: '10:05', end: '10:50', classId: 'grade-5a' });
    const [one, other] = [await desk(mills), await desk(copy.id)];
    expect(other.lesson.id).not.toBe(one.lesson.id);
    expect(other.lesson.blocks).toEqual(one.lesson.blocks);
    expect((await server.ask('GET', `/adaptations/${other.lesson.id}`)).body.log).toEqual([]);
    expect((await server.ask('POST', `/periods/${mills}/copy`, { date: '2026-13-01' })).status).toBe(400);
    expect((await server.ask('POST', `/periods/${mills}/copy`, { date: to, start: '11:00' })).body.issues[0].path).toEqual(['end']);
  });

  it('that is cancelled has its gear and floor for nobody, and is there again', async () => {
    const { body: beside } = await server.ask('POST', '/periods', {
      date: DATE,
      start: '10:20',
      end: '10:55',
      classId: 'grade-3b',
      roomId: 'mill-gym',
      lessonId: 'lesson-weather',
    });
    expect((await desk(beside.id)).day.claims).toMatchObject([{ to: 'Grade 5a' }]);
    const { period } = await desk(mills);
    const cancelled = await server.ask('PUT', `/periods/${mills}`, { ...period, cancelled: 'field trip' });
    expect(cancelled.status).toBe(200);
    expect((await desk(beside.id)).day?.claims ?? []).toEqual([]);
    const { cancelled: _, ...again } = cancelled.body;
    await server.ask('PUT', `/periods/${mills}`, again);
    expect((await desk(beside.id)).day.claims).toMatchObject([{ to: 'Grade 5a' }]);
    await server.ask('DELETE', `/periods/${beside.id}`);
  });
});

describe('a lesson that is planned again', () => {
  it('says where nothing is known of the class’s next time', async () => {
    await setTimetable(NONE);
    expect(await server.ask('POST', `/periods/bridges-${DATE}/again`)).toMatchObject({ status: 409, body: { code: 'no-meeting' } });
    const { body: bare } = await server.ask('POST', '/periods', {
      date: DATE,
      start: '15:00',
      end: '15:40',
      classId: 'grade-8a',
      roomId: 'mill-gym',
    });
    expect(await server.ask('POST', `/periods/${bare.id}/again`)).toMatchObject({ status: 409, body: { code: 'no-lesson' } });
  });

  it('goes into the next free period of the class, then into one made from the timetable', async () => {
    const next = addDays(DATE, 2);
    const slot = { id: 's1', weekday: 5, start: '12:00', end: '12:45', classId: 'grade-8a', roomId: 'mill-gym' };
    await setTimetable({ ...NONE, slots: [slot] });
    const free = await server.ask('POST', `/periods/bridges-${DATE}/again`);
    expect(free.body).toMatchObject({ isNew: false, period: { date: DATE, start: '15:00' } });
    const made = await server.ask('POST', `/periods/bridges-${DATE}/again`);
    expect(made.body).toMatchObject({ isNew: true });
    expect(made.body.period).toMatchObject({ date: next, start: '12:00', roomId: 'mill-gym', slot: 's1', adults: ['tarn-holloway'] });
    expect((await desk(made.body.period.id)).lesson.title).toBe((await desk(`bridges-${DATE}`)).lesson.title);
    // What was some days ago is planned from now on, not in between.
    server.clock.now += 3 * 86_400_000;
    const later = await server.ask('POST', `/periods/bridges-${DATE}/again`);
    expect(later.body.period.date).toBe(addDays(next, 7));
    server.clock.now += 14 * 86_400_000;
    const long = await server.ask('POST', `/periods/bridges-${DATE}/again`);
    expect(long.body.period.date).toBe(addDays(next, 21));
    server.clock.now -= 17 * 86_400_000;
  });
});

describe('a bell timetable', () => {
  it.each([
    [
      { ...NONE, slots: [{ id: 's', weekday: 8, start: '09:00', end: '09:45', classId: 'c', roomId: 'r' }] },
      ['timetable', 'slots', 0, 'weekday'],
      'too-large',
    ],
    [
      { ...NONE, slots: [{ id: 's', weekday: 1, start: '09:45', end: '09:00', classId: 'c', roomId: 'r' }] },
      ['timetable', 'slots', 0, 'end'],
      'too-small',
    ],
    [{ ...NONE, holidays: [{ name: '', from: '2026-10-10', until: '2026-10-09' }] }, ['timetable', 'holidays', 0, 'until'], 'too-small'],
    [{ ...NONE, shortDays: [{ date: 'soon', name: 'x', bells: [] }] }, ['timetable', 'shortDays', 0, 'date'], 'date'],
  ])('%j is refused at its field', async (timetable, path, code) => {
    const { body: school } = await server.ask('GET', '/school');
    expect((await server.ask('PUT', '/school', { ...school, timetable })).body.issues).toEqual([{ path, code }]);
  });

  it('reads holidays out of a calendar file without storing them', async () => {
    const text =
      'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nSUMMARY:Harvest\r\nDTSTART;VALUE=DATE:20261012\r\nDTEND;VALUE=DATE:20261017\r\nEND:VEVENT\r\nEND:VCALENDAR';
    const { body } = await server.ask('POST', '/school/holidays', { text, from: DATE });
    expect(body).toEqual({ holidays: [{ name: 'Harvest', from: '2026-10-12', until: '2026-10-16' }], errors: [] });
    expect((await server.ask('GET', '/school')).body.timetable.holidays).toEqual([]);
    expect((await server.ask('POST', '/school/holidays', { text: '', from: DATE })).status).toBe(400);
  });
});
