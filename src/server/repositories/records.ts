import { and, eq, type SQL } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import type { z } from 'zod';
import { newestOf, upgrade } from '../../core/model/record.ts';
import type { Database } from '../database.ts';
import { Problem } from '../problem.ts';

type RecordTable = PgTable & { id: PgColumn; data: PgColumn; revision: PgColumn };
interface Head {
  version: number;
  revision: number;
  schoolId: string;
}

/** Reading and writing one kind of record. Rows are upgraded and parsed on the way out; a write names the revision it saw. */
export function repository<T extends Head>(
  table: RecordTable,
  schema: z.ZodType<T>,
  kind: string,
  idOf: (record: T) => string,
  columns: (record: T) => Record<string, unknown> = () => ({}),
) {
  const out = (row: { data: unknown }): T => schema.parse(upgrade(row.data as Record<string, unknown>, newestOf(kind)));
  const rowOf = (record: T) => ({
    id: idOf(record),
    schoolId: record.schoolId,
    version: record.version,
    revision: record.revision,
    data: record,
    ...columns(record),
  });
  return {
    /** By id, or in another order and then no more than so many. */
    async list(db: Database, where?: SQL, by?: { orderBy: SQL; most: number }): Promise<T[]> {
      const rows = await db
        .select({ data: table.data })
        .from(table as PgTable)
        .where(where)
        .orderBy(by?.orderBy ?? table.id)
        .limit(by?.most ?? Number.MAX_SAFE_INTEGER);
      return (rows as { data: unknown }[]).map(out);
    },
    async find(db: Database, id: string): Promise<T | undefined> {
      const rows = await db
        .select({ data: table.data })
        .from(table as PgTable)
        .where(eq(table.id, id));
      return rows.length ? out(rows[0] as { data: unknown }) : undefined;
    },
    /** The record, or Problem 404. */
    async get(db: Database, id: string): Promise<T> {
      const found = await this.find(db, id);
      if (!found) throw new Problem(404, 'unknown-id', [{ path: ['id'], code: 'unknown-id' }]);
      return found;
    },
    async add(db: Database, record: T): Promise<T> {
      const rows = await db
        .insert(table as PgTable)
        .values(rowOf(record) as never)
        .onConflictDoNothing()
        .returning({ id: table.id });
      if (!rows.length) throw new Problem(409, 'repeated', [{ path: ['id'], code: 'repeated' }]);
      return record;
    },
    /** Writes the next revision; Problem 409 with the stored one where somebody wrote in between, 404 where it is gone. */
    async put(db: Database, record: T): Promise<T> {
      const next = { ...record, revision: record.revision + 1 };
      const rows = await db
        .update(table as PgTable)
        .set(rowOf(next) as never)
        .where(and(eq(table.id, idOf(record)), eq(table.revision, record.revision)))
        .returning({ id: table.id });
      if (!rows.length)
        throw new Problem(409, 'stale', [{ path: ['revision'], code: 'stale' }], {
          stored: await this.get(db, idOf(record)),
          yours: record,
        });
      return next;
    },
    async remove(db: Database, id: string): Promise<void> {
      const rows = await db
        .delete(table as PgTable)
        .where(eq(table.id, id))
        .returning({ id: table.id });
      if (!rows.length) throw new Problem(404, 'unknown-id', [{ path: ['id'], code: 'unknown-id' }]);
    },
  };
}
