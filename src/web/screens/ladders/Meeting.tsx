import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { heightOf, onLadder, topOf } from '../../../core/adapt/ladder.ts';
import { ladderDays } from '../../../core/adapt/ladderDays.ts';
import type { UsedDial } from '../../../core/adapt/mostUsed.ts';
import { percent } from '../../../core/formats/say.ts';
import { counted } from '../../../core/formats/speak.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { HomeMade } from '../../../core/model/homeMade.ts';
import { initialsOf, wholeName } from '../../../core/model/names.ts';
import type { FollowedSkill, SkillLadder } from '../../../core/model/skillLadder.ts';
import { cellWords, PROMPT_WORDS, SKILL_WORDS } from '../../../core/words/skills.en.ts';
import { SUPPORT_WORDS } from '../../../core/words/supports.en.ts';
import { call } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { isoDate, longDate } from '../../parts/now.ts';
import { PrintButton } from '../../parts/PrintButton.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useSchool, useUnits } from '../../parts/units.ts';
import { type DialNames, dialText } from '../desk/adapt/dialText.ts';
import { type ClassLadders, useLadders } from './useLadders.ts';

const StepsChart = lazy(() => import('./StepsChart.tsx'));

/** One page about one student for the team meeting: initials and skills. Name and supports go along only if the teacher ticks them. */
export function Meeting() {
  const { classId = '', studentId = '' } = useParams();
  const { shown, problem } = useLadders(classId);
  return (
    <div className="flex h-full flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      {shown ? (
        <Page classId={classId} studentId={studentId} shown={shown} />
      ) : (
        <main className="p-6">{problem ? <Problem text={problem} /> : <p className="text-muted">Writing the page …</p>}</main>
      )}
    </div>
  );
}

function Page({ classId, studentId, shown }: { classId: string; studentId: string; shown: ClassLadders }) {
  const [named, setNamed] = useState(false);
  const [supported, setSupported] = useState(false);
  const school = useSchool();
  const inUse = useQuery({
    queryKey: ['in-use', studentId],
    queryFn: () => call<{ used: UsedDial[] }>('GET', `/skill-ladders/students/${studentId}/in-use`),
    refetchOnMount: 'always',
  });
  const { data: gear = [] } = useQuery({ queryKey: ['gear'], queryFn: () => call<Gear[]>('GET', '/gear') });
  const { data: homeMade = [] } = useQuery({ queryKey: ['home-made'], queryFn: () => call<HomeMade[]>('GET', '/home-made') });
  const student = shown.data.students.find((s) => s.id === studentId);
  const known = shown.data.ratings.find((r) => r.studentId === studentId);
  if (!student || !known) return <main className="p-6">This student is not in the class any more.</main>;
  const names: DialNames = { gear, homeMade, adults: school.adults ?? [], students: [], school };
  const who = named ? wholeName(student, shown.data.students) : initialsOf(student, shown.data.students);
  return (
    <>
      <div className="print:hidden">
        <DayBar>
          <label className="flex items-center gap-1.5">
            <input type="checkbox" className="h-4 w-4 accent-tape" checked={named} onChange={(e) => setNamed(e.target.checked)} />
            name
          </label>
          <label className="flex items-center gap-1.5">
            <input type="checkbox" className="h-4 w-4 accent-tape" checked={supported} onChange={(e) => setSupported(e.target.checked)} />
            supports
          </label>
          <PrintButton />
        </DayBar>
      </div>
      <main
        className="min-h-0 flex-1 overflow-auto px-6 py-4 print:overflow-visible print:p-0"
        tabIndex={0}
        aria-label="Page for the team meeting"
      >
        <div className="mx-auto max-w-[760px]">
          <h1 className="text-xl">Steps of {who}</h1>
          <p className="text-muted">
            {shown.data.schoolClass.name} · {longDate(isoDate(new Date()))} · private, for the team ·{' '}
            <Link className="text-tape underline print:hidden" to={`/ladders/${classId}/${studentId}`}>
              back to the ladders
            </Link>
          </p>
          {(known.ladders ?? []).map((followed) => (
            <SkillSummary
              key={followed.skill}
              student={studentId}
              followed={followed}
              ladder={shown.ladders.find((l) => l.skill === followed.skill)!}
              shown={shown}
            />
          ))}
          {!known.ladders?.length && <p className="mt-3">No skill is followed yet.</p>}
          <section className="mt-4 break-inside-avoid border-t border-ink pt-2">
            <h2 className="text-lg">What is in use in lessons</h2>
            <ul className="list-disc pl-5">
              {(inUse.data?.used ?? []).slice(0, 8).map(({ dial, lessons }) => (
                <li key={`${dial.to} ${JSON.stringify(dial.uses)} ${dial.homeMade}`}>
                  {dialText(dial, names)} <span className="text-muted">({counted(lessons, 'lesson')})</span>
                </li>
              ))}
            </ul>
            {inUse.data?.used.length === 0 && <p className="text-muted">Nothing is in use in a lesson yet.</p>}
          </section>
          {known.wish && (
            <section className="mt-4 break-inside-avoid border-t border-ink pt-2">
              <h2 className="text-lg">What {who} asked for</h2>
              <p>“{known.wish}”</p>
            </section>
          )}
          {supported && (
            <section className="mt-4 break-inside-avoid border-t border-ink pt-2">
              <h2 className="text-lg">Supports by function</h2>
              <p>{known.supports.map((s) => SUPPORT_WORDS[s.kind]).join(' · ') || 'None.'}</p>
            </section>
          )}
          <section className="mt-4 break-inside-avoid border-t border-ink pt-2">
            <h2 className="text-lg">What the team decides</h2>
            <div className="mt-7 border-b" />
            <div className="mt-7 border-b" />
            <div className="mt-7 border-b" />
          </section>
          <p className="mt-4 text-xs text-muted">
            Counts from lessons, not a test. The student, the family, the team, and licensed practice decide.
          </p>
        </div>
      </main>
    </>
  );
}

