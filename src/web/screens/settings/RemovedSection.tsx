import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { REMOVAL_DAYS, type Removal } from '../../../core/model/removal.ts';
import { goesAlong } from '../../../core/words/removal.en.ts';
import { call, problemWords } from '../../api.ts';
import { isoDate, shortDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { removalName, removalStep, useShelfUndo } from '../../parts/shelfUndo.ts';

/** What was removed in the last thirty days, each brought back with one press. */
export function RemovedSection() {
  const list = useQuery({ queryKey: ['removals'], queryFn: () => call<Removal[]>('GET', '/removals'), refetchOnMount: 'always' });
  const { undo } = useShelfUndo();
  const [problem, setProblem] = useState('');
  return (
    <section className="mt-7 max-w-[820px]" aria-label="Removed">
      <h2 className="border-b-2 border-paint pb-0.5 text-lg">Removed in the last {REMOVAL_DAYS} days</h2>
      {list.data?.length === 0 && <p className="text-muted">Nothing. What you remove can be brought back from here.</p>}
      <ul>
        {(list.data ?? []).map((removal) => (
          <li key={removal.id} className="flex items-center gap-3 border-b py-1">
            <span className="min-w-0 flex-1">
              <span className="font-bold">{removalName(removal)}</span> <span className="text-muted">{removal.what}</span>
              <span className="block text-xs text-muted">
                {shortDate(isoDate(new Date(removal.at)))}
                {goesAlong(removal.touched) && `. ${goesAlong(removal.touched)}`}
              </span>
            </span>
            <button
              type="button"
              className="btn"
              onClick={() =>
                void undo(removalStep(removal)).then(
                  () => setProblem(''),
                  (error) => setProblem(problemWords(error)),
                )
              }
            >
              Bring back {removalName(removal)}
            </button>
          </li>
        ))}
      </ul>
      <Problem text={problem} />
    </section>
  );
}
