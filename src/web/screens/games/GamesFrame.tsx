import { Link } from 'react-router';
import { type Desk, problemWords } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { Problem } from '../../parts/Problem.tsx';
import type { ShelfPeriod } from './useShelfPeriod.ts';

interface Props {
  period: ShelfPeriod;
  /** Said if there is no period. */
  empty: string;
  children(desk: Desk): React.ReactNode;
}

/** A page about games for a period, with the way back to the shelf; without a period it says so. */
export function GamesFrame({ period: { desk, error, isOpening }, empty, children }: Props) {
  return (
    <div className="flex h-full flex-col">
      <DayBar date={desk?.period.date} current={desk?.period.id}>
        <Link className="btn flex items-center" to={shelfPath(desk)}>
          Back to the games
        </Link>
      </DayBar>
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4">
        {error && <Problem text={problemWords(error)} />}
        {desk && children(desk)}
        {!desk && !error && !isOpening && <p className="text-muted">{empty}</p>}
      </main>
    </div>
  );
}

/** The address of the shelf for a period. */
export const shelfPath = (desk: Desk | undefined): string => `/games${desk ? `?period=${desk.period.id}` : ''}`;
