import { and, desc, eq, gt, isNull, lt, type SQL, sql } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { REMOVAL_DAYS, Removal, type Touched } from '../../core/model/removal.ts';
import type { Database } from '../database.ts';
import { Problem } from '../problem.ts';
import * as tables from '../tables.ts';

/** Tables whose rows can be taken out and put back. */
const TABLES = {
  classes: tables.classes,
  students: tables.students,
  studentPrivates: tables.studentPrivates,
  wishes: tables.wishes,
  rooms: tables.rooms,
  gear: tables.gear,
  games: tables.games,
  periods: tables.periods,
  attendances: tables.attendances,
  lessons: tables.lessons,
  lessonEdits: tables.lessonEdits,
  adaptationEdits: tables.adaptationEdits,
} as const;
export type TableName = keyof typeof TABLES;

/** A row as it was stored. */
export interface TakenRow {
  table: TableName;
  row: Record<string, unknown>;
}
/** A field of a period that another removal changed: put back if nobody has changed it since. */
export interface ChangedPeriod {
  id: string;
  field: 'roomId' | 'guests';
  before: unknown;
  after: unknown;
}
/** Everything that one removal took out and changed. */
export interface Taken {
  rows: TakenRow[];
  changed: ChangedPeriod[];
}
interface Stored {
  removal: Removal;
  taken: Taken;
}

/** Deletes rows and gives them as they were. */
export async function takeOut(db: Database, table: TableName, where: SQL): Promise<TakenRow[]> {
  const rows = await db
    .delete(TABLES[table] as PgTable)
    .where(where)
    .returning();
  return rows.map((row) => ({ table, row: row as Record<string, unknown> }));
}

/** How much else goes along with the fact itself. */
export function touchedBy({ rows, changed }: Taken, what: Removal['what']): Touched {
  const count = (table: TableName) => rows.filter((r) => r.table === table).length;
  const plans = new Set(
    rows.flatMap(({ table, row }) => {
      if (table !== 'adaptationEdits') return [];
      const { student, block, place = '' } = row.data as { student: string; block: string; place?: string };
      return [`${row.lessonId}|${student}|${block}|${place}`];
    }),
  );
  return {
    students: what === 'student' ? 0 : count('students'),
    pairings: count('wishes'),
    plans: plans.size,
    periods: what === 'period' ? 0 : count('periods'),
    lessons: count('lessons'),
    changed: changed.length,
  };
}

/** Deletes for good what is older than its days. */
export const pruneRemovals = (db: Database, now: number) =>
  db.delete(tables.removals).where(lt(tables.removals.at, now - REMOVAL_DAYS * 86_400_000));

/** Writes a removal down; what is older than its days goes. */
export async function appendRemoval(db: Database, removal: Removal, taken: Taken): Promise<Removal> {
  await pruneRemovals(db, removal.at);
  const parsed = Removal.parse(removal);
  const data: Stored = { removal: parsed, taken };
  await db.insert(tables.removals).values({ id: removal.id, schoolId: HOME_SCHOOL, at: removal.at, data });
  return parsed;
}

/** What can be brought back, the newest first. */
export async function readRemovals(db: Database, now: number): Promise<Removal[]> {
  const since = now - REMOVAL_DAYS * 86_400_000;
  const rows = await db
    .select({ data: tables.removals.data })
    .from(tables.removals)
    .where(and(isNull(tables.removals.restoredAt), gt(tables.removals.at, since)))
    .orderBy(desc(tables.removals.at), desc(tables.removals.id));
  return rows.map(({ data }) => Removal.parse((data as Stored).removal));
}

/** One that can still be brought back, or Problem 404. */
export async function findRemoval(db: Database, id: string): Promise<Stored> {
  const [found] = await db
    .select({ data: tables.removals.data })
    .from(tables.removals)
    .where(and(eq(tables.removals.id, id), isNull(tables.removals.restoredAt)));
  if (!found) throw new Problem(404, 'unknown-id', [{ path: ['id'], code: 'unknown-id' }]);
  return found.data as Stored;
}

export const markRestored = (db: Database, id: string, now: number) =>
  db.update(tables.removals).set({ restoredAt: now }).where(eq(tables.removals.id, id));

/** Puts rows back; Problem 409 if something else has one's place by now. Choices for students go to the end of their lessons' logs. */
export async function putBack(db: Database, rows: readonly TakenRow[]): Promise<void> {
  for (const { table, row } of await renumbered(db, rows)) {
    const back = await db
      .insert(TABLES[table] as PgTable)
      .values(row as never)
      .onConflictDoNothing()
      .returning({ one: sql`1` });
    if (!back.length) throw new Problem(409, 'repeated', [{ path: ['id'], code: 'repeated' }]);
  }
}

/** Numbers may have been given again while the rows were out: a step names others of its log by number, so both change together. */
async function renumbered(db: Database, rows: readonly TakenRow[]): Promise<TakenRow[]> {
  const lessons = new Set(rows.flatMap(({ table, row }) => (table === 'adaptationEdits' ? [row.lessonId as string] : [])));
  const next = new Map<string, Map<number, number>>();
  for (const lesson of lessons) {
    const [{ last }] = await db
      .select({ last: sql<number>`coalesce(max(${tables.adaptationEdits.seq}), 0)` })
      .from(tables.adaptationEdits)
      .where(eq(tables.adaptationEdits.lessonId, lesson));
    const own = rows.filter((r) => r.table === 'adaptationEdits' && r.row.lessonId === lesson).map((r) => r.row.seq as number);
    next.set(lesson, new Map(own.sort((a, b) => a - b).map((seq, i) => [seq, Number(last) + 1 + i])));
  }
  return rows.map((taken) => {
    if (taken.table !== 'adaptationEdits') return taken;
    const { row } = taken;
    const map = next.get(row.lessonId as string)!;
    const to = (seq: unknown) => map.get(seq as number) ?? seq;
    const data = row.data as Record<string, unknown>;
    const about = Object.fromEntries(['undoes', 'redoes'].flatMap((key) => (data[key] === undefined ? [] : [[key, to(data[key])]])));
    const seq = map.get(row.seq as number)!;
    return { ...taken, row: { ...row, seq, data: { ...data, ...about, seq } } };
  });
}
