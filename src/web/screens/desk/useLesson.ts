import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { applyEdit, type Edit } from '../../../core/model/edit.ts';
import { EDIT_VERSION } from '../../../core/model/editVersion.ts';
import { piles, type Step } from '../../../core/model/history.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { editName } from '../../../core/words/edits.en.ts';
import { ApiProblem, call, type Desk, freshId, problemWords, type StoredEdit } from '../../api.ts';
import { type Kept, keepEdits, readKept, type Sending } from '../../parts/keptEdits.ts';

export interface LessonDesk {
  lesson: Lesson | null;
  perform(edit: Edit, name?: string): void;
  undo(): void;
  redo(): void;
  undoName: string | null;
  redoName: string | null;
  /** The revisions that undo and redo are about. */
  undoRevision: number | null;
  redoRevision: number | null;
  waiting: number;
  savedAt: Date | null;
  problem: string;
  /** Somebody else's version, where a write met one. */
  conflict: { stored: Lesson; mine: Lesson | null; edit: Sending } | null;
  resolve(which: 'stored' | 'mine'): void;
}

/** Milliseconds before an edit that the server did not hear is sent again. */
const RETRY_MS = 1500;
const newer = (a: Lesson | null | undefined, b: Lesson | null | undefined) => (!a ? (b ?? null) : !b || a.revision >= b.revision ? a : b);

/** The lesson with the edits on top that still apply, each one revision more, and what each undoes. */
function stack(base: Lesson, pending: readonly Sending[]): { lesson: Lesson; steps: (Step & { edit: Edit; inverse: Edit })[] } {
  let lesson = base;
  const steps: (Step & { edit: Edit; inverse: Edit })[] = [];
  for (const { edit, name, undoes, redoes } of pending) {
    const applied = applyEdit(lesson, edit);
    if (!applied.ok) continue;
    lesson = { ...applied.lesson, revision: lesson.revision + 1 };
    steps.push({ edit, inverse: applied.inverse, name, revision: lesson.revision, undoes: undoes ?? null, redoes: redoes ?? null });
  }
  return { lesson, steps };
}

/**
 * The lesson of a desk. Edits count here at once, wait in this browser until the server has them (over a reload, a day without
 * it) and are sent in order; undo and redo append. A write that meets another window's stops and shows both versions.
 */
