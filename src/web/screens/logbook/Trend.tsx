import { lazy, Suspense } from 'react';
import { counted } from '../../../core/formats/speak.ts';
import { type TrendPoint, trendOf } from '../../../core/live/trend.ts';
import type { RunSummary } from '../../api.ts';
import { shortDate } from '../../parts/now.ts';

const TrendChart = lazy(() => import('./TrendChart.tsx'));

const mean = (points: TrendPoint[], of: (p: TrendPoint) => number) => {
  const lessons = points.reduce((sum, p) => sum + p.lessons, 0);
  return points.reduce((sum, p) => sum + of(p) * p.lessons, 0) / Math.max(1, lessons);
};
const tenth = (v: number) => (Math.round(v * 10) / 10).toFixed(1);

/** How the weeks went: planned against actual minutes and active minutes of the whole lesson, as lines and as the same numbers in a table. */
export function Trend({ runs, of }: { runs: readonly RunSummary[]; of: string }) {
  const points = trendOf(runs);
  const weekly = points.some((p) => p.lessons > 1);
  const lessons = points.reduce((sum, p) => sum + p.lessons, 0);
  if (!points.length) return <p className="text-muted">No lesson has been ended yet. Once one is, its minutes stand here.</p>;
  const [planned, actual, onTask] = [
    mean(points, (p) => p.plannedMinutes),
    mean(points, (p) => p.actualMinutes),
    mean(points, (p) => p.onTaskMinutes),
  ];
  const over = actual - planned;
  return (
    <article aria-label="How the weeks went">
      <p className="text-muted">
        {counted(lessons, 'lesson')} · {of} · since {shortDate(points[0].from)}
      </p>
      <h2 className="text-2xl">Planned against actual minutes, and active time</h2>
      <p className="mt-1 text-base">
        {tenth(planned)} min planned a lesson, {tenth(actual)} min taken (
        {Math.abs(over) < 0.05 ? 'on time' : `${tenth(Math.abs(over))} min ${over > 0 ? 'over' : 'under'}`}
        ). A student was active {tenth(onTask)} min, {Math.round((onTask / Math.max(1, actual)) * 100)}% of the whole lesson (estimate).
      </p>
      <div className="mt-3 h-[300px]">
        <Suspense fallback={<p className="text-muted">Drawing the weeks …</p>}>
          <TrendChart points={points} />
        </Suspense>
      </div>
      <table className="mt-3 w-full max-w-[640px]">
        <caption className="sr-only">{weekly ? 'Average minutes by week' : 'Minutes by lesson'}</caption>
        <thead className="text-xs text-muted">
          <tr>
            <th scope="col" className="py-1 text-left font-normal">
              {weekly ? 'Week of' : 'Lesson of'}
            </th>
            {['lessons', 'planned', 'actual', 'active'].map((name) => (
              <th key={name} scope="col" className="w-24 text-right font-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {[...points].reverse().map((p) => (
            <tr key={p.from} className="border-t">
              <td className="head py-1 text-base">{shortDate(p.from)}</td>
              <td className="text-right">{p.lessons}</td>
              <td className="text-right">{tenth(p.plannedMinutes)}</td>
              <td className={`text-right font-bold ${p.actualMinutes - p.plannedMinutes > 1 ? 'text-caution' : ''}`}>
                {tenth(p.actualMinutes)}
              </td>
              <td className="text-right">{tenth(p.onTaskMinutes)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  );
}
