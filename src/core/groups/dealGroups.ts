import type { SharedFinding } from '../model/findingCodes.ts';
import { divideTeams, wishesFinding } from './balanceTeams.ts';
import { brokenIn, nearPairs } from './groupMeasures.ts';
import { QUICK } from './teamSearch.ts';
import type { GroupTraits, Locks, Pairs } from './traits.ts';

export interface DealRequest {
  players: readonly GroupTraits[];
  count: number;
  apart: Pairs;
  together: Pairs;
  stored?: readonly (readonly string[])[];
  locks?: Locks;
  seed: number;
}

const smallestFor = (groups: string[][], id: string, { apart, locks }: Pick<DealRequest, 'apart' | 'locks'>): number => {
  const rivals = apart.filter((pair) => pair.includes(id)).map(([a, b]) => (a === id ? b : a));
  const open = groups.map((_, i) => i).filter((i) => !locks?.groups.includes(i));
  const order = (open.length ? open : groups.map((_, i) => i)).sort((a, b) => groups[a].length - groups[b].length || a - b);
  return order.find((i) => !groups[i].some((other) => rivals.includes(other))) ?? order[0];
};

const spreadOf = (sizes: readonly number[]) => (sizes.length ? Math.max(...sizes) - Math.min(...sizes) : 0);

/**
 * Groups brought to sizes at most `allowed` apart by the fewest moves: always one from a largest to a smallest group, the one whose
 * move breaks fewest wishes and keeps mean ratings nearest. Who is locked stays. `moved` in the order of moving.
 */
function evened(groups: string[][], allowed: number, request: Omit<DealRequest, 'seed' | 'stored'>): string[] {
  const { players, apart, together, locks } = request;
  const rating = new Map(players.map((p) => [p.id, p.rating]));
  const near = [...together, ...nearPairs(players, groups.length)];
  const middle = players.reduce((sum, p) => sum + p.rating, 0) / Math.max(1, players.length);
  const stray = (g: readonly string[]) =>
    g.length ? g.length * (g.reduce((sum, id) => sum + (rating.get(id) ?? middle), 0) / g.length - middle) ** 2 : 0;
  const moved: string[] = [];
  const open = groups.map((_, i) => i).filter((i) => !locks?.groups.includes(i));
  for (;;) {
    const sizes = open.map((g) => groups[g].length);
    if (spreadOf(sizes) <= allowed) return moved;
    const most = Math.max(...sizes);
    const least = Math.min(...sizes);
    let best: { cost: number; id: string; from: number; to: number } | undefined;
    for (const from of open.filter((g) => groups[g].length === most)) {
      for (const to of open.filter((g) => groups[g].length === least)) {
        for (const id of groups[from]) {
          if (locks?.students.includes(id) || moved.includes(id)) continue;
          const [left, joined] = [groups[from].filter((s) => s !== id), [...groups[to], id]];
          const after = groups.map((g, i) => (i === from ? left : i === to ? joined : g));
          const cost = 1000 * brokenIn(after, apart, near) + stray(left) + stray(joined) - stray(groups[from]) - stray(groups[to]);
          if (!best || cost < best.cost - 1e-12) best = { cost, id, from, to };
        }
      }
    }
    if (!best) return moved;
    const { id, from, to } = best;
    groups[from] = groups[from].filter((s) => s !== id);
    groups[to] = [...groups[to], id];
    moved.push(id);
  }
}

/**
 * Stored groups as they are today: who is away leaves them, who is new or of a group too many goes to the smallest, then the fewest
 * move that keep sizes no further apart than they were (finding 'groups-evened').
 */
export function keptGroups(
  stored: readonly (readonly string[])[],
  request: Omit<DealRequest, 'seed' | 'stored'>,
): { groups: string[][]; findings: SharedFinding[] } {
  const { players, count } = request;
  const here = new Set(players.map((p) => p.id));
  const left = stored.map((g) => g.filter((id) => here.has(id)));
  const groups: string[][] = Array.from({ length: count }, (_, i) => left[i] ?? []);
  const placed = new Set(groups.flat());
  for (const { id } of players) if (!placed.has(id)) groups[smallestFor(groups, id, request)].push(id);
  // Uneven by the teacher's own hand stays uneven; what absences tore open is closed.
  const chosen = stored.length === count ? spreadOf(stored.map((g) => g.length)) : 0;
  const moved = evened(groups, Math.max(1, chosen), request);
  const findings: SharedFinding[] = moved.length ? [{ code: 'groups-evened', weight: 'note', at: {}, data: { moved } }] : [];
  return { groups, findings };
}

/**
 * `count` groups. Stored groups stay as they are, less those who are not here; newcomers and the members of groups that are one
 * too many go, one at a time, to the smallest group without somebody they must not meet; then as few as can be change group until
 * sizes are no further apart than they were (finding 'groups-evened' names them). Without stored ones: balanced, tags dealt evenly,
 * who shares an adult or works best in calm kept together. Finding 'wishes-conflict' (an irreducible set) where wishes cannot hold;
 * the groups then hold the others.
 */
export function dealGroups(request: DealRequest): { groups: string[][]; findings: SharedFinding[] } {
  const { players, count, apart, together, stored, seed } = request;
  if (stored) return keptGroups(stored, request);
  if (!players.length) return { groups: Array.from({ length: count }, () => []), findings: [] };
  const here = new Set(players.map((p) => p.id));
  const known = (pair: readonly [string, string]) => here.has(pair[0]) && here.has(pair[1]);
  const teams = Math.min(count, players.length);
  let near: Pairs = nearPairs(players, teams);
  const wishes = { apart: apart.filter(known), together: together.filter(known) };
  const spread = [...new Set(players.flatMap((p) => p.tags ?? []))];
  const findings: SharedFinding[] = [];
  for (;;) {
    const found = divideTeams(
      { students: players, teams, seed, spread, apart: wishes.apart, together: [...wishes.together, ...near] },
      QUICK,
    );
    if ('teams' in found) return { groups: [...found.teams, ...Array.from({ length: count - teams }, () => [])], findings };
    if ('undecided' in found) {
      // Nothing says which wish is at fault: whole kinds give way, in the same order.
      if (near.length) near = [];
      else {
        findings.push(wishesFinding(found));
        if (wishes.together.length) wishes.together = [];
        else wishes.apart = [];
      }
      continue;
    }
    const { apart: a, together: t } = found.conflict;
    // What is only kept near gives way first, silently; then wishes to be together, then those to be apart.
    const gives = near.filter((pair) => t.includes(pair));
    near = near.filter((pair) => !gives.includes(pair));
    if (gives.length) continue;
    findings.push(wishesFinding(found));
    wishes.together = wishes.together.filter((w) => !t.includes(w));
    wishes.apart = t.length ? wishes.apart : wishes.apart.filter((w) => !a.includes(w));
  }
}
