import type { LessonDesk } from '../useLesson.ts';
import type { Adaptations } from './useAdaptations.ts';

type Own = Omit<LessonDesk, 'lesson' | 'perform'>;

/** One undo and one redo for the lesson and for what was chosen for students: whichever is newest comes first. */
export function useBothLogs(own: Own, adaptations: Adaptations): Own {
  const { undoable, redoable } = adaptations;
  // A choice made at a revision of the lesson comes after the edit that brought that revision.
  const undoesChoice = undoable !== null && undoable.revision >= (own.undoRevision ?? -1);
  const redoesChoice = redoable !== null && (own.redoRevision === null || redoable.revision < own.redoRevision);
  return {
    ...own,
    undo: undoesChoice ? adaptations.undo : own.undo,
    redo: redoesChoice ? adaptations.redo : own.redo,
    undoName: undoesChoice ? undoable.name : own.undoName,
    redoName: redoesChoice ? redoable.name : own.redoName,
    waiting: own.waiting + adaptations.waiting,
  };
}
