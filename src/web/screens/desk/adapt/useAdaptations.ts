import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  type AdaptationChoice,
  type AdaptationEdit,
  type AdaptationFor,
  choiceFor,
  choicesAfter,
  type StoredAdaptation,
} from '../../../../core/model/adaptation.ts';
import { piles } from '../../../../core/model/history.ts';
import type { HomeMade } from '../../../../core/model/homeMade.ts';
import { ApiProblem, call, freshId, problemWords } from '../../../api.ts';

export interface ChoiceAt {
  student: string;
  block: string;
  place?: string;
}

export interface Adaptations {
  choices: AdaptationFor[];
  homeMade: HomeMade[];
  /** True once the server has said what was chosen before. */
  isKnown: boolean;
  /** True while the server does not say: nothing private is kept in this browser. */
  isAway: boolean;
  choose(at: ChoiceAt, after: AdaptationChoice, name: string): void;
  /** Several at once: one gesture, one undo. */
  chooseAll(list: readonly { at: ChoiceAt; after: AdaptationChoice }[], name: string): void;
  undo(): void;
  redo(): void;
  /** What would be undone and redone, and after which revision of the lesson it was done. */
  undoable: { name: string; revision: number } | null;
  redoable: { name: string; revision: number } | null;
  waiting: number;
  problem: string;
}

/** Milliseconds before a choice that the server did not hear is sent again. */
const RETRY_MS = 1500;
type Step = Omit<StoredAdaptation, 'undoes' | 'redoes'> & { revision: number; undoes: number | null; redoes: number | null };

const stepOf = (s: StoredAdaptation): Step => ({
  ...s,
  revision: s.seq,
  undoes: s.undoes ?? null,
  redoes: s.redoes ?? null,
});

interface Known {
  log: StoredAdaptation[];
  homeMade: HomeMade[];
}
const keyOf = (lessonId: string) => ['adaptations', lessonId];

/** Asks the server for a lesson's choices. */
export const readAdaptations = (lessonId: string) => call<Known>('GET', `/adaptations/${lessonId}`);

/** What the server has of a lesson's choices, and what can be made for them. */
export const useStoredAdaptations = (lessonId: string) => useQuery({ queryKey: keyOf(lessonId), queryFn: () => readAdaptations(lessonId) });

/**
 * What was chosen for students of a lesson. Choices count here at once and are sent in order; they wait in this page's memory alone,
 * since nothing private may stay in the browser. `revision` is the lesson's, so that undo takes the newest of both.
 */
export function useAdaptations(lessonId: string, revision: number): Adaptations {
  const client = useQueryClient();
  const known = useStoredAdaptations(lessonId);
  const [pending, setPending] = useState<AdaptationEdit[]>([]);
  const [problem, setProblem] = useState('');
  const sending = useRef(false);
  const stored = known.data?.log ?? [];

  const send = useCallback(
    async (first: AdaptationEdit) => {
      if (sending.current) return;
      sending.current = true;
      try {
        const answer = await call<StoredAdaptation>('POST', `/adaptations/${lessonId}`, first);
        client.setQueryData<Known>(keyOf(lessonId), (old) =>
          old ? { ...old, log: [...old.log.filter((s) => s.seq !== answer.seq), answer] } : old,
        );
        setPending((list) => list.filter((p) => p.id !== first.id));
        setProblem('');
      } catch (error) {
        const isAway = error instanceof ApiProblem && (error.status === 0 || error.status >= 500);
        if (!isAway) {
          setProblem(`Not saved: ${problemWords(error)}`);
          setPending((list) => list.filter((p) => p.id !== first.id));
        }
      } finally {
        sending.current = false;
      }
    },
    [client, lessonId],
  );
  useEffect(() => {
    const [first] = pending;
    if (!first) return;
    void send(first);
    const timer = setInterval(() => void send(first), RETRY_MS);
    return () => clearInterval(timer);
  }, [pending, send]);

  const log = useMemo(() => {
    const last = stored.at(-1)?.seq ?? 0;
    const held = new Set(stored.map((s) => s.id as string));
    const ahead = pending.filter((p) => !held.has(p.id));
    const all: StoredAdaptation[] = [...stored];
    ahead.forEach((p, i) => {
      all.push({
        ...p,
        seq: last + 1 + i,
        lessonId: lessonId as StoredAdaptation['lessonId'],
        before: choiceFor(choicesAfter(all), p),
      });
    });
    return all;
  }, [stored, pending, lessonId]);
  const choices = useMemo(() => choicesAfter(log), [log]);
  const { undo, redo } = piles(log.map(stepOf));
  const lastDone = undo.at(-1);
  const lastUndone = redo.at(-1);
  const add = (edits: readonly Omit<AdaptationEdit, 'id'>[]) =>
    setPending((list) => [...list, ...edits.map((edit) => ({ ...edit, id: freshId('a') as AdaptationEdit['id'] }))]);
  const about = ({ student, block, place, lessonRevision, gesture }: Step) => ({
    ...{ student, block, place, lessonRevision },
    ...(gesture === undefined ? {} : { gesture }),
  });
  /** The steps of the newest gesture of a pile, the newest first. */
  const gestureOf = (pile: readonly Step[]) => {
    const last = pile.at(-1);
    return pile.filter((s) => s === last || (last?.gesture !== undefined && s.gesture === last.gesture)).toReversed();
  };
  const named = (step: typeof lastDone) => (step ? { name: step.name, revision: step.lessonRevision } : null);
  const chooseAll: Adaptations['chooseAll'] = (list, name) => {
    const gesture = list.length > 1 ? { gesture: freshId('g') as NonNullable<AdaptationEdit['gesture']> } : {};
    add(
      list.map(({ at: { student, block, place }, after }) => ({
        ...{ name, lessonRevision: revision, student: student as AdaptationEdit['student'], block: block as AdaptationEdit['block'] },
        ...{ place, after, ...gesture },
      })),
    );
  };
  return {
    choices,
    homeMade: known.data?.homeMade ?? [],
    isKnown: known.data !== undefined,
    isAway: known.isError && known.data === undefined,
    choose: (at, after, name) => chooseAll([{ at, after }], name),
    chooseAll,
    undo: () => add(gestureOf(undo).map((s) => ({ ...about(s), name: `undo ${s.name}`, after: s.before, undoes: s.seq }))),
    redo: () =>
      add(
        gestureOf(redo)
          .toReversed()
          .map((s) => ({ ...about(s), name: `redo ${s.name}`, after: s.after, redoes: s.seq })),
      ),
    undoable: named(lastDone),
    redoable: named(lastUndone),
    waiting: pending.length,
    problem,
  };
}
