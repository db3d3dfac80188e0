import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import type { FittedLesson } from '../../core/fit/fitted.ts';
import { openFindings } from '../../core/fit/openFindings.ts';
import { isReady, keptStops, readinessOf } from '../../core/fit/readiness.ts';
import type { Lesson } from '../../core/model/lesson.ts';
import { readinessWords } from '../../core/words/facts.en.ts';
import { call, type Desk, problemWords } from '../api.ts';
import { Problem } from './Problem.tsx';
import { speakWith, useUnits } from './units.ts';
import { useBlowWhistle } from './useBlowWhistle.ts';

// Loaded when it asks: the first screen needs neither.
const Floating = lazy(() => import('./Sheet.tsx').then((m) => ({ default: m.Floating })));
const FindingWords = lazy(() => import('./FindingWords.tsx'));
const MOST_SHOWN = 5;

interface Props {
  desk: Desk;
  lesson: Lesson;
  /** The lesson as it is planned now; undefined while that is worked out. */
  fitted: FittedLesson | undefined;
  disabled?: boolean;
}

/** Starts the lesson, or goes back to one that runs. What is not ready is said first, and asked once. */
export function BlowWhistle({ desk, lesson, fitted, disabled }: Props) {
  const units = useUnits();
  const runs = useQuery({ queryKey: ['runs', 'open'], queryFn: () => call<{ periodId: string }[]>('GET', '/runs/open') });
  const isRunning = runs.data?.some((r) => r.periodId === desk.period.id) === true;
  const blow = useBlowWhistle(desk.period.id);
  const [isPressed, setPressed] = useState(false);
  const [asks, setAsks] = useState(false);
  const readiness = fitted && readinessOf({ lesson }, fitted);
  const kept = fitted ? keptStops({ lesson }, fitted) : [];
  const open = fitted ? [...openFindings({ lesson }, fitted), ...kept] : [];
  const { mutate } = blow;
  const ready = isRunning ? true : readiness && isReady(readiness);
  // Pressed before it is known how ready the lesson is: the answer decides.
  useEffect(() => {
    if (!isPressed || ready === undefined) return;
    setPressed(false);
    if (ready) mutate();
    else setAsks(true);
  }, [isPressed, ready, mutate]);
  return (
    <>
      <button
        type="button"
        className="btn btn-ink"
        disabled={blow.isPending || disabled}
        aria-busy={isPressed}
        onClick={() => setPressed(true)}
      >
        {isRunning ? 'Back to the whistle' : 'Blow the whistle'}
      </button>
      <Problem text={blow.error ? problemWords(blow.error) : ''} />
      {asks && (
        <Suspense fallback={null}>
          <Floating open onClose={() => setAsks(false)} title={`Not ready: ${readiness ? readinessWords(readiness) : ''}`}>
            {readiness && !readiness.hasGame && <p>There is no game in this lesson yet. Add one on the strip.</p>}
            <ol>
              {open.slice(0, MOST_SHOWN).map((finding, i) => (
                <li key={`${finding.code}-${i + 1}`} className="flex items-baseline gap-2 border-t py-1">
                  <span className={`head ${finding.weight === 'stop' ? 'text-stop' : 'text-caution'}`}>{i + 1}</span>
                  <span className="min-w-0">
                    <Suspense fallback={null}>
                      <FindingWords finding={finding} speak={speakWith(units, desk.students)} />
                    </Suspense>
                    {kept.includes(finding) && <span className="text-muted"> (kept as is)</span>}
                  </span>
                </li>
              ))}
            </ol>
            {open.length > MOST_SHOWN && <p className="text-muted">and {open.length - MOST_SHOWN} more on the desk</p>}
            <div className="mt-3 flex gap-3">
              <button
                type="button"
                className="btn btn-ink"
                onClick={() => {
                  setAsks(false);
                  blow.mutate();
                }}
              >
                Blow it anyway
              </button>
              <button type="button" className="btn" onClick={() => setAsks(false)}>
                Cancel
              </button>
            </div>
          </Floating>
        </Suspense>
      )}
    </>
  );
}
