import { asc, eq } from 'drizzle-orm';
import { type AdaptationEdit, type AdaptationFor, choiceFor, choicesAfter, StoredAdaptation } from '../../core/model/adaptation.ts';
import type { Database } from '../database.ts';
import { Problem } from '../problem.ts';
import { adaptationEdits } from '../tables.ts';

/** Every step of a lesson's adaptations, oldest first. Private. */
export async function readAdaptationLog(db: Database, lessonId: string): Promise<StoredAdaptation[]> {
  const rows = await db.select().from(adaptationEdits).where(eq(adaptationEdits.lessonId, lessonId)).orderBy(asc(adaptationEdits.seq));
  return rows.map(({ data }) => StoredAdaptation.parse(data));
}

/** What is in use for a student, lesson by lesson. Private. */
export async function readAdaptationsOf(db: Database, student: string): Promise<{ lessonId: string; choices: AdaptationFor[] }[]> {
  const rows = await db.select().from(adaptationEdits).where(eq(adaptationEdits.studentId, student)).orderBy(asc(adaptationEdits.seq));
  const lessons = [...new Set(rows.map((row) => row.lessonId))].sort();
  return lessons.map((lessonId) => ({
    lessonId,
    choices: choicesAfter(rows.flatMap((row) => (row.lessonId === lessonId ? [StoredAdaptation.parse(row.data)] : []))),
  }));
}

/** Appends a choice with the one that it replaces. Problem 409 if a step that it undoes or redoes is not there. Same id again: no change. */
export async function appendAdaptation(db: Database, lessonId: string, edit: AdaptationEdit): Promise<StoredAdaptation> {
  return db.transaction(async (tx) => {
    const log = await readAdaptationLog(tx as unknown as Database, lessonId);
    const same = log.find((e) => e.id === edit.id);
    if (same) return same;
    const about = edit.undoes ?? edit.redoes;
    if (about !== undefined && !log.some((e) => e.seq === about))
      throw new Problem(409, 'stale', [{ path: [edit.undoes === undefined ? 'redoes' : 'undoes'], code: 'unknown-id' }]);
    const seq = (log.at(-1)?.seq ?? 0) + 1;
    const stored = StoredAdaptation.parse({ ...edit, lessonId, seq, before: choiceFor(choicesAfter(log), edit) });
    await tx.insert(adaptationEdits).values({ lessonId, seq, id: edit.id, studentId: edit.student, data: stored });
    return stored;
  });
}
