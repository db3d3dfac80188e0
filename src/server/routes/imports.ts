import { Router } from 'express';
import { z } from 'zod';
import { ROSTER_COLUMNS, type RosterPreview } from '../../core/exchange/roster.ts';
import { diffRoster, type RosterDiff } from '../../core/exchange/rosterDiff.ts';
import { type Namesake, type NamesakesOf, namesakesAfter, repeatedMarks } from '../../core/exchange/rosterNamesakes.ts';
import { MOST_STUDENTS } from '../../core/model/schoolClass.ts';
import { Student, StudentPrivate } from '../../core/model/student.ts';
import { optionalLine, whole } from '../../core/model/text.ts';
import { readAside } from '../aside/readAside.ts';
import type { Database } from '../database.ts';
import { Problem, readInput } from '../problem.ts';
import { remove } from '../removals.ts';
import { ratingRecords, studentRecords } from '../repositories/index.ts';
import { addStudent, readClass } from './classes.ts';
import { bodyOf, idParam, route } from './route.ts';

const ImportRequest = z.object({
  text: z.string().min(1, { message: 'empty' }).max(200_000, { message: 'too-long' }),
  /** What each column is, where the teacher says so. */
  columns: z
    .array(z.enum(ROSTER_COLUMNS, { message: 'choice' }))
    .max(60)
    .optional(),
  /** Two students may really have one name. */
  repeatsAllowed: z.boolean().optional(),
  /** Ratings that are no numbers are left empty. */
  emptyNumbers: z.boolean().optional(),
  /** Rows that are students though they look like a title or a total. */
  keep: z.array(whole(1, 1000)).max(400, { message: 'too-many' }).optional(),
  /** `add`: all rows are new; `update`: the list becomes the class. */
  mode: z.enum(['add', 'update'], { message: 'choice' }).optional(),
  /** In an update, who is not on the list stays all the same. */
  keepGone: z.boolean().optional(),
  /** What tells namesakes apart: a word for a row of the list, or for one who is in the class already. */
  marks: z
    .array(z.object({ row: whole(1, 1000).optional(), id: z.string().max(64).optional(), mark: optionalLine(16) }))
    .max(400, { message: 'too-many' })
    .optional(),
  commit: z.boolean().optional(),
});
type Preview = RosterPreview & { added: number; diff: RosterDiff; namesakes: NamesakesOf[] };

/** The word for one of several namesakes: as it was just told, else as it is stored. */
const markFrom =
  ({ marks = [] }: z.output<typeof ImportRequest>) =>
  (who: Namesake): string | undefined =>
    (marks.find((m) => (who.id !== undefined ? m.id === who.id : m.row === who.row)) ?? who).mark || undefined;

/** What would happen, with everything that is wrong by row and column. */
async function lookAt(request: z.output<typeof ImportRequest>, known: Awaited<ReturnType<typeof readClass>>): Promise<Preview> {
  const preview = await readAside('roster', request.text, request);
  const kept = new Map(known.ratings.map((r) => [r.studentId as string, r]));
  const diff = diffRoster(
    known.students.map((s) => ({ ...s, rating: kept.get(s.id)?.rating ?? 3, toSort: kept.get(s.id)?.toSort })),
    preview.rows,
  );
  const update = request.mode === 'update';
  const there = new Set(known.students.map((s) => `${s.givenName} ${s.familyName}`.toLowerCase()));
  if (!update && !request.repeatsAllowed) {
    for (const row of preview.rows) {
      const name = `${row.givenName} ${row.familyName}`;
      if (there.has(name.toLowerCase())) preview.errors.push({ row: row.row, column: 'name', code: 'repeated', value: name });
    }
  }
  const namesakes = namesakesAfter(known.students, preview.rows, diff, update ? { keepGone: request.keepGone === true } : null);
  const markOf = markFrom(request);
  for (const who of repeatedMarks(namesakes, markOf))
    preview.errors.push({ row: who.row ?? 0, column: 'mark', code: 'repeated', value: markOf(who) ?? '' });
  const after = update ? preview.rows.length + (request.keepGone ? diff.gone.length : 0) : known.students.length + preview.rows.length;
  if (after > MOST_STUDENTS)
    preview.errors.push({
      row: Math.max(1, MOST_STUDENTS - (after - preview.rows.length) + 1),
      column: '',
      code: 'too-many',
      value: String(after),
    });
  return { ...preview, added: 0, diff, namesakes };
}

/** A class list taken over: looked at first, then stored whole or not at all. */
export function importRoutes(db: Database, now: () => number): Router {
  const router = Router();
  route(router, 'post', '/classes/:id/import', async (req) => {
    const id = idParam(req);
    const known = await readClass(db, id);
    const request = readInput(ImportRequest, bodyOf(req));
    const preview = await lookAt(request, known);
    if (!request.commit) return preview;
    if (preview.errors.length) {
      const issues = preview.errors.map((e) => ({ path: ['row', e.row, e.column], code: e.code }));
      throw new Problem(400, 'bad-input', issues, { preview });
    }
    const update = request.mode === 'update';
    const { diff, namesakes } = preview;
    const markOf = markFrom(request);
    const asked = namesakes.flatMap((n) => n.who);
    await db.transaction(async (tx) => {
      const rate = async (student: string, rating: number) => {
        const before = await ratingRecords.get(tx, student);
        if (before.rating !== rating) await ratingRecords.put(tx, { ...before, rating });
      };
      const markTold = async (who: Namesake) => {
        const before = await studentRecords.get(tx, who.id!);
        if (before.mark !== markOf(who)) await studentRecords.put(tx, readInput(Student, { ...before, mark: markOf(who) }));
      };
      for (const { row, givenName, familyName, rating, note: toSort } of update ? diff.added : preview.rows) {
        const mark = asked.some((who) => who.row === row) ? markOf({ row }) : undefined;
        await addStudent(tx, id, { givenName, familyName, mark, rating, toSort });
      }
      for (const who of asked) if (who.id !== undefined) await markTold(who);
      if (!update) return;
      for (const { id: student, to } of diff.rated) await rate(student, to);
      for (const { id: student, to } of diff.renamed) {
        const before = await studentRecords.get(tx, student);
        await studentRecords.put(tx, { ...before, givenName: to.givenName, familyName: to.familyName });
        if (to.rating !== undefined) await rate(student, to.rating);
      }
      for (const { id: student, toSort } of diff.noted)
        await ratingRecords.put(tx, readInput(StudentPrivate, { ...(await ratingRecords.get(tx, student)), toSort }));
      if (!request.keepGone) for (const { id: student } of diff.gone) await remove(tx, 'student', student, now());
    });
    return { ...preview, added: update ? diff.added.length : preview.rows.length };
  });
  return router;
}
