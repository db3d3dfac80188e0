import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
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

/** The lesson fitted in the worker: at once without fixes, then with them. The newest input wins; older answers are dropped. */
export function useFit(input: FitInput | null): Fit {
  const [fit, setFit] = useState<Fit>({ fitted: null, stale: true, weighing: true });
  const wanted = useRef<FitInput | null>(null);
  const busy = useRef(false);
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
          const quick = await fitting().fitUnweighed(done);
          if (wanted.current !== done) continue;
          setFit({ fitted: quick, stale: false, weighing: true });
          const full = await fitting().fit(done);
          if (wanted.current === done) setFit({ fitted: full, stale: false, weighing: false });
        }
      } finally {
        busy.current = false;
      }
    };
    void work();
  }, [input]);
  return fit;
}
