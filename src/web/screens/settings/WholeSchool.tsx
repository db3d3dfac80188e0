import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { FileButton } from '../../parts/FileButton.tsx';

/** Everything as one file: to keep elsewhere, to read with other programs, to begin a new school with. */
export function WholeSchool() {
  const client = useQueryClient();
  const [priv, setPriv] = useState(false);
  const [problem, setProblem] = useState('');
  const take = useMutation({
    mutationFn: (file: File) => call<{ classes: number; students: number; runs: number }>('POST', '/import', file),
    onSuccess: () => client.resetQueries(),
    onError: (error) =>
      setProblem(
        error instanceof ApiProblem && error.code === 'not-empty'
          ? 'This school is not empty. A file can only begin a new one: start with another data folder.'
          : problemWords(error),
      ),
  });
  return (
    <section className="mt-7 max-w-[820px]">
      <h2 className="border-b-2 border-paint pb-0.5 text-lg">Everything as one file</h2>
      <p className="mt-1 text-xs text-muted">
        JSON with a{' '}
        <a className="underline" href="/api/export/schema">
          published shape
        </a>
        . Ratings, pairings, attendance, notes, and consequences go along only if you say so.
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          <input type="checkbox" className="h-4 w-4 accent-tape" checked={priv} onChange={(e) => setPriv(e.target.checked)} />
          with what is private
        </label>
        <a className="btn" href={`/api/export${priv ? '?private=yes' : ''}`} download="side-court-school.json">
          Export everything
        </a>
        <FileButton
          label="Start from a file"
          accept=".json,application/json"
          onFile={(file) => {
            setProblem('');
            take.mutate(file);
          }}
        />
      </div>
      {problem && (
        <p role="alert" className="mt-2 text-stop">
          {problem}
        </p>
      )}
      {take.data && (
        <p role="status" className="mt-2 text-good">
          {take.data.classes} classes, {take.data.students} students and {take.data.runs} past lessons are here.
        </p>
      )}
    </section>
  );
}
