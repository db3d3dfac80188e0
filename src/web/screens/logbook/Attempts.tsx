import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import type { AttemptsOnDay } from '../../../core/live/attemptsIn.ts';
import { call } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { barName } from './barName.ts';

const AttemptsChart = lazy(() => import('./AttemptsChart.tsx'));

/** A student's tries by step over the lessons, as bars and as the same numbers in a table; nothing if no lesson has kept any. For the teacher alone. */
export function Attempts({ classId }: { classId: string }) {
  const { data } = useQuery({
    queryKey: ['attempts', classId],
    queryFn: () => call<{ names: Record<string, string>; attempts: AttemptsOnDay[] }>('GET', `/classes/${classId}/attempts`),
  });
  const [chosen, setChosen] = useState('');
  if (!data?.attempts.length) return null;
  const players = [...new Set(data.attempts.map((a) => a.player))].sort((a, b) => (data.names[a] ?? a).localeCompare(data.names[b] ?? b));
  const player = players.includes(chosen) ? chosen : players[0];
  const mine = data.attempts.filter((a) => a.player === player);
  const hasFallen = mine.some((a) => a.fallen > 0);
  return (
    <section className="mt-5" aria-label="Tries by step">
      <h3 className="border-b pb-1 text-base">Tries by step</h3>
      <div className="mt-2 max-w-64">
        <ChoiceField
          label="Student (private)"
          value={player}
          options={players.map((id) => [id, data.names[id] ?? id] as const)}
          onPick={setChosen}
        />
      </div>
      <div className="mt-2 h-[240px]">
        <Suspense fallback={<p className="text-muted">Drawing the tries …</p>}>
          <AttemptsChart attempts={mine} />
        </Suspense>
      </div>
      <table className="mt-2 w-full max-w-[640px]">
        <caption className="sr-only">Tries by lesson and step</caption>
        <thead className="text-xs text-muted">
          <tr>
            <th scope="col" className="py-1 text-left font-normal">
              Lesson
            </th>
            {['tries', 'made alone', 'with help', ...(hasFallen ? ['fell'] : [])].map((name) => (
              <th key={name} scope="col" className="w-24 text-right font-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {[...mine].reverse().map((a, i) => (
            <tr key={`${barName(a)}-${i}`} className="border-t">
              <td className="py-1">
                <span className="head text-base">{barName(a)}</span> <span className="text-muted">{a.game}</span>
              </td>
              <td className="text-right">{a.tries}</td>
              <td className="text-right">{a.alone}</td>
              <td className="text-right">{a.helped}</td>
              {hasFallen && <td className="text-right">{a.fallen}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
