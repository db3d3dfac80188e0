import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { GEAR_CATALOGUE } from '../content/gearKinds.ts';
import type { GearKind } from '../core/model/gearKind.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ past: 0 });
});
afterAll(() => server.stop());

const add = (body: object) => server.ask('POST', '/gear', body);
const kinds = async (): Promise<GearKind[]> => (await server.ask('GET', '/gear-kinds')).body;

describe('gear that a teacher adds', () => {
  it('needs a name and a count alone: its kind is read from the name', async () => {
    const { status, body } = await add({ name: 'Small foam balls', count: 24 });
    expect(status).toBe(200);
    expect(body).toMatchObject({ gearKind: 'small foam ball', count: 24, place: '', version: 2 });
    expect((await add({ name: 'Odds and ends', count: 3 })).body.gearKind).toBe('other');
  });

  it('may be of a kind that nobody knows: the school’s own from then on, for its games too', async () => {
    expect(await kinds()).toEqual(GEAR_CATALOGUE);
    const refused = await add({ name: 'Sock balls', gearKind: 'sock ball', count: 9 });
    expect([refused.status, refused.body.issues[0]]).toEqual([400, { path: ['gearKind'], code: 'unknown-kind' }]);
    const { body } = await add({ name: 'Sock balls', gearKind: 'sock ball', family: 'ball', count: 9 });
    expect(body.gearKind).toBe('sock ball');
    const [own, ...rest] = await kinds();
    expect(own).toEqual({ kind: 'sock ball', family: 'ball', uses: ['throw', 'catch', 'roll'], typical: {} });
    expect(rest).toEqual(GEAR_CATALOGUE);
    expect((await server.ask('GET', `/periods/mills-${DATE}/desk`)).body.gearKinds[0]).toEqual(own);
    expect((await add({ name: 'More of them', gearKind: 'sock ball', count: 2 })).status).toBe(200);
    expect((await kinds()).filter((k) => k.kind === 'sock ball')).toHaveLength(1);
  });

  it('is refused with its field, and neither gear nor kind is stored', async () => {
    const before = [(await server.ask('GET', '/gear')).body.length, (await kinds()).length];
    const tried = [
      { name: 'Nets', gearKind: 'giant net', family: 'cannon', count: 1 },
      { name: 'Nets', gearKind: 'x'.repeat(60), family: 'barrier', count: 1 },
      { name: 'Nets', gearKind: '__proto__', family: 'barrier', count: 1 },
      { name: '', gearKind: 'giant net', family: 'barrier', count: 1 },
      { name: 'Nets', gearKind: 'giant net', family: 'barrier', count: -2 },
      { name: 'Balls', count: 4, latex: 'maybe' },
      { name: 'Balls', count: 4, limits: { loadKg: -1 } },
    ];
    for (const body of tried) expect([(await add(body)).status, JSON.stringify(body)]).toEqual([400, JSON.stringify(body)]);
    expect([(await server.ask('GET', '/gear')).body.length, (await kinds()).length]).toEqual(before);
  });

  it('keeps its limits, and loses them', async () => {
    const { body } = await add({ name: 'Card paddles', gearKind: 'paddle', count: 6, limits: { hits: ['balloon'], loadKg: 0.2 } });
    expect(body.limits).toEqual({ hits: ['balloon'], loadKg: 0.2 });
    const { limits: _, ...without } = body;
    expect((await server.ask('PUT', `/gear/${body.id}`, without)).body.limits).toBeUndefined();
  });
});
