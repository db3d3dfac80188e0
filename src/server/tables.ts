import { bigint, index, integer, jsonb, pgTable, primaryKey, text, uniqueIndex } from 'drizzle-orm/pg-core';

/** What every record table has: the parsed record in `data`, and beside it what queries need. */
const record = {
  id: text('id').primaryKey(),
  schoolId: text('school_id').notNull(),
  version: integer('version').notNull(),
  revision: integer('revision').notNull(),
  data: jsonb('data').notNull(),
};

export const schools = pgTable('schools', record);
export const classes = pgTable('classes', record);
export const students = pgTable('students', { ...record, classId: text('class_id').notNull() }, (t) => [
  index('students_class').on(t.classId),
]);
/** Private: ratings. Nothing that builds walls, cards or exports may import it. */
export const studentPrivates = pgTable('student_privates', { ...record, classId: text('class_id').notNull() }, (t) => [
  index('student_privates_class').on(t.classId),
]);
/** Private: who must or must not be together. */
export const wishes = pgTable('wishes', { ...record, classId: text('class_id').notNull() }, (t) => [index('wishes_class').on(t.classId)]);
export const rooms = pgTable('rooms', record);
export const gear = pgTable('gear', record);
export const games = pgTable('games', record);
export const lessons = pgTable('lessons', record);
export const periods = pgTable('periods', { ...record, date: text('date').notNull(), lessonId: text('lesson_id') }, (t) => [
  index('periods_date').on(t.date),
]);
/** Private: who is here and what each does; id is the period's. */
export const attendances = pgTable('attendances', record);
export const runs = pgTable('runs', { ...record, periodId: text('period_id').notNull(), classId: text('class_id').notNull() }, (t) => [
  index('runs_class').on(t.classId),
]);

/** Every edit of a lesson, append-only; `undoes`/`redoes` name the revision that an undo or redo is about. */
export const lessonEdits = pgTable(
  'lesson_edits',
  {
    lessonId: text('lesson_id').notNull(),
    revision: integer('revision').notNull(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    edit: jsonb('edit').notNull(),
    inverse: jsonb('inverse').notNull(),
    undoes: integer('undoes'),
    redoes: integer('redoes'),
    /** The version that the edits are written in. */
    version: integer('version').notNull().default(1),
  },
  (t) => [primaryKey({ columns: [t.lessonId, t.revision] }), uniqueIndex('lesson_edits_id').on(t.id)],
);

/** Private: what was accepted and refused for students of a lesson, append-only. Nothing that builds walls, cards or exports may import it. */
export const adaptationEdits = pgTable(
  'adaptation_edits',
  {
    lessonId: text('lesson_id').notNull(),
    seq: integer('seq').notNull(),
    id: text('id').notNull(),
    studentId: text('student_id').notNull(),
    data: jsonb('data').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.lessonId, t.seq] }),
    uniqueIndex('adaptation_edits_id').on(t.id),
    index('adaptation_edits_student').on(t.studentId),
  ],
);

/** Every event of a run in the server's order; an id arrives once. */
export const runEvents = pgTable(
  'run_events',
  {
    runId: text('run_id').notNull(),
    seq: integer('seq').notNull(),
    id: text('id').notNull(),
    at: bigint('at', { mode: 'number' }).notNull(),
    data: jsonb('data').notNull(),
  },
  (t) => [primaryKey({ columns: [t.runId, t.seq] }), uniqueIndex('run_events_id').on(t.runId, t.id)],
);

/** The number of the last journal line that this database holds, in the same transaction as what the line brought; id is the journal's name. */
export const journalMarks = pgTable('journal_marks', {
  id: text('id').primaryKey(),
  applied: bigint('applied', { mode: 'number' }).notNull(),
  /** Which start of the computer it was written in: after another one the number alone proves nothing. */
  boot: text('boot').notNull(),
});

/**
 * What was removed, append-only: the rows as they were, so that they can be brought back. Private: in no list, no export; deleted after
 * thirty days. Times are milliseconds.
 */
export const removals = pgTable(
  'removals',
  {
    id: text('id').primaryKey(),
    schoolId: text('school_id').notNull(),
    at: bigint('at', { mode: 'number' }).notNull(),
    restoredAt: bigint('restored_at', { mode: 'number' }),
    data: jsonb('data').notNull(),
  },
  (t) => [index('removals_at').on(t.at)],
);

/** Who looked at care alerts as a guest, append-only: the period and when. Private. */
export const guestLooks = pgTable(
  'guest_looks',
  {
    id: text('id').primaryKey(),
    schoolId: text('school_id').notNull(),
    periodId: text('period_id').notNull(),
    at: bigint('at', { mode: 'number' }).notNull(),
  },
  (t) => [index('guest_looks_at').on(t.at)],
);
