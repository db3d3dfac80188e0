import { asc, eq } from 'drizzle-orm';
import { applyEdit, Edit } from '../../core/model/edit.ts';
import { EDIT_VERSION, upgradeEdit } from '../../core/model/editVersion.ts';
import { Lesson } from '../../core/model/lesson.ts';
import type { Database } from '../database.ts';
import { inputIssues, Problem } from '../problem.ts';
import { lessonEdits } from '../tables.ts';
import { gameRecords, lessonRecords } from './index.ts';
import { newestLesson } from './newestLesson.ts';

export interface StoredEdit {
  revision: number;
  id: string;
  name: string;
  edit: Edit;
  inverse: Edit;
  undoes: number | null;
  redoes: number | null;
}

/** All edits of a lesson, oldest first. */
export async function readLessonLog(db: Database, lessonId: string): Promise<StoredEdit[]> {
  const rows = await db.select().from(lessonEdits).where(eq(lessonEdits.lessonId, lessonId)).orderBy(asc(lessonEdits.revision));
  return rows.map(editOf);
}

/** An edit as it was stored, in today's version. */
const editOf = ({ revision, id, name, edit, inverse, undoes, redoes, version }: typeof lessonEdits.$inferSelect): StoredEdit => ({
  revision,
  id,
  name,
  edit: Edit.parse(upgradeEdit(edit, version)),
  inverse: Edit.parse(upgradeEdit(inverse, version)),
  undoes,
  redoes,
});

/**
 * Applies an edit to the lesson at the revision it was made on and appends it with its inverse, in one transaction.
 * Problem 409 with both versions where the lesson has moved on, 400 where the edit does not apply. Same id again: no change.
 */
export async function appendLessonEdit(
  db: Database,
  lessonId: string,
  request: { id: string; revision: number; edit: Edit; name: string; undoes?: number; redoes?: number },
): Promise<{ lesson: Lesson; stored: StoredEdit }> {
  return db.transaction(async (tx) => {
    const lesson = await newestLesson(await lessonRecords.get(tx, lessonId), () => gameRecords.list(tx));
    const before = await tx.select().from(lessonEdits).where(eq(lessonEdits.id, request.id));
    // Ids are unique over all lessons: one that another lesson has was made up.
    if (before.length && before[0].lessonId !== lessonId) throw new Problem(409, 'repeated', [{ path: ['id'], code: 'repeated' }]);
    if (before.length) return { lesson, stored: editOf(before[0]) };
    const applied = applyEdit(lesson, request.edit);
    if (lesson.revision !== request.revision) {
      throw new Problem(409, 'stale', [{ path: ['revision'], code: 'stale' }], {
        stored: lesson,
        yours: applied.ok ? applied.lesson : null,
      });
    }
    if (!applied.ok) throw new Problem(400, applied.code, [{ path: ['edit', applied.path], code: applied.code }]);
    const parsed = Lesson.safeParse(applied.lesson);
    if (!parsed.success) throw new Problem(400, 'bad-input', inputIssues(parsed.error));
    // What could not be read back as an edit would make every later look at the log fail.
    const inverse = Edit.safeParse(applied.inverse);
    if (!inverse.success) throw new Problem(400, 'bad-input', [{ path: ['edit'], code: 'too-many' }]);
    const saved = await lessonRecords.put(tx, parsed.data);
    const stored = {
      revision: saved.revision,
      id: request.id,
      name: request.name,
      edit: request.edit,
      inverse: applied.inverse,
      undoes: request.undoes ?? null,
      redoes: request.redoes ?? null,
    };
    await tx.insert(lessonEdits).values({ lessonId, ...stored, version: EDIT_VERSION });
    return { lesson: saved, stored };
  });
}
