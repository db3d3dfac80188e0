import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { openFindings } from '../../../core/fit/fit.ts';
import type { FittedLesson } from '../../../core/fit/fitted.ts';
import { counted } from '../../../core/formats/speak.ts';
import { changeOver } from '../../../core/gear/changeOver.ts';
import { clockSeconds, isPlaying } from '../../../core/model/period.ts';
import { findingWords, ROLE_WORDS } from '../../../core/words/en.ts';
import { call, type Desk, problemWords, type RunData } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { useSize } from '../../floor/scale.ts';
import { DayBar, useDay } from '../../parts/DayBar.tsx';
import { isoDate, longDate, shortBell, useNow } from '../../parts/now.ts';
import { speakWith, useUnits } from '../../parts/units.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { FirstSteps } from './FirstSteps.tsx';
import { NewPeriod } from './NewPeriod.tsx';

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
          <FirstSteps onAdd={() => setAdding(true)} />
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
      <NewPeriod open={adding} date={date} onClose={() => setAdding(false)} />
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

interface NextProps {
  desk: Desk;
  fitted: FittedLesson | undefined;
  before: FittedLesson | undefined;
  beforeName: string | undefined;
  now: number;
  number: number;
}

function when(now: number, start: number, end: number): string {
  if (now < start) {
    const minutes = Math.round((start - now) / 60);
    return minutes < 100 ? `starts in ${minutes} min` : `starts in ${Math.floor(minutes / 60)} h ${minutes % 60} min`;
  }
  return now < end ? `${Math.round((end - now) / 60)} min left` : 'over';
}

function NextPeriod({ desk, fitted, before, beforeName, now, number }: NextProps) {
  const units = useUnits();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [box, size] = useSize();
  const { period, schoolClass, room, lesson } = desk;
  const runs = useQuery({ queryKey: ['runs'], queryFn: () => call<{ periodId: string; runId: string; ended: boolean }[]>('GET', '/runs') });
  const running = runs.data?.find((r) => r.periodId === period.id && !r.ended);
  const blow = useMutation({
    mutationFn: () => call<RunData['run']>('POST', '/runs', { periodId: period.id }),
    onSuccess: (run) => {
      void client.invalidateQueries({ queryKey: ['runs'] });
      navigate(`/whistle/${run.id}`);
    },
  });
  const speak = speakWith(units, desk.students);
  const open = lesson && fitted ? openFindings({ lesson }, fitted) : [];
  const game = fitted?.blocks.find((b) => b.game)?.game;
  const change = fitted && changeOver(before?.gear ?? [], fitted.gear);
  const entries = desk.attendance?.entries ?? {};
  const roles = Object.entries(fitted?.people.roles ?? {}).filter(([, ids]) => ids.length);
  const list = (items: { gearKind: string; count: number }[]) => items.map((c) => counted(c.count, c.gearKind)).join(', ') || 'nothing';
  return (
    <section className="flex min-h-0 flex-col overflow-auto p-6 pb-4" aria-label="Next period">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-muted">
            Period {number} · {shortBell(period.start)}–{shortBell(period.end)} ·{' '}
            {when(now, clockSeconds(period.start), clockSeconds(period.end))}
          </p>
          <h2 className="text-2xl">
            {schoolClass.name}: {lesson?.title ?? 'no lesson yet'}
          </h2>
          <p className="text-base">
            {room.name} · {desk.students.filter((s) => isPlaying(entries[s.id])).length} of {desk.students.length} play
            {roles.length > 0 &&
              ` · ${roles.map(([role, ids]) => `${ids.length} ${ROLE_WORDS[role as keyof typeof ROLE_WORDS]}`).join(', ')}`}
          </p>
        </div>
        <div className="flex gap-3">
          <Link className="btn flex items-center" to={`/desk/${period.id}`}>
            {lesson ? 'Open the desk' : 'Plan a lesson'}
          </Link>
          {lesson && (
            <button type="button" className="btn btn-ink" disabled={blow.isPending} onClick={() => blow.mutate()}>
              {running ? 'Back to the whistle' : 'Blow the whistle'}
            </button>
          )}
        </div>
      </div>
      {blow.error && (
        <p role="alert" className="mt-2 text-stop">
          {problemWords(blow.error)}
        </p>
      )}
      <div ref={box} className="mt-4 min-h-[220px] flex-1">
        {size.width > 0 && <MiniFloor room={room} pieces={game?.pieces ?? []} width={size.width} height={Math.max(200, size.height)} />}
      </div>
      <div className="mt-4 grid grid-cols-2 gap-8 max-[900px]:grid-cols-1">
        <section>
          <h3 className="border-b pb-1 text-base">On the floor since {beforeName ?? 'the morning'}</h3>
          {change ? (
            <dl className="mt-1 grid grid-cols-[64px_1fr] gap-y-1">
              <dt className="text-muted">comes</dt>
              <dd>{list(change.comes)}</dd>
              {change.goes.length > 0 && <dt className="text-muted">goes</dt>}
              {change.goes.length > 0 && <dd>{list(change.goes)}</dd>}
              {change.stays.length > 0 && <dt className="text-muted">stays</dt>}
              {change.stays.length > 0 && <dd>{list(change.stays)}</dd>}
            </dl>
          ) : (
            <p className="mt-1 text-muted">{lesson ? 'Working it out …' : 'Plan a lesson to see what comes out of the cupboard.'}</p>
          )}
        </section>
        <section>
          <h3 className="border-b pb-1 text-base">{open.length ? `Not ready: ${open.length} to fix` : 'Ready'}</h3>
          <ol className="mt-1">
            {open.slice(0, 4).map((finding, i) => (
              <li key={`${finding.code}-${i}`} className="flex items-baseline gap-2">
                <span
                  className={`flex h-5 w-5 shrink-0 items-center justify-center rounded-full text-xs font-bold text-white ${finding.weight === 'stop' ? 'bg-stop' : 'bg-caution'}`}
                >
                  {i + 1}
                </span>
                <span className="truncate">{findingWords(finding, speak).what}</span>
              </li>
            ))}
          </ol>
          {open.length > 4 && <p className="text-muted">and {open.length - 4} more on the desk</p>}
          {!open.length && fitted && (
            <p className="mt-1">
              {fitted.blocks.length} blocks fit the bell, {Math.round(fitted.numbers.timeOnTask * 100)} % of game time on task (estimate),{' '}
              {Math.round(fitted.numbers.turns)} turns each.
            </p>
          )}
        </section>
      </div>
    </section>
  );
}
