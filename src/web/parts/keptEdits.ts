import type { Edit } from '../../core/model/edit.ts';
import type { Lesson } from '../../core/model/lesson.ts';
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

export function readKept(lessonId: string | undefined): Kept {
  const kept = lessonId ? (storedJson('localStorage', keyOf(lessonId)) as Kept | null) : null;
  return kept || { base: null, pending: [] };
}

/** Keeps it while something waits; nothing of a lesson stays behind once the server has it all. */
export function keepEdits(lessonId: string, kept: Kept): void {
  keepJson(keyOf(lessonId), kept.pending.length ? kept : null);
}
