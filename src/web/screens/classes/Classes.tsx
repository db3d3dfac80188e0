import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { counted } from '../../../core/formats/speak.ts';
import { bandOf, GRADES, type Grade } from '../../../core/model/band.ts';
import type { SchoolClass } from '../../../core/model/schoolClass.ts';
import { BAND_WORDS } from '../../../core/words/en.ts';
import { type ClassData, call, problemWords } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { NameDialog } from '../../parts/NameDialog.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { RemoveButton } from '../../parts/RemoveButton.tsx';
import { SaidChoice, SaidText } from '../../parts/Said.tsx';
import { ShelfList } from '../../parts/ShelfList.tsx';
import { saveRecord } from '../../parts/saveRecord.ts';
import { refreshFacts } from '../../parts/shelfUndo.ts';
import { Fold } from './Fold.tsx';
import { ImportDialog } from './ImportDialog.tsx';
import { RosterTable } from './RosterTable.tsx';
import { Wishes } from './Wishes.tsx';

const GRADE_OPTIONS = GRADES.map((g) => [g, g === 'Pre-K' || g === 'K' ? g : `Grade ${g}`] as const);

interface Listed {
  schoolClass: SchoolClass;
  students: number;
}

/** Class lists as paint: names, private ratings and wishes; lists come in by paste or CSV. */
export function Classes() {
  const { classId } = useParams();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [adding, setAdding] = useState(false);
  const [grade, setGrade] = useState<Grade>('4');
  const list = useQuery({
    queryKey: ['classes'],
    queryFn: () => call<Listed[]>('GET', '/classes'),
  });
  const chosen = classId ?? list.data?.[0]?.schoolClass.id;
  const data = useQuery({ queryKey: ['class', chosen], queryFn: () => call<ClassData>('GET', `/classes/${chosen}`), enabled: !!chosen });
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: ['class', chosen] });
    await client.invalidateQueries({ queryKey: ['classes'] });
    await client.invalidateQueries({ queryKey: ['desk'] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <div className="flex min-h-0 flex-1 max-[700px]:flex-col">
        <ShelfList
          title="Classes"
          items={(list.data ?? []).map(({ schoolClass, students }) => ({
            id: schoolClass.id,
            to: `/classes/${schoolClass.id}`,
            name: schoolClass.name,
            more: `grade ${schoolClass.grade} · ${counted(students, 'student')}`,
          }))}
          action="Add a class"
          onAdd={() => setAdding(true)}
        />
        <main className="min-h-0 min-w-0 flex-1 overflow-auto">
          {data.data ? (
            <OneClass key={data.data.schoolClass.id} data={data.data} refresh={refresh} />
          ) : data.error ? (
            <p role="alert" className="p-6 text-stop">
              {problemWords(data.error)}
            </p>
          ) : (
            <p className="p-6 text-muted">
              {list.data?.length === 0 ? 'No class yet. Add one, then paste its list from a spreadsheet.' : 'Opening the list …'}
            </p>
          )}
        </main>
      </div>
      <NameDialog
        open={adding}
        title="A new class"
        label="Name of the class"
        action="Add the class"
        onClose={() => setAdding(false)}
        onSave={async (name) => {
          const made = await call<SchoolClass>('POST', '/classes', { name, grade });
          await refresh();
          navigate(`/classes/${made.id}`);
        }}
      >
        <div className="mt-2">
          <ChoiceField label="Grade" value={grade} options={GRADE_OPTIONS} onPick={setGrade} />
        </div>
      </NameDialog>
    </div>
  );
}

function OneClass({ data, refresh }: { data: ClassData; refresh: () => Promise<void> }) {
  const [importing, setImporting] = useState(false);
  const navigate = useNavigate();
  const client = useQueryClient();
  const [problem, setProblem] = useState('');
  const [isUnfolded, setUnfolded] = useState(false);
  const { schoolClass } = data;
  const save = async (change: Partial<SchoolClass>) => {
    await saveRecord(`/classes/${schoolClass.id}`, schoolClass, change);
    await refresh();
  };
  return (
    <div className="p-6">
      <div className="flex flex-wrap items-center justify-end gap-3">
        <Link className="mr-auto text-tape underline" to={`/ladders/${schoolClass.id}`}>
          Skill ladders
        </Link>
        <button type="button" className="btn btn-tape" onClick={() => setImporting(true)}>
          Paste or import a list
        </button>
        <RemoveButton
          what="class"
          id={schoolClass.id}
          name={schoolClass.name}
          path={`/classes/${schoolClass.id}`}
          label="Remove the class"
          onRemoved={() => {
            // Out of the list first: the page would ask for it once more.
            client.setQueryData<Listed[]>(['classes'], (list) => list?.filter((c) => c.schoolClass.id !== schoolClass.id));
            navigate('/classes');
            void refreshFacts(client, schoolClass.id);
          }}
        />
      </div>
      <Problem text={problem} />
      <div className="mt-4 flex items-stretch max-[700px]:flex-col">
        <div className={`min-w-0 border-[1.5px] border-paint bg-white px-6 py-4 ${isUnfolded ? 'flex-1' : 'w-full max-w-[760px]'}`}>
          <h2 className="sr-only">{schoolClass.name}</h2>
          <p className="text-base leading-8">
            <SaidText label="Class" value={schoolClass.name} onCommit={(name) => save({ name })} /> is{' '}
            <SaidChoice
              label="Grade"
              value={schoolClass.grade}
              options={GRADE_OPTIONS}
              onPick={(grade) => void save({ grade }).catch((e) => setProblem(problemWords(e)))}
            />
            , mixed with{' '}
            <SaidChoice
              label="Mixed with"
              value={schoolClass.alsoGrade ?? ''}
              faint={!schoolClass.alsoGrade}
              options={[['', 'no other grade'] as const, ...GRADE_OPTIONS.filter(([g]) => g !== schoolClass.grade)]}
              onPick={(also) => void save({ alsoGrade: also || undefined }).catch((e) => setProblem(problemWords(e)))}
            />
            : {counted(data.students.length, 'student')}, {BAND_WORDS[bandOf(schoolClass.grade)]}
            {schoolClass.alsoGrade && `, some ${BAND_WORDS[bandOf(schoolClass.alsoGrade)]}`}.
          </p>
          <RosterTable {...{ data, refresh, isUnfolded }} />
        </div>
        <Fold {...{ isUnfolded }} onTurn={() => setUnfolded(!isUnfolded)} />
        {isUnfolded && (
          <div className="w-[248px] shrink-0 pl-5 max-[1100px]:w-full max-[1100px]:pt-4 max-[1100px]:pl-0">
            <Wishes data={data} refresh={refresh} />
          </div>
        )}
      </div>
      <ImportDialog
        open={importing}
        classId={schoolClass.id}
        there={data.students.length}
        onClose={() => setImporting(false)}
        onDone={refresh}
      />
    </div>
  );
}
