import { useState } from 'react';
import { Link, NavLink, useParams } from 'react-router';
import { heightOf, storedCell } from '../../../core/adapt/ladder.ts';
import { placeOn, progressAt } from '../../../core/adapt/progress.ts';
import { shortName } from '../../../core/model/names.ts';
import { ladderFiguresOf } from '../../../core/model/school.ts';
import { SKILLS, type Skill } from '../../../core/model/skillLadder.ts';
import type { Student } from '../../../core/model/student.ts';
import { SKILL_WORDS } from '../../../core/words/skills.en.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useSchool } from '../../parts/units.ts';
import { EditLadder } from './EditLadder.tsx';
import { SkillPanel } from './SkillPanel.tsx';
import { type ClassLadders, type Ladders as LaddersOf, useLadders } from './useLadders.ts';

/** Skills of students one step at a time: where each is, what their tries suggest, the weeks behind it. Private. */
export function Ladders() {
  const { classId = '', studentId } = useParams();
  const all = useLadders(classId);
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      {all.shown ? (
        <Followed classId={classId} studentId={studentId} shown={all.shown} all={all} />
      ) : (
        <main className="p-6">{all.problem ? <Problem text={all.problem} /> : <p className="text-muted">Opening the ladders …</p>}</main>
      )}
    </div>
  );
}

interface Props {
  classId: string;
  studentId: string | undefined;
  shown: ClassLadders;
  all: LaddersOf;
}

