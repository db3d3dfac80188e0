import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { applyEdit, type Edit } from '../../../core/model/edit.ts';
import { piles } from '../../../core/model/history.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { editName } from '../../../core/words/edits.en.ts';
import { ApiProblem, call, type Desk, freshId, problemWords, type StoredEdit } from '../../api.ts';

interface Sending {
  id: string;
  edit: Edit;
  name: string;
  undoes?: number;
  redoes?: number;
}

export interface LessonDesk {
  lesson: Lesson | null;
  perform(edit: Edit, name?: string): void;
  undo(): void;
  redo(): void;
  undoName: string | null;
  redoName: string | null;
  waiting: number;
  savedAt: Date | null;
  problem: string;
  /** Somebody else's version, where a write met one. */
  conflict: { stored: Lesson; mine: Lesson | null; edit: Sending } | null;
  resolve(which: 'stored' | 'mine'): void;
}

/** The lesson of a desk: edits apply here at once and are stored one after another; undo and redo append. */
export function useLesson(desk: Desk | undefined, pieceTitle: (id: string) => string): LessonDesk {
  const client = useQueryClient();
  const id = desk?.lesson?.id;
  const edits = useQuery({ queryKey: ['edits', id], queryFn: () => call<StoredEdit[]>('GET', `/lessons/${id}/edits`), enabled: !!id });
  const [lesson, setLesson] = useState<Lesson | null>(null);
  const [log, setLog] = useState<StoredEdit[]>([]);
  const [savedAt, setSavedAt] = useState<Date | null>(null);
  const [problem, setProblem] = useState('');
  const [conflict, setConflict] = useState<LessonDesk['conflict']>(null);
  const [waiting, setWaiting] = useState(0);
  const current = useRef<Lesson | null>(null);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const stopped = useRef(false);

  const stored = desk?.lesson;
  useEffect(() => {
    if (stored && (current.current?.id !== stored.id || current.current.revision < stored.revision)) {
      current.current = stored;
      setLesson(stored);
    }
  }, [stored]);
  useEffect(() => {
    if (edits.data) setLog(edits.data);
  }, [edits.data]);

  const reload = useCallback(async () => {
    current.current = null;
    stopped.current = false;
    await client.invalidateQueries({ queryKey: ['desk'] });
    await client.invalidateQueries({ queryKey: ['edits', id] });
  }, [client, id]);

  const send = useCallback(
    (sending: Sending) => {
      const before = current.current;
      if (!before) return;
      const applied = applyEdit(before, sending.edit);
      if (!applied.ok) {
        setProblem(`This change does not fit the lesson any more (${applied.code}). Load it again.`);
        return;
      }
      const next = { ...applied.lesson, revision: before.revision + 1 };
      current.current = next;
      setLesson(next);
      setProblem('');
      setLog((l) => [
        ...l,
        { ...sending, revision: next.revision, inverse: applied.inverse, undoes: sending.undoes ?? null, redoes: sending.redoes ?? null },
      ]);
      setWaiting((n) => n + 1);
      queue.current = queue.current.then(async () => {
        try {
          if (stopped.current) return;
          await call('POST', `/lessons/${before.id}/edits`, { ...sending, revision: before.revision });
          setSavedAt(new Date());
        } catch (error) {
          stopped.current = true;
          if (error instanceof ApiProblem && error.status === 409)
            setConflict({ stored: error.more.stored as Lesson, mine: (error.more.yours as Lesson | null) ?? null, edit: sending });
          else {
            setProblem(`Not saved: ${problemWords(error)}`);
            await reload();
          }
        } finally {
          setWaiting((n) => n - 1);
        }
      });
    },
    [reload],
  );

  const perform = useCallback(
    (edit: Edit, name?: string) => {
      if (current.current) send({ id: freshId('e'), edit, name: name ?? editName(edit, current.current, pieceTitle) });
    },
    [send, pieceTitle],
  );
  const { undo, redo } = piles(log);
  const lastDone = undo.at(-1);
  const lastUndone = redo.at(-1);
  return {
    lesson,
    perform,
    undo: () => lastDone && send({ id: freshId('e'), edit: lastDone.inverse, name: `undo ${lastDone.name}`, undoes: lastDone.revision }),
    redo: () =>
      lastUndone && send({ id: freshId('e'), edit: lastUndone.edit, name: `redo ${lastUndone.name}`, redoes: lastUndone.revision }),
    undoName: lastDone?.name ?? null,
    redoName: lastUndone?.name ?? null,
    waiting,
    savedAt,
    problem,
    conflict,
    resolve(which) {
      const held = conflict;
      setConflict(null);
      stopped.current = false;
      if (!held) return;
      current.current = held.stored;
      setLesson(held.stored);
      void client.invalidateQueries({ queryKey: ['edits', id] });
      if (which === 'mine') send({ ...held.edit, id: freshId('e'), undoes: undefined, redoes: undefined });
    },
  };
}
