import { useState } from 'react';
import type { StudentId } from '../../../../core/model/ids.ts';
import { shortName } from '../../../../core/model/names.ts';
import { isPlaying } from '../../../../core/model/period.ts';
import { seededRng, seedOf } from '../../../../core/rng.ts';
import type { FormProps } from './WhatIfMenu.tsx';

/** Who is absent: ticked by name, or any three. */
export function AbsentForm({ base, onSuppose }: FormProps) {
  const [ticked, setTicked] = useState<readonly StudentId[]>([]);
  const [turn, setTurn] = useState(0);
  const here = base.students
    .filter((s) => isPlaying(base.attendance?.entries[s.id]))
    .sort((a, b) => (shortName(a, base.students) < shortName(b, base.students) ? -1 : 1));
  const anyThree = () => {
    const random = seededRng(seedOf(`${base.period.id} ${turn}`));
    const left = here.map((s) => s.id);
    setTicked(Array.from({ length: Math.min(3, left.length) }, () => left.splice(random.below(left.length), 1)[0]));
    setTurn(turn + 1);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        onSuppose({ kind: 'absent', students: [...ticked] });
      }}
    >
      <fieldset>
        <legend className="mb-1 flex w-full items-center justify-between">
          <span>Who is absent?</span>
          <button type="button" className="btn" onClick={anyThree}>
            Any three
          </button>
        </legend>
        <div className="grid max-h-60 grid-cols-2 overflow-auto border px-2 py-1">
          {here.map((s) => (
            <label key={s.id} className="flex items-center gap-2 py-0.5">
              <input
                type="checkbox"
                className="h-4 w-4 accent-tape"
                checked={ticked.includes(s.id)}
                onChange={(e) => setTicked(e.target.checked ? [...ticked, s.id] : ticked.filter((id) => id !== s.id))}
              />
              {shortName(s, base.students)}
            </label>
          ))}
        </div>
      </fieldset>
      <button type="submit" className="btn btn-tape mt-3" disabled={!ticked.length}>
        Try it without {ticked.length === 1 ? 'this student' : `these ${ticked.length || ''}`}
      </button>
    </form>
  );
}
