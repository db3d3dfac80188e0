import { readFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { GAMES } from '../content/games.ts';
import { EDIT_VERSION } from '../core/model/editVersion.ts';
import type { Game } from '../core/model/game.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ past: 0 });
});
afterAll(() => server.stop());

const carts = GAMES.find((g) => g.id === 'mill-carts')!;
const firstStations = (game: Game) => (game.format === 'stations' ? game.setup.stations.slice(0, 2).map((s) => s.id) : []);
const own = { ...carts, title: 'Carts at dusk', madeFrom: carts.id };
const make = async (body: object = own): Promise<Game> => (await server.ask('POST', '/games', body)).body;
const games = async (): Promise<Game[]> => (await server.ask('GET', '/games')).body;
const file = async (id: string): Promise<{ games: Game[] }> => (await server.ask('GET', `/games/file?id=${id}`)).body;
const importing = (text: string, choose?: object) => server.ask('POST', '/games/import', { text, ...(choose && { choose }) });

describe('games of the school’s own', () => {
  it('are made under ids of their own, changed by revision, and kept beside those that come with Side Court', async () => {
    const made = await make();
    expect(made).toMatchObject({ own: true, madeFrom: 'mill-carts', title: 'Carts at dusk', revision: 0 });
    expect(made.id).not.toBe('mill-carts');
    const { body } = await server.ask('PUT', `/games/${made.id}`, { ...made, title: 'Carts by night' });
    expect(body).toMatchObject({ title: 'Carts by night', revision: 1 });
    expect((await server.ask('PUT', `/games/${made.id}`, { ...made, title: 'Late' })).status).toBe(409);
    expect((await games()).length).toBe(GAMES.length + 1);
  });

  it('refuse what is no game, and settings that their format does not have or allow, with the field', async () => {
    const refused = async (body: object) => (await server.ask('POST', '/games', body)).body.issues[0];
    expect(await refused({ ...own, title: '' })).toMatchObject({ path: ['title'], code: 'empty' });
    expect(await refused({ ...own, setup: { ...carts.setup, move: 7 } })).toMatchObject({ path: ['setup', 'move'] });
    expect(await refused({ ...own, bands: { '4-5': { stageCount: 99 } } })).toMatchObject({ path: ['bands', '4-5', 'stageCount'] });
    expect(await refused({ ...own, bands: { '4-5': { wind: 1 } } })).toMatchObject({ path: ['bands', '4-5', 'wind'], code: 'unknown-key' });
  });

  it('leave those that come with Side Court as they are', async () => {
    expect(await server.ask('PUT', '/games/mill-carts', carts)).toMatchObject({ status: 409, body: { code: 'not-own' } });
    expect(await server.ask('DELETE', '/games/mill-carts')).toMatchObject({ status: 409, body: { code: 'not-own' } });
  });

  it('are removed unless a lesson plays them, and come back by name', async () => {
    const made = await make({ ...own, title: 'Going' });
    const removal = (await server.ask('DELETE', `/games/${made.id}`)).body;
    expect(removal).toMatchObject({ what: 'game', name: 'Going' });
    expect((await games()).some((g) => g.id === made.id)).toBe(false);
    await server.ask('POST', `/removals/${removal.id}/undo`);
    expect((await games()).some((g) => g.id === made.id)).toBe(true);
    const lessonOf = async () =>
      (await server.ask('GET', `/days/${DATE}`)).body
        .map((d: { lesson: { id: string; revision: number } }) => d.lesson)
        .find((l: { id: string }) => l.id === 'lesson-mills');
    const block = {
      id: 'bx',
      phase: 'game',
      title: 'Going',
      least: 0,
      most: 7200,
      weight: 1,
      game: { gameId: made.id, settings: {}, placed: {} },
    };
    const edit = { kind: 'insert-block', index: 0, block };
    const stored = await server.ask('POST', '/lessons/lesson-mills/edits', {
      id: 'e1',
      edit,
      name: 'add',
      revision: (await lessonOf()).revision,
      version: EDIT_VERSION,
    });
    expect(stored.status, JSON.stringify(stored.body)).toBe(200);
    expect(await server.ask('DELETE', `/games/${made.id}`)).toMatchObject({ status: 409, body: { code: 'game-in-use' } });
    // Another game has it at one of its stations.
    const guest = await make({ ...own, title: 'Guest' });
    const mills = GAMES.find((g) => g.id === 'nine-mills')!;
    const host = await make({ ...mills, title: 'Host', bands: { '4-5': { picks: [`game:${guest.id}`, ...firstStations(mills)] } } });
    expect(host, JSON.stringify(host)).toMatchObject({ title: 'Host' });
    expect(await server.ask('DELETE', `/games/${guest.id}`)).toMatchObject({ status: 409, body: { code: 'game-in-use' } });
  });
});

describe('games as a file', () => {
  it('have a published shape', async () => {
    const { body } = await server.ask('GET', '/games/schema');
    expect(JSON.parse(readFileSync(path.join(import.meta.dirname, '../../docs/games.schema.json'), 'utf8'))).toEqual(body);
  });

  it('are looked at before they come in, and never written over silently', async () => {
    const made = await make({ ...own, title: 'Travels' });
    const out = await file(made.id);
    expect(out).toMatchObject({ format: 'side-court-games', version: 1, games: [{ title: 'Travels' }] });
    const changed = {
      ...out,
      games: [
        { ...out.games[0], aim: 'Something else' },
        { ...carts, title: 'Mine now' },
        { ...carts, id: 'brand-new' },
      ],
    };
    const text = JSON.stringify(changed);
    const look = (await importing(text)).body;
    expect(look.rows.map((r: { news: string; isShipped: boolean }) => [r.news, r.isShipped])).toEqual([
      ['other', false],
      ['other', true],
      ['new', false],
    ]);
    const aim = async () => (await games()).find((g) => g.id === made.id)!.aim;
    expect(await aim()).toBe(own.aim);
    // Nothing is chosen: nothing comes in.
    expect((await importing(text, {})).body).toMatchObject({ added: 0, replaced: 0 });
    const choose = { [made.id]: 'replace', 'mill-carts': 'replace', 'brand-new': 'add' };
    expect((await importing(text, choose)).body).toMatchObject({ added: 1, replaced: 1 });
    expect(await aim()).toBe('Something else');
    expect((await games()).find((g) => g.id === 'mill-carts')!.title).toBe(carts.title);
    expect((await importing(JSON.stringify(await file('brand-new')))).body.rows[0].news).toBe('same');
    const count = (await games()).length;
    expect((await importing(text, { 'mill-carts': 'copy' })).body.added).toBe(1);
    expect((await games()).length).toBe(count + 1);
  });

  it.each([
    ['no file', { game: 0, code: 'no-json' }],
    ['{"format":"other"}', { game: 0, code: 'other-format' }],
    ['{"format":"side-court-games","version":2}', { game: 0, code: 'other-version' }],
    ['{"format":"side-court-games","version":1,"games":[]}', { game: 0, code: 'empty' }],
    [
      JSON.stringify({ format: 'side-court-games', version: 1, games: [{ ...own, noise: 9 }] }),
      { game: 1, title: 'Carts at dusk', field: 'noise' },
    ],
  ])('say what is wrong with %s', async (text, fault) => {
    expect((await importing(text)).body.faults[0]).toMatchObject(fault);
  });
});
