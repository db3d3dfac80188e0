import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { bellOf } from '../../../core/live/bell.ts';
import { followRun } from '../../../core/live/foldRun.ts';
import { planOf, type RunPlan } from '../../../core/live/runPlan.ts';
import type { RunState } from '../../../core/live/runState.ts';
import type { RunEvent } from '../../../core/model/run.ts';
import { ApiProblem, call, freshId, type RunData } from '../../api.ts';
import { isReached } from '../../offline/reach.ts';
import { keepJson, storedJson } from '../../parts/storedJson.ts';
import { type AsideEvent, afterRefusal, afterSuccess, FRESH, nextBatch } from './outbox.ts';
import { RunClock } from './runClock.ts';

type Sent = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'id' | 'at'> : never) : never;

export interface LiveRun {
  plan: RunPlan;
  periodId: string;
  lessonId: string;
  runId: string;
  date: string;
  startedAt: number;
  /** When the bell is, milliseconds. */
  bell: number;
  now: number;
  state: RunState;
  /** Everything stored or waiting, in order. */
  log: RunEvent[];
  waiting: number;
  /** What the server refused: it does not count, and stays on this device until somebody decides. */
  aside: AsideEvent[];
  /** Sends such an event again, as it is or changed. */
  retry(id: string, changed?: RunEvent): void;
  drop(id: string): void;
  /** False while the server does not answer. */
  online: boolean;
  /** False while another window runs this lesson: this one shows what happens there. */
  leads: boolean;
  send(event: Sent): void;
  undo(): void;
  takeLead(): void;
  /** Asks the server now for what happened. */
  hear(): void;
}

const kept = (runId: string) => `side-court-run-${runId}`;
const keptAside = (runId: string) => `side-court-run-aside-${runId}`;
const readKept = <T>(name: string) => (storedJson('localStorage', name) as T[] | null) ?? [];
/** This window's name, the same after a reload. */
function windowName(): string {
  const known = sessionStorage.getItem('side-court-window') ?? freshId('w');
  sessionStorage.setItem('side-court-window', known);
  return known;
}
/** Milliseconds between two looks at the clock, and between two signs of life to the server. */
const TICK_MS = 200;
const WATCH_MS = 1000;

/**
 * A run from its log. Events count here at once, are kept in the browser until the server has flushed them to its disk, and
 * are sent in order, the same id again and again until it answers. One window leads, others follow what it does.
 */
