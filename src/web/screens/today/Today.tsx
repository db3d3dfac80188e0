import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { FittedLesson } from '../../../core/fit/fitted.ts';
import { isReady, readinessOf } from '../../../core/fit/readiness.ts';
import { clockSeconds, type Period } from '../../../core/model/period.ts';
import { type BellSlot, NO_TIMETABLE } from '../../../core/model/timetable.ts';
import { openSlots, schoolDay } from '../../../core/rotation/schoolDays.ts';
import { readinessWords } from '../../../core/words/facts.en.ts';
import { call, type Desk, problemWords } from '../../api.ts';
import { DataNotices } from '../../parts/DataNotices.tsx';
import { DayBar, useDay } from '../../parts/DayBar.tsx';
import { isoDate, longDate, shortBell, useNow } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { refreshFacts } from '../../parts/shelfUndo.ts';
import { useSchool } from '../../parts/units.ts';
import { useRan } from '../../parts/useRan.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { DayStepper } from './DayStepper.tsx';
import { NextPeriod } from './NextPeriod.tsx';
import { OpenSlot } from './OpenSlot.tsx';

/** Forms are loaded when one is opened: the first screen needs none. */
const FirstSteps = lazy(() => import('./FirstSteps.tsx').then((m) => ({ default: m.FirstSteps })));
const PeriodDialog = lazy(() => import('../../parts/PeriodDialog.tsx').then((m) => ({ default: m.PeriodDialog })));

const DAY = 86_400;
const bellOf = ({ start, end, classId, roomId }: BellSlot) => ({ start, end, classId, roomId });

/** A day from bell to bell, today if none is named: the next period large, what must change on the floor, what is not ready; the others as tape. */
export function Today() {
  const now = useNow(15_000);
  const navigate = useNavigate();
  const client = useQueryClient();
  const today = isoDate(now);
  const { date: asked } = useParams();
  const date = asked && /^\d{4}-\d{2}-\d{2}$/.test(asked) ? asked : today;
  const isToday = date === today;
  const query = useDay(date);
  const day = query.data ?? [];
  const fitted = useFittedDay(day);
  const [adding, setAdding] = useState(false);
  const [picked, setPicked] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const { timetable = NO_TIMETABLE } = useSchool();
  const open = query.data
    ? openSlots(
        timetable,
        date,
        day.map((d) => d.period),
      )
    : [];
  const { holiday } = schoolDay(timetable, date);
  /** The clock's place in the day that is shown: before a day to come, after one that is over. */
  const seconds = isToday ? now.getHours() * 3600 + now.getMinutes() * 60 : date > today ? 0 : DAY;
  const upcoming = day.findIndex((d) => d.period.cancelled === undefined && clockSeconds(d.period.end) > seconds);
  const plan = async (fields: object) => {
    const made = await call<Period>('POST', '/periods', { ...fields, date });
    await refreshFacts(client);
    navigate(`/desk/${made.id}`);
  };
  // What was picked on another day is not on this one.
  const pickedIndex = day.findIndex((d) => d.period.id === picked);
  const nextIndex = pickedIndex >= 0 ? pickedIndex : upcoming < 0 ? day.length - 1 : upcoming;
  const next = day[nextIndex];
  const before = day
    .slice(0, nextIndex)
    .reverse()
    .find((d) => d.room.id === next?.room.id);
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar date={date}>
        <DayStepper date={date} today={today} />
        <button type="button" className="btn" onClick={() => setAdding(true)}>
          Add a period
        </button>
      </DayBar>
      <div className="max-h-44 shrink-0 overflow-auto px-4">
        <DataNotices />
      </div>
      <Problem text={problem} />
      {query.error && (
        <p role="alert" className="bg-stop px-4 py-1 text-white">
          {problemWords(query.error)}
        </p>
      )}
      <main className="grid min-h-0 flex-1 grid-cols-[1fr_352px] max-[900px]:auto-rows-max max-[900px]:grid-cols-1 max-[900px]:content-start max-[900px]:overflow-auto">
        <h1 className="sr-only">
          {isToday ? 'Today, ' : ''}
          {longDate(date)}
        </h1>
        {next ? (
          <NextPeriod
            desk={next}
            fitted={fitted[next.period.id]}
            before={before && fitted[before.period.id]}
            beforeName={before?.schoolClass.name}
            now={isToday ? seconds : null}
            number={nextIndex + 1}
          />
        ) : query.data && (open.length > 0 || holiday || !isToday) ? (
          <section className="p-6" aria-label="No periods">
            <h2 className="text-xl">{holiday ? holiday.name || 'No school' : `No periods on ${longDate(date)} yet`}</h2>
            <p className="text-muted">
              {open.length > 0 ? 'Choose one of the timetable at the right to plan it, or add another.' : 'Add one, or see the week.'}
            </p>
          </section>
        ) : query.data ? (
          <Suspense>
            <FirstSteps onAdd={() => setAdding(true)} />
          </Suspense>
        ) : (
          <p className="p-6 text-muted">Laying out the day …</p>
        )}
        <aside aria-label="The day" className="flex min-h-0 flex-col border-l border-ink max-[900px]:border-t max-[900px]:border-l-0">
          <h2 className="border-b px-4 py-3 text-base">
            {longDate(date)}
            <span className="block text-sm font-normal text-muted">{holiday ? holiday.name || 'no school' : 'bell to bell'}</span>
          </h2>
          <ol className="min-h-0 flex-1 overflow-auto p-4 max-[900px]:overflow-visible" tabIndex={0} aria-label="Periods of the day">
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
            {open.map((slot) => (
              <li key={slot.id}>
                <OpenSlot
                  slot={slot}
                  onPlan={() => void plan({ ...bellOf(slot), slot: slot.id }).catch((e) => setProblem(problemWords(e)))}
                />
              </li>
            ))}
            {!day.length && !open.length && query.data && <li className="text-muted">No periods yet.</li>}
          </ol>
        </aside>
      </main>
      {adding && (
        <Suspense>
          <PeriodDialog
            title={isToday ? 'A period of today' : `A period on ${longDate(date)}`}
            action="Add the period"
            fields={{ date, start: '10:05', end: '10:50', classId: '', roomId: '' }}
            save={(fields) => call<Period>('POST', '/periods', fields)}
            onSaved={(period) => {
              void refreshFacts(client);
              navigate(`/desk/${period.id}`);
            }}
            onClose={() => setAdding(false)}
          />
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
  const ran = useRan([desk.period.date]).has(desk.period.id);
  const readiness = desk.lesson && fitted && { ...readinessOf({ lesson: desk.lesson }, fitted), ran };
  const isCancelled = desk.period.cancelled !== undefined;
  const mark = isCancelled ? 'canceled' : over && !ran ? 'over' : readiness ? readinessWords(readiness) : '';
  const tone = !readiness || isCancelled || over ? 'text-muted' : isReady(readiness) ? 'text-good' : 'text-stop';
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
          {number} · <span className={isCancelled ? 'line-through' : ''}>{desk.schoolClass.name}</span>
        </span>
        <span>
          {shortBell(desk.period.start)}–{shortBell(desk.period.end)}
        </span>
      </span>
      <span className="flex justify-between gap-2">
        <span className="truncate">
          {desk.lesson?.title ?? 'no lesson yet'} · {desk.room.name}
        </span>
        <span className={`shrink-0 font-bold ${chosen ? '' : tone}`}>{mark}</span>
      </span>
    </button>
  );
}
