import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { NavLink } from 'react-router';
import { isReady } from '../../core/fit/readiness.ts';
import { clockSeconds, isPlaying } from '../../core/model/period.ts';
import { readinessWords } from '../../core/words/facts.en.ts';
import { call, type Desk } from '../api.ts';
import { useReach } from '../offline/reach.ts';
import { readKept } from './keptEdits.ts';
import { clockText, isoDate, shortBell, useNow } from './now.ts';
import { ShelvesMenu } from './ShelvesMenu.tsx';
import { UndoOnShelf } from './UndoOnShelf.tsx';
import { useReadiness } from './useReadiness.ts';

/** Pixels that show that another period comes before. */
const NEIGHBOUR = 36;

/** The question for a day's periods with all that fit needs, in bell order. */
export const dayQuery = (date: string) => ({ queryKey: ['day', date], queryFn: () => call<Desk[]>('GET', `/days/${date}`) });

export const useDay = (date: string) => useQuery(dayQuery(date));

/** Day bar: shelves, the day's periods in bell order with the clock's place among them, and what the screen adds at the right. */
export function DayBar({ date, current, children }: { date?: string; current?: string; children?: React.ReactNode }) {
  const now = useNow(15_000);
  const reach = useReach();
  const shown = date ?? isoDate(now);
  const day = useDay(shown).data ?? [];
  const ready = useReadiness(day);
  const seconds = now.getHours() * 3600 + now.getMinutes() * 60;
  const isToday = shown === isoDate(now);
  /** More than stand side by side at full width: their last bells are left out. */
  const many = day.length > (current ? 4 : 5);
  const bar = useRef<HTMLElement>(null);
  const count = day.length;
  // The bar begins at the period that is shown, or that is next.
  useEffect(() => {
    const at = count > 0 ? bar.current?.querySelector<HTMLElement>('[data-now]') : null;
    if (bar.current && at) bar.current.scrollLeft = Math.max(0, at.offsetLeft - bar.current.offsetLeft - NEIGHBOUR);
  }, [count]);
  const nextAt = day.findIndex((d) => d.period.cancelled === undefined && clockSeconds(d.period.end) > seconds);
  return (
    <header className="flex h-11 shrink-0 items-stretch border-b border-ink bg-paper max-[900px]:h-auto max-[900px]:flex-wrap">
      <ShelvesMenu />
      <nav ref={bar} aria-label="Periods" className="flex min-h-11 min-w-0 flex-1 items-stretch overflow-x-auto border-l">
        {day.map((desk, i) => {
          const { period, schoolClass, students, attendance, lesson } = desk;
          const here = students.filter((s) => isPlaying(attendance?.entries[s.id])).length;
          const readiness = ready[period.id];
          const isOpen = readiness && period.cancelled === undefined && !isReady(readiness);
          const isNow = current ? period.id === current : isToday && i === nextAt;
          const waits = period.id === current ? 0 : readKept(lesson?.id).pending.length;
          const mark = waits
            ? `${waits} to send: open`
            : !lesson
              ? 'no lesson yet'
              : period.cancelled !== undefined
                ? 'canceled'
                : readiness
                  ? readinessWords(readiness)
                  : '…';
          return (
            <span
              key={period.id}
              data-now={isNow || undefined}
              className={`flex items-stretch max-[900px]:shrink-0 ${period.id === current ? 'shrink-0' : 'min-w-[104px]'}`}
            >
              {isToday && i === nextAt && (
                <span className="w-[3px] self-stretch bg-ink" title="now" role="img" aria-label="The clock stands here" />
              )}
              <NavLink
                to={`/desk/${period.id}`}
                className={`flex w-[172px] min-w-0 flex-col justify-center leading-4 ${many ? 'px-2.5' : 'px-4'} ${period.id === current ? 'torn-below bg-tape text-white' : 'hover:bg-tint'}`}
              >
                <span className="head truncate text-[15px]">
                  {i + 1} · {schoolClass.name}
                  {period.id === current ? ` · ${here} here` : ''}
                </span>
                <span className={`truncate text-xs ${period.id === current ? '' : isOpen ? 'text-stop' : 'text-muted'}`}>
                  {shortBell(period.start)}
                  {many && period.id !== current ? '' : `–${shortBell(period.end)}`} {mark}
                </span>
              </NavLink>
            </span>
          );
        })}
      </nav>
      {!reach.online && (
        <p role="status" className="flex shrink-0 items-center bg-caution px-3 text-white">
          Offline{reach.since ? `: as of ${clockText(new Date(reach.since).getTime())}` : ''}
        </p>
      )}
      <div className="flex min-w-0 shrink-0 items-center gap-4 pr-3 pl-4 max-[900px]:w-full max-[900px]:flex-wrap max-[900px]:gap-2 max-[900px]:border-t max-[900px]:py-1 max-[900px]:empty:hidden">
        {!current && <UndoOnShelf />}
        {children}
      </div>
    </header>
  );
}

/** The frame of a shelf: day bar, then the page scrolling under it. */
export function ShelfPage({ children }: { children: React.ReactNode }) {
  return (
    <div className="flex h-full flex-col">
      <DayBar />
      <main className="min-h-0 flex-1 overflow-auto">{children}</main>
    </div>
  );
}
