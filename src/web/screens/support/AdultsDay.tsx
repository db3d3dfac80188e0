import { useQueries } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { type AdultDay, adultsDay } from '../../../core/adapt/adultsDay.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import { choicesAfter } from '../../../core/model/adaptation.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { Desk } from '../../api.ts';
import { DayBar, useDay } from '../../parts/DayBar.tsx';
import { isoDate, longDate, shortBell } from '../../parts/now.ts';
import { PrintButton } from '../../parts/PrintButton.tsx';
import { useSchool } from '../../parts/units.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { dayFitting } from '../../worker/useFit.ts';
import { readAdaptations } from '../desk/adapt/useAdaptations.ts';
import { AdultTask, tasksOf } from './AdultTask.tsx';

/** Everyone who helps, through the whole day: where, when, for whom by initials; and where one adult is wanted in two lessons at once. */
export function AdultsDay() {
  const { date = isoDate(new Date()) } = useParams();
  const day = (useDay(date).data ?? []).filter((d) => d.lesson);
  const fits = useFittedDay(day);
  const school = useSchool();
  const adults = school.adults ?? [];
  const plans = useQueries({
    queries: day.map((desk) => ({
      queryKey: ['adults-day', desk.period.id, desk.lesson?.revision, fits[desk.period.id] !== undefined],
      enabled: fits[desk.period.id] !== undefined,
      refetchOnMount: 'always' as const,
      queryFn: async () => {
        const { log, homeMade } = await readAdaptations(desk.lesson!.id);
        const { band, blocks, people, gear } = fits[desk.period.id];
        const here = adults.filter((a) => desk.period.adults?.includes(a.id)).map(({ id, can }) => ({ id, can }));
        const input = { ...desk, lesson: desk.lesson! };
        const { cells } = await dayFitting().adaptLesson({
          fitted: { band, blocks, people, gear },
          ...{ input, adults: here, homeMade, chosen: choicesAfter(log) },
        });
        return { cells, homeMade };
      },
    })),
  });
  const days = adultsDay(
    adults.map((a) => a.id),
    day.map(({ period, room }) => ({
      ...{ id: period.id, room: room.id, adults: period.adults ?? [] },
      ...{ from: clockSeconds(period.start), until: clockSeconds(period.end) },
    })),
  );
  const nameOf = (id: string) => adults.find((a) => a.id === id)?.name ?? 'An adult';
  return (
    <div className="flex h-full flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      <div className="print:hidden">
        <DayBar date={date}>
          <PrintButton />
        </DayBar>
      </div>
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4 print:overflow-visible print:p-0" tabIndex={0} aria-label="Adults’ day">
        <h1 className="text-xl">Adults’ day</h1>
        <p className="text-muted">{longDate(date)} · initials and actions, no support words</p>
        {days.length === 0 && <p className="mt-3">No adult is in a lesson today. Add one on the desk, under Fit for all.</p>}
        {days.map((one) => (
          <section key={one.adult} aria-label={nameOf(one.adult)} className="mt-5 break-after-page border-t border-ink pt-2">
            <h2 className="text-lg">{nameOf(one.adult)}</h2>
            <Clashes day={one} desks={day} name={nameOf(one.adult)} />
            {one.periods.map(({ id }) => {
              const desk = day.find((d) => d.period.id === id)!;
              const found = plans[day.indexOf(desk)]?.data;
              const tasks = found ? tasksOf(found.cells, one.adult) : [];
              const names = { gear: desk.cupboard, homeMade: found?.homeMade ?? [], adults, students: [], school };
              return (
                <div key={id} className="mt-2">
                  <h3 className="text-base">
                    {shortBell(desk.period.start)}–{shortBell(desk.period.end)} · {desk.schoolClass.name} · {desk.room.name}{' '}
                    <Link className="text-tape underline print:hidden" to={`/desk/${id}`}>
                      open the desk
                    </Link>
                  </h3>
                  {!found && <p className="text-muted">Reading the plan …</p>}
                  {found && tasks.length === 0 && <p className="text-muted">No plan in use asks for {nameOf(one.adult)} here.</p>}
                  <ol className="mt-1 flex flex-col gap-3">
                    {tasks.map(({ cell, plan }) => (
                      <AdultTask
                        key={`${cell.student}|${cell.block}|${plan.place}`}
                        {...{ cell, plan, names }}
                        start={clockSeconds(desk.period.start)}
                        student={desk.students.find((s) => s.id === cell.student)}
                        among={desk.students}
                        title={desk.lesson?.blocks.find((b) => b.id === cell.block)?.title}
                        format={fits[id]?.blocks.find((b) => b.id === cell.block)?.game?.format}
                      />
                    ))}
                  </ol>
                </div>
              );
            })}
          </section>
        ))}
        <p className="mt-5 text-xs text-muted">Local rules, the student’s own plan, and licensed practice come first.</p>
      </main>
    </div>
  );
}

/** Where the day asks too much of one adult. */
function Clashes({ day, desks, name }: { day: AdultDay; desks: readonly Desk[]; name: string }) {
  const classOf = (id: string) => desks.find((d) => d.period.id === id)?.schoolClass.name ?? 'a class';
  return (
    <>
      {day.twice.map(([a, b]) => (
        <p key={`${a} ${b}`} className="border-l-[3px] border-stop pl-2 text-stop">
          {name} is in two lessons at once: {classOf(a)} and {classOf(b)}. Take {name} out of one of them on its desk.
        </p>
      ))}
      {day.tight.map(({ after, before, seconds }) => (
        <p key={`${after} ${before}`} className="border-l-[3px] border-caution pl-2 text-caution">
          Only {clockOf(seconds)} from {classOf(after)} to {classOf(before)} in another room.
        </p>
      ))}
    </>
  );
}
