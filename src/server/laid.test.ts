import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type LaidPiece, newLaid } from '../core/model/laidPiece.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ past: 0 });
});
afterAll(() => server.stop());

const desk = async (period: string) => (await server.ask('GET', `/periods/${period}-${DATE}/desk`)).body;
const laid = async (): Promise<LaidPiece[]> =>
  (await desk('weather')).lesson.blocks.find((b: { id: string }) => b.id === 'weather-game').laid ?? [];
const change = async (id: string, put: LaidPiece[], take: string[] = []) => {
  const { lesson } = await desk('weather');
  return server.ask('POST', `/lessons/${lesson.id}/edits`, {
    id,
    revision: lesson.revision,
    name: id,
    edit: { kind: 'lay', blockId: 'weather-game', put, take },
  });
};

describe('pieces laid out', () => {
  const cone = newLaid('cone', 'b-cone', { x: 4, y: 4 });
  const lane = { ...newLaid('lane', 'a-lane', { x: 9, y: 7 }, 90), title: 'Wheel lane' };

  it('are stored with the lesson in the order of their ids, and put again where they lie now', async () => {
    expect((await change('lay-1', [cone, lane])).status).toBe(200);
    expect(await laid()).toEqual([lane, cone]);
    await change('lay-2', [{ ...cone, x: 6 }]);
    expect((await laid()).find((p) => p.id === cone.id)).toEqual({ ...cone, x: 6 });
  });

  it('are taken up, and undone are the very same again', async () => {
    const before = await laid();
    const { body } = await change('lay-3', [], [lane.id]);
    expect((await laid()).map((p) => p.id)).toEqual([cone.id]);
    const { lesson } = await desk('weather');
    const undo = { id: 'lay-4', revision: lesson.revision, name: 'undo', edit: body.stored.inverse, undoes: body.stored.revision };
    expect((await server.ask('POST', `/lessons/${lesson.id}/edits`, undo)).status).toBe(200);
    expect(await laid()).toEqual(before);
  });

  it('leave no empty list behind when the last is taken up', async () => {
    await change('lay-5', [], [lane.id, cone.id]);
    const block = (await desk('weather')).lesson.blocks.find((b: { id: string }) => b.id === 'weather-game');
    expect('laid' in block).toBe(false);
  });
});

describe('what somebody moves with', () => {
  const student = '/classes/grade-3b/students/grade-3b-4';
  const stored = async () => (await desk('weather')).ratings.find((r: { studentId: string }) => r.studentId === 'grade-3b-4');
  const put = async (change: object) => {
    const { body } = await server.ask('GET', '/classes/grade-3b');
    const { revision } = body.students.find((s: { id: string }) => s.id === 'grade-3b-4');
    return server.ask('PUT', student, { revision, ...change });
  };

  it('is told, kept with the rating, and taken back', async () => {
    const { rating } = await stored();
    const walker = [{ kind: 'walker', widthM: 0.62 }];
    expect((await put({ supports: walker })).status).toBe(200);
    expect(await stored()).toMatchObject({ supports: walker, rating });
    await put({ rating: 5 });
    expect(await stored()).toMatchObject({ supports: walker, rating: 5 });
    await put({ supports: [] });
    expect((await stored()).supports).toEqual([]);
    expect((await put({ supports: [{ kind: 'hovercraft' }] })).status).toBe(400);
  });

  it('is told beside what counts for groups: tags, a shared adult, a wish, each taken back by nothing', async () => {
    expect((await put({ tags: ['leader'], helper: 'Marked Helper', wish: 'Marked wish' })).status).toBe(200);
    expect(await stored()).toMatchObject({ tags: ['leader'], helper: 'Marked Helper', wish: 'Marked wish' });
    expect((await put({ tags: ['a', 'b', 'c', 'd', 'e'] })).body.issues[0]).toMatchObject({ path: ['tags'], code: 'too-many' });
    expect((await put({ wish: 7 })).body.issues[0].path).toEqual(['wish']);
    await put({ tags: [], helper: '', wish: '' });
    const left = Object.keys(await stored());
    for (const field of ['tags', 'helper', 'wish']) expect(left).not.toContain(field);
    await put({ tags: ['marked-tag'], helper: 'Marked Helper' });
  });

  it('is private: nowhere in a run, in the runs, in the school or in an export without what is private', async () => {
    await put({ supports: [{ kind: 'power-chair' }], wish: 'Marked wish', wishes: { refuses: ['marked-dial'] } });
    const { body: run } = await server.ask('POST', '/runs', { periodId: `weather-${DATE}` });
    const seen = [
      (await server.ask('GET', `/runs/${run.id}`)).body,
      (await server.ask('GET', '/runs')).body,
      (await server.ask('GET', '/school')).body,
      (await server.ask('GET', '/export')).body,
    ];
    for (const told of seen) expect(JSON.stringify(told)).not.toMatch(/power-chair|marked-tag|Marked Helper|Marked wish|marked-dial/);
    expect(JSON.stringify((await server.ask('GET', '/export?private=yes')).body)).toContain('power-chair');
  });
});

describe('who met whom', () => {
  it('is counted over the ended lessons of a class, once a lesson, and told on the desk alone', async () => {
    const { body: before } = await server.ask('GET', '/classes/grade-3b/met');
    const { body: run } = await server.ask('POST', '/runs', { periodId: `weather-${DATE}` });
    expect((await server.ask('GET', '/classes/grade-3b/met')).body).toEqual(before);
    await server.ask('POST', `/runs/${run.id}/events`, { events: [{ id: 'ends-here', type: 'end', at: Date.now() }] });
    const { body: after } = await server.ask('GET', '/classes/grade-3b/met');
    expect(after.lessons).toBe(before.lessons + 1);
    const game = run.plan.blocks.find((b: { game?: object }) => b.game).game;
    const [a, b] = [...game.groups[0]].sort();
    expect(after.met[`${a}|${b}`]).toBe((before.met[`${a}|${b}`] ?? 0) + 1);
    expect(after.thirds).toEqual({});
    expect((await server.ask('GET', '/classes/nobody/met')).status).toBe(404);
  });
});
