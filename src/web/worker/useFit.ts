import { type Remote, wrap } from 'comlink';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { FitInput, FittedLesson } from '../../core/fit/fitted.ts';
import { type Finding, findingKey } from '../../core/model/finding.ts';
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
  /** Keys of the findings whose fixes are not weighed yet. */
  unweighed: ReadonlySet<string>;
}
const NOTHING: Fit = { fitted: null, stale: true, unweighed: new Set() };

/** Milliseconds between two drawings of weighed fixes. */
const DRAW_MS = 60;

/** The lesson fitted in the worker, no fixes weighed: for views that offer none. The newest input wins, older answers are dropped. */
export const useFitAtOnce = (input: FitInput | null): Fit => useFitting(input, false).fit;

/** The lesson fitted in the worker: at once without fixes, then its findings with theirs, one after the other; one that is opened comes next. */
export const useFit = (input: FitInput | null): Fit & { weighFirst(key: string): void } => {
  const { fit, weighFirst } = useFitting(input, true);
  return { ...fit, weighFirst };
};

function useFitting(input: FitInput | null, weighs: boolean): { fit: Fit; weighFirst(key: string): void } {
  const [fit, setFit] = useState<Fit>(NOTHING);
  const wanted = useRef<FitInput | null>(null);
  const first = useRef<string | null>(null);
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
          const now: FitInput = wanted.current;
          const isWanted = () => wanted.current === now;
          done = now;
          const { id, fitted } = weighs ? await fitting().open(now) : { id: 0, fitted: await fitting().fitUnweighed(now) };
          if (!isWanted()) continue;
          const unweighed = new Set(weighs ? fitted.findings.map(findingKey) : []);
          const next = { fitted, stale: false, unweighed };
          // Only an edit's own effect is drawn at once; the first drawing and weighed fixes in small pieces, between which a slow machine answers.
          if (shown.current) setFit(next);
          else startTransition(() => setFit(next));
          shown.current = true;
          if (weighs) await weighAll(id, next, first, isWanted, setFit);
        }
      } finally {
        busy.current = false;
      }
    };
    void work();
  }, [input, weighs]);
  const weighFirst = useCallback((key: string) => {
    first.current = key;
  }, []);
  return { fit, weighFirst };
}

/** Weighs one finding after the other, drawing now and then, as long as the plan is the one that is wanted. */
async function weighAll(
  id: number,
  { fitted, unweighed }: Fit,
  first: { current: string | null },
  isWanted: () => boolean,
  draw: (fit: Fit) => void,
): Promise<void> {
  const left = new Set(unweighed);
  const weighed = new Map<string, Finding>();
  let drawn = performance.now();
  while (left.size) {
    const key = first.current && left.has(first.current) ? first.current : [...left][0];
    const finding = await fitting().weigh(id, key);
    if (!isWanted() || !finding) return;
    left.delete(key);
    weighed.set(key, finding);
    if (left.size && performance.now() - drawn < DRAW_MS) continue;
    drawn = performance.now();
    const findings = fitted!.findings.map((f) => weighed.get(findingKey(f)) ?? f);
    startTransition(() => draw({ fitted: { ...fitted!, findings }, stale: false, unweighed: new Set(left) }));
  }
}
