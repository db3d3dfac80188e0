import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { FitInput } from '../../core/fit/fitted.ts';
import type { WaysFound, WaysProgress } from '../../core/fit/ways.ts';
import { startFitting } from './useFit.ts';

export interface WaysState {
  found: WaysFound | null;
  /** Null when nothing is searched. */
  progress: WaysProgress | null;
  problem: string;
  cancel(): void;
  again(): void;
}

/** The searching worker of this window; ended and started anew where a search is cancelled. */
let searcher: ReturnType<typeof startFitting> | undefined;

function stop(): void {
  searcher?.worker.terminate();
  searcher = undefined;
}

/** Milliseconds the plan stays as it is before ways are searched. */
const SETTLE_MS = 250;

/** The ways of a block, searched in a worker of their own whenever the plan has changed; a newer plan ends the search before it. */
export function useWays(input: FitInput | null, blockId: string | undefined): WaysState {
  const [state, setState] = useState<{ found: WaysFound | null; progress: WaysProgress | null; problem: string }>({
    found: null,
    progress: null,
    problem: '',
  });
  const [turn, setTurn] = useState(0);
  const running = useRef(false);
  const asked = useRef('');
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (!input || !blockId || turn < 0) return;
    let dropped = false;
    // The list of one block is not shown under another's name.
    const other = asked.current !== blockId;
    asked.current = blockId;
    setState((s) => ({ found: other ? null : s.found, progress: { done: 0, total: 0 }, problem: '' }));
    waiting.current = setTimeout(async () => {
      running.current = true;
      searcher ??= startFitting();
      try {
        const tell = proxy((progress: WaysProgress) => {
          if (!dropped) setState((s) => ({ ...s, progress }));
        });
        const found = await searcher.remote.ways(input, blockId, tell);
        if (!dropped) setState({ found, progress: null, problem: '' });
      } catch (error) {
        if (!dropped) setState((s) => ({ ...s, progress: null, problem: error instanceof Error ? error.message : String(error) }));
      }
      running.current = false;
    }, SETTLE_MS);
    return () => {
      dropped = true;
      clearTimeout(waiting.current);
      if (running.current) {
        running.current = false;
        stop();
      }
    };
  }, [input, blockId, turn]);
  const cancel = useCallback(() => {
    clearTimeout(waiting.current);
    running.current = false;
    stop();
    setState((s) => ({ ...s, progress: null }));
  }, []);
  const again = useCallback(() => setTurn((t) => t + 1), []);
  return { ...state, cancel, again };
}
