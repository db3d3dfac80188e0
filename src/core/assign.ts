/**
 * For each row the column it takes, such that the sum of costs is least; rows ≤ columns. Every column is taken at most once.
 * Shortest augmenting paths with potentials (H. W. Kuhn 1955, in the form of R. Jonker and A. Volgenant 1987); n²·m steps.
 */
export function assign(costs: readonly (readonly number[])[]): number[] {
  const n = costs.length;
  const m = costs[0]?.length ?? 0;
  if (n > m) throw new RangeError(`invalid costs: ${n} rows over ${m} columns`);
  const rowPrice = new Float64Array(n + 1);
  const columnPrice = new Float64Array(m + 1);
  /** Row (from 1) that holds a column (from 1); 0 for none. */
  const holder = new Int32Array(m + 1);
  const before = new Int32Array(m + 1);
  for (let row = 1; row <= n; row++) {
    holder[0] = row;
    const least = new Float64Array(m + 1).fill(Number.POSITIVE_INFINITY);
    const used = new Uint8Array(m + 1);
    let at = 0;
    do {
      used[at] = 1;
      const i = holder[at];
      let step = Number.POSITIVE_INFINITY;
      let next = 0;
      for (let j = 1; j <= m; j++) {
        if (used[j]) continue;
        const cost = costs[i - 1][j - 1] - rowPrice[i] - columnPrice[j];
        if (cost < least[j]) {
          least[j] = cost;
          before[j] = at;
        }
        if (least[j] < step) {
          step = least[j];
          next = j;
        }
      }
      for (let j = 0; j <= m; j++) {
        if (used[j]) {
          rowPrice[holder[j]] += step;
          columnPrice[j] -= step;
        } else least[j] -= step;
      }
      at = next;
    } while (holder[at] !== 0);
    while (at !== 0) {
      holder[at] = holder[before[at]];
      at = before[at];
    }
  }
  const taken = new Array<number>(n).fill(-1);
  for (let j = 1; j <= m; j++) if (holder[j] > 0) taken[holder[j] - 1] = j - 1;
  return taken;
}
