import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
let run: { id: string; plan: { blocks: { id: string; seconds: number; game?: object }[] } };
beforeAll(async () => {
  server = await testServer({ past: 0 });
  run = (await server.ask('POST', '/runs', { periodId: `mills-${DATE}` })).body;
});
afterAll(() => server.stop());
const replan = (body: object) => server.ask('POST', `/runs/${run.id}/replan`, body);
const events = async () => (await server.ask('GET', `/runs/${run.id}`)).body.events as { id: string; type: string }[];

describe('changing the rest of a running lesson', () => {
  it('shows what would come of it without storing anything', async () => {
    const [, , game] = run.plan.blocks;
    const { status, body } = await replan({ id: 'tried', drop: [game.id], try: true });
    expect(status).toBe(200);
    const ids = run.plan.blocks.map((b) => b.id).slice(1);
    expect(body.rest.blocks.map((b: { id: string }) => b.id)).toEqual(ids.filter((id) => id !== game.id));
    expect(await events()).toEqual([]);
  });

  it('stores one event, the same id once', async () => {
    const last = run.plan.blocks.at(-1)!.id;
    expect((await replan({ id: 'rest-1', drop: [last] })).status).toBe(200);
    expect((await replan({ id: 'rest-1', drop: [last] })).status).toBe(200);
    expect((await events()).map((e) => [e.id, e.type])).toEqual([['rest-1', 'replan']]);
    const entry = (await server.ask('GET', `/runs/${run.id}/entry`)).body;
    expect(entry.blocks).toHaveLength(run.plan.blocks.length - 1);
  });

  it('keeps notes and attendance out of an export without private things', async () => {
    const { body } = await server.ask('GET', '/export');
    const stored = body.runs.find((r: { run: { id: string } }) => r.run.id === run.id).events;
    const blocks = stored.find((e: { type: string }) => e.type === 'replan').blocks;
    expect(blocks.every((b: { note: string }) => b.note === '')).toBe(true);
  });

  it('is refused once the lesson has ended, and for what is no run or no id', async () => {
    expect((await server.ask('POST', '/runs/no-run/replan', { id: 'x' })).status).toBe(404);
    expect((await replan({})).status).toBe(400);
    expect((await replan({ id: 'x', drop: 'all' })).status).toBe(400);
    await server.ask('POST', `/runs/${run.id}/events`, { events: [{ id: 'the-end', type: 'end', at: Date.now() }] });
    const { status, body } = await replan({ id: 'too-late' });
    expect([status, body.code]).toEqual([409, 'ended']);
  });
});
