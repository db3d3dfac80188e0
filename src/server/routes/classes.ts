import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { newHeader } from '../../core/model/record.ts';
import { MOST_STUDENTS, SchoolClass } from '../../core/model/schoolClass.ts';
import { Student, StudentPrivate, Wish } from '../../core/model/student.ts';
import type { Database } from '../database.ts';
import { Problem, readInput } from '../problem.ts';
import { classRecords, ratingRecords, studentRecords, wishRecords } from '../repositories/index.ts';
import { studentPrivates, students, wishes } from '../tables.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

/** Everything about a class, private parts included: for the teacher's own screens. */
export async function readClass(db: Database, id: string) {
  const schoolClass = await classRecords.get(db, id);
  return {
    schoolClass,
    students: await studentRecords.list(db, eq(students.classId, id)),
    ratings: await ratingRecords.list(db, eq(studentPrivates.classId, id)),
    wishes: await wishRecords.list(db, eq(wishes.classId, id)),
  };
}

/** A new student with a private rating and what waits to be sorted; Problem 400 where a field is wrong. */
export async function addStudent(db: Database, classId: string, input: Record<string, unknown>): Promise<Student> {
  const id = newId('s');
  const student = readInput(Student, { ...input, ...newHeader('student', 1), id, classId });
  const rating = readInput(StudentPrivate, {
    ...newHeader('student-private', 2),
    studentId: id,
    classId,
    rating: input.rating ?? 3,
    toSort: input.toSort || undefined,
    supports: [],
  });
  await studentRecords.add(db, student);
  await ratingRecords.add(db, rating);
  return student;
}

/** What of a student is kept apart from the rest, as a change of a student may tell it. */
const PRIVATE_FIELDS = [
  'rating',
  'tags',
  'helper',
  'supports',
  'refined',
  'limits',
  'wishes',
  'wish',
  'toSort',
  'ladders',
  'handYes',
  'band',
] as const;
const isNothing = (value: unknown, field: string) => value === '' || (field !== 'supports' && Array.isArray(value) && value.length === 0);

export function classRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/classes', async () => {
    const all = await classRecords.list(db);
    const every = await studentRecords.list(db);
    return all.map((schoolClass) => ({ schoolClass, students: every.filter((s) => s.classId === schoolClass.id).length }));
  });
  route(router, 'post', '/classes', (req) =>
    classRecords.add(db, readInput(SchoolClass, { ...bodyOf(req), ...newHeader('class', 1), id: newId('c') })),
  );
  route(router, 'get', '/classes/:id', (req) => readClass(db, idParam(req)));
  route(router, 'put', '/classes/:id', async (req) => {
    const id = idParam(req);
    await classRecords.get(db, id);
    return classRecords.put(db, readInput(SchoolClass, { ...bodyOf(req), id }));
  });
  route(router, 'post', '/classes/:id/students', async (req) => {
    const id = idParam(req);
    await classRecords.get(db, id);
    const there = await studentRecords.list(db, eq(students.classId, id));
    if (there.length >= MOST_STUDENTS) throw new Problem(400, 'bad-input', [{ path: ['students'], code: 'too-many' }]);
    return db.transaction((tx) => addStudent(tx, id, bodyOf(req)));
  });
  route(router, 'put', '/classes/:id/students/:student', async (req) => {
    const body = bodyOf(req);
    const student = await studentRecords.get(db, idParam(req, 'student'));
    if (student.classId !== idParam(req)) throw new Problem(404, 'unknown-id', [{ path: ['student'], code: 'unknown-id' }]);
    return db.transaction(async (tx) => {
      const told = PRIVATE_FIELDS.filter((field) => body[field] !== undefined);
      if (told.length) {
        const now: Record<string, unknown> = { ...(await ratingRecords.get(tx, student.id)) };
        // An empty word and an empty list take away what was told.
        for (const field of told) now[field] = isNothing(body[field], field) ? undefined : body[field];
        await ratingRecords.put(tx, readInput(StudentPrivate, now));
      }
      const next = readInput(Student, {
        ...student,
        givenName: body.givenName ?? student.givenName,
        familyName: body.familyName ?? student.familyName,
        // An empty word takes away what told namesakes apart.
        mark: body.mark === '' ? undefined : (body.mark ?? student.mark),
        revision: body.revision ?? student.revision,
      });
      return studentRecords.put(tx, next);
    });
  });
  route(router, 'post', '/classes/:id/wishes', async (req) => {
    const id = idParam(req);
    const there = new Set((await studentRecords.list(db, eq(students.classId, id))).map((s) => s.id as string));
    const wish = readInput(Wish, { ...bodyOf(req), ...newHeader('wish', 1), id: newId('w'), classId: id });
    wish.students.forEach((student, i) => {
      if (!there.has(student)) throw new Problem(400, 'bad-input', [{ path: ['students', i], code: 'unknown-id' }]);
    });
    if (wish.students[0] === wish.students[1]) throw new Problem(400, 'bad-input', [{ path: ['students', 1], code: 'repeated' }]);
    return wishRecords.add(db, wish);
  });
  route(router, 'delete', '/classes/:id/wishes/:wish', (req) => wishRecords.remove(db, idParam(req, 'wish')));
  return router;
}
