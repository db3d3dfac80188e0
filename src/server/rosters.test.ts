import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestServer, testServer } from './testing.fixture.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.stop());
const ask: TestServer['ask'] = (...asked) => server.ask(...asked);

describe('a class list that is updated', () => {
  it('shows what would change, then changes just that, rating and wishes going with who goes', async () => {
    const { body: before } = await ask('GET', '/classes/grade-3b');
    const [first, second, third, ...rest] = before.students as { id: string; givenName: string; familyName: string }[];
    const text = [
      'Given name,Family name,Rating',
      `${first.givenName},Oakenshaw,5`,
      ...rest.map((s) => `${s.givenName},${s.familyName}`),
      'Perrin,Newcombe,2',
    ].join('\n');
    const request = { text, mode: 'update' };
    const { body: look } = await ask('POST', '/classes/grade-3b/import', request);
    expect(look.errors).toEqual([]);
    expect(look.diff.renamed.map((r: { id: string }) => r.id)).toEqual([first.id]);
    expect(look.diff.gone.map((g: { id: string }) => g.id).sort()).toEqual([second.id, third.id].sort());
    expect(look.diff.added).toHaveLength(1);
    expect((await ask('GET', '/classes/grade-3b')).body).toEqual(before);
    await ask('POST', '/classes/grade-3b/import', { ...request, commit: true });
    const { body: after } = await ask('GET', '/classes/grade-3b');
    expect(after.students).toHaveLength(before.students.length - 1);
    expect(after.students.find((s: { id: string }) => s.id === first.id).familyName).toBe('Oakenshaw');
    expect(after.ratings.find((r: { studentId: string }) => r.studentId === first.id).rating).toBe(5);
    expect(after.ratings).toHaveLength(after.students.length);
    expect(JSON.stringify(after.wishes)).not.toContain(third.id);
    const again = await ask('POST', '/classes/grade-3b/import', request);
    expect(again.body.diff.same).toHaveLength(after.students.length);
  });
});

describe('notes that come with a class list', () => {
  it('wait to be sorted with their students, add up in an update, and are gone once they are sorted', async () => {
    const list = (notes: string[]) => `Name,Notes\n"Larch, Tova",${notes[0]}\n"Oakley, Brea",${notes[1]}`;
    const { body: klass } = await ask('POST', '/classes', { name: 'Grade 4N', grade: '4' });
    const url = `/classes/${klass.id}`;
    const waiting = async () => {
      const { students, ratings } = (await ask('GET', url)).body;
      const named = (r: { studentId: string }) => students.find((s: { id: string }) => s.id === r.studentId).givenName;
      return Object.fromEntries(ratings.map((r: { studentId: string; toSort?: string }) => [named(r), r.toSort]));
    };
    expect((await ask('POST', `${url}/import`, { text: list(['"asthma, inhaler"', '']), commit: true })).status).toBe(200);
    expect(await waiting()).toEqual({ Tova: 'asthma, inhaler', Brea: undefined });
    const update = { text: list(['"asthma, inhaler"', 'walker']), mode: 'update', commit: true };
    expect((await ask('POST', `${url}/import`, update)).body.diff.noted).toMatchObject([{ name: 'Brea Oakley', toSort: 'walker' }]);
    expect(await waiting()).toEqual({ Tova: 'asthma, inhaler', Brea: 'walker' });
    const tova = (await ask('GET', url)).body.students.find((s: { givenName: string }) => s.givenName === 'Tova').id;
    await ask('PUT', `${url}/students/${tova}`, { toSort: '' });
    expect(await waiting()).toEqual({ Tova: undefined, Brea: 'walker' });
  });
});

describe('namesakes in a class list', () => {
  it('are asked about before anything is stored, keep the words they are given, and lose one that is emptied', async () => {
    const { body: klass } = await ask('POST', '/classes', { name: 'Grade 3W', grade: '3' });
    const url = `/classes/${klass.id}`;
    const marks = async () => (await ask('GET', url)).body.students.map((s: { mark?: string }) => s.mark);
    await ask('POST', `${url}/import`, { text: 'Wren,Oak\nBrea,Quarrie', commit: true });
    const request = { text: 'First,Last\nwren,oak\nTova,Larch\nTova,Larch', repeatsAllowed: true };
    const { body: look } = await ask('POST', `${url}/import`, request);
    const wren = (await ask('GET', url)).body.students.find((s: { givenName: string }) => s.givenName === 'Wren').id;
    expect(look.namesakes).toEqual([
      { name: 'Wren Oak', who: [{ id: wren }, { row: 2 }] },
      { name: 'Tova Larch', who: [{ row: 3 }, { row: 4 }] },
    ]);
    const twice = [
      { id: wren, mark: 'May' },
      { row: 2, mark: 'may ' },
    ];
    const refused = await ask('POST', `${url}/import`, { ...request, marks: twice, commit: true });
    expect(refused.status).toBe(400);
    expect(refused.body.preview.errors).toMatchObject([{ row: 2, column: 'mark', code: 'repeated', value: 'may' }]);
    expect(await marks()).toHaveLength(2);
    const words = [
      { id: wren, mark: 'May' },
      { row: 2, mark: 'June' },
      { row: 3, mark: '4N' },
    ];
    expect((await ask('POST', `${url}/import`, { ...request, marks: words, commit: true })).status).toBe(200);
    expect((await marks()).toSorted()).toEqual(['4N', 'June', 'May', undefined, undefined]);
    const changed = await ask('PUT', `${url}/students/${wren}`, { mark: '' });
    expect(changed.body.mark).toBeUndefined();
    expect((await ask('PUT', `${url}/students/${wren}`, { mark: 'x'.repeat(17) })).body.issues).toMatchObject([
      { path: ['mark'], code: 'too-long' },
    ]);
    const { body: removed } = await ask(
      'DELETE',
      `${url}/students/${(await ask('GET', url)).body.students.find((s: { mark?: string }) => s.mark === '4N').id}`,
    );
    expect(JSON.stringify(removed)).toContain('Tova Larch (4N)');
  });
});
