import { useQuery } from '@tanstack/react-query';
import type { Lesson } from '../../core/model/lesson.ts';
import { call, type Desk, problemWords } from '../api.ts';
import { Problem } from './Problem.tsx';

interface Props {
  periodId: string;
  /** Said while the plan is read, and where there is no lesson. */
  waiting: string;
  empty: string;
  /** What stands above where there is no lesson to show. */
  bar: React.ReactNode;
  children(desk: Desk, lesson: Lesson): React.ReactNode;
}

/** A page about a period's lesson, read anew whenever it opens; without one it says so. It goes on paper as it is. */
export function WithLesson({ periodId, waiting, empty, bar, children }: Props) {
  const { data, error } = useQuery({
    queryKey: ['desk', periodId],
    queryFn: () => call<Desk>('GET', `/periods/${periodId}/desk`),
    refetchOnMount: 'always',
  });
  return (
    <div className="flex h-full flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      {data?.lesson ? (
        children(data, data.lesson)
      ) : (
        <>
          {bar}
          <main className="p-6">
            {error ? <Problem text={problemWords(error)} /> : <p className="text-muted">{data ? empty : waiting}</p>}
          </main>
        </>
      )}
    </div>
  );
}
