import { asc } from 'drizzle-orm';
import express, { Router } from 'express';
import { SchoolFile, schoolFileSchema, withoutPrivate } from '../../core/exchange/schoolFile.ts';
import { EDIT_VERSION, upgradeEdit } from '../../core/model/editVersion.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { readAside } from '../aside/readAside.ts';
import type { Database } from '../database.ts';
import { Problem } from '../problem.ts';
import {
  attendanceRecords,
  classRecords,
  gameRecords,
  gearRecords,
  lessonRecords,
  periodRecords,
  ratingRecords,
  roomRecords,
  runRecords,
  schoolRecords,
  studentRecords,
  wishRecords,
} from '../repositories/index.ts';
import { appendRunEvents, readRunLog } from '../repositories/runLog.ts';
import { lessonEdits } from '../tables.ts';
import { route } from './route.ts';

/** The lists of a school file that are stored record by record, parents before children. */
const LISTS = [
  ['classes', classRecords],
  ['students', studentRecords],
  ['ratings', ratingRecords],
  ['wishes', wishRecords],
  ['rooms', roomRecords],
  ['gear', gearRecords],
  ['lessons', lessonRecords],
  ['periods', periodRecords],
  ['attendances', attendanceRecords],
] as const;

/** Entries looked at or stored between two pauses: the embedded database answers without ever letting other work in. */
const PAUSE_EVERY = 40;
const breathe = () => new Promise<void>((done) => setImmediate(done));

/** Everything the school has stored. */
async function readSchoolFile(db: Database): Promise<SchoolFile> {
  const lists = await Promise.all(LISTS.map(async ([key, records]) => [key, await records.list(db)] as const));
  const edits = await db.select().from(lessonEdits).orderBy(asc(lessonEdits.lessonId), asc(lessonEdits.revision));
  const runs = await Promise.all((await runRecords.list(db)).map(async (run) => ({ run, events: await readRunLog(db, run.id) })));
  return SchoolFile.parse({
    format: 'side-court',
    version: 1,
    privateIncluded: true,
    // A school that opens the file is nobody's demo.
    school: { ...(await schoolRecords.get(db, HOME_SCHOOL)), demo: undefined },
    games: await gameRecords.list(db),
    ...Object.fromEntries(lists),
    lessonEdits: edits.map((row) => ({
      ...row,
      edit: upgradeEdit(row.edit, row.version),
      inverse: upgradeEdit(row.inverse, row.version),
      version: EDIT_VERSION,
    })),
    runs,
  });
}

/** Stores a whole file in one transaction; Problem 409 where the school is not empty, 400 with the place where something repeats. */
async function takeSchoolFile(db: Database, file: SchoolFile): Promise<void> {
  await db.transaction(async (tx) => {
    for (const [key, records] of LISTS)
      if ((await records.list(tx)).length) throw new Problem(409, 'not-empty', [{ path: [key], code: 'not-empty' }]);
    const school = await schoolRecords.get(tx, HOME_SCHOOL);
    await schoolRecords.put(tx, { ...file.school, demo: undefined, revision: school.revision });
    for (const [key, records] of LISTS) {
      for (const [i, record] of file[key].entries()) {
        if (i % PAUSE_EVERY === 0) await breathe();
        try {
          await records.add(tx, record as never);
        } catch (error) {
          if (error instanceof Problem) throw new Problem(400, 'bad-input', [{ path: [key, i], code: 'repeated' }]);
          throw error;
        }
      }
    }
    const known = new Set((await gameRecords.list(tx)).map((g) => g.id as string));
    for (const game of file.games) if (!known.has(game.id)) await gameRecords.add(tx, game);
    for (const edit of file.lessonEdits) await tx.insert(lessonEdits).values(edit).onConflictDoNothing();
    for (const { run, events } of file.runs) {
      await runRecords.add(tx, run);
      await appendRunEvents(tx, run.id, events);
    }
  });
}

/** Everything as one file, out and in. What is private goes along only where the teacher asks for it. */
export function exchangeRoutes(db: Database): Router {
  const router = Router();
  router.get('/export', (req, res, next) => {
    readSchoolFile(db).then((file) => {
      res.setHeader('content-disposition', 'attachment; filename="side-court-school.json"');
      res.json(req.query.private === 'yes' ? file : withoutPrivate(file));
    }, next);
  });
  route(router, 'get', '/export/schema', async () => schoolFileSchema());
  // Bytes, not values: whatever is in them is read aside.
  router.use('/import', express.raw({ limit: '40mb', type: () => true }));
  route(router, 'post', '/import', async (req) => {
    const bytes = Buffer.isBuffer(req.body) ? new Uint8Array(req.body) : new Uint8Array();
    const read = await readAside('school', bytes);
    if (!read.ok) throw new Problem(400, 'bad-input', read.issues);
    const { file } = read;
    await takeSchoolFile(db, file);
    return { classes: file.classes.length, students: file.students.length, runs: file.runs.length };
  });
  return router;
}
