import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { SchoolClass } from '../../../../core/model/schoolClass.ts';
import { type ClassData, call, problemWords } from '../../../api.ts';
import { Problem } from '../../../parts/Problem.tsx';
import type { FormProps } from './WhatIfMenu.tsx';

/** Another class instead, or one that joins. */
export function ClassForm({ base, onSuppose }: FormProps) {
  const [chosen, setChosen] = useState('');
  const [joins, setJoins] = useState(false);
  const [problem, setProblem] = useState('');
  const list = useQuery({
    queryKey: ['classes'],
    queryFn: () => call<{ schoolClass: SchoolClass; students: number }[]>('GET', '/classes'),
  }).data;
  const here = new Set<string>([base.schoolClass.id, ...(base.period.guests ?? [])]);
  const others = (list ?? []).filter((c) => !here.has(c.schoolClass.id));
  const id = chosen || others[0]?.schoolClass.id;
  const suppose = async () => {
    try {
      const facts = await call<ClassData>('GET', `/classes/${id}`);
      onSuppose({ kind: joins ? 'joins' : 'class', facts });
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        void suppose();
      }}
    >
      <label className="block text-xs text-muted">
        Class
        <select className="field mt-0.5 w-full text-sm text-ink" value={id ?? ''} onChange={(e) => setChosen(e.target.value)}>
          {others.map(({ schoolClass, students }) => (
            <option key={schoolClass.id} value={schoolClass.id}>
              {schoolClass.name}, {students} students
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-2">
        <input type="checkbox" className="h-5 w-5 accent-tape" checked={joins} onChange={(e) => setJoins(e.target.checked)} />
        joins {base.schoolClass.name}: two classes together
      </label>
      <Problem text={problem} />
      <button type="submit" className="btn btn-tape self-start" disabled={!id}>
        Try this class
      </button>
      {(list ?? [])
        .filter((c) => base.period.guests?.includes(c.schoolClass.id))
        .map(({ schoolClass }) => (
          <button key={schoolClass.id} type="button" className="btn self-start" onClick={() => onSuppose({ kind: 'leaves', schoolClass })}>
            Try it without {schoolClass.name}
          </button>
        ))}
    </form>
  );
}
