import type { PgTable } from 'drizzle-orm/pg-core';
import { Router } from 'express';
import { DEMO_SCHOOL } from '../../content/demo.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { NEW_SCHOOL } from '../../core/model/newSchool.ts';
import { School } from '../../core/model/school.ts';
import type { Database } from '../database.ts';
import { Problem } from '../problem.ts';
import { schoolRecords } from '../repositories/index.ts';
import { seedDemo } from '../seed.ts';
import type { Backups } from '../store.ts';
import * as tables from '../tables.ts';
import { route } from './route.ts';

/** Everything that a school stores beside its settings and the games that come with Side Court. */
const STORED: PgTable[] = [
  tables.runEvents,
  tables.runs,
  tables.attendances,
  tables.periods,
  tables.adaptationEdits,
  tables.lessonEdits,
  tables.lessons,
  tables.removals,
  tables.guestLooks,
  tables.wishes,
  tables.studentPrivates,
  tables.students,
  tables.classes,
  tables.rooms,
  tables.gear,
];

/** The invented school, a press away from an empty one, and back: only a school with nothing in it goes over, and only the demo is emptied. */
export function demoRoutes(db: Database, now: () => number, backups: Backups | undefined): Router {
  const router = Router();
  route(router, 'post', '/demo', async () => {
    for (const table of [tables.classes, tables.rooms, tables.gear, tables.periods, tables.runs])
      if ((await db.select({ id: table.id }).from(table).limit(1)).length)
        throw new Problem(409, 'not-empty', [{ path: [], code: 'not-empty' }]);
    await db.transaction(async (tx) => {
      const own = await schoolRecords.get(tx, HOME_SCHOOL);
      await seedDemo(tx, new Date(now()));
      await schoolRecords.put(tx, { ...DEMO_SCHOOL, revision: own.revision, demo: { own } });
    });
    return schoolRecords.get(db, HOME_SCHOOL);
  });
  // The demo goes with all that was tried in it; a backup is made first.
  route(router, 'delete', '/demo', async () => {
    const school = await schoolRecords.get(db, HOME_SCHOOL);
    if (!school.demo) throw new Problem(409, 'not-demo', [{ path: [], code: 'not-demo' }]);
    await backups?.make();
    const own = School.parse({ ...NEW_SCHOOL, ...school.demo.own });
    await db.transaction(async (tx) => {
      for (const table of STORED) await tx.delete(table);
      await schoolRecords.put(tx, { ...own, demo: undefined, revision: school.revision });
    });
    return schoolRecords.get(db, HOME_SCHOOL);
  });
  return router;
}
