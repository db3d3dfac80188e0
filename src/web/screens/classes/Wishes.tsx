import { X } from 'lucide-react';
import { useState } from 'react';
import { shortName, wholeName } from '../../../core/model/names.ts';
import { type ClassData, call, problemWords } from '../../api.ts';
import { Problem } from '../../parts/Problem.tsx';
import { SaidChoice } from '../../parts/Said.tsx';

const PAIRINGS = [
  ['apart', 'apart from'],
  ['together', 'together with'],
] as const;

/** Who must not, or must, be in one group. Private: only fit and this page see it. */
export function Wishes({ data, refresh }: { data: ClassData; refresh: () => Promise<void> }) {
  const [wish, setWish] = useState<'apart' | 'together'>('apart');
  const [a, setA] = useState('');
  const [b, setB] = useState('');
  const [problem, setProblem] = useState('');
  const sorted = [...data.students].sort((p, q) => (p.givenName < q.givenName ? -1 : 1));
  const name = (id: string) => {
    const student = data.students.find((s) => s.id === id);
    return student ? shortName(student, data.students) : '';
  };
  const options = [['', 'choose …'] as const, ...sorted.map((s) => [s.id as string, wholeName(s, data.students)] as const)];
  const path = `/classes/${data.schoolClass.id}/wishes`;
  return (
    <section>
      <h2 className="border-b pb-1 text-base">Pairings (private)</h2>
      <ul>
        {data.wishes.map((w) => (
          <li key={w.id} className="flex items-center justify-between border-b py-1">
            <span>
              {name(w.students[0])} <strong>{w.wish}</strong> {w.wish === 'apart' ? 'from' : 'with'} {name(w.students[1])}
            </span>
            <button
              type="button"
              className="flex h-8 w-8 items-center justify-center hover:bg-tint"
              aria-label={`Remove the pairing of ${name(w.students[0])} and ${name(w.students[1])}`}
              onClick={() => call('DELETE', `${path}/${w.id}`).then(refresh, (e) => setProblem(problemWords(e)))}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
        {!data.wishes.length && <li className="py-1 text-muted">None. Groups are made by rating alone.</li>}
      </ul>
      <form
        className="mt-2 flex flex-col gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          call('POST', path, { wish, students: [a, b] }).then(
            async () => {
              setA('');
              setB('');
              setProblem('');
              await refresh();
            },
            (error) => setProblem(problemWords(error)),
          );
        }}
      >
        <p className="text-base leading-8">
          Keep <SaidChoice label="First student" value={a} faint={!a} options={options} onPick={setA} />{' '}
          <SaidChoice label="Pairing" value={wish} options={PAIRINGS} onPick={setWish} />{' '}
          <SaidChoice label="Second student" value={b} faint={!b} options={options} onPick={setB} />
        </p>
        <Problem text={problem} />
        <button type="submit" className="btn" disabled={!a || !b || a === b}>
          Add the pairing
        </button>
      </form>
    </section>
  );
}
