import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { MALFORMED } from './malformed.fixture.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
const ask: TestServer['ask'] = (...request) => server.ask(...request);
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

const mills = `mills-${DATE}`;

/** Everything stored, as one text: what a refused request must leave as it was. */
async function everything(): Promise<string> {
  const parts = await Promise.all(
    ['/school', '/classes', '/classes/grade-5a', '/rooms', '/gear', '/games', `/days/${DATE}`, '/runs', '/lessons/lesson-mills/edits'].map(
      (p) => ask('GET', p),
    ),
  );
  return JSON.stringify(parts.map((p) => p.body));
}

describe('malformed requests', () => {
  it('are many', () => expect(MALFORMED.length).toBeGreaterThanOrEqual(40));

  let before = '';
  beforeAll(async () => {
    before = await everything();
  });

  it.each(MALFORMED)('%s', async (_, method, path, body, status, where) => {
    const answer = await ask(method, path, body);
    expect(answer.status, JSON.stringify(answer.body)).toBe(status);
    expect(answer.body.code).toMatch(/^[a-z-]+$/);
    if (where) {
      const paths = answer.body.issues.map((i: { path: unknown[] }) => i.path.join('.'));
      expect(
        paths.some((p: string) => p.startsWith(where)),
        JSON.stringify(answer.body.issues),
      ).toBe(true);
    }
    expect(await everything()).toBe(before);
  });

  it('of a run: unknown events, a flood, an unknown run', async () => {
    const { body: run } = await ask('POST', '/runs', { periodId: mills });
    const bad = [
      [{ type: 'pause' }],
      [{ id: 'x', at: 1, type: 'dance' }],
      [{ id: 'x', at: -5, type: 'pause' }],
      [],
      Array.from({ length: 501 }, (_, i) => ({ id: `x${i}`, at: 1, type: 'pause' })),
    ];
    for (const events of bad) {
      const answer = await ask('POST', `/runs/${run.id}/events`, { events });
      expect(answer.status).toBe(400);
      expect(answer.body.issues[0].path[0]).toBe('events');
    }
    expect((await ask('POST', '/runs/nobody/events', { events: [{ id: 'x', at: 1, type: 'pause' }] })).status).toBe(404);
    expect((await ask('GET', `/runs/${run.id}`)).body.events).toEqual([]);
  });
});
