import { EPS } from './point.ts';

/** What a row holds at one height: units filled in from the left, and the spans in which left edges may stand. */
export interface RowReading {
  count: number;
  spans: readonly (readonly [number, number])[];
}

/** Heights looked at between the lowest and the highest start; changes and peaks between them are then found exactly. */
const SAMPLES = 128;
const FINE_M = 1e-10;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** The height in [low, high] at which one span is longest, by golden section. */
function peak(read: (y: number) => RowReading, index: number, low: number, high: number): number {
  const length = (y: number) => {
    const span = read(y).spans[index];
    return span ? span[1] - span[0] : Number.NEGATIVE_INFINITY;
  };
  let [a, b] = [low, high];
  for (let i = 0; i < 40 && b - a > FINE_M; i++) {
    const c = b - GOLDEN * (b - a);
    const d = a + GOLDEN * (b - a);
    if (length(c) > length(d)) b = d;
    else a = c;
  }
  return (a + b) / 2;
}

/** Adds every height between two readings at which the count changes, on the side that holds more. */
function addChanges(read: (y: number) => RowReading, low: number, high: number, into: Set<number>): void {
  let from = low;
  for (let changes = 0; changes < 40 && read(from).count !== read(high).count; changes++) {
    const count = read(from).count;
    let [a, b] = [from, high];
    while (b - a > FINE_M) {
      const middle = (a + b) / 2;
      if (read(middle).count === count) a = middle;
      else b = middle;
    }
    into.add(read(b).count > count ? b : a);
    from = b;
  }
}

/**
 * Every start height at which a row begins or ceases to hold one unit more, each on the side that holds more: a stack of
 * evenly spaced rows is at its best with one of its rows at such a height, or against an end. `known`: heights where the
 * outline turns; they are looked at first, so that no corner is stepped over.
 */
export function rowHeights(read: (y: number) => RowReading, bottom: number, top: number, known: readonly number[]): number[] {
  if (top < bottom) return [];
  const grid = Array.from({ length: SAMPLES + 1 }, (_, i) => bottom + ((top - bottom) * i) / SAMPLES);
  const at = [...new Set([...grid, ...known.filter((y) => y >= bottom && y <= top)])].sort((a, b) => a - b);
  const peaks: number[] = [];
  for (let i = 1; i < at.length - 1; i++) {
    const [before, here, after] = [read(at[i - 1]).spans, read(at[i]).spans, read(at[i + 1]).spans];
    if (before.length !== here.length || after.length !== here.length) continue;
    here.forEach(([from, to], s) => {
      const length = to - from;
      if (length > before[s][1] - before[s][0] + EPS && length > after[s][1] - after[s][0] + EPS)
        peaks.push(peak(read, s, at[i - 1], at[i + 1]));
    });
  }
  const heights = new Set<number>();
  const all = [...at, ...peaks].sort((a, b) => a - b);
  for (let i = 1; i < all.length; i++) addChanges(read, all[i - 1], all[i], heights);
  return [...heights];
}
