import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { useSearchParams } from 'react-router';
import type { Played } from '../../../core/live/playedIn.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { ShelfInput } from '../../../core/shelf/judge.ts';
import { call, type Desk } from '../../api.ts';
import { useDay } from '../../parts/DayBar.tsx';
import { isoDate } from '../../parts/now.ts';

/** The period that games are looked for, by the address: the one that is named, else the next of today. */
export function useShelfPeriod() {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('period');
  const { data: opened, error } = useQuery({
    queryKey: ['desk', asked],
    queryFn: () => call<Desk>('GET', `/periods/${asked}/desk`),
    enabled: asked !== null,
  });
  const today = useDay(opened?.period.date ?? isoDate(new Date()));
  const day = today.data ?? [];
  const now = new Date().getHours() * 3600 + new Date().getMinutes() * 60;
  const next = day.find((d) => d.period.cancelled === undefined && clockSeconds(d.period.end) > now) ?? day.at(-1);
  // A period that is named is waited for.
  const desk = asked === null ? next : (day.find((d) => d.period.id === asked) ?? opened);
  const set = (key: string, value: string | null) =>
    setSearch(
      (old) => {
        const params = new URLSearchParams(old);
        if (value === null) params.delete(key);
        else params.set(key, value);
        return params;
      },
      { replace: true },
    );
  /** Nothing is known yet of the period, nor that there is none. */
  const isOpening = !desk && !error && (asked !== null || today.isPending);
  return { desk, day, error, search, set, isOpening };
}

/** A period's facts without its lesson: the same object until one of them is another. */
export function useFacts(desk: Desk | undefined): ShelfInput | null {
  const last = useRef<ShelfInput | null>(null);
  if (!desk) return null;
  const { lesson: _, ...facts } = desk;
  const known = last.current as Record<string, unknown> | null;
  const isSame = known && Object.entries(facts).every(([key, value]) => known[key] === value);
  if (!isSame) last.current = facts;
  return last.current;
}

/** What the class has played in the lessons that are looked back on. */
export function usePlayed(classId: string | undefined): Played[] | undefined {
  return useQuery({
    queryKey: ['played', classId],
    queryFn: () => call<Played[]>('GET', `/classes/${classId}/played`),
    enabled: classId !== undefined,
  }).data;
}
