import type { GroupTraits, Pairs } from './traits.ts';

/** Pairs to keep near: who shares an adult, and who works best in a calm group, in clumps no larger than a group. */
export function nearPairs(players: readonly GroupTraits[], count: number): [string, string][] {
  const size = Math.max(2, Math.floor(players.length / Math.max(1, count)));
  const clumps = new Map<string, string[]>();
  for (const { id, helper, calm } of players) {
    if (helper) clumps.set(`helper ${helper}`, [...(clumps.get(`helper ${helper}`) ?? []), id]);
    else if (calm) clumps.set('calm', [...(clumps.get('calm') ?? []), id]);
  }
  return [...clumps.values()].flatMap((ids) => ids.slice(1).flatMap((id, i): [string, string][] => ((i + 1) % size ? [[ids[i], id]] : [])));
}

/** Who is in another group than before, group by group; newcomers are not. */
export function changedGroup(before: readonly (readonly string[])[], after: readonly (readonly string[])[]): string[] {
  const was = new Map(before.flatMap((g, i) => g.map((id) => [id, i] as const)));
  return after.flatMap((g, i) => g.filter((id) => was.has(id) && was.get(id) !== i));
}

/** Largest minus smallest mean rating; groups with nobody do not count. Summed afresh, so that a search leaves no rounding behind. */
export function spreadOfMeans(groups: readonly (readonly string[])[], players: readonly { id: string; rating: number }[]): number {
  const rating = new Map(players.map((p) => [p.id, p.rating]));
  const means = groups.filter((g) => g.length).map((g) => g.reduce((sum, id) => sum + rating.get(id)!, 0) / g.length);
  return means.length ? Math.max(...means) - Math.min(...means) : 0;
}

/** How many wishes do not hold in the groups. */
export function brokenIn(groups: readonly (readonly string[])[], apart: Pairs, together: Pairs): number {
  const at = new Map(groups.flatMap((g, i) => g.map((id) => [id, i] as const)));
  const both = ([a, b]: readonly [string, string]) => at.has(a) && at.has(b);
  return (
    apart.filter((w) => both(w) && at.get(w[0]) === at.get(w[1])).length +
    together.filter((w) => both(w) && at.get(w[0]) !== at.get(w[1])).length
  );
}
