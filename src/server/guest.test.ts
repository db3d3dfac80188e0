import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { CareAlert, GuestView } from '../core/fit/guestView.ts';
import { SUPPORT_WORDS } from '../core/words/supports.en.ts';
import { DATE, type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());

const guest = async (id: string) => (await server.ask('GET', `/guest/${id}`)).body as GuestView;
const limits = (view: GuestView) => view.blocks.flatMap((b) => b.limits.map((l) => l.limit));

/** Gives the first student of Grade 5a these supports, a wish, a note and a rating that are marked. */
async function markPrivate(kinds: string[]): Promise<string> {
  const student = 'grade-5a-1';
  const { body: desk } = await server.ask('GET', `/periods/mills-${DATE}/desk`);
  const { revision } = desk.students.find((s: { id: string }) => s.id === student);
  const put = await server.ask('PUT', `/classes/grade-5a/students/${student}`, {
    revision,
    supports: kinds.map((kind) => ({ kind })),
    rating: 1,
    wish: 'MARKED-WISH',
    tags: ['MARKED-TAG'],
    helper: 'MARKED-HELPER',
  });
  expect(put.status).toBe(200);
  return student;
}

describe('a guest’s page', () => {
  it('is served from a projection: the lesson, the names that play, and nothing private', async () => {
    await markPrivate(['latex', 'may-leave', 'care-plan', 'weak-grip', 'hard-of-hearing']);
    const view = await guest(`mills-${DATE}`);
    expect(view).toMatchObject({ className: 'Grade 5a', lessonTitle: 'Nine mills', start: '10:05', end: '10:50', hasAlerts: true });
    expect(view.playing).toBe(Object.keys(view.names).length);
    const text = JSON.stringify(view);
    for (const word of ['MARKED', 'supports', 'rating', 'toSort', 'wish', 'attendance', ...Object.values(SUPPORT_WORDS)])
      expect(text, word).not.toContain(word);
    expect(limits(view)).toEqual(expect.arrayContaining(['signals-seen', 'watch-the-door']));
    expect(limits(view)).not.toContain('nothing-small');
  });

  it('says a limit of gear where that gear is, and not where it is not', async () => {
    await markPrivate(['latex']);
    const view = await guest(`mills-${DATE}`);
    const game = view.blocks.find((b) => b.game)!;
    const limit = game.limits.find((l) => l.limit === 'no-latex');
    const { body: gear } = await server.ask('GET', '/gear');
    const kinds = new Set(game.game!.gear.map((g) => g.gearKind));
    const latex = gear.filter(
      (g: { gearKind: string; latex?: string; count: number }) => g.count > 0 && kinds.has(g.gearKind) && g.latex !== 'no',
    );
    expect(limit?.gear ?? []).toEqual(latex.map((g: { name: string }) => g.name));
    expect(view.blocks.find((b) => b.phase === 'arrive')!.limits.some((l) => l.limit === 'no-latex')).toBe(false);
  });

  it('keeps care alerts behind a press that is logged, by initials', async () => {
    await markPrivate(['care-plan', 'may-leave', 'weak-grip']);
    expect((await server.ask('GET', '/guest-looks')).body).toEqual([]);
    const { body } = await server.ask('POST', `/guest/mills-${DATE}/alerts`, {});
    const alerts = body.alerts as CareAlert[];
    expect(alerts.some((a) => a.kinds.join() === 'care-plan,may-leave')).toBe(true);
    for (const { initials } of alerts) expect(initials).toMatch(/^\p{L}{2,4}$/u);
    expect(new Set(alerts.map((a) => a.initials)).size).toBe(alerts.length);
    expect((await server.ask('GET', '/guest-looks')).body).toMatchObject([{ periodId: `mills-${DATE}`, classId: 'grade-5a' }]);
    const all = JSON.stringify((await server.ask('GET', '/export')).body);
    expect(all).not.toContain('guestLooks');
  });

  it('says nothing of a student who is away today', async () => {
    const id = await markPrivate(['may-lose-awareness']);
    const before = ((await server.ask('POST', `/guest/mills-${DATE}/alerts`, {})).body.alerts as CareAlert[]).length;
    const { attendance } = (await server.ask('GET', `/periods/mills-${DATE}/desk`)).body;
    expect(before).toBeGreaterThan(0);
    const entries = { ...attendance?.entries, [id]: { status: 'absent', role: 'away' } };
    expect((await server.ask('PUT', `/periods/mills-${DATE}/attendance`, { ...attendance, entries })).status).toBe(200);
    const after = ((await server.ask('POST', `/guest/mills-${DATE}/alerts`, {})).body.alerts as CareAlert[]).length;
    expect(after).toBe(before - 1);
    expect(Object.keys((await guest(`mills-${DATE}`)).names)).not.toContain(id);
  });

  it('is refused where there is no lesson, and where there is no such period', async () => {
    const { body: bare } = await server.ask('POST', '/periods', {
      date: DATE,
      start: '15:00',
      end: '15:40',
      classId: 'grade-5a',
      roomId: 'mill-gym',
    });
    expect(await server.ask('GET', `/guest/${bare.id}`)).toMatchObject({ status: 409, body: { code: 'no-lesson' } });
    expect((await server.ask('GET', '/guest/nothing')).status).toBe(404);
    expect((await server.ask('POST', '/guest/nothing/alerts', {})).status).toBe(404);
  });
});
