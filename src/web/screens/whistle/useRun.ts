import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { foldRun, type RunState } from '../../../core/live/foldRun.ts';
import { planOf, type RunPlan } from '../../../core/live/runPlan.ts';
import type { RunEvent } from '../../../core/model/run.ts';
import { call, freshId, type RunData } from '../../api.ts';

type Sent = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'id' | 'at'> : never) : never;

export interface LiveRun {
  plan: RunPlan;
  periodId: string;
  startedAt: number;
  now: number;
  state: RunState;
  waiting: number;
  send(event: Sent): void;
  undo(): void;
}

const kept = (runId: string) => `side-court-run-${runId}`;
const readKept = (runId: string): RunEvent[] => {
  try {
    return JSON.parse(localStorage.getItem(kept(runId)) ?? '[]') as RunEvent[];
  } catch {
    return [];
  }
};
/** Milliseconds between two looks at the clock, and before an unsent event is tried again. */
const TICK_MS = 200;
const RETRY_MS = 1500;

/** A run from its log: events count here at once, are kept in the browser until the server has them, and are sent in order. */
export function useRun(runId: string): { run: LiveRun | null; error: unknown } {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ['run', runId],
    queryFn: () => call<RunData>('GET', `/runs/${runId}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [pending, setPending] = useState<RunEvent[]>(() => readKept(runId));
  const [clock, setClock] = useState(() => Date.now());
  const offset = useRef(0);
  const sending = useRef(false);
  const data = query.data;
  useEffect(() => {
    if (data) offset.current = data.now - Date.now();
  }, [data]);
  useEffect(() => {
    const timer = setInterval(() => setClock(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  useEffect(() => {
    localStorage.setItem(kept(runId), JSON.stringify(pending));
    if (!pending.length) return;
    let stopped = false;
    const push = async () => {
      if (sending.current) return;
      sending.current = true;
      try {
        const answer = await call<{ events: RunEvent[]; now: number }>('POST', `/runs/${runId}/events`, { events: pending });
        const got = new Set(answer.events.map((e) => e.id));
        client.setQueryData<RunData>(['run', runId], (old) => old && { ...old, events: answer.events });
        setPending((p) => p.filter((e) => !got.has(e.id)));
      } catch {
        if (!stopped) setTimeout(() => !stopped && void push(), RETRY_MS);
      } finally {
        sending.current = false;
      }
    };
    void push();
    return () => {
      stopped = true;
    };
  }, [pending, runId, client]);

  const now = clock + offset.current;
  const events = useMemo(() => {
    const stored = data?.events ?? [];
    const ids = new Set(stored.map((e) => e.id));
    return [...stored, ...pending.filter((e) => !ids.has(e.id))];
  }, [data, pending]);
  const send = useCallback((event: Sent) => {
    setPending((p) => [...p, { ...event, id: freshId('e'), at: Date.now() + offset.current } as RunEvent]);
    setClock(Date.now());
  }, []);
  if (!data) return { run: null, error: query.error };
  const plan = planOf(data.run);
  const state = foldRun(plan, data.run.startedAt, events, now);
  const last = state.undoable.at(-1);
  return {
    error: null,
    run: {
      plan,
      periodId: data.run.periodId,
      startedAt: data.run.startedAt,
      now,
      state,
      waiting: pending.length,
      send,
      undo: () => last && send({ type: 'strike', target: last.id }),
    },
  };
}
