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

describe('a list of gear', () => {
  const take = (text: string, commit = false) => server.ask('POST', '/gear/import', { text, commit });
  const names = async () => (await server.ask('GET', '/gear')).body.map((g: { name: string }) => g.name);

  it('is looked at first: what is new, what changes, what stays; nothing is stored', async () => {
    const before = await names();
    const { body } = await take('Name,Count,Kept in\nHoops,25,\nBeanbags,48,basket 1\nFoam tubes,10,corner');
    expect(body.added.map((r: { fields: object }) => r.fields)).toEqual([
      { name: 'Foam tubes', count: 10, gearKind: 'foam tube', place: 'corner' },
    ]);
    expect(body.changed.map((r: { row: number }) => r.row)).toEqual([2]);
    expect(body.same).toBe(1);
    expect(await names()).toEqual(before);
  });

  it('is taken whole: counts changed, new lines added, new kinds with them', async () => {
    const text = 'Name,Count,Kind,Family\nHoops,25,,\nWater bags,6,water bag,thrown object';
    expect((await take(text, true)).status).toBe(200);
    const gear = (await server.ask('GET', '/gear')).body;
    expect(gear.find((g: { name: string }) => g.name === 'Hoops')).toMatchObject({ count: 25, diameterM: 0.7, revision: 1 });
    expect(gear.find((g: { name: string }) => g.name === 'Water bags')).toMatchObject({ gearKind: 'water bag', place: '' });
    expect((await kinds())[1].kind === 'water bag' || (await kinds())[0].kind === 'water bag').toBe(true);
    expect((await take(text)).body).toMatchObject({ added: [], changed: [], same: 2 });
  });

  it('with anything wrong in it is refused by row, and nothing of it is stored', async () => {
    const before = [await names(), (await kinds()).length];
    const { status, body } = await take('Name,Count,Kind,Family\nTubes,3,odd tube,ball\nBad,x,,', true);
    expect([status, body.issues]).toEqual([400, [{ path: ['row', 3, 'Count'], code: 'number' }]]);
    expect([await names(), (await kinds()).length]).toEqual(before);
    expect((await server.ask('POST', '/gear/import', { text: '' })).status).toBe(400);
  });
});

describe('gear that a school makes', () => {
  it('is in the closet once it is made, and what was used up for it is not', async () => {
    const gear = async (name: string) => (await server.ask('GET', '/gear')).body.find((g: { name: string }) => g.name === name);
    const [targets, bells] = [await gear('Ring targets'), await gear('Hand bells')];
    expect((await server.ask('POST', '/home-made/sounding-target/made', { count: 2, place: 'shelf C' })).status).toBe(200);
    expect((await gear('Ring targets')).count).toBe(targets.count - 2);
    expect((await gear('Hand bells')).count).toBe(bells.count - 2);
    expect(await gear('Sounding target')).toMatchObject({ gearKind: 'sounding target', count: 2, limits: { loudestDb: 75 } });
    await server.ask('POST', '/home-made/sounding-target/made', { count: 9, place: 'shelf C' });
    expect((await gear('Sounding target')).count).toBe(11);
    expect((await gear('Hand bells')).count).toBe(0);
    expect((await server.ask('POST', '/home-made/sounding-target/made', { count: 0, place: '' })).status).toBe(400);
    expect((await server.ask('POST', '/home-made/cannon/made', { count: 1, place: '' })).status).toBe(404);
  });
});

describe('what gear is called', () => {
  const importing = async (text: string, more: object = {}) => (await server.ask('POST', '/gear/import', { text, ...more })).body;
  const kindNow = async (name: string) => (await server.ask('GET', '/gear')).body.find((g: { name: string }) => g.name === name)?.gearKind;

  it('is read from everyday names, asked where nobody knows, and remembered from then on', async () => {
    const text = '24 pinnies red\nPoly spots, 30\nGym scooters x 12\nWobblers 6\nBlurps 4';
    const look = await importing(text);
    expect(look.errors).toEqual([]);
    expect(look.rows.map((r: { fields: { gearKind: string }; isUnknown?: true }) => [r.fields.gearKind, r.isUnknown])).toEqual([
      ['pinnie', undefined],
      ['floor spot', undefined],
      ['scooter board', undefined],
      ['other', true],
      ['other', true],
    ]);
    const answers = [
      { row: 4, kind: 'balance cushion' },
      { row: 5, family: 'sound' },
    ];
    await importing(text, { answers, commit: true });
    expect(await kindNow('Wobblers')).toBe('balance cushion');
    expect(await kindNow('Blurps')).toBe('blurps');
    expect((await server.ask('GET', '/gear-kinds')).body.find((k: { kind: string }) => k.kind === 'blurps').family).toBe('sound');
    expect((await importing('wobbler, blue, 3')).rows[0].fields).toMatchObject({ gearKind: 'balance cushion', colour: 'blue' });
    expect((await importing('x'.repeat(5), { answers: [{ row: 1, kind: 7 }] })).code ?? 'bad-input').toBe('bad-input');
  });

  it('is corrected at an item, remembered, and forgotten when that is undone', async () => {
    const { body: made } = await server.ask('POST', '/gear', { name: 'Zonks', count: 9 });
    expect(made.gearKind).toBe('other');
    const { body: put } = await server.ask('PUT', `/gear/${made.id}`, { ...made, gearKind: 'foam dart' });
    expect((await importing('Zonk 2')).rows[0].fields.gearKind).toBe('foam dart');
    const { body: back } = await server.ask('PUT', `/gear/${made.id}`, { ...put, gearKind: 'other' });
    expect((await importing('Zonk 2')).rows[0]).toMatchObject({ isUnknown: true });
    const { body: own } = await server.ask('PUT', `/gear/${made.id}`, { ...back, family: 'card' });
    expect(own.gearKind).toBe('zonks');
    expect((await server.ask('PUT', `/gear/${made.id}`, { ...own, family: 'cannon' })).status).toBe(400);
    const { names, taught } = (await server.ask('GET', '/gear-names')).body;
    expect(names.length).toBeGreaterThan(300);
    expect(taught.map((t: { name: string }) => t.name)).toContain('Wobblers');
  });
});
