import { useState } from 'react';
import { problemWords } from '../api.ts';

/** Tries a change and keeps what was wrong with it, in words. */
export function useTry(): [string, (work: Promise<unknown>) => void] {
  const [problem, setProblem] = useState('');
  return [
    problem,
    (work) =>
      void work.then(
        () => setProblem(''),
        (e) => setProblem(problemWords(e)),
      ),
  ];
}
