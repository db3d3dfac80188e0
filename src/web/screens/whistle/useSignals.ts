import { useEffect, useRef } from 'react';
import { sounds } from './sound.ts';

/** Whistle at the end of a bout, two short ones at a start, soft tones in the last three seconds. */
export function useSignals(step: number, kind: string | undefined, left: number, still: boolean, loud: boolean, more: boolean): void {
  const last = useRef({ step, left });
  useEffect(() => {
    const before = last.current;
    last.current = { step, left };
    if (!loud || still) return;
    if (step !== before.step) {
      if (kind === 'work') sounds.go();
      else sounds.whistle();
    } else if (left !== before.left && left > 0 && left <= 3 && more) sounds.tick();
  }, [step, kind, left, still, loud, more]);
}
