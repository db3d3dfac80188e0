/** Pairs of ids, and how students are glued together by `together` wishes. */
export interface Wishes {
  apart: readonly (readonly [string, string])[];
  together: readonly (readonly [string, string])[];
}

/** How much searching decides whether wishes can hold; beyond it they count as not holding. */
const MOST_NODES = 60_000;

/** Clumps of students that must stay in one team, largest first. */
export function clumpsOf(ids: readonly string[], together: Wishes['together']): string[][] {
  const parent = new Map(ids.map((id) => [id, id]));
  const root = (id: string): string => (parent.get(id) === id ? id : root(parent.get(id)!));
  for (const [a, b] of together) parent.set(root(a), root(b));
  const clumps = new Map<string, string[]>();
  for (const id of ids) clumps.set(root(id), [...(clumps.get(root(id)) ?? []), id]);
  return [...clumps.values()].sort((a, b) => b.length - a.length);
}

/** For each clump the indices of clumps it must avoid, or undefined where a clump would have to avoid itself. */
function rivalsOf(clumps: string[][], apart: Wishes['apart']): Set<number>[] | undefined {
  const at = new Map(clumps.flatMap((clump, i) => clump.map((id) => [id, i] as const)));
  const rivals = clumps.map(() => new Set<number>());
  for (const [a, b] of apart) {
    const i = at.get(a)!;
    const j = at.get(b)!;
    if (i === j) return undefined;
    rivals[i].add(j);
    rivals[j].add(i);
  }
  return rivals;
}

/**
 * Some division into teams of the given sizes (any order) in which the wishes hold, or undefined. Backtracking, clumps with
 * most members and rivals first; teams of equal size that are still empty are tried once; stops after a fixed amount of work.
 */
export function divide(ids: readonly string[], sizes: readonly number[], wishes: Wishes): string[][] | undefined {
  const clumps = clumpsOf(ids, wishes.together);
  const found = rivalsOf(clumps, wishes.apart);
  if (!found) return undefined;
  const order = clumps.map((_, i) => i).sort((a, b) => clumps[b].length - clumps[a].length || found[b].size - found[a].size);
  const room = [...sizes];
  const teams: number[][] = sizes.map(() => []);
  let nodes = 0;
  const place = (k: number): boolean => {
    if (k === order.length) return true;
    if (++nodes > MOST_NODES) return false;
    const clump = order[k];
    const tried = new Set<number>();
    for (let t = 0; t < teams.length; t++) {
      if (room[t] < clumps[clump].length || teams[t].some((other) => found[clump].has(other))) continue;
      if (teams[t].length === 0) {
        if (tried.has(room[t])) continue;
        tried.add(room[t]);
      }
      teams[t].push(clump);
      room[t] -= clumps[clump].length;
      if (place(k + 1)) return true;
      teams[t].pop();
      room[t] += clumps[clump].length;
    }
    return false;
  };
  return place(0) ? teams.map((team) => team.flatMap((clump) => clumps[clump])) : undefined;
}

/** A set of wishes that cannot hold together while any one less can: wishes are left out one by one as long as that mends nothing. */
export function irreducible(ids: readonly string[], sizes: readonly number[], wishes: Wishes): Wishes {
  let apart = [...wishes.apart];
  let together = [...wishes.together];
  for (const wish of wishes.apart) {
    const without = apart.filter((w) => w !== wish);
    if (!divide(ids, sizes, { apart: without, together })) apart = without;
  }
  for (const wish of wishes.together) {
    const without = together.filter((w) => w !== wish);
    if (!divide(ids, sizes, { apart, together: without })) together = without;
  }
  return { apart, together };
}
