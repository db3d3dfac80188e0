import { eq, inArray } from 'drizzle-orm';
import { Router } from 'express';
import { newHeader } from '../../core/model/record.ts';
import { MOST_STUDENTS, SchoolClass } from '../../core/model/schoolClass.ts';
import { Student, StudentPrivate, Wish } from '../../core/model/student.ts';
import type { Database } from '../database.ts';
import { Problem, readInput } from '../problem.ts';
import { classRecords, ratingRecords, studentRecords, wishRecords } from '../repositories/index.ts';
import { adaptationEdits, studentPrivates, students, wishes } from '../tables.ts';
import { periodsOfClass } from './facts.ts';
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

/** A new student with a private rating; Problem 400 where a field is wrong. */
export async function addStudent(db: Database, classId: string, input: Record<string, unknown>): Promise<Student> {
  const id = newId('s');
  const student = readInput(Student, { ...input, ...newHeader('student', 1), id, classId });
  const rating = readInput(StudentPrivate, {
    ...newHeader('student-private', 2),
    studentId: id,
    classId,
    rating: input.rating ?? 3,
    supports: [],
  });
  await studentRecords.add(db, student);
  await ratingRecords.add(db, rating);
  return student;
}

/** Takes a student out of the class with rating and wishes. */
export async function removeStudent(db: Database, classId: string, student: string): Promise<void> {
  await studentRecords.remove(db, student);
  await db.delete(studentPrivates).where(eq(studentPrivates.id, student));
  await db.delete(adaptationEdits).where(eq(adaptationEdits.studentId, student));
  for (const wish of await wishRecords.list(db, eq(wishes.classId, classId))) {
    if ((wish.students as string[]).includes(student)) await wishRecords.remove(db, wish.id);
  }
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
  route(router, 'delete', '/classes/:id', async (req) => {
    const id = idParam(req);
    if ((await periodsOfClass(db, id)).length) throw new Problem(409, 'in-use', [{ path: ['id'], code: 'in-use' }]);
    await db.transaction(async (tx) => {
      await classRecords.remove(tx, id);
      const ofClass = tx.select({ id: students.id }).from(students).where(eq(students.classId, id));
      await tx.delete(adaptationEdits).where(inArray(adaptationEdits.studentId, ofClass));
      await tx.delete(students).where(eq(students.classId, id));
      await tx.delete(studentPrivates).where(eq(studentPrivates.classId, id));
      await tx.delete(wishes).where(eq(wishes.classId, id));
    });
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
        revision: body.revision ?? student.revision,
      });
      return studentRecords.put(tx, next);
    });
  });
  route(router, 'delete', '/classes/:id/students/:student', async (req) => {
    await db.transaction((tx) => removeStudent(tx, idParam(req), idParam(req, 'student')));
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
