import { expose } from 'comlink';
import { isChancy, samplePlay, type Tried, type TriedShares, tryOnce } from '../../core/fit/tryOut.ts';

/** Milliseconds between two reports of how far it has come. */
const REPORT_MS = 80;

/** So many plays of a block, one after the other; one if all are alike. Says after some of them how many are done. */
function tryMany(game: Tried, count: number, tell: (done: number) => void): TriedShares[] {
  const tried: TriedShares[] = [];
  let last = performance.now();
  for (let i = 0; i < (isChancy(game) ? count : 1); i++) {
    tried.push(tryOnce(game, i + 1));
    if (performance.now() - last < REPORT_MS) continue;
    last = performance.now();
    tell(i + 1);
  }
  return tried;
}

/** The thread that plays blocks: it is ended in the middle of a play if nobody wants it any more. */
const trying = { tryMany, samplePlay };
export type Trying = typeof trying;
expose(trying);
