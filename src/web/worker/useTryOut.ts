import { proxy, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { SamplePlay, Tried, TriedShares } from '../../core/fit/tryOut.ts';
import type { Trying } from './try.worker.ts';

const start = () => new Worker(new URL('./try.worker.ts', import.meta.url), { type: 'module' });

export interface TryOutState {
  plays: TriedShares[] | null;
  /** How many plays are done. */
  done: number;
  stopped: boolean;
  stop(): void;
}

/** Plays a block so many times in a worker of its own, which ends with the plan it was asked for, or when it is stopped. */
export function useTryOut(game: Tried | null, count: number): TryOutState {
  const [state, setState] = useState<Pick<TryOutState, 'plays' | 'done' | 'stopped'>>({ plays: null, done: 0, stopped: false });
  const [worker, setWorker] = useState<Worker | null>(null);
  useEffect(() => {
    setState({ plays: null, done: 0, stopped: false });
    if (!game) return;
    const own = start();
    setWorker(own);
    let wanted = true;
    void wrap<Trying>(own)
      .tryMany(
        game,
        count,
        proxy((done: number) => wanted && setState((s) => ({ ...s, done }))),
      )
      .then((plays) => wanted && setState({ plays, done: plays.length, stopped: false }));
    return () => {
      wanted = false;
      own.terminate();
    };
  }, [game, count]);
  const stop = () => {
    worker?.terminate();
    setState((s) => (s.plays ? s : { ...s, stopped: true }));
  };
  return { ...state, stop };
}

/** One play of a block to be watched; another seed gives another. */
export function useSamplePlay(game: Tried | null, seed: number): SamplePlay | null {
  const [sample, setSample] = useState<SamplePlay | null>(null);
  useEffect(() => {
    setSample(null);
    if (!game) return;
    const own = start();
    let wanted = true;
    void wrap<Trying>(own)
      .samplePlay(game, seed)
      .then((play) => wanted && setSample(play));
    return () => {
      wanted = false;
      own.terminate();
    };
  }, [game, seed]);
  return sample;
}
