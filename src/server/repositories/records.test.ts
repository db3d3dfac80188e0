import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Gear } from '../../core/model/gear.ts';
import { newHeader } from '../../core/model/record.ts';
import { type OpenDatabase, openDatabase } from '../database.ts';
import { Problem } from '../problem.ts';
import { gear } from '../tables.ts';
import { gearRecords } from './index.ts';
import { repository } from './records.ts';

let open: OpenDatabase;
beforeAll(async () => {
  open = await openDatabase();
});
afterAll(() => open.close());
const item = (id: string, count = 4) => Gear.parse({ ...newHeader('gear', 2), id, name: 'Rings', gearKind: 'hoop', count, place: 'wall' });
const problem = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error) => error as Problem,
  );

describe('records', () => {
  it('are added once, found, listed in order and removed', async () => {
    await gearRecords.add(open.db, item('b'));
    await gearRecords.add(open.db, item('a'));
    expect((await gearRecords.list(open.db)).map((g) => g.id)).toEqual(['a', 'b']);
    expect(await problem(gearRecords.add(open.db, item('a', 9)))).toMatchObject({ status: 409, code: 'repeated' });
    expect((await gearRecords.get(open.db, 'a')).count).toBe(4);
    await gearRecords.remove(open.db, 'b');
    expect(await gearRecords.find(open.db, 'b')).toBeUndefined();
    expect(await problem(gearRecords.remove(open.db, 'b'))).toMatchObject({ status: 404 });
    expect(await problem(gearRecords.get(open.db, 'b'))).toMatchObject({ status: 404, code: 'unknown-id' });
  });

  it('grow by one revision a write; a write on an older one answers both versions', async () => {
    const one = await gearRecords.put(open.db, { ...(await gearRecords.get(open.db, 'a')), count: 5 });
    expect(one.revision).toBe(1);
    const stale = await problem(gearRecords.put(open.db, { ...item('a'), count: 7 }));
    expect(stale).toBeInstanceOf(Problem);
    expect(stale).toMatchObject({ status: 409, code: 'stale', more: { stored: { count: 5, revision: 1 }, yours: { count: 7 } } });
    expect((await gearRecords.get(open.db, 'a')).count).toBe(5);
    expect(await problem(gearRecords.put(open.db, item('nobody')))).toMatchObject({ status: 404 });
  });

  it('of two writers at once exactly one wins', async () => {
    const before = await gearRecords.get(open.db, 'a');
    const tries = await Promise.all([10, 20, 30, 40].map((count) => problem(gearRecords.put(open.db, { ...before, count }))));
    expect(tries.filter((t) => t === undefined)).toHaveLength(1);
    expect((await gearRecords.get(open.db, 'a')).revision).toBe(before.revision + 1);
  });

  it('that do not have their shape are refused on the way out, with no guess', async () => {
    await open.db
      .insert(gear)
      .values({ id: 'odd', schoolId: 'home', version: 1, revision: 0, data: { kind: 'gear', version: 1, count: 'many' } });
    await expect(gearRecords.get(open.db, 'odd')).rejects.toThrowError();
    const newer = repository<Gear>(gear, Gear, 'run', (g) => g.id);
    await expect(newer.get(open.db, 'a'), 'a gear row read as a run').rejects.toThrowError('no upgrade for gear version 2');
  });
});
