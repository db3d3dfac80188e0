import { seededRng, shuffled } from '../rng.ts';
import { keptGroups } from './dealGroups.ts';
import { brokenIn, changedGroup, nearPairs, spreadOfMeans } from './groupMeasures.ts';
import { mixGroups } from './mixGroups.ts';
import { betterSeats } from './seatSearch.ts';
import { type GroupTraits, type Locks, type Pairs, pairKey } from './traits.ts';

/** What a new dealing is for: few changes, even ratings, new partners, like with like, strong with new, or numbers round the line. */
export const AIMS = ['fewest', 'even', 'partners', 'similar', 'mixed', 'number-off'] as const;
export type Aim = (typeof AIMS)[number];

export interface RegroupRequest {
  players: readonly GroupTraits[];
  count: number;
  aim: Aim;
  apart: Pairs;
  together: Pairs;
  /** Earlier meetings, 'a|b' with the ids sorted. */
  met: Readonly<Record<string, number>>;
  /** Lessons in which each was the third among pairs: that turn goes round. */
  thirds?: Readonly<Record<string, number>>;
  /** The groups as they stand. */
  before: readonly (readonly string[])[];
  locks: Locks;
  seed: number;
}
/** New groups and what they come to. */
export interface Regrouping {
  groups: string[][];
  /** Who is in another group than before. */
  moved: string[];
  /** Largest minus smallest mean rating. */
  spread: number;
  /** Pairs that are in one group again. */
  again: number;
  /** Wishes that do not hold in them. */
  broken: number;
}

/** What groups come to against the ones before them. */
function regroupingOf(request: Omit<RegroupRequest, 'aim' | 'seed' | 'locks' | 'count'>, groups: string[][]): Regrouping {
  let again = 0;
  for (const g of groups) for (let i = 1; i < g.length; i++) for (let j = 0; j < i; j++) if (request.met[pairKey(g[i], g[j])]) again++;
  return {
    groups,
    moved: changedGroup(request.before, groups),
    spread: spreadOfMeans(groups, request.players),
    again,
    broken: brokenIn(groups, request.apart, request.together),
  };
}

/** Groups to begin with: the locked stay, the others fill up in the given order to sizes at most one apart. */
function seated(order: readonly string[], request: RegroupRequest): { groups: string[][]; fixed: Set<string>; closed: Set<number> } {
  const { before, locks, count } = request;
  const here = new Set(order);
  const closed = new Set(locks.groups.filter((g) => g < count));
  const fixed = new Set([...locks.students, ...[...closed].flatMap((g) => before[g] ?? [])].filter((id) => here.has(id)));
  const groups = Array.from({ length: count }, (_, g) => (before[g] ?? []).filter((id) => fixed.has(id)));
  const rest = order.filter((id) => !groups.some((g) => g.includes(id)));
  for (const id of rest) {
    const open = groups.map((_, g) => g).filter((g) => !closed.has(g));
    const least = open.length ? open.reduce((a, b) => (groups[b].length < groups[a].length ? b : a)) : 0;
    groups[least].push(id);
  }
  return { groups, fixed, closed };
}

/** What it costs that a wish does not hold, a near one does not, a tag comes twice, a pair has met, one is the third of a trio again, a student moves. */
const PRICE = { wish: 4000, near: 60, tag: 8, met: 6, third: 20, move: 200 };

/** The found groups under the pennants of those before that they share most with, so that fewer go to another place. */
function named(found: readonly string[][], before: readonly (readonly string[])[], keep: ReadonlySet<number>): string[][] {
  const shared = found.flatMap((g, from) =>
    keep.has(from)
      ? []
      : found.flatMap((_, to) => (keep.has(to) ? [] : [{ from, to, same: g.filter((id) => before[to]?.includes(id)).length }])),
  );
  const target = new Map<number, number>([...keep].map((g) => [g, g]));
  const taken = new Set(keep);
  for (const { from, to } of shared.sort((a, b) => b.same - a.same || a.from - b.from || a.to - b.to)) {
    if (target.has(from) || taken.has(to)) continue;
    target.set(from, to);
    taken.add(to);
  }
  const groups: string[][] = found.map(() => []);
  found.forEach((g, from) => {
    groups[target.get(from)!] = g;
  });
  return groups;
}

/**
 * The players dealt anew into `count` groups for an aim, each under the pennant it shares most with: who is locked stays, sizes at
 * most one apart where locks allow, wishes before everything, then who is kept near, tags dealt evenly, and the aim. Numbering off goes round the groups in the players'
 * order and heeds locks alone. A seeded search of a fixed amount of work; `moved` and `broken` tell what it costs.
 */
