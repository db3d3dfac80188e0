import { chance } from '../chance.ts';
import type { Finding } from '../model/finding.ts';
import { spreadOfMeans } from './dealt.ts';
import { type Effort, evenTeams, THOROUGH } from './teamSearch.ts';
import { clumpsOf, divideAnyhow, irreducible } from './wishes.ts';

export interface TeamRequest {
  students: readonly { id: string; rating: number; tags?: readonly string[] }[];
  teams: number;
  apart?: readonly (readonly [string, string])[];
  together?: readonly (readonly [string, string])[];
  spread?: readonly string[];
  seed: number;
}
export type TeamResult = { ok: true; teams: string[][]; spread: number; findings: Finding[] } | { ok: false; findings: Finding[] };

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

/**
 * Teams whose sizes differ by at most one, wishes held, tags dealt evenly in their order, then the least spread of mean
 * rating found: a division by backtracking, improved by seeded exchanges (see `evenTeams`).
 * Finding 'wishes-conflict' with an irreducible set where wishes cannot hold. RangeError on more teams than students.
 */
export function balanceTeams(request: TeamRequest, effort: Effort = THOROUGH): TeamResult {
  check(request);
  const ids = [...request.students].sort((a, b) => b.rating - a.rating || (a.id < b.id ? -1 : 1)).map((s) => s.id);
  const wishes = { apart: request.apart ?? [], together: request.together ?? [] };
  const sizes = Array.from(
    { length: request.teams },
    (_, i) => Math.floor(ids.length / request.teams) + (i < ids.length % request.teams ? 1 : 0),
  );
  const start = divideAnyhow(ids, sizes, wishes);
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
  const best = evenTeams(
    { sizes: clumps.map((c) => c.length), sums: sumOf, tags: tagOf, rivals },
    start.map((team) => [...new Set(team.map((id) => clumpAt.get(id)!))]),
    chance(request.seed),
    effort,
  );
  const teams = best.map((team) => team.flatMap((clump) => clumps[clump]));
  return { ok: true, teams, spread: spreadOfMeans(teams, request.students), findings: [] };
}
