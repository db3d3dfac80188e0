import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { ShelfHelp, ShelfInput, ShelfRow } from '../../core/shelf/judge.ts';
import type { Shelf } from './shelf.worker.ts';

export interface ShelfState {
  rows: ReadonlyMap<string, ShelfRow>;
  /** Games that are judged at first sight, and by every check. */
  judged: number;
  whole: number;
  stopped: boolean;
  problem: string;
  stop(): void;
  again(): void;
  /** Says which games are in view: they come first. */
  see(id: string, isSeen: boolean): void;
  worker(): Remote<Shelf> | undefined;
}

/** Rows that were judged, by what they were judged for: opened again they are there. */
const kept = new WeakMap<ShelfInput, Map<string, ShelfRow>>();

/** Workers that judge side by side: one processor is left to the page. */
const workerCount = () => Math.max(1, Math.min(3, (navigator.hardwareConcurrency || 2) - 1));

/** A worker of the shelf. */
export const startShelf = () => {
  const worker = new Worker(new URL('./shelf.worker.ts', import.meta.url), { type: 'module' });
  return { worker, remote: wrap<Shelf>(worker) };
};

/** Games of a period judged in workers of their own, those in view first: at first sight, then by every check. They end at once if they are stopped. */
export function useShelf(input: ShelfInput | null, help: ShelfHelp, ids: readonly string[]): ShelfState {
  const [rows, setRows] = useState<ReadonlyMap<string, ShelfRow>>(new Map());
  const [run, setRun] = useState(0);
  const [stopped, setStopped] = useState(false);
  const [problem, setProblem] = useState('');
  const seen = useRef(new Set<string>());
  const wanted = useRef(ids);
  wanted.current = ids;
  const own = useRef<{ worker: Worker; remote: Remote<Shelf> }[]>([]);
  const pump = useRef<() => void>(() => undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: `run` begins again.
  useEffect(() => {
    if (!input || !ids.length) return;
    const known = kept.get(input) ?? new Map<string, ShelfRow>();
    kept.set(input, known);
    setRows(new Map(known));
    setStopped(false);
    setProblem('');
    const workers = Array.from({ length: workerCount() }, startShelf);
    own.current = workers;
    let isWanted = true;
    /** Games that some worker has begun, at first sight and by every check. */
    const begun = { quick: new Set(known.keys()), whole: new Set([...known.values()].flatMap((r) => (r.isWhole ? [r.gameId] : []))) };
    /** The next game: in view before out of view. */
    const next = (how: 'quick' | 'whole') => {
      const open = wanted.current.filter((id) => !begun[how].has(id));
      const id = open.find((each) => seen.current.has(each)) ?? open[0];
      if (id) begun[how].add(id);
      return id;
    };
    const failed = (error: unknown) => isWanted && setProblem(error instanceof Error ? error.message : String(error));
    const pumps = workers.map(({ remote }) => {
      const isOpen = remote.open(input, help);
      let isBusy = false;
      /** Judges until nothing is left; games that come later are judged when it is called again. */
      return async () => {
        if (isBusy) return;
        isBusy = true;
        await isOpen;
        for (const how of ['quick', 'whole'] as const)
          for (let id = next(how); isWanted && id; id = next(how)) {
            const row = await remote[how](id);
            if (!isWanted) return;
            if (how === 'whole' || !known.get(id)?.isWhole) known.set(id, row);
            setRows(new Map(known));
          }
        isBusy = false;
      };
    });
    pump.current = () => {
      for (const each of pumps) each().catch(failed);
    };
    pump.current();
    return () => {
      isWanted = false;
      pump.current = () => undefined;
      for (const { worker } of workers) worker.terminate();
      own.current = [];
    };
  }, [input, help, run, ids.length === 0]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: other games are looked for.
  useEffect(() => pump.current(), [ids]);
  const stop = useCallback(() => {
    for (const { worker } of own.current) worker.terminate();
    own.current = [];
    pump.current = () => undefined;
    setStopped(true);
  }, []);
  const again = useCallback(() => setRun((n) => n + 1), []);
  const see = useCallback((id: string, isSeen: boolean) => {
    if (isSeen) seen.current.add(id);
    else seen.current.delete(id);
  }, []);
  const worker = useCallback(() => own.current[0]?.remote, []);
  const done = ids.filter((id) => rows.has(id));
  const whole = done.filter((id) => rows.get(id)!.isWhole).length;
  return { rows, judged: done.length, whole, stopped, problem, stop, again, see, worker };
}
