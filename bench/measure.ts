export interface Spread {
  median: number;
  p95: number;
}

/** Milliseconds of `times` calls after a few to warm up; `call` gets the number of the call. */
export function measure(times: number, call: (i: number) => unknown): Spread {
  for (let i = 0; i < Math.min(5, times); i++) call(-1 - i);
  const taken = Array.from({ length: times }, (_, i) => {
    const from = performance.now();
    call(i);
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return { median: taken[Math.floor(times / 2)], p95: taken[Math.min(times - 1, Math.floor(times * 0.95))] };
}

/** Milliseconds of one call, cold. */
export function timed(work: () => void): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

/** The middle one of some numbers, the upper of two. */
export const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1];

/** "12.3" */
export const fixed = (value: number, digits = 1) => value.toFixed(digits);
/** "3.2 ms (p95 4.1)" */
export const said = ({ median, p95 }: Spread) => `${fixed(median, 2)} ms (p95 ${fixed(p95, 2)})`;
