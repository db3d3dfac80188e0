import { eq, inArray, or, type SQL } from 'drizzle-orm';
import { pickOfGame } from '../core/formats/hosted.ts';
import type { ClassId, PeriodId, RoomId } from '../core/model/ids.ts';
import { wholeName } from '../core/model/names.ts';
import type { Period } from '../core/model/period.ts';
import type { Removable, Removal, Touched } from '../core/model/removal.ts';
import type { Database } from './database.ts';
import { Problem } from './problem.ts';
import {
  classRecords,
  gameRecords,
  gearRecords,
  lessonRecords,
  periodRecords,
  roomRecords,
  studentRecords,
  wishRecords,
} from './repositories/index.ts';
import {
  appendRemoval,
  type ChangedPeriod,
  findRemoval,
  markRestored,
  putBack,
  type Taken,
  takeOut,
  touchedBy,
} from './repositories/removalLog.ts';
import { newId } from './routes/route.ts';
import {
  adaptationEdits,
  attendances,
  classes,
  games,
  gear,
  lessonEdits,
  lessons,
  periods,
  rooms,
  studentPrivates,
  students,
  wishes,
} from './tables.ts';

type Named = Pick<Removal, 'name' | 'date' | 'start'>;
/** How to remove what periods use: with those periods, or, for a room, with the room that they are in from then on. */
export interface RemoveOptions {
  withPeriods?: boolean;
  toRoom?: string;
}
type Remove = (tx: Database, id: string, options: RemoveOptions) => Promise<{ named: Named; taken: Taken }>;

const inUse = () => new Problem(409, 'in-use', [{ path: ['id'], code: 'in-use' }]);

/** Takes rows out of several tables, in this order. */
async function takeAll(tx: Database, ...wanted: [Parameters<typeof takeOut>[1], SQL | undefined][]): Promise<Taken> {
  const rows = [];
  for (const [table, where] of wanted) if (where) rows.push(...(await takeOut(tx, table, where)));
  return { rows, changed: [] };
}
const together = (...all: Taken[]): Taken => ({ rows: all.flatMap((t) => t.rows), changed: all.flatMap((t) => t.changed) });

/** Changes a field of a period, remembering what it was. */
async function changePeriod(tx: Database, period: Period, field: ChangedPeriod['field'], after: unknown): Promise<ChangedPeriod> {
  await periodRecords.put(tx, { ...period, [field]: after } as Period);
  return { id: period.id, field, before: period[field] ?? null, after: after ?? null };
}

/** Periods with their attendance, and lessons that nothing else uses, with their edits and the plans in them. */
async function takePeriods(tx: Database, ids: readonly string[]): Promise<Taken> {
  if (!ids.length) return { rows: [], changed: [] };
  const all = await periodRecords.list(tx);
  const going = new Set(ids);
  const kept = new Set(all.flatMap((p) => (going.has(p.id) || !p.lessonId ? [] : [p.lessonId as string])));
  const theirs = [...new Set(all.flatMap((p) => (going.has(p.id) && p.lessonId && !kept.has(p.lessonId) ? [p.lessonId as string] : [])))];
  return takeAll(
    tx,
    ['periods', inArray(periods.id, [...ids])],
    ['attendances', inArray(attendances.id, [...ids])],
    ['lessons', theirs.length ? inArray(lessons.id, theirs) : undefined],
    ['lessonEdits', theirs.length ? inArray(lessonEdits.lessonId, theirs) : undefined],
    ['adaptationEdits', theirs.length ? inArray(adaptationEdits.lessonId, theirs) : undefined],
  );
}