export function useLesson(desk: Desk | undefined, pieceTitle: (id: string) => string): LessonDesk {
  const client = useQueryClient();
  const id = desk?.lesson?.id;
  const edits = useQuery({ queryKey: ['edits', id], queryFn: () => call<StoredEdit[]>('GET', `/lessons/${id}/edits`), enabled: !!id });
  const [kept, setKept] = useState<Kept>(() => {
    const before = readKept(id);
    return { ...before, base: newer(desk?.lesson, before.base) };
  });
  const [log, setLog] = useState<StoredEdit[]>([]);
  const [savedAt, setSavedAt] = useState<Date | null>(null);
  const [problem, setProblem] = useState('');
  const [conflict, setConflict] = useState<LessonDesk['conflict']>(null);
  const latest = useRef(kept);
  const keep = useCallback(
    (next: Kept) => {
      latest.current = next;
      setKept(next);
      if (id) keepEdits(id, next);
    },
    [id],
  );

  const stored = desk?.lesson;
  useEffect(() => {
    if (stored && newer(latest.current.base, stored) !== latest.current.base) keep({ ...latest.current, base: stored });
  }, [stored, keep]);
  useEffect(() => {
    if (edits.data) setLog((l) => (edits.data.length >= l.length ? edits.data : l));
  }, [edits.data]);

  const sending = useRef(false);
  const send = useCallback(async () => {
    const { base, pending } = latest.current;
    const [first] = pending;
    if (sending.current || !base || !first || conflict) return;
    sending.current = true;
    try {
      const answer = await call<{ lesson: Lesson; stored: StoredEdit }>('POST', `/lessons/${base.id}/edits`, {
        ...first,
        revision: base.revision,
        version: EDIT_VERSION,
      });
      setLog((l) => [...l.filter((s) => s.revision !== answer.stored.revision), answer.stored]);
      // The day knows it at once, so that how ready it is stays true everywhere.
      client.setQueriesData<Desk[]>({ queryKey: ['day'] }, (day) =>
        day?.map((d) => (d.lesson?.id === answer.lesson.id ? { ...d, lesson: answer.lesson } : d)),
      );
      keep({ base: newer(answer.lesson, base), pending: latest.current.pending.filter((p) => p.id !== first.id) });
      setSavedAt(new Date());
      setProblem('');
    } catch (error) {
      // A server that is away or fails by its own fault gets the edit again; only what it refuses is dropped, and said.
      const away = error instanceof ApiProblem && (error.status === 0 || error.status >= 500);
      if (error instanceof ApiProblem && error.status === 409 && error.more.stored) {
        setConflict({ stored: error.more.stored as Lesson, mine: (error.more.yours as Lesson | null) ?? null, edit: first });
      } else if (away) {
        if (error.status > 0 && error.status !== 503) setProblem(problemWords(error));
      } else {
        setProblem(`Not saved: ${problemWords(error)}`);
        keep({ ...latest.current, pending: latest.current.pending.filter((p) => p.id !== first.id) });
      }
    } finally {
      sending.current = false;
    }
  }, [conflict, keep, client]);
  useEffect(() => {
    if (!kept.pending.length) return;
    void send();
    const timer = setInterval(() => void send(), RETRY_MS);
    return () => clearInterval(timer);
  }, [kept.pending, send]);

  const made = useMemo(() => (kept.base ? stack(kept.base, kept.pending) : null), [kept]);
  const add = useCallback(
    (edit: Sending) => {
      const { base, pending } = latest.current;
      if (!base) return;
      const applied = applyEdit(stack(base, pending).lesson, edit.edit);
      if (!applied.ok) return setProblem(`This change does not fit the lesson any more (${applied.code}). Load it again.`);
      setProblem('');
      keep({ base, pending: [...pending, edit] });
    },
    [keep],
  );
  const perform = useCallback(
    (edit: Edit, name?: string) => {
      const { base, pending } = latest.current;
      if (base) add({ id: freshId('e'), edit, name: name ?? editName(edit, stack(base, pending).lesson, pieceTitle) });
    },
    [add, pieceTitle],
  );
  const { undo, redo } = piles([...log, ...(made?.steps ?? []).filter((s) => !log.some((l) => l.revision === s.revision))]);
  const lastDone = undo.at(-1);
  const lastUndone = redo.at(-1);
  return {
    lesson: made?.lesson ?? null,
    perform,
    undo: () => lastDone && add({ id: freshId('e'), edit: lastDone.inverse, name: `undo ${lastDone.name}`, undoes: lastDone.revision }),
    redo: () =>
      lastUndone && add({ id: freshId('e'), edit: lastUndone.edit, name: `redo ${lastUndone.name}`, redoes: lastUndone.revision }),
    undoName: lastDone?.name ?? null,
    redoName: lastUndone?.name ?? null,
    undoRevision: lastDone?.revision ?? null,
    redoRevision: lastUndone?.revision ?? null,
    waiting: kept.pending.length,
    savedAt,
    problem,
    conflict,
    resolve(which) {
      const met = conflict;
      setConflict(null);
      if (!met) return;
      void client.invalidateQueries({ queryKey: ['edits', id] });
      // Undo and redo speak of revisions that are now another window's: what is put on top stands as plain edits.
      const mine = latest.current.pending.map((p) => ({ id: freshId('e'), edit: p.edit, name: p.name }));
      keep({ base: met.stored, pending: which === 'mine' ? mine : [] });
    },
  };
}
