import { type Clumps, rankBetter, rankOf } from './teamSearch.ts';

/** The most divisions that are looked at one by one. */
const MOST_DIVISIONS = 30_000;

/** How many ways there are to divide students into teams of these sizes, teams of one size being alike. */
function divisions(sizes: readonly number[]): number {
  const students = sizes.reduce((a, b) => a + b, 0);
  let ways = 1;
  let left = students;
  for (const size of sizes) for (let i = 1; i <= size; i++) ways = (ways * left--) / i;
  const alike = new Map<number, number>();
  for (const size of sizes) {
    alike.set(size, (alike.get(size) ?? 0) + 1);
    ways /= alike.get(size)!;
  }
  return ways;
}

/** True if a class is small enough for every division to be looked at. */
export const isSmall = (sizes: readonly number[]): boolean => divisions(sizes) <= MOST_DIVISIONS;

/** The best of all divisions by rank (tags in their order, then spread), every one looked at; `start` if none holds the wishes. */
export function bestOfAll(clumps: Clumps, sizes: readonly number[], start: readonly (readonly number[])[]): number[][] {
  const order = clumps.sizes.map((_, i) => i).sort((a, b) => clumps.sizes[b] - clumps.sizes[a]);
  const teams: number[][] = sizes.map(() => []);
  const room = [...sizes];
  let best = start.map((t) => [...t]);
  let rank = rankOf(clumps, best);
  const place = (k: number): void => {
    if (k === order.length) {
      const found = rankOf(clumps, teams);
      if (rankBetter(found, rank)) {
        rank = found;
        best = teams.map((t) => [...t]);
      }
      return;
    }
    const clump = order[k];
    const empty = new Set<number>();
    for (let t = 0; t < teams.length; t++) {
      if (room[t] < clumps.sizes[clump] || teams[t].some((other) => clumps.rivals[clump].has(other))) continue;
      if (!teams[t].length) {
        if (empty.has(sizes[t])) continue;
        empty.add(sizes[t]);
      }
      teams[t].push(clump);
      room[t] -= clumps.sizes[clump];
      place(k + 1);
      room[t] += clumps.sizes[clump];
      teams[t].pop();
    }
  };
  place(0);
  return best;
}
