import { useRef } from 'react';
import type { FittedBlock } from '../../core/fit/fitted.ts';
import { shrunkBy } from '../../core/fit/shrunk.ts';

/** What became shorter when the latest block was added, and what it lasted: by block id, until the next change of lengths. */
export function useShrunk(blocks: readonly FittedBlock[]): ReadonlyMap<string, number> {
  const last = useRef<{ blocks: readonly FittedBlock[]; shrunk: ReadonlyMap<string, number> }>({ blocks, shrunk: new Map() });
  if (last.current.blocks !== blocks) {
    const change = shrunkBy(last.current.blocks, blocks);
    last.current = { blocks, shrunk: change ?? last.current.shrunk };
  }
  return last.current.shrunk;
}
