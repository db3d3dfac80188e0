import type { Rng } from '../rng.ts';

/** Seats of groups: members as indices, what each group costs, and who may move. Costs add up over groups. */
export interface Seating {
  groups: number[][];
  costOf(group: number, members: readonly number[]): number;
  /** Students who stay where they are. */
  fixed: ReadonlySet<number>;
  /** Groups that nobody leaves or joins. */
  closed: ReadonlySet<number>;
}

/** Exchanges tried; fixed, so that the answer does not depend on the machine. */
const TRIES = 24_000;

/** Where in a group those sit who may leave it. */
const loose = (members: readonly number[], fixed: ReadonlySet<number>) => members.map((_, i) => i).filter((i) => !fixed.has(members[i]));

/**
 * The groups with two students exchanged, or one moved to a group that is one smaller, wherever that costs less and, early on, now
 * and then where it costs more (simulated annealing). Sizes stay as they are but for who is larger; the best seen.
 */
export function betterSeats({ groups: given, costOf, fixed, closed }: Seating, random: Rng): number[][] {
  const groups = given.map((g) => [...g]);
  const costs = groups.map((members, g) => costOf(g, members));
  const open = groups.map((_, g) => g).filter((g) => !closed.has(g));
  if (open.length < 2) return groups;
  const sum = () => costs.reduce((a, b) => a + b, 0);
  let now = sum();
  let best = { cost: now, groups: groups.map((g) => [...g]) };
  const scale = Math.max(1, now / groups.length);
  for (let i = 0; i < TRIES; i++) {
    const a = open[random.below(open.length)];
    const b = open[random.below(open.length)];
    if (a === b) continue;
    const leaves = loose(groups[a], fixed);
    const comes = loose(groups[b], fixed);
    const moves = groups[a].length - groups[b].length === 1 && random.below(3) === 0;
    if (!leaves.length || (!moves && !comes.length)) continue;
    const x = leaves[random.below(leaves.length)];
    const next = moves
      ? { a: groups[a].filter((_, j) => j !== x), b: [...groups[b], groups[a][x]] }
      : exchanged(groups[a], x, groups[b], comes[random.below(comes.length)]);
    const costA = costOf(a, next.a);
    const costB = costOf(b, next.b);
    const delta = costA + costB - costs[a] - costs[b];
    const warmth = (scale / 3) * (1 - i / TRIES) ** 3 + 1e-9;
    if (delta > 0 && random.float() >= Math.exp(-delta / warmth)) continue;
    groups[a] = next.a;
    groups[b] = next.b;
    costs[a] = costA;
    costs[b] = costB;
    now += delta;
    if (now < best.cost - 1e-9) best = { cost: now, groups: groups.map((g) => [...g]) };
  }
  return best.groups;
}

function exchanged(a: readonly number[], x: number, b: readonly number[], y: number): { a: number[]; b: number[] } {
  return { a: a.map((s, i) => (i === x ? b[y] : s)), b: b.map((s, i) => (i === y ? a[x] : s)) };
}
