import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { useParams } from 'react-router';
import { ApiProblem, call, type Desk as DeskData, problemWords } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { EmptyDesk } from './EmptyDesk.tsx';
import { Planning } from './Planning.tsx';

/** A period's desk: its plan, or the first step towards one. */
export function Desk() {
  const { periodId = '' } = useParams();
  const query = useQuery({ queryKey: ['desk', periodId], queryFn: () => call<DeskData>('GET', `/periods/${periodId}/desk`) });
  // Drawn piece by piece while the page stays free for input: a whole desk at once holds a slow machine up for half a second.
  const desk = useDeferredValue(query.data, null);
  if (query.error instanceof ApiProblem && query.error.status === 404) {
    return (
      <div className="flex h-full flex-col">
        <DayBar />
        <main className="p-6">
          <h1 className="text-xl">This period is gone</h1>
          <p className="mt-2">Choose another on the day bar, or go to Today to add one.</p>
        </main>
      </div>
    );
  }
  if (query.error && !query.data)
    return (
      <p role="alert" className="p-6 text-stop">
        {problemWords(query.error)}
      </p>
    );
  if (!query.data || !desk) {
    return (
      <div className="flex h-full flex-col">
        <DayBar current={periodId} />
        <p className="p-6 text-muted">Laying out the plan …</p>
      </div>
    );
  }
  return desk.lesson ? <Planning key={periodId} desk={desk} /> : <EmptyDesk desk={desk} />;
}
