import { type Division, divide } from './divide.ts';

/** Pairs of ids that must not, and that must, be in one team. */
export interface Wishes {
  apart: readonly (readonly [string, string])[];
  together: readonly (readonly [string, string])[];
}

/** Clumps of students that must stay in one team, largest first. */
export function clumpsOf(ids: readonly string[], together: Wishes['together']): string[][] {
  const parent = new Map(ids.map((id) => [id, id]));
  const root = (id: string): string => (parent.get(id) === id ? id : root(parent.get(id)!));
  for (const [a, b] of together) parent.set(root(a), root(b));
  const clumps = new Map<string, string[]>();
  for (const id of ids) clumps.set(root(id), [...(clumps.get(root(id)) ?? []), id]);
  return [...clumps.values()].sort((a, b) => b.length - a.length);
}

/** For each clump the indices of clumps it must avoid, or undefined if a clump would have to avoid itself. */
export function rivalsOf(clumps: readonly string[][], apart: Wishes['apart']): Set<number>[] | undefined {
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

/** Whether the wishes can hold in teams of these sizes: a division of the clumps, or why there is none. */
export function holdWishes(ids: readonly string[], sizes: readonly number[], wishes: Wishes, nodes?: number): Division {
  const clumps = clumpsOf(ids, wishes.together);
  const rivals = rivalsOf(clumps, wishes.apart);
  return rivals ? divide({ clumps: clumps.map((c) => c.length), rivals, sizes, nodes }) : 'impossible';
}

/** Work allowed for each first look at whether a wish can be left out; what that leaves open is looked at once more at the end. */
const FIRST_NODES = 3_000;

/**
 * A set of wishes that cannot hold together while any one less can: halves, quarters … and at last single wishes are left out
 * as long as the rest stays impossible. Undefined if it cannot be decided for some wish of the last set whether it is needed.
 */
export function irreducible(ids: readonly string[], sizes: readonly number[], wishes: Wishes): Wishes | undefined {
  const clique = cliqueOf(ids, wishes.apart, sizes.length + 1);
  let left = clique
    ? clique.map((pair) => ({ kind: 'apart' as 'apart' | 'together', pair }))
    : [
        ...wishes.apart.map((pair) => ({ kind: 'apart' as 'apart' | 'together', pair })),
        ...wishes.together.map((pair) => ({ kind: 'together' as 'apart' | 'together', pair })),
      ];
  const of = (kind: 'apart' | 'together', from: typeof left) => from.filter((w) => w.kind === kind).map((w) => w.pair);
  const wishesOf = (from: typeof left): Wishes => ({ apart: of('apart', from), together: of('together', from) });
  let undecided = new Set<(typeof left)[number]>();
  for (let chunk = Math.ceil(left.length / 2); chunk >= 1; chunk = chunk === 1 ? 0 : Math.ceil(chunk / 2)) {
    undecided = new Set();
    for (let at = 0; at < left.length; ) {
      const without = [...left.slice(0, at), ...left.slice(at + chunk)];
      const found = holdWishes(ids, sizes, wishesOf(without), FIRST_NODES);
      if (found === 'impossible') left = without;
      else {
        if (found === 'undecided') for (const wish of left.slice(at, at + chunk)) undecided.add(wish);
        at += chunk;
      }
    }
  }
  // What was undecided beside other wishes may be clear now that fewer are left.
  for (const wish of undecided) if (!Array.isArray(holdWishes(ids, sizes, wishesOf(left.filter((w) => w !== wish))))) return undefined;
  return wishesOf(left);
}

/** The wishes among `size` students who all must not meet, each pair once: the plainest conflict there is. Undefined if none is found by growing one from every student. */
function cliqueOf(ids: readonly string[], apart: Wishes['apart'], size: number): (readonly [string, string])[] | undefined {
  const rivals = new Map(ids.map((id) => [id, new Set<string>()]));
  for (const [a, b] of apart) {
    if (a === b) return undefined;
    rivals.get(a)!.add(b);
    rivals.get(b)!.add(a);
  }
  const order = [...ids].sort((a, b) => rivals.get(b)!.size - rivals.get(a)!.size);
  for (const first of order) {
    const clique = [first];
    for (const id of order) if (clique.length < size && clique.every((other) => rivals.get(id)!.has(other))) clique.push(id);
    if (clique.length < size) continue;
    const among = new Set(clique);
    const known = new Set<string>();
    return apart.filter(([a, b]) => {
      const key = a < b ? `${a}|${b}` : `${b}|${a}`;
      if (!among.has(a) || !among.has(b) || known.has(key)) return false;
      known.add(key);
      return true;
    });
  }
  return undefined;
}