interface SummaryProps {
  student: string;
  followed: FollowedSkill;
  ladder: SkillLadder;
  shown: ClassLadders;
}

/** A skill from where it was first followed to now. */
function SkillSummary({ student, followed, ladder, shown }: SummaryProps) {
  const { say } = useUnits();
  const [first, now] = [followed.places[0], followed.places.at(-1)!];
  const days = ladderDays(ladder, student, shown.tries);
  const total = days.reduce((sum, d) => ({ tries: sum.tries + d.tries, alone: sum.alone + d.alone, helped: sum.helped + d.helped }), {
    tries: 0,
    alone: 0,
    helped: 0,
  });
  const share = (count: number) => percent(total.tries ? count / total.tries : 0);
  const place = (at: typeof now.at) =>
    `${heightOf(onLadder(ladder, at)) + 1} of ${topOf(ladder) + 1} (${cellWords(ladder, onLadder(ladder, at), say)})`;
  return (
    <section className="mt-4 break-inside-avoid border-t border-ink pt-2" aria-label={SKILL_WORDS[ladder.skill]}>
      <h2 className="text-lg first-letter:uppercase">{SKILL_WORDS[ladder.skill]}</h2>
      <p>
        Step {place(first.at)} on {longDate(isoDate(new Date(first.since)))}.
      </p>
      <p className="head">
        Now step {place(now.at)}, {now.prompt === 'alone' ? 'alone' : `with ${PROMPT_WORDS[now.prompt]}`}.
      </p>
      <p>
        {total.tries
          ? `${counted(total.tries, 'try')} on ${counted(new Set(days.map((d) => d.date)).size, 'day')}: ${share(total.alone)} made alone, ${share(total.helped)} made with help.`
          : 'No tries yet.'}
      </p>
      {days.length > 0 && (
        <div className="mt-1 h-[200px]">
          <Suspense fallback={<p className="text-muted">Drawing the weeks …</p>}>
            <StepsChart days={days} />
          </Suspense>
        </div>
      )}
    </section>
  );
}
