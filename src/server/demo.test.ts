import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ empty: true });
});
afterAll(() => server.stop());
const everything = async () => (await server.ask('GET', '/export?private=yes')).body;

describe('the demo school', () => {
  it('is a press away from an empty school, and leaves it as it was', async () => {
    const { body: school } = await server.ask('GET', '/school');
    await server.ask('PUT', '/school', { ...school, name: 'Lark School', units: 'ft' });
    const before = await everything();
    expect((await server.ask('DELETE', '/demo')).status).toBe(409);
    const { body: demo } = await server.ask('POST', '/demo');
    expect(demo).toMatchObject({ name: 'Alder Hollow School', units: 'm', demo: { own: { name: 'Lark School' } } });
    expect((await server.ask('GET', `/days/${DATE}`)).body).toHaveLength(5);
    expect((await server.ask('GET', '/runs')).body.length).toBeGreaterThan(90);
    expect((await everything()).school.demo).toBeUndefined();
    expect(await server.ask('POST', '/demo')).toMatchObject({ status: 409, body: { code: 'not-empty' } });
    await server.ask('DELETE', '/gear/gear-1');
    expect((await server.ask('DELETE', '/demo')).status).toBe(200);
    const calm = (file: { school: object }) => ({ ...file, school: { ...file.school, revision: 0 } });
    expect(calm(await everything())).toEqual(calm(before));
    expect((await server.ask('GET', '/removals')).body).toEqual([]);
  });

  it('never opens over, nor is emptied as, a school of one’s own', async () => {
    await server.ask('POST', '/classes', { name: 'Grade 4N', grade: '4' });
    expect((await server.ask('POST', '/demo')).status).toBe(409);
    expect((await server.ask('DELETE', '/demo')).status).toBe(409);
    expect((await server.ask('GET', '/classes')).body).toHaveLength(1);
  });
});
