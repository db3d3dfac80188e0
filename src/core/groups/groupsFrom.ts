import type { Groups } from './continueGroups.ts';

/**
 * Groups of a next game out of the groups before: as they are if there are as many; if there are fewer, whole groups joined, or where
 * that is uneven some of them spread over the others; cut in their order to the next game's sizes if there are more.
 */
export function groupsFrom(before: Groups, after: Groups): string[][] {
  const there = new Set(after.flat());
  const kept = before.map((group) => group.filter((id) => there.has(id))).filter((group) => group.length);
  const known = new Set(kept.flat());
  const fresh = after.flat().filter((id) => !known.has(id));
  const count = after.length;
  const next = kept.length < count ? cut(kept.flat(), after) : fewer(kept, count);
  for (const id of fresh) next.reduce((least, group) => (group.length < least.length ? group : least)).push(id);
  return next;
}

/** Sizes of groups that a game of even sides can do with. */
const MOST_SPREAD = 1;
const spreadOf = (groups: Groups) => Math.max(...groups.map((g) => g.length)) - Math.min(...groups.map((g) => g.length));

function fewer(groups: Groups, count: number): string[][] {
  const whole = joined(groups, count);
  if (groups.length === count || spreadOf(whole) <= MOST_SPREAD) return whole;
  // The smallest groups are spread, one student at a time to the smallest of the others.
  const bySize = groups.map((_, i) => i).sort((a, b) => groups[b].length - groups[a].length || a - b);
  const stay = bySize.slice(0, count).sort((a, b) => a - b);
  const next = stay.map((i) => [...groups[i]]);
  for (const id of groups.filter((_, i) => !stay.includes(i)).flat())
    next.reduce((least, group) => (group.length < least.length ? group : least)).push(id);
  return spreadOf(next) < spreadOf(whole) ? next : whole;
}

/** Whole groups put together, each to the smallest so far; in the order of the first of them. */
function joined(groups: Groups, count: number): string[][] {
  if (groups.length === count) return groups.map((g) => [...g]);
  const bins: number[][] = Array.from({ length: count }, () => []);
  const size = (bin: number[]) => bin.reduce((sum, i) => sum + groups[i].length, 0);
  const bySize = groups.map((_, i) => i).sort((a, b) => groups[b].length - groups[a].length || a - b);
  for (const i of bySize) bins.reduce((least, bin) => (size(bin) < size(least) ? bin : least)).push(i);
  const spread = () => Math.max(...bins.map(size)) - Math.min(...bins.map(size));
  // Two groups change bins as long as that makes them more even.
  const swap = (a: number[], b: number[], i: number, j: number) => ([a[i], b[j]] = [b[j], a[i]]);
  for (let isBetter = true; isBetter; ) {
    isBetter = false;
    const before = spread();
    search: for (const a of bins)
      for (const b of bins)
        for (let i = 0; a !== b && i < a.length; i++)
          for (let j = 0; j < b.length; j++) {
            swap(a, b, i, j);
            isBetter = spread() < before;
            if (isBetter) break search;
            swap(a, b, i, j);
          }
  }
  return bins
    .map((bin) => [...bin].sort((a, b) => a - b))
    .sort((a, b) => a[0] - b[0])
    .map((bin) => bin.flatMap((i) => groups[i]));
}

/** A row of students cut into groups of the sizes that the next game makes, as far as there are students. */
function cut(row: readonly string[], sizes: Groups): string[][] {
  let at = 0;
  const share = row.length / Math.max(1, sizes.flat().length);
  let due = 0;
  return sizes.map(({ length }) => {
    due += length * share;
    const group = row.slice(at, Math.round(due));
    at += group.length;
    return group;
  });
}
