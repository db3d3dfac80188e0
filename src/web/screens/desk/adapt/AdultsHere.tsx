import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Period } from '../../../../core/model/period.ts';
import type { Adult } from '../../../../core/model/school.ts';
import { type Desk, freshId, problemWords } from '../../../api.ts';
import { Problem } from '../../../parts/Problem.tsx';
import { saveRecord } from '../../../parts/saveRecord.ts';
import { useSaveSchool } from '../../../parts/useSaveSchool.ts';

const CAN: Record<Adult['can'][number], string> = {
  spot: 'spot',
  guide: 'guide',
  sign: 'sign',
  prompt: 'prompt',
  push: 'push a chair',
};

/** Adults of the school: who is in this lesson, and what each may do. */
export function AdultsHere({ desk }: { desk: Desk }) {
  const client = useQueryClient();
  const { school, save, problem: refused } = useSaveSchool();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState('');
  const here = desk.period.adults ?? [];
  const putHere = (adults: string[]) =>
    saveRecord<Period>(`/periods/${desk.period.id}`, desk.period, { adults })
      .then(() => client.invalidateQueries({ queryKey: ['desk'] }))
      .then(
        () => setProblem(''),
        (error) => setProblem(problemWords(error)),
      );
  const putAdults = (adults: Adult[]) => save({ adults });
  const adults = school.adults ?? [];
  return (
    <details className="border-t pt-2" open={adults.length > 0 && adults.length < 4}>
      <summary className="cursor-pointer">
        <span className="head text-base">Adults in this lesson</span>
        <span className="ml-2 text-muted">
          {adults
            .filter((a) => here.includes(a.id))
            .map((a) => a.name)
            .join(', ') || 'nobody yet'}
        </span>
      </summary>
      <ul className="mt-1 flex flex-col gap-1">
        {adults.map((adult) => (
          <li key={adult.id} className="flex flex-wrap items-center gap-x-3">
            <label className="flex min-w-40 items-center gap-2 font-bold">
              <input
                type="checkbox"
                className="h-4 w-4 accent-tape"
                checked={here.includes(adult.id)}
                onChange={(e) => void putHere(e.target.checked ? [...here, adult.id] : here.filter((id) => id !== adult.id))}
              />
              {adult.name}
            </label>
            {(Object.keys(CAN) as Adult['can']).map((skill) => (
              <label key={skill} className="flex items-center gap-1 text-muted">
                <input
                  type="checkbox"
                  className="h-4 w-4 accent-tape"
                  aria-label={`${adult.name} may ${CAN[skill]}`}
                  checked={adult.can.includes(skill)}
                  onChange={(e) =>
                    void putAdults(
                      adults.map((a) =>
                        a === adult ? { ...a, can: e.target.checked ? [...a.can, skill] : a.can.filter((s) => s !== skill) } : a,
                      ),
                    )
                  }
                />
                {CAN[skill]}
              </label>
            ))}
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const trimmed = name.trim();
          if (!trimmed) return;
          const adult: Adult = { id: freshId('adult'), name: trimmed, can: ['guide', 'prompt'] };
          void putAdults([...adults, adult]).then(() => putHere([...here, adult.id]));
          setName('');
        }}
      >
        <label className="flex-1 text-xs text-muted">
          Name of an adult
          <input className="field text-sm text-ink" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <button type="submit" className="btn">
          Add an adult
        </button>
      </form>
      <Problem text={problem || refused} />
    </details>
  );
}
