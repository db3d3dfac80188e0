import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import type { FitInput } from '../../../core/fit/fitted.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { Desk } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { longDate, shortBell } from '../../parts/now.ts';
import { PrintButton } from '../../parts/PrintButton.tsx';
import { useSchool } from '../../parts/units.ts';
import { WithLesson } from '../../parts/WithLesson.tsx';
import { useFitAtOnce } from '../../worker/useFit.ts';
import type { DialNames } from '../desk/adapt/dialText.ts';
import { useAdaptations } from '../desk/adapt/useAdaptations.ts';
import { useAdaptedLesson } from '../desk/adapt/useAdaptedLesson.ts';
import { AdultTask, tasksOf } from './AdultTask.tsx';

/** One page for each adult who helps: where, when, what to do, what not; initials and actions, no support words. It goes on paper as it is. */
export function SupportNote() {
  const { periodId = '' } = useParams();
  return (
    <WithLesson
      periodId={periodId}
      waiting="Writing the notes …"
      empty="No lesson here yet: plan one on the desk first."
      bar={<DayBar current={periodId} />}
    >
      {(desk, lesson) => <Notes desk={desk} lesson={lesson} />}
    </WithLesson>
  );
}

function Notes({ desk, lesson }: { desk: Desk; lesson: Lesson }) {
  const input = useMemo<FitInput>(() => ({ ...desk, lesson }), [desk, lesson]);
  const { fitted } = useFitAtOnce(input);
  const adaptations = useAdaptations(lesson.id, lesson.revision);
  const { adults, adapted } = useAdaptedLesson(desk, input, fitted, adaptations);
  const school = useSchool();
  const names: DialNames = { gear: desk.cupboard, homeMade: adaptations.homeMade, adults, students: [], school };
  const start = clockSeconds(desk.period.start);
  return (
    <>
      <div className="print:hidden">
        <DayBar date={desk.period.date} current={desk.period.id}>
          <PrintButton />
        </DayBar>
      </div>
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4 print:overflow-visible print:p-0">
        <h1 className="text-xl">Notes for adults who help</h1>
        <p className="text-muted">
          {desk.schoolClass.name} · {desk.room.name} · {longDate(desk.period.date)}, {shortBell(desk.period.start)}–
          {shortBell(desk.period.end)} ·{' '}
          <Link className="text-tape underline print:hidden" to={`/desk/${desk.period.id}`}>
            back to the desk
          </Link>
        </p>
        {!adapted && <p className="mt-3 text-muted">Writing the notes …</p>}
        {adapted && adults.length === 0 && <p className="mt-3">No adult is in this lesson. Add one on the desk, under Fit for all.</p>}
        {adapted &&
          adults.map((adult) => {
            const tasks = tasksOf(adapted.cells, adult.id);
            return (
              <section key={adult.id} aria-label={adult.name} className="mt-5 break-after-page border-t border-ink pt-2">
                <h2 className="text-lg">{adult.name}</h2>
                {tasks.length === 0 && <p className="text-muted">No plan in use asks for {adult.name}.</p>}
                <ol className="mt-1 flex flex-col gap-3">
                  {tasks.map(({ cell, plan }) => {
                    const student = desk.students.find((s) => s.id === cell.student);
                    const block = fitted?.blocks.find((b) => b.id === cell.block);
                    return (
                      <AdultTask
                        key={`${cell.student}|${cell.block}|${plan.place}`}
                        {...{ cell, plan, names }}
                        start={start}
                        student={student}
                        among={desk.students}
                        title={block?.title}
                        format={block?.game?.format}
                      />
                    );
                  })}
                </ol>
              </section>
            );
          })}
        <p className="mt-5 text-xs text-muted">Local rules, the student’s own plan, and licensed practice come first.</p>
      </main>
    </>
  );
}
