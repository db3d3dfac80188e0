import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

const STUDENT = '/classes/grade-5a/students/grade-5a-1';
const start = { object: 0, implement: 0, motion: 0, distance: 0 };
const followed = (skill: string, more: Record<string, unknown> = {}) => ({
  skill,
  places: [{ at: start, prompt: 'alone', since: 1_000, ...more }],
});
const stored = async () =>
  (await server.ask('GET', '/classes/grade-5a')).body.ratings.find((r: { studentId: string }) => r.studentId === 'grade-5a-1');
const codes = (body: { issues: { path: (string | number)[]; code: string }[] }) => body.issues.map((i) => `${i.path.join('.')}: ${i.code}`);

describe('followed skills', () => {
  it('are stored with the student’s private record, and taken away by an empty list', async () => {
    expect((await server.ask('PUT', STUDENT, { ladders: [followed('throw'), followed('roll')], handYes: true })).status).toBe(200);
    expect(await stored()).toMatchObject({ handYes: true, ladders: [{ skill: 'throw' }, { skill: 'roll' }] });
    await server.ask('PUT', STUDENT, { ladders: [] });
    expect(await stored()).not.toHaveProperty('ladders');
  });

  it.each([
    ['an unknown skill', followed('juggle with fire'), 'ladders.0.skill: choice'],
    ['a step below the first', followed('throw', { at: { ...start, object: -1 } }), 'ladders.0.places.0.at.object: too-small'],
    ['half a step', followed('throw', { at: { ...start, motion: 0.5 } }), 'ladders.0.places.0.at.motion: whole'],
    ['an unknown help', followed('throw', { prompt: 'push' }), 'ladders.0.places.0.prompt: choice'],
    ['no step at all', { skill: 'throw', places: [] }, 'ladders.0.places: empty'],
  ])('with %s are refused with the field, and nothing changes', async (_, ladder, said) => {
    const before = await stored();
    const { status, body } = await server.ask('PUT', STUDENT, { ladders: [ladder] });
    expect(status).toBe(400);
    expect(codes(body)).toContain(said);
    expect(await stored()).toEqual(before);
  });

  it('are one for each skill', async () => {
    const { status, body } = await server.ask('PUT', STUDENT, { ladders: [followed('throw'), followed('throw')] });
    expect([status, codes(body)]).toEqual([400, ['ladders: repeated']]);
  });
});

describe('ladders of the school', () => {
  it('take the place of those that come with Side Court, one by one', async () => {
    const { body: before } = await server.ask('GET', '/skill-ladders');
    const own = { ...before.usual[0], motion: ['rolled', 'tossed'] };
    own.order = own.order.filter((axis: string) => axis !== 'motion').concat('motion');
    const school = (await server.ask('GET', '/school')).body;
    expect((await server.ask('PUT', '/school', { ...school, skillLadders: [own] })).status).toBe(200);
    const { body } = await server.ask('GET', '/skill-ladders');
    expect(body.ladders[0].motion).toEqual(['rolled', 'tossed']);
    expect(body.ladders.slice(1)).toEqual(before.ladders.slice(1));
    expect(body.usual).toEqual(before.usual);
  });

  it('are refused if a value is a student’s own position', async () => {
    const { body: grids } = await server.ask('GET', '/skill-ladders');
    const school = (await server.ask('GET', '/school')).body;
    const wrong = { ...grids.usual[1], motion: ['rolled', 'seated', 'tossed', 'tossed to the side'] };
    const { status, body } = await server.ask('PUT', '/school', { ...school, skillLadders: [wrong] });
    expect([status, codes(body)]).toEqual([400, ['skillLadders.0.motion.1: own-position']]);
  });
});

describe('marks of a lesson', () => {
  const mark = (id: string, more: Record<string, unknown> = {}) => ({
    ...{ id, at: server.clock.now + 1_000, type: 'mark', student: 'grade-5a-1', skill: 'throw', cell: start, made: true, prompt: 'word' },
    ...more,
  });

  it('count once the lesson has ended, for its class alone, and are not in an export without what is private', async () => {
    await server.ask('PUT', STUDENT, { ladders: [followed('throw')] });
    const { body: run } = await server.ask('POST', '/runs', { periodId: `mills-${DATE}` });
    const { body: known } = await server.ask('GET', `/skill-ladders/runs/${run.id}`);
    expect(known.followed.map((f: { studentId: string }) => f.studentId)).toContain('grade-5a-1');
    const events = `/runs/${run.id}/events`;
    expect((await server.ask('POST', events, { events: [mark('m1'), mark('m2', { made: false })] })).status).toBe(200);
    const ofStudent = async (classId: string) =>
      (await server.ask('GET', `/skill-ladders/classes/${classId}`)).body.tries.filter(
        (t: { student: string }) => t.student === 'grade-5a-1',
      );
    expect(await ofStudent('grade-5a')).toEqual([]);
    await server.ask('POST', events, { events: [{ id: 'end', at: server.clock.now + 2_000, type: 'end' }] });
    expect(await ofStudent('grade-5a')).toMatchObject([{ tries: 2, made: { alone: 0, word: 1, model: 0, hand: 0 }, from: 'mark' }]);
    expect(await ofStudent('grade-3b')).toEqual([]);
    expect(JSON.stringify((await server.ask('GET', '/export')).body)).not.toContain('"type":"mark"');
    expect(JSON.stringify((await server.ask('GET', '/export?private=yes')).body)).toContain('"type":"mark"');
  });

  it('by a hand without the student’s yes, or of an unknown skill, are refused', async () => {
    const { body: run } = await server.ask('POST', '/runs', { periodId: `weather-${DATE}` });
    for (const wrong of [mark('h1', { prompt: 'hand' }), mark('h2', { skill: 'fly' }), mark('h3', { count: 0 })])
      expect((await server.ask('POST', `/runs/${run.id}/events`, { events: [wrong] })).status, wrong.id).toBe(400);
    const { body } = await server.ask('POST', `/runs/${run.id}/events`, { events: [mark('h4', { prompt: 'hand', saidYes: true })] });
    expect(body.events.map((e: { id: string }) => e.id)).toEqual(['h4']);
  });
});
