import { type QueryClient, useQuery } from '@tanstack/react-query';
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

export type ShelfPeriod = ReturnType<typeof useShelfPeriod>;

/** Facts of periods that were looked at, by period: the same object as long as they are the same, so that what was judged by them is kept. */
const known = new Map<string, ShelfInput>();

/** A period's facts without its lesson. */
export function useFacts(desk: Desk | undefined): ShelfInput | null {
  if (!desk) return null;
  const { lesson: _, ...facts } = desk;
  const before = known.get(desk.period.id) as Record<string, unknown> | undefined;
  const isSame = before && Object.entries(facts).every(([key, value]) => before[key] === value);
  if (!isSame) known.set(desk.period.id, facts);
  return known.get(desk.period.id)!;
}

/** What the class has played in the lessons that are looked back on. */
export function usePlayed(classId: string | undefined): Played[] | undefined {
  return useQuery({
    queryKey: ['played', classId],
    queryFn: () => call<Played[]>('GET', `/classes/${classId}/played`),
    enabled: classId !== undefined,
  }).data;
}

/** The games of the school are others now: everything that shows them asks again. */
export function gamesChanged(client: QueryClient): void {
  for (const key of ['games', 'day', 'desk']) void client.invalidateQueries({ queryKey: [key] });
}