export function useRun(runId: string): { run: LiveRun | null; error: unknown } {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ['run', runId],
    queryFn: () => call<RunData>('GET', `/runs/${runId}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [pending, setPending] = useState<RunEvent[]>(() => readKept(kept(runId)));
  const [aside, setAside] = useState<AsideEvent[]>(() => readKept(keptAside(runId)));
  const [tick, setTick] = useState(0);
  const [online, setOnline] = useState(true);
  const [leads, setLeads] = useState(true);
  const clock = useRef(new RunClock());
  const taking = useRef(false);
  const unsent = useRef(pending);
  unsent.current = pending;
  const data = query.data;
  const known = useRef(0);
  known.current = data?.events.length ?? 0;
  useEffect(() => {
    // An answer that was kept tells an old time: then the computer's own clock stands.
    if (data && isReached()) clock.current.heard(data.now);
  }, [data]);
  useEffect(() => {
    const timer = setInterval(() => setTick((t) => t + 1), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  useEffect(() => {
    keepJson(kept(runId), pending.length ? pending : null);
    keepJson(keptAside(runId), aside.length ? aside : null);
  }, [pending, aside, runId]);

  const store = useCallback(
    (events: RunEvent[], now: number) => {
      clock.current.heard(now);
      setOnline(true);
      const got = new Set(events.map((e) => e.id));
      client.setQueryData<RunData>(['run', runId], (old) => old && { ...old, now, events });
      setPending((p) => (p.some((e) => got.has(e.id)) ? p.filter((e) => !got.has(e.id)) : p));
    },
    [client, runId],
  );
  const putAside = useCallback((events: AsideEvent[]) => {
    if (!events.length) return;
    const ids = new Set(events.map(({ event }) => event.id));
    unsent.current = unsent.current.filter((e) => !ids.has(e.id));
    setPending(unsent.current);
    setAside((a) => [...a.filter(({ event }) => !ids.has(event.id)), ...events]);
  }, []);
  const sending = useRef(FRESH);
  /** Sends what waits, a batch at a time, until nothing waits or the server can take no more now; true if it took all. */
  const sendWaiting = useCallback(async (): Promise<boolean> => {
    while (unsent.current.length) {
      const batch = nextBatch(unsent.current, sending.current);
      try {
        const answer = await call<{ events: RunEvent[]; now: number }>('POST', `/runs/${runId}/events`, { events: batch });
        putAside(afterSuccess(batch, unsent.current, sending.current));
        const got = new Set(answer.events.map((e) => e.id));
        unsent.current = unsent.current.filter((e) => !got.has(e.id));
        store(answer.events, answer.now);
        sending.current = FRESH;
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error;
        const refusal = afterRefusal(batch, error, sending.current);
        sending.current = refusal.next;
        putAside(refusal.aside);
        if (error.status === 0 || error.status >= 500 || (!refusal.aside.length && batch.length === 1)) return false;
      }
    }
    return true;
  }, [runId, store, putAside]);
  const busy = useRef(false);
  /** Sends what waits, else gives a sign of life and hears what other windows did. */
  const talk = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      if (!(await sendWaiting())) {
        setOnline(false);
        return;
      }
      const take = taking.current;
      taking.current = false;
      const watch = await call<{ leads: boolean; now: number; events: RunEvent[] | null }>('POST', `/runs/${runId}/watch`, {
        window: windowName(),
        known: known.current,
        ...(take ? { take } : {}),
      });
      clock.current.heard(watch.now);
      setOnline(true);
      setLeads(watch.leads);
      if (watch.events) store(watch.events, watch.now);
    } catch {
      setOnline(false);
    } finally {
      busy.current = false;
    }
  }, [runId, store, sendWaiting]);
  useEffect(() => {
    void talk();
    const timer = setInterval(() => void talk(), WATCH_MS);
    return () => clearInterval(timer);
  }, [talk]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the tick asks the clock again
  const now = useMemo(() => clock.current.now(), [tick, data, pending]);
  const events = useMemo(() => {
    const stored = data?.events ?? [];
    const ids = new Set(stored.map((e) => e.id));
    return [...stored, ...pending.filter((e) => !ids.has(e.id))];
  }, [data, pending]);
  const shown = useRef(now);
  shown.current = now;
  const send = useCallback(
    (event: Sent) => {
      // Play belongs to the moment that was on the screen when it was tapped: a bout that ends before the screen is drawn anew takes no point away.
      const made = { ...event, id: freshId('e'), at: event.type === 'play' ? shown.current : clock.current.now() } as RunEvent;
      unsent.current = [...unsent.current, made];
      setPending(unsent.current);
      void talk();
    },
    [talk],
  );
  const frozen = data?.run;
  const follow = useMemo(() => frozen && followRun(planOf(frozen), frozen.startedAt), [frozen]);
  if (!data || !follow) return { run: null, error: query.error };
  const state = follow(events, now);
  const { plan } = state;
  const last = state.undoable.at(-1);
  return {
    error: null,
    run: {
      plan,
      periodId: data.run.periodId,
      lessonId: data.run.lessonId,
      runId,
      date: data.run.date,
      startedAt: data.run.startedAt,
      bell: bellOf(data.run, planOf(data.run)),
      now,
      state,
      log: events,
      waiting: pending.length,
      aside,
      retry(id, changed) {
        const again = changed ?? aside.find(({ event }) => event.id === id)?.event;
        if (!again) return;
        setAside((a) => a.filter(({ event }) => event.id !== id));
        unsent.current = [...unsent.current, again];
        setPending(unsent.current);
        void talk();
      },
      drop: (id) => setAside((a) => a.filter(({ event }) => event.id !== id)),
      online,
      leads,
      send,
      undo: () => last && send({ type: 'strike', target: last.id }),
      hear: () => void talk(),
      takeLead: () => {
        taking.current = true;
        void talk();
      },
    },
  };
}
