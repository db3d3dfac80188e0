import { seededRng, shuffled } from '../rng.ts';

/** Up to so many places the best order is found exactly. */
const EXACT = 9;

/** Beyond that improving begins from several orders: so many, divided by the places. */
const BEGINNINGS = 72;
const NEAR = 1e-9;

/** The longest leg counts first, since everybody waits for it; then the whole walk. */
type Price = readonly [longest: number, all: number];
const isLess = (a: Price, b: Price) => a[0] < b[0] - NEAR || (a[0] < b[0] + NEAR && a[1] < b[1] - NEAR);
function priceOf(far: readonly (readonly number[])[], walk: readonly number[]): Price {
  let [longest, all] = [0, 0];
  for (let i = 0; i < walk.length; i++) {
    const leg = far[walk[i]][walk[(i + 1) % walk.length]];
    longest = Math.max(longest, leg);
    all += leg;
  }
  return [longest, all];
}

/** A closed walk through all places (0 first) with no leg longer than `most`, the shortest in all; undefined if there is none. */
function shortestUnder(far: readonly (readonly number[])[], most: number): number[] | undefined {
  const n = far.length;
  const full = 1 << (n - 1);
  const cost = new Float64Array(full * n).fill(Number.POSITIVE_INFINITY);
  const from = new Int8Array(full * n).fill(-1);
  for (let j = 1; j < n; j++) if (far[0][j] <= most + NEAR) cost[(1 << (j - 1)) * n + j] = far[0][j];
  for (let set = 1; set < full; set++)
    for (let i = 1; i < n; i++) {
      const so = cost[set * n + i];
      if (so === Number.POSITIVE_INFINITY) continue;
      for (let j = 1; j < n; j++) {
        const bit = 1 << (j - 1);
        if (set & bit || far[i][j] > most + NEAR || so + far[i][j] >= cost[(set | bit) * n + j] - NEAR) continue;
        cost[(set | bit) * n + j] = so + far[i][j];
        from[(set | bit) * n + j] = i;
      }
    }
  let last = -1;
  let best = Number.POSITIVE_INFINITY;
  for (let i = 1; i < n; i++)
    if (far[i][0] <= most + NEAR && cost[(full - 1) * n + i] + far[i][0] < best - NEAR)
      [last, best] = [i, cost[(full - 1) * n + i] + far[i][0]];
  if (last < 0) return undefined;
  const order: number[] = [];
  for (let set = full - 1, i = last; i > 0; ) {
    order.push(i);
    const before = from[set * n + i];
    set &= ~(1 << (i - 1));
    i = before;
  }
  return [0, ...order.reverse()];
}

/** The walk made shorter by turning stretches round and by moving single places, as long as that helps. */
function improved(far: readonly (readonly number[])[], start: readonly number[]): number[] {
  const n = start.length;
  let walk = [...start];
  let now = priceOf(far, walk);
  const leg = (i: number, j: number) => far[walk[(i + n) % n]][walk[j % n]];
  /** False where other legs cannot make a better walk: no longest one goes, and they are no shorter. Most changes end here. */
  const canHelp = (goes: readonly number[], comes: readonly number[]) =>
    Math.max(...goes) > now[0] - NEAR || comes.reduce((a, c) => a + c, 0) < goes.reduce((a, g) => a + g, 0);
  for (let better = true; better; ) {
    better = false;
    for (let i = 0; i < n - 1; i++)
      for (let j = i + 1; j < n; j++) {
        // All of it turned round, or its first place moved to its end, is the same walk.
        if (i === 0 && j === n - 1) continue;
        const tried: number[][] = [];
        const end = leg(j, j + 1);
        if (canHelp([leg(i - 1, i), end], [leg(i - 1, j), leg(i, j + 1)]))
          tried.push([...walk.slice(0, i), ...walk.slice(i, j + 1).reverse(), ...walk.slice(j + 1)]);
        if (canHelp([leg(i - 1, i), leg(i, i + 1), end], [leg(i - 1, i + 1), leg(j, i), leg(i, j + 1)]))
          tried.push(walk.toSpliced(i, 1).toSpliced(j, 0, walk[i]));
        for (const next of tried) {
          const then = priceOf(far, next);
          if (!isLess(then, now)) continue;
          [walk, now, better] = [next, then, true];
        }
      }
  }
  return walk;
}

/**
 * An order of places for a walk round all of them and back: its longest leg is as short as any order's, then the whole walk; exact
 * for up to nine places, improved from `start` beyond. `far`: metres between any two. Indices of the places.
 */
export function walkRound(far: readonly (readonly number[])[], start: readonly number[]): number[] {
  if (far.length < 4) return [...start];
  if (far.length > EXACT) {
    // Several beginnings, since single changes can get stuck; the same ones every time.
    const random = seededRng(far.length);
    const walks = Array.from({ length: Math.ceil(BEGINNINGS / far.length) }, (_, k) => improved(far, k ? shuffled(start, random) : start));
    return walks.reduce((best, walk) => (isLess(priceOf(far, walk), priceOf(far, best)) ? walk : best));
  }
  const lengths = [...new Set(far.flat())].filter((m) => m > 0).sort((a, b) => a - b);
  let [low, high] = [0, lengths.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (shortestUnder(far, lengths[middle])) high = middle;
    else low = middle + 1;
  }
  return shortestUnder(far, lengths[low] ?? 0) ?? [...start];
}
