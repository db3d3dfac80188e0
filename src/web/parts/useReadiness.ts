import { useQueries } from '@tanstack/react-query';
import { openFindings } from '../../core/fit/fit.ts';
import type { FittedLesson } from '../../core/fit/fitted.ts';
import type { Desk } from '../api.ts';
import { dayFitting } from '../worker/useFit.ts';

/** What a period's answer hangs on: the revisions of everything fit looks at. */
export const deskKey = (d: Desk) =>
  [
    d.period.id,
    d.period.revision,
    d.lesson?.revision,
    d.lesson?.id,
    d.attendance?.revision,
    d.room.revision,
    d.school.revision,
    d.schoolClass.revision,
    d.students.map((s) => s.id).join(),
    d.cupboard.map((g) => g.revision + g.count).join(),
    d.wishes.length,
    d.ratings.map((r) => `${r.rating}.${r.revision}`).join(),
  ].join('|');

/** Every period of the day fitted in the worker, by period id; periods without a lesson are left out. */
export function useFittedDay(day: readonly Desk[]): Record<string, FittedLesson> {
  const planned = day.filter((d) => d.lesson);
  const fits = useQueries({
    queries: planned.map((desk) => ({
      queryKey: ['fitted', deskKey(desk)],
      queryFn: () => dayFitting().fitUnweighed({ ...desk, lesson: desk.lesson! }),
      staleTime: Number.POSITIVE_INFINITY,
    })),
  });
  return Object.fromEntries(planned.flatMap((d, i) => (fits[i].data ? [[d.period.id, fits[i].data]] : [])));
}

/** How many checks are open in each planned period. */
export function useReadiness(day: readonly Desk[]): Record<string, number> {
  const fitted = useFittedDay(day);
  return Object.fromEntries(
    day.flatMap((d) =>
      d.lesson && fitted[d.period.id] ? [[d.period.id, openFindings({ lesson: d.lesson }, fitted[d.period.id]).length]] : [],
    ),
  );
}