function Followed({ classId, studentId, shown, all }: Props) {
  const school = useSchool();
  const figures = ladderFiguresOf(school);
  const { data, ladders, tries } = shown;
  const ladderOf = (skill: Skill) => ladders.find((l) => l.skill === skill)!;
  const privateOf = (id: string) => data.ratings.find((r) => r.studentId === id);
  const byName = data.students.toSorted((a, b) => shortName(a, data.students).localeCompare(shortName(b, data.students)));
  const followed = byName.filter((s) => privateOf(s.id)?.ladders?.length);
  const chosen = byName.find((s) => s.id === studentId) ?? followed[0];
  const known = chosen && privateOf(chosen.id);
  const [editing, setEditing] = useState<Skill | null>(null);
  const isDue = (student: Student) =>
    (privateOf(student.id)?.ladders ?? []).some((each) => {
      const ladder = ladderOf(each.skill);
      const mine = tries.filter((t) => t.student === student.id);
      const { advice } = progressAt(ladder, placeOn(ladder, each), mine, figures, privateOf(student.id)?.handYes);
      return advice[0].to !== 'stay';
    });
  return (
    <div className="flex min-h-0 flex-1">
      <nav aria-label="Students whose skills are followed" className="flex w-64 shrink-0 flex-col border-r border-ink">
        <div className="px-5 pt-4 pb-2">
          <h1 className="text-xl">Skill ladders</h1>
          <p className="text-xs text-muted">
            {data.schoolClass.name} · private ·{' '}
            <Link className="text-tape underline" to={`/classes/${classId}`}>
              roster
            </Link>
          </p>
        </div>
        <ul className="min-h-0 flex-1 overflow-auto border-t">
          {followed.map((s) => (
            <li key={s.id}>
              <NavLink
                to={`/ladders/${classId}/${s.id}`}
                className={`block border-b px-5 py-2 ${s.id === chosen?.id ? 'border-l-4 border-l-ink bg-bench pl-4' : 'hover:bg-bench'}`}
              >
                <span className="head block truncate text-base">{shortName(s, data.students)}</span>
                <span className="block text-xs text-muted">
                  {privateOf(s.id)!
                    .ladders!.map((each) => `${SKILL_WORDS[each.skill]}, step ${heightOf(placeOn(ladderOf(each.skill), each).at) + 1}`)
                    .join(' · ')}
                </span>
                {isDue(s) && <span className="block text-xs font-bold text-tape">a step is suggested</span>}
              </NavLink>
            </li>
          ))}
        </ul>
        <FollowForm key={chosen?.id} students={byName} chosen={chosen?.id} all={all} taken={(id) => privateOf(id)?.ladders ?? []} />
      </nav>
      <main className="min-w-0 flex-1 overflow-auto px-6 py-4" tabIndex={0} aria-label="Steps">
        <Problem text={all.problem} />
        {all.last && (
          <p role="status" className="mb-2 flex items-center gap-3 bg-tint px-3 py-1.5">
            <span className="first-letter:uppercase">{all.last.said}</span>
            <button type="button" className="btn" onClick={() => void all.undo()}>
              Undo: {all.last.said}
            </button>
          </p>
        )}
        {chosen && known ? (
          <>
            <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-1">
              <h2 className="text-xl">{shortName(chosen, data.students)}</h2>
              <label className="flex items-center gap-2 pb-1">
                <input
                  type="checkbox"
                  className="h-4 w-4 accent-tape"
                  checked={known.handYes === true}
                  onChange={(e) => all.sayYes(chosen.id, e.target.checked)}
                />
                has said yes to a guiding hand
              </label>
              {known.ladders?.length ? (
                <Link className="ml-auto pb-1 text-tape underline" to={`/ladders/${classId}/${chosen.id}/meeting`}>
                  Page for the team meeting
                </Link>
              ) : null}
            </div>
            <div className="flex flex-col gap-5">
              {(known.ladders ?? []).map((each) => (
                <div key={each.skill}>
                  <SkillPanel
                    student={chosen.id}
                    followed={each}
                    ladder={ladderOf(each.skill)}
                    tries={tries}
                    figures={figures}
                    handYes={known.handYes === true}
                    onDecide={(at, prompt, said) =>
                      void all.decide(chosen.id, each.skill, { at: storedCell(ladderOf(each.skill), at), prompt, since: Date.now() }, said)
                    }
                    onStop={() => void all.stop(chosen.id, each.skill)}
                  />
                  <button type="button" className="mt-1 text-tape underline" onClick={() => setEditing(each.skill)}>
                    Change this ladder: {SKILL_WORDS[each.skill]}
                  </button>
                </div>
              ))}
            </div>
            {!known.ladders?.length && <p className="text-muted">No skill is followed yet. Choose one on the left.</p>}
          </>
        ) : (
          <p className="text-muted">
            Nobody’s skills are followed in this class yet. Choose a student and a skill on the left: they start slow, light, large, and
            near, and every try that you mark on Whistle counts.
          </p>
        )}
        <p className="mt-4 text-xs text-muted">
          One step changes one thing. A student’s own position is never a step. Suggestions are counts, the teacher decides.
        </p>
      </main>
      {editing && <EditLadder key={editing} ladder={ladderOf(editing)} usual={shown.usual} onClose={() => setEditing(null)} />}
    </div>
  );
}

interface FollowFormProps {
  students: readonly Student[];
  chosen: string | undefined;
  all: LaddersOf;
  taken(student: string): readonly { skill: Skill }[];
}

/** Choosing a student and one more skill to follow. */
function FollowForm({ students, chosen, all, taken }: FollowFormProps) {
  const [student, setStudent] = useState(chosen ?? students[0]?.id ?? '');
  const open = SKILLS.filter((skill) => !taken(student).some((l) => l.skill === skill));
  const [picked, setPicked] = useState<Skill>('throw');
  const skill = open.includes(picked) ? picked : open[0];
  if (!students.length || !skill) return null;
  return (
    <form
      className="flex flex-col gap-2 border-t border-ink p-4"
      onSubmit={(e) => {
        e.preventDefault();
        void all.follow(student, skill, Date.now());
      }}
    >
      <ChoiceField
        label="Student"
        value={student}
        options={students.map((s) => [s.id as string, shortName(s, students)] as const)}
        onPick={setStudent}
      />
      <ChoiceField label="Skill" value={skill} options={open.map((s) => [s, SKILL_WORDS[s]] as const)} onPick={setPicked} />
      <button type="submit" className="btn w-full text-center">
        Follow this skill
      </button>
    </form>
  );
}
