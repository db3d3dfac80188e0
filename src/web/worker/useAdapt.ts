import { useEffect, useRef, useState } from 'react';
import type { AdaptedLesson, AdaptInput } from '../../core/fit/adaptLesson.ts';
import { fitting } from './useFit.ts';

/** Plans for students with supports, worked out in the fitting worker; the newest request wins. `stale`: what is shown belongs to an older plan. */
export function useAdapt(input: AdaptInput | null): { adapted: AdaptedLesson | null; stale: boolean; problem: string } {
  const [state, setState] = useState<{ adapted: AdaptedLesson | null; of: AdaptInput | null; problem: string }>({
    ...{ adapted: null, of: null, problem: '' },
  });
  const wanted = useRef<AdaptInput | null>(null);
  useEffect(() => {
    wanted.current = input;
    if (!input) return;
    fitting()
      .adaptLesson(input)
      .then(
        (adapted) => wanted.current === input && setState({ adapted, of: input, problem: '' }),
        (error: unknown) =>
          wanted.current === input &&
          setState((s) => ({ ...s, of: input, problem: error instanceof Error ? error.message : String(error) })),
      );
  }, [input]);
  return { adapted: state.adapted, stale: state.of !== input, problem: state.problem };
}
