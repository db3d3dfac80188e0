import type { Edit } from '../../core/model/edit.ts';
import { EDIT_VERSION, upgradeEdit } from '../../core/model/editVersion.ts';
import type { Lesson } from '../../core/model/lesson.ts';
import { newestOf, upgrade } from '../../core/model/record.ts';
import { keepJson, storedJson } from './storedJson.ts';

export interface Sending {
  id: string;
  edit: Edit;
  name: string;
  undoes?: number;
  redoes?: number;
}
/** What this browser keeps of a lesson until the server has it: the last version known from it, and the edits on top. */
export interface Kept {
  base: Lesson | null;
  pending: Sending[];
}

const keyOf = (lessonId: string) => `side-court-lesson-${lessonId}`;

/** What was kept, in today's version: a window of an older Side Court may have kept it. */
export function readKept(lessonId: string | undefined): Kept {
  const kept = lessonId ? (storedJson('localStorage', keyOf(lessonId)) as (Kept & { version?: number }) | null) : null;
  if (!kept) return { base: null, pending: [] };
  const { base, pending, version = 1 } = kept;
  return {
    base: base && (upgrade(base, newestOf('lesson')) as Lesson),
    pending: pending.map((each) => ({ ...each, edit: upgradeEdit(each.edit, version) as Edit })),
  };
}

/** Keeps it while something waits; nothing of a lesson stays behind once the server has it all. */
export function keepEdits(lessonId: string, kept: Kept): void {
  keepJson(keyOf(lessonId), kept.pending.length ? { ...kept, version: EDIT_VERSION } : null);
}