export function regroup(request: RegroupRequest): Regrouping {
  const { players, count, aim, apart, together, met, seed } = request;
  if (!Number.isInteger(count) || count < 1) throw new RangeError(`invalid count: ${count}`);
  const ids = players.map((p) => p.id);
  if (new Set(ids).size < ids.length) throw new RangeError(`repeated player: ${ids.find((id, i) => ids.indexOf(id) < i)}`);
  const random = seededRng(seed);
  const order = aim === 'number-off' ? ids : shuffled(ids, random);
  const start = seated(order, request);
  const { fixed, closed } = start;
  if (aim === 'number-off') return regroupingOf(request, start.groups);
  const groups = aim === 'fewest' ? keptGroups(request.before, request).groups : start.groups;

  const n = ids.length;
  const at = new Map(ids.map((id, i) => [id, i]));
  const rating = players.map((p) => p.rating);
  const middle = rating.reduce((a, b) => a + b, 0) / Math.max(1, n);
  const pair = new Float64Array(n * n);
  const put = (pairs: Pairs, price: number) => {
    for (const [a, b] of pairs) {
      const [i, j] = [at.get(a), at.get(b)];
      if (i === undefined || j === undefined || i === j) continue;
      pair[i * n + j] += price;
      pair[j * n + i] += price;
    }
  };
  put(apart, PRICE.wish);
  put(together, -PRICE.wish);
  put(nearPairs(players, count), -PRICE.near);
  if (aim === 'partners') {
    for (const [key, times] of Object.entries(met)) {
      const [a, b] = key.split('|');
      put([[a, b]], PRICE.met * Math.min(times, 8));
    }
  }
  const tags = [...new Set(players.flatMap((p) => p.tags ?? []))];
  const has = tags.map((tag) => players.map((p) => (p.tags?.includes(tag) ? 1 : 0)));
  const inside = { fewest: 0, even: 0, partners: 0, similar: 6, mixed: -6, 'number-off': 0 }[aim];
  const level = aim === 'even' ? 60 : aim === 'similar' ? 0 : 12;
  const pairs = Math.floor(n / count) === 2;
  const stood = request.before.map((g) => new Set(g.map((id) => at.get(id))));
  const costOf = (group: number, members: readonly number[]) => {
    let cost = aim === 'fewest' ? PRICE.move * members.filter((m) => !stood[group]?.has(m)).length : 0;
    let sum = 0;
    for (let i = 0; i < members.length; i++) {
      sum += rating[members[i]];
      for (let j = 0; j < i; j++) cost += pair[members[i] * n + members[j]];
    }
    if (!members.length) return cost;
    if (pairs && members.length === 3) for (const m of members) cost += PRICE.third * (request.thirds?.[ids[m]] ?? 0);
    const mean = sum / members.length;
    cost += level * members.length * (mean - middle) ** 2;
    if (inside) for (const m of members) cost += inside * (rating[m] - mean) ** 2;
    for (const counts of has) cost += PRICE.tag * members.reduce((c, m) => c + counts[m], 0) ** 2;
    return cost;
  };
  const indices = groups.map((g) => g.map((id) => at.get(id)!));
  const found = betterSeats({ groups: indices, costOf, fixed: new Set([...fixed].map((id) => at.get(id)!)), closed }, random);
  const dealt = found.map((g) => g.map((i) => ids[i]));
  const keep = new Set(dealt.map((_, g) => g).filter((g) => closed.has(g) || dealt[g].some((id) => fixed.has(id))));
  const again = regroupingOf(request, aim === 'fewest' ? dealt : named(dealt, request.before, keep));
  if (aim === 'partners') return byDesign(request, again);
  if (aim !== 'fewest') return again;
  // Where wishes force much to move, dealing from scratch may after all move fewer.
  const scratch = regroup({ ...request, aim: 'even' });
  return scratch.broken <= again.broken && scratch.moved.length < again.moved.length ? scratch : again;
}

/** The next round of a known design where no more meet again in it and no fewer wishes hold, since it leads on; else what was found. */
function byDesign(request: RegroupRequest, found: Regrouping): Regrouping {
  const { players, count, met, seed, locks } = request;
  const size = Math.ceil(players.length / count);
  if (locks.students.length || locks.groups.length || Math.ceil(players.length / size) !== count) return found;
  const { rounds } = mixGroups({ students: players.map((p) => p.id), groupSize: size, rounds: 1, met, seed });
  const other = regroupingOf(request, named(rounds[0], request.before, new Set()));
  return other.broken <= found.broken && other.again <= found.again ? other : found;
}
