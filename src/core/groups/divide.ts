/** How many of one tag each team holds at least and at most; `of[clump]`: how many of the clump's members have it. */
export interface TagWindow {
  of: readonly number[];
  least: number;
  most: number;
}
export interface DivideRequest {
  /** Students in each clump, and the clumps that it must not meet. */
  clumps: readonly number[];
  rivals: readonly ReadonlySet<number>[];
  /** Students in each team. */
  sizes: readonly number[];
  windows?: readonly TagWindow[];
  /** Places looked at, at most. */
  nodes?: number;
}
/** Teams as lists of clumps; or proof that there is no such division; or neither, since the work allowed ran out. */
export type Division = number[][] | 'impossible' | 'undecided';

/** Enough to decide what occurs in classes, a tenth of a second at the most. */
const MOST_NODES = 30_000;

/**
 * A division of clumps into teams of the given sizes in which rivals do not meet and tags stay in their windows. Backtracking
 * over the clumps that something binds, always the one with the fewest teams left to it (D. Brélaz 1979); the others fill up.
 * Teams that are alike in all that counts for the rest are tried once, and what has failed is not tried again in another order.
 */
export function divide({ clumps, rivals, sizes, windows = [], nodes: most = MOST_NODES }: DivideRequest): Division {
  const teams: number[][] = sizes.map(() => []);
  const room = [...sizes];
  const counts = windows.map(() => sizes.map(() => 0));
  const left = windows.map(({ of }) => of.reduce((a, b) => a + b, 0));
  /** barred[clump][team]: how many rivals of the clump are in it. */
  const barred = clumps.map(() => new Int32Array(sizes.length));
  const isBound = (clump: number) => clumps[clump] > 1 || rivals[clump].size > 0 || windows.some((w) => w.of[clump] > 0);
  const bound = new Set(clumps.map((_, i) => i).filter(isBound));
  const free = clumps.map((_, i) => i).filter((i) => !bound.has(i));
  const kindOf = kindsOf(clumps, rivals, windows);
  const dead = new Set<string>();
  let nodes = 0;

  const fits = (clump: number, team: number) =>
    room[team] >= clumps[clump] && barred[clump][team] === 0 && windows.every((w, k) => counts[k][team] + w.of[clump] <= w.most);
  const put = (clump: number, team: number, by: 1 | -1) => {
    room[team] -= by * clumps[clump];
    for (const rival of rivals[clump]) barred[rival][team] += by;
    windows.forEach((w, k) => {
      counts[k][team] += by * w.of[clump];
      left[k] -= by * w.of[clump];
    });
  };
  /** False if some tag cannot reach its least any more, by what is left of it or by the room of a team. */
  const canFill = () =>
    windows.every((w, k) => {
      let wanted = 0;
      for (let t = 0; t < room.length; t++) {
        const lacking = Math.max(0, w.least - counts[k][t]);
        if (lacking > room[t]) return false;
        wanted += lacking;
      }
      return wanted <= left[k];
    });
  /** What counts of a team for the clumps that are still to place. */
  const traits = (team: number) => {
    let key = `${room[team]}`;
    for (let k = 0; k < windows.length; k++) key += `,${counts[k][team]}`;
    const kinds = new Set<number>();
    for (const clump of bound) if (barred[clump][team]) kinds.add(kindOf[clump]);
    return `${key} ${[...kinds].sort((a, b) => a - b).join('-')}`;
  };
  /** How many of each kind are still to place. */
  const remaining = () => {
    const counts = new Map<number, number>();
    for (const clump of bound) counts.set(kindOf[clump], (counts.get(kindOf[clump]) ?? 0) + 1);
    return [...counts].sort(([a], [b]) => a - b).join(' ');
  };
  const tightest = (alike: readonly string[]): { clump: number; open: number[] } => {
    let best = { clump: -1, open: [] as number[] };
    for (const clump of bound) {
      const seen = new Set<string>();
      const open: number[] = [];
      for (let t = 0; t < teams.length; t++) {
        if (!fits(clump, t) || seen.has(alike[t])) continue;
        seen.add(alike[t]);
        open.push(t);
      }
      const fewer = best.clump < 0 ? 1 : best.open.length - open.length;
      const larger = best.clump < 0 ? 1 : clumps[clump] - clumps[best.clump];
      if (fewer > 0 || (fewer === 0 && (larger > 0 || (larger === 0 && rivals[clump].size > rivals[best.clump].size))))
        best = { clump, open };
      if (!open.length) break;
    }
    return best;
  };
  /** True once all are placed; false if that fails, for good unless the work ran out. */
  const place = (): boolean => {
    if (!canFill()) return false;
    if (!bound.size) return true;
    if (++nodes > most) return false;
    const alike = room.map((_, t) => traits(t));
    const state = `${[...alike].sort().join('|')} ${remaining()}`;
    if (dead.has(state)) return false;
    const { clump, open } = tightest(alike);
    bound.delete(clump);
    for (const team of open) {
      teams[team].push(clump);
      put(clump, team, 1);
      if (place()) return true;
      put(clump, team, -1);
      teams[team].pop();
    }
    bound.add(clump);
    if (nodes <= most) dead.add(state);
    return false;
  };
  if (!place()) return nodes > most ? 'undecided' : 'impossible';
  return teams.map((team, t) => [...team, ...free.splice(0, room[t])]);
}

/**
 * For each clump a number that it shares with those that can stand in for it: of the same size and tags, with the same rivals
 * (whether or not they are rivals of one another).
 */
function kindsOf(clumps: readonly number[], rivals: readonly ReadonlySet<number>[], windows: readonly TagWindow[]): number[] {
  const sign = (clump: number, itself: boolean) => {
    const others = [...rivals[clump], ...(itself ? [clump] : [])].sort((a, b) => a - b);
    return `${clumps[clump]} ${windows.map((w) => w.of[clump]).join()} ${itself} ${others.join()}`;
  };
  const count = new Map<string, number>();
  for (const clump of clumps.keys()) count.set(sign(clump, false), (count.get(sign(clump, false)) ?? 0) + 1);
  const kinds = new Map<string, number>();
  return clumps.map((_, clump) => {
    const apart = sign(clump, false);
    const key = (count.get(apart) ?? 0) > 1 ? apart : sign(clump, true);
    if (!kinds.has(key)) kinds.set(key, kinds.size);
    return kinds.get(key)!;
  });
}
