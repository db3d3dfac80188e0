/** Pairs of ids, and how students are glued together by `together` wishes. */
export interface Wishes {
  apart: readonly (readonly [string, string])[];
  together: readonly (readonly [string, string])[];
}

/** How much searching decides whether wishes can hold; beyond it they count as not holding. */
const MOST_NODES = 40_000;

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
 * Some division into teams of the given sizes (any order) in which the wishes hold, or undefined. Backtracking over what is
 * bound by a wish, always the clump with the fewest teams left to it first (then the larger one, then more rivals); teams of
 * the same size that are still empty are tried once. Who is free of wishes fills up. Stops after a fixed amount of work.
 */
export function divide(ids: readonly string[], sizes: readonly number[], wishes: Wishes): string[][] | undefined {
  const clumps = clumpsOf(ids, wishes.together);
  const found = rivalsOf(clumps, wishes.apart);
  if (!found) return undefined;
  const room = [...sizes];
  const teams: number[][] = sizes.map(() => []);
  const bound = new Set(clumps.map((_, i) => i).filter((i) => clumps[i].length > 1 || found[i].size > 0));
  /** barred[clump][team]: how many rivals of the clump stand there. */
  const barred = clumps.map(() => new Int32Array(sizes.length));
  const fits = (clump: number, team: number) => room[team] >= clumps[clump].length && barred[clump][team] === 0;
  const put = (clump: number, team: number, by: 1 | -1) => {
    room[team] -= by * clumps[clump].length;
    for (const rival of found[clump]) barred[rival][team] += by;
  };
  const tightest = (): { clump: number; open: number[] } => {
    let best = { clump: -1, open: [] as number[] };
    for (const clump of bound) {
      const empty = new Set<number>();
      const open: number[] = [];
      for (let t = 0; t < teams.length; t++) {
        if (!fits(clump, t)) continue;
        if (teams[t].length === 0) {
          if (empty.has(room[t])) continue;
          empty.add(room[t]);
        }
        open.push(t);
      }
      const before = best.clump < 0 ? 1 : best.open.length - open.length;
      const larger = best.clump < 0 ? 1 : clumps[clump].length - clumps[best.clump].length;
      if (before > 0 || (before === 0 && (larger > 0 || (larger === 0 && found[clump].size > found[best.clump].size))))
        best = { clump, open };
      if (!open.length) break;
    }
    return best;
  };
  let nodes = 0;
  const place = (): boolean => {
    if (!bound.size) return true;
    if (++nodes > MOST_NODES) return false;
    const { clump, open } = tightest();
    bound.delete(clump);
    for (const team of open) {
      teams[team].push(clump);
      put(clump, team, 1);
      if (place()) return true;
      put(clump, team, -1);
      teams[team].pop();
    }
    bound.add(clump);
    return false;
  };
  const free = clumps.filter((_, i) => !bound.has(i)).flat();
  if (!place()) return undefined;
  return teams.map((team, t) => [...team.flatMap((clump) => clumps[clump]), ...free.splice(0, room[t])]);
}

/** `divide`, and where its work ends without an answer, again with the students in other orders. */
export function divideAnyhow(ids: readonly string[], sizes: readonly number[], wishes: Wishes): string[][] | undefined {
  const reversed = [...ids].reverse();
  const halves = [...ids.filter((_, i) => i % 2), ...ids.filter((_, i) => i % 2 === 0)];
  return divide(ids, sizes, wishes) ?? divide(reversed, sizes, wishes) ?? divide(halves, sizes, wishes);
}

/**
 * A set of wishes that cannot hold together while any one less can: halves, quarters … and at last single wishes are left out
 * as long as that mends nothing.
 */
export function irreducible(ids: readonly string[], sizes: readonly number[], wishes: Wishes): Wishes {
  let left = [
    ...wishes.apart.map((pair) => ({ kind: 'apart' as const, pair })),
    ...wishes.together.map((pair) => ({ kind: 'together' as const, pair })),
  ];
  const of = (kind: 'apart' | 'together', from: typeof left) => from.filter((w) => w.kind === kind).map((w) => w.pair);
  for (let chunk = Math.ceil(left.length / 2); chunk >= 1; chunk = chunk === 1 ? 0 : Math.ceil(chunk / 2)) {
    for (let at = 0; at < left.length; ) {
      const without = [...left.slice(0, at), ...left.slice(at + chunk)];
      if (divide(ids, sizes, { apart: of('apart', without), together: of('together', without) })) at += chunk;
      else left = without;
    }
  }
  return { apart: of('apart', left), together: of('together', left) };
}
