import { lazy, Suspense, useState } from 'react';
import type { FittedLesson } from '../../../core/fit/fitted.ts';
import { openFindings } from '../../../core/fit/openFindings.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import { type Desk, problemWords } from '../../api.ts';
import { DayBar, useDay } from '../../parts/DayBar.tsx';
import { isoDate, longDate, shortBell, useNow } from '../../parts/now.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { NextPeriod } from './NextPeriod.tsx';

/** Forms are loaded when one is opened: the first screen needs none. */
const FirstSteps = lazy(() => import('./FirstSteps.tsx').then((m) => ({ default: m.FirstSteps })));
const NewPeriod = lazy(() => import('./NewPeriod.tsx').then((m) => ({ default: m.NewPeriod })));

/** The day from bell to bell: the next period large, what must change on the floor, what is not ready; the others as tape. */
export function Today() {
  const now = useNow(15_000);
  const date = isoDate(now);
  const query = useDay(date);
  const day = query.data ?? [];
  const fitted = useFittedDay(day);
  const [adding, setAdding] = useState(false);
  const [picked, setPicked] = useState<string | null>(null);
  const seconds = now.getHours() * 3600 + now.getMinutes() * 60;
  const upcoming = day.findIndex((d) => clockSeconds(d.period.end) > seconds);
  const nextIndex = picked ? day.findIndex((d) => d.period.id === picked) : upcoming < 0 ? day.length - 1 : upcoming;
  const next = day[nextIndex];
  const before = day
    .slice(0, nextIndex)
    .reverse()
    .find((d) => d.room.id === next?.room.id);
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar>
        <span className="text-muted">{longDate(date)}</span>
        <button type="button" className="btn" onClick={() => setAdding(true)}>
          Add a period
        </button>
      </DayBar>
      {query.error && (
        <p role="alert" className="bg-stop px-4 py-1 text-white">
          {problemWords(query.error)}
        </p>
      )}
      <main className="grid min-h-0 flex-1 grid-cols-[1fr_352px] max-[900px]:grid-cols-1 max-[900px]:overflow-auto">
        <h1 className="sr-only">Today, {longDate(date)}</h1>
        {next ? (
          <NextPeriod
            desk={next}
            fitted={fitted[next.period.id]}
            before={before && fitted[before.period.id]}
            beforeName={before?.schoolClass.name}
            now={seconds}
            number={nextIndex + 1}
          />
        ) : query.data ? (
          <Suspense>
            <FirstSteps onAdd={() => setAdding(true)} />
          </Suspense>
        ) : (
          <p className="p-6 text-muted">Laying out the day …</p>
        )}
        <aside aria-label="The day" className="flex min-h-0 flex-col border-l border-ink">
          <h2 className="border-b px-4 py-3 text-base">The day, bell to bell</h2>
          <ol className="min-h-0 flex-1 overflow-auto p-4" tabIndex={0} aria-label="Periods of today">
            {day.map((desk, i) => (
              <li key={desk.period.id}>
                <DayTape
                  desk={desk}
                  number={i + 1}
                  fitted={fitted[desk.period.id]}
                  chosen={i === nextIndex}
                  over={clockSeconds(desk.period.end) <= seconds}
                  onPick={() => setPicked(desk.period.id)}
                />
              </li>
            ))}
            {!day.length && query.data && <li className="text-muted">No periods today yet.</li>}
          </ol>
        </aside>
      </main>
      {adding && (
        <Suspense>
          <NewPeriod open date={date} onClose={() => setAdding(false)} />
        </Suspense>
      )}
    </div>
  );
}

function DayTape({
  desk,
  number,
  fitted,
  chosen,
  over,
  onPick,
}: {
  desk: Desk;
  number: number;
  fitted: FittedLesson | undefined;
  chosen: boolean;
  over: boolean;
  onPick: () => void;
}) {
  const open = desk.lesson && fitted ? openFindings({ lesson: desk.lesson }, fitted).length : null;
  const minutes = (clockSeconds(desk.period.end) - clockSeconds(desk.period.start)) / 60;
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onPick}
      className={`torn mb-2 block w-full px-4 py-2.5 ${chosen ? 'bg-tape text-white' : over ? 'bg-bench' : 'bg-tint hover:bg-[#c9d8f4]'}`}
      style={{ minHeight: 44 + minutes * 0.6 }}
    >
      <span className="head flex justify-between text-base">
        <span className="truncate">
          {number} · {desk.schoolClass.name}
        </span>
        <span>
          {shortBell(desk.period.start)}–{shortBell(desk.period.end)}
        </span>
      </span>
      <span className="flex justify-between gap-2">
        <span className="truncate">
          {desk.lesson?.title ?? 'no lesson yet'} · {desk.room.name}
        </span>
        <span className={`shrink-0 font-bold ${chosen ? '' : open ? 'text-stop' : open === 0 ? 'text-good' : 'text-muted'}`}>
          {over ? 'over' : open === null ? '' : open ? `${open} to fix` : 'ready'}
        </span>
      </span>
    </button>
  );
}
