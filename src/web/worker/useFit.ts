import { type Remote, wrap } from 'comlink';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { FitInput, FittedLesson } from '../../core/fit/fitted.ts';
import type { Fitting } from './fit.worker.ts';

/** A fitting worker of its own. */
export function startFitting(): { remote: Remote<Fitting>; worker: Worker } {
  const worker = new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<Fitting>(worker), worker };
}

let remote: Remote<Fitting> | undefined;
/** The one fitting worker of this window, started when it is first needed. */
export function fitting(): Remote<Fitting> {
  remote ??= startFitting().remote;
  return remote;
}

let whole: Remote<Fitting> | undefined;
/** A second worker, for all periods of a day: the one that is looked at does not wait behind them. */
export function dayFitting(): Remote<Fitting> {
  whole ??= startFitting().remote;
  return whole;
}

export interface Fit {
  fitted: FittedLesson | null;
  /** True while what is shown belongs to an older plan. */
  stale: boolean;
  /** True while fixes are still weighed. */
  weighing: boolean;
}

type Step = (input: FitInput) => Promise<FittedLesson>;
const AT_ONCE: readonly Step[] = [(input) => fitting().fitUnweighed(input)];
const WEIGHED: readonly Step[] = [...AT_ONCE, (input) => fitting().fit(input)];

/** Step after step shown; the newest input wins, older answers are dropped. */
function useSteps(input: FitInput | null, steps: readonly Step[]): Fit {
  const [fit, setFit] = useState<Fit>({ fitted: null, stale: true, weighing: true });
  const wanted = useRef<FitInput | null>(null);
  const busy = useRef(false);
  const shown = useRef(false);
  useEffect(() => {
    wanted.current = input;
    if (!input) return;
    setFit((f) => ({ ...f, stale: true }));
    const work = async () => {
      if (busy.current) return;
      busy.current = true;
      try {
        for (let done: FitInput | null = null; wanted.current && wanted.current !== done; ) {
          done = wanted.current;
          for (const step of steps) {
            const fitted = await step(done);
            if (wanted.current !== done) break;
            const next = { fitted, stale: false, weighing: step !== steps[steps.length - 1] };
            // Only an edit's own effect is drawn at once; the first drawing and weighed fixes in small pieces, between which a slow machine answers.
            if (shown.current && step === steps[0]) setFit(next);
            else startTransition(() => setFit(next));
            shown.current = true;
          }
        }
      } finally {
        busy.current = false;
      }
    };
    void work();
  }, [input, steps]);
  return fit;
}

/** The lesson fitted in the worker: at once without fixes, then with them. */
export const useFit = (input: FitInput | null): Fit => useSteps(input, WEIGHED);

/** The lesson fitted in the worker, no fixes weighed: for views that offer none. */
export const useFitAtOnce = (input: FitInput | null): Fit => useSteps(input, AT_ONCE);
