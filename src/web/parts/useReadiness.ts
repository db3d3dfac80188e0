import { useQueries, useQueryClient } from '@tanstack/react-query';
import type { FittedLesson } from '../../core/fit/fitted.ts';
import { type Readiness, readinessOf } from '../../core/fit/readiness.ts';
import { seedOf } from '../../core/rng.ts';
import type { Desk } from '../api.ts';
import { dayFitting } from '../worker/useFit.ts';
import { storedJson } from './storedJson.ts';
import { useRan } from './useRan.ts';

const keys = new WeakMap<Desk, string>();
/** A period with everything that fit looks at, as one short key: where anything differs, so does the key. */
function deskKey(desk: Desk): string {
  const known = keys.get(desk);
  if (known) return known;
  const text = JSON.stringify(desk);
  const key = `${desk.period.id} ${text.length} ${seedOf(text)}`;
  keys.set(desk, key);
  return key;
}

const fittedDesk = (desk: Desk) => ({
  queryKey: ['fitted', deskKey(desk)],
  queryFn: () => dayFitting().fitUnweighed({ ...desk, lesson: desk.lesson! }),
  staleTime: Number.POSITIVE_INFINITY,
});

/** Every period of the day fitted in the worker, by period id; periods without a lesson are left out. */
export function useFittedDay(day: readonly Desk[]): Record<string, FittedLesson> {
  const planned = day.filter((d) => d.lesson);
  const fits = useQueries({ queries: planned.map(fittedDesk) });
  return Object.fromEntries(planned.flatMap((d, i) => (fits[i].data ? [[d.period.id, fits[i].data]] : [])));
}

const KEPT = 'side-court-readiness';
const MOST_KEPT = 200;
/** The program that counted: a newer one may find other checks. */
const program = () => document.querySelector<HTMLScriptElement>('script[type="module"]')?.src ?? '';
/** What was counted in this window before, so that a page that is loaded anew need not fit the whole day again. */
function readKept(): [key: string, readiness: Readiness][] {
  const kept = storedJson('sessionStorage', KEPT) as { program: string; counts: [string, Readiness][] } | null;
  return kept?.program === program() ? kept.counts : [];
}

function keep(key: string, readiness: Readiness): void {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify({ program: program(), counts: [[key, readiness], ...readKept()].slice(0, MOST_KEPT) }));
  } catch {
    // Nothing may be kept here: then it is counted anew the next time.
  }
}

/** How ready each planned period is, by its id. */
export function useReadiness(day: readonly Desk[]): Record<string, Readiness> {
  const client = useQueryClient();
  const ran = useRan(day.map((d) => d.period.date));
  const planned = day.filter((d) => d.lesson);
  const counts = useQueries({
    queries: planned.map((desk) => ({
      queryKey: ['open', deskKey(desk)],
      queryFn: async () => {
        const key = deskKey(desk);
        const kept = readKept().find(([k]) => k === key);
        if (kept) return kept[1];
        const readiness = readinessOf({ lesson: desk.lesson! }, await client.fetchQuery(fittedDesk(desk)));
        keep(key, readiness);
        return readiness;
      },
      staleTime: Number.POSITIVE_INFINITY,
    })),
  });
  return Object.fromEntries(
    planned.flatMap((d, i) => {
      const readiness = counts[i].data;
      return readiness ? [[d.period.id, { ...readiness, ran: ran.has(d.period.id) }]] : [];
    }),
  );
}
