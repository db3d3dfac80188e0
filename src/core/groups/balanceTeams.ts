import { chance } from '../chance.ts';
import type { Finding } from '../model/finding.ts';
import { clumpsOf, divide, irreducible } from './wishes.ts';

export interface TeamRequest {
  students: readonly { id: string; rating: number; tags?: readonly string[] }[];
  teams: number;
  apart?: readonly (readonly [string, string])[];
  together?: readonly (readonly [string, string])[];
  spread?: readonly string[];
  seed: number;
}
export type TeamResult = { ok: true; teams: string[][]; spread: number; findings: Finding[] } | { ok: false; findings: Finding[] };

/** Swaps tried; a fixed amount of work, so that the answer does not depend on the machine. */
const SWAPS = 24_000;

function check(request: TeamRequest): void {
  const { students, teams } = request;
  if (!Array.isArray(students)) throw new RangeError(`invalid students: ${String(students)}`);
  const ids = new Set<string>();
  for (const { id, rating } of students) {
    if (typeof id !== 'string' || id === '' || ids.has(id)) throw new RangeError(`invalid or repeated student id: ${JSON.stringify(id)}`);
    ids.add(id);
    if (typeof rating !== 'number' || !Number.isFinite(rating)) throw new RangeError(`invalid rating of ${id}: ${rating}`);
  }
  if (!Number.isInteger(teams) || teams < 1 || teams > students.length)
    throw new RangeError(`invalid teams: ${teams} of ${students.length} students`);
  if (!Number.isFinite(request.seed)) throw new RangeError(`invalid seed: ${request.seed}`);
  for (const [name, wishes] of Object.entries({ apart: request.apart ?? [], together: request.together ?? [] })) {
    for (const [a, b] of wishes) {
      for (const id of [a, b]) if (!ids.has(id)) throw new RangeError(`unknown student in ${name}: ${JSON.stringify(id)}`);
    }
  }
}

/** Teams as lists of clump indices, with what a swap needs to know kept beside them. */
interface Board {
  teams: number[][];
  sums: number[];
  sizes: number[];
  /** tagCounts[tag][team] */
  tagCounts: number[][];
}

/** What a division costs: uneven tags first, in their order, then spread of mean rating, then how far means stray. */
function costOf({ sums, sizes, tagCounts }: Board, middle: number): number[] {
  // The sum of squares is least exactly where counts differ by at most one, and falls on the way there.
  const cost = tagCounts.map((counts) => counts.reduce((sum, n) => sum + n * n, 0));
  let most = Number.NEGATIVE_INFINITY;
  let least = Number.POSITIVE_INFINITY;
  let stray = 0;
  for (let t = 0; t < sums.length; t++) {
    const mean = sums[t] / sizes[t];
    if (mean > most) most = mean;
    if (mean < least) least = mean;
    stray += (mean - middle) ** 2;
  }
  cost.push(most - least, stray);
  return cost;
}

/** True where `a` is better than `b`; `slack` is forgiven in the spread. */
function better(a: number[], b: number[], slack: number): boolean {
  for (let i = 0; i < a.length; i++) {
    const value = i === a.length - 2 ? a[i] - slack : a[i];
    if (value < b[i] - 1e-12) return true;
    if (value > b[i] + 1e-12) return false;
  }
  return false;
}

/**
 * Teams whose sizes differ by at most one, wishes held, tags dealt evenly in their order, then the least spread of mean
 * rating found: a division by backtracking, improved by seeded swaps of clumps of equal size with a falling tolerance.
 * Finding 'wishes-conflict' with an irreducible set where wishes cannot hold. RangeError on more teams than students.
 */
