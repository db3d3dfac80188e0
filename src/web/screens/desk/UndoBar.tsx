import { useReach } from '../../offline/reach.ts';
import { clockText } from '../../parts/now.ts';
import type { useLesson } from './useLesson.ts';

/** What undo and redo would do, by name, and whether all is saved. */
export function UndoBar({
  undo,
  redo,
  undoName,
  redoName,
  waiting,
  savedAt,
}: Pick<ReturnType<typeof useLesson>, 'undo' | 'redo' | 'undoName' | 'redoName' | 'waiting' | 'savedAt'>) {
  const { online } = useReach();
  return (
    <div className="flex items-center gap-3 text-muted">
      {undoName && (
        <button type="button" className="max-w-44 truncate hover:text-ink hover:underline" onClick={undo}>
          Undo: {undoName}
        </button>
      )}
      {redoName && (
        <button type="button" className="max-w-32 truncate hover:text-ink hover:underline" onClick={redo}>
          Redo: {redoName}
        </button>
      )}
      <span role="status" className="whitespace-nowrap">
        {waiting && !online
          ? `Offline: ${waiting} ${waiting === 1 ? 'change' : 'changes'} saved on this device`
          : waiting
            ? 'Saving …'
            : savedAt
              ? `Saved ${clockText(savedAt.getTime())}`
              : 'All saved'}
      </span>
    </div>
  );
}