const REMOVE: Record<Removable, Remove> = {
  async student(tx, id) {
    const student = await studentRecords.get(tx, id);
    const name = wholeName(student, await studentRecords.list(tx, eq(students.classId, student.classId)));
    const pairs = (await wishRecords.list(tx, eq(wishes.classId, student.classId))).filter((w) => (w.students as string[]).includes(id));
    const taken = await takeAll(
      tx,
      ['students', eq(students.id, id)],
      ['studentPrivates', eq(studentPrivates.id, id)],
      ['adaptationEdits', eq(adaptationEdits.studentId, id)],
      ['wishes', or(...pairs.map((w) => eq(wishes.id, w.id)))],
    );
    return { named: { name }, taken };
  },
  async class(tx, id, { withPeriods }) {
    const { name } = await classRecords.get(tx, id);
    const all = await periodRecords.list(tx);
    const own = all.filter((p) => p.classId === id);
    const hosting = all.filter((p) => p.classId !== id && p.guests?.includes(id as ClassId));
    if (own.length + hosting.length && !withPeriods) throw inUse();
    const changed: ChangedPeriod[] = [];
    for (const period of hosting) {
      const guests = period.guests!.filter((g) => g !== id);
      changed.push(await changePeriod(tx, period, 'guests', guests.length ? guests : undefined));
    }
    const ofClass = tx.select({ id: students.id }).from(students).where(eq(students.classId, id));
    const taken = together(
      await takePeriods(
        tx,
        own.map((p) => p.id),
      ),
      await takeAll(
        tx,
        ['adaptationEdits', inArray(adaptationEdits.studentId, ofClass)],
        ['classes', eq(classes.id, id)],
        ['students', eq(students.classId, id)],
        ['studentPrivates', eq(studentPrivates.classId, id)],
        ['wishes', eq(wishes.classId, id)],
      ),
    );
    return { named: { name }, taken: together(taken, { rows: [], changed }) };
  },
  async room(tx, id, { toRoom, withPeriods }) {
    const { name } = await roomRecords.get(tx, id);
    const used = (await periodRecords.list(tx)).filter((p) => p.roomId === id);
    if (used.length && toRoom === undefined && !withPeriods) throw inUse();
    if (toRoom !== undefined && (toRoom === id || !(await roomRecords.find(tx, toRoom))))
      throw new Problem(400, 'bad-input', [{ path: ['to'], code: 'unknown-id' }]);
    const changed: ChangedPeriod[] = [];
    if (toRoom !== undefined) for (const period of used) changed.push(await changePeriod(tx, period, 'roomId', toRoom as RoomId));
    const gone = toRoom === undefined ? used.map((p) => p.id) : [];
    const taken = together(await takePeriods(tx, gone), await takeAll(tx, ['rooms', eq(rooms.id, id)]));
    return { named: { name }, taken: together(taken, { rows: [], changed }) };
  },
  async gear(tx, id) {
    const { name } = await gearRecords.get(tx, id);
    return { named: { name }, taken: await takeAll(tx, ['gear', eq(gear.id, id)]) };
  },
  async game(tx, id) {
    const { title, own } = await gameRecords.get(tx, id);
    if (!own) throw new Problem(409, 'not-own', [{ path: ['id'], code: 'not-own' }]);
    // Lessons that play it, and lessons and games that have it at one of their places.
    const isNamed = (data: unknown) => [id, pickOfGame(id)].some((name) => JSON.stringify(data).includes(JSON.stringify(name)));
    const [played, others] = [await lessonRecords.list(tx), await gameRecords.list(tx)];
    if (played.some((l) => isNamed(l.blocks)) || others.some((g) => isNamed(g.bands)))
      throw new Problem(409, 'game-in-use', [{ path: ['id'], code: 'game-in-use' }]);
    return { named: { name: title }, taken: await takeAll(tx, ['games', eq(games.id, id)]) };
  },
  async period(tx, id) {
    const { classId, date, start } = await periodRecords.get(tx, id);
    const { name } = await classRecords.get(tx, classId);
    return { named: { name, date, start }, taken: await takePeriods(tx, [id]) };
  },
};

/** Removes a fact with what goes along, and writes down what it was. Problem 409 'in-use' if others need it and the options do not say what becomes of them. */
export async function remove(tx: Database, what: Removable, id: string, now: number, options: RemoveOptions = {}): Promise<Removal> {
  const { named, taken } = await REMOVE[what](tx, id, options);
  return appendRemoval(tx, { id: newId('x'), what, ...named, at: now, touched: touchedBy(taken, what) }, taken);
}

/** Thrown to leave a transaction without a trace. */
class LookedAt extends Error {
  readonly touched: Touched;
  constructor(touched: Touched) {
    super('looked at');
    this.touched = touched;
  }
}

/** What a removal would take along and change: it is done, counted and rolled back, so that it cannot say anything else than it does. */
export async function lookAtRemoval(db: Database, what: Removable, id: string, options: RemoveOptions): Promise<Touched> {
  try {
    await db.transaction(async (tx) => {
      const { taken } = await REMOVE[what](tx, id, options);
      throw new LookedAt(touchedBy(taken, what));
    });
  } catch (error) {
    if (error instanceof LookedAt) return error.touched;
    throw error;
  }
  throw new Error('a look at a removal was not rolled back');
}

/** What a row needs to be there first: a student a class, a period a class and a room. */
async function parentsThere(tx: Database, { rows }: Taken): Promise<void> {
  const back = new Set(rows.map(({ row }) => row.id));
  const needs = rows.flatMap(({ table, row }) => {
    if (table !== 'students' && table !== 'periods') return [];
    const { classId, roomId } = row.data as { classId: string; roomId?: string };
    return [[classRecords, classId] as const, [roomRecords, roomId] as const];
  });
  for (const [records, id] of needs)
    if (id !== undefined && !back.has(id) && !(await records.find(tx, id)))
      throw new Problem(409, 'parent-gone', [{ path: ['id'], code: 'parent-gone' }]);
}

/** Brings a removed fact back with all that went along; periods are as they were unless somebody has changed them since. */
export async function restore(tx: Database, id: string, now: number): Promise<Removal> {
  const { removal, taken } = await findRemoval(tx, id);
  await parentsThere(tx, taken);
  await putBack(tx, taken.rows);
  for (const { id: periodId, field, before, after } of taken.changed) {
    const period = await periodRecords.find(tx, periodId as PeriodId);
    if (period && JSON.stringify(period[field] ?? null) === JSON.stringify(after))
      await periodRecords.put(tx, { ...period, [field]: before ?? undefined } as Period);
  }
  await markRestored(tx, id, now);
  return removal;
}