export function balanceTeams(request: TeamRequest): TeamResult {
  check(request);
  const ids = [...request.students].sort((a, b) => b.rating - a.rating || (a.id < b.id ? -1 : 1)).map((s) => s.id);
  const wishes = { apart: request.apart ?? [], together: request.together ?? [] };
  const sizes = Array.from(
    { length: request.teams },
    (_, i) => Math.floor(ids.length / request.teams) + (i < ids.length % request.teams ? 1 : 0),
  );
  const start = divide(ids, sizes, wishes);
  if (!start) {
    return { ok: false, findings: [{ code: 'wishes-conflict', weight: 'stop', at: {}, data: { ...irreducible(ids, sizes, wishes) } }] };
  }
  const student = new Map(request.students.map((s) => [s.id, s]));
  const clumps = clumpsOf(ids, wishes.together);
  const clumpAt = new Map(clumps.flatMap((clump, i) => clump.map((id) => [id, i] as const)));
  const sumOf = clumps.map((clump) => clump.reduce((sum, id) => sum + student.get(id)!.rating, 0));
  const tagOf = (request.spread ?? []).map((tag) =>
    clumps.map((clump) => clump.filter((id) => student.get(id)!.tags?.includes(tag)).length),
  );
  const rivals = clumps.map(() => new Set<number>());
  for (const [a, b] of wishes.apart) {
    rivals[clumpAt.get(a)!].add(clumpAt.get(b)!);
    rivals[clumpAt.get(b)!].add(clumpAt.get(a)!);
  }
  const middle = sumOf.reduce((a, b) => a + b, 0) / ids.length;
  const board: Board = {
    teams: start.map((team) => [...new Set(team.map((id) => clumpAt.get(id)!))]),
    sums: start.map((team) => team.reduce((sum, id) => sum + student.get(id)!.rating, 0)),
    sizes: start.map((team) => team.length),
    tagCounts: tagOf.map((counts) =>
      start.map((team) => [...new Set(team.map((id) => clumpAt.get(id)!))].reduce((sum, c) => sum + counts[c], 0)),
    ),
  };
  /** Moves a clump between teams in place (by its slot), so that a refused swap can be taken back the same way. */
  const carry = (from: number, to: number, clump: number) => {
    board.teams[from].splice(board.teams[from].indexOf(clump), 1);
    board.teams[to].push(clump);
    board.sums[from] -= sumOf[clump];
    board.sums[to] += sumOf[clump];
    board.sizes[from] -= clumps[clump].length;
    board.sizes[to] += clumps[clump].length;
    tagOf.forEach((counts, k) => {
      board.tagCounts[k][from] -= counts[clump];
      board.tagCounts[k][to] += counts[clump];
    });
  };
  const welcome = (team: number, clump: number, leaving: number) =>
    !board.teams[team].some((other) => other !== leaving && rivals[clump].has(other));
  const random = chance(request.seed);
  let now = costOf(board, middle);
  let best = { teams: board.teams.map((t) => [...t]), cost: now };
  const scale = now[now.length - 2] || 1;
  for (let i = 0; i < SWAPS && request.teams > 1; i++) {
    const a = random.below(request.teams);
    const b = (a + 1 + random.below(request.teams - 1)) % request.teams;
    const give = board.teams[a][random.below(board.teams[a].length)];
    const take = board.teams[b][random.below(board.teams[b].length)];
    const moves = board.sizes[a] - board.sizes[b] === 1 && clumps[give].length === 1 && random.below(4) === 0;
    if (!moves && clumps[give].length !== clumps[take].length) continue;
    if (!welcome(b, give, moves ? -1 : take) || (!moves && !welcome(a, take, give))) continue;
    carry(a, b, give);
    if (!moves) carry(b, a, take);
    const next = costOf(board, middle);
    if (better(next, now, scale * 0.15 * (1 - i / SWAPS) ** 2 * random.share())) {
      now = next;
      if (better(now, best.cost, 0)) best = { teams: board.teams.map((t) => [...t]), cost: now };
    } else {
      carry(b, a, give);
      if (!moves) carry(a, b, take);
    }
  }
  const teams = best.teams.map((team) => team.flatMap((clump) => clumps[clump]));
  return { ok: true, teams, spread: spreadOf(teams, student), findings: [] };
}

/** Largest minus smallest mean rating, summed afresh so that swaps leave no rounding behind. */
function spreadOf(teams: string[][], student: Map<string, { rating: number }>): number {
  const means = teams.map((team) => team.reduce((sum, id) => sum + student.get(id)!.rating, 0) / team.length);
  return Math.max(...means) - Math.min(...means);
}
