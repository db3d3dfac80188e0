import type { SharedFinding } from '../model/findingCodes.ts';
import { seededRng } from '../rng.ts';
import { bestOfAll, isSmall } from './allTeams.ts';
import { divide, type TagWindow } from './divide.ts';
import { spreadOfMeans } from './groupMeasures.ts';
import { type Clumps, type Effort, evenTeams, rankOf, THOROUGH } from './teamSearch.ts';
import { clumpsOf, holdWishes, irreducible, rivalsOf, type Wishes } from './wishes.ts';

export interface TeamRequest {
  students: readonly { id: string; rating: number; tags?: readonly string[] }[];
  teams: number;
  apart?: readonly (readonly [string, string])[];
  together?: readonly (readonly [string, string])[];
  spread?: readonly string[];
  seed: number;
}
export type TeamResult =
  | { ok: true; teams: string[][]; spread: number; findings: SharedFinding[] }
  | { ok: false; findings: SharedFinding[] };

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
 * A division with each tag, in the order given, as even as it can be once those before it are: the least distance between two
 * teams' counts for which one is found. What could not be decided is left to the search that follows.
 */
function tagsEven(clumps: Clumps, sizes: readonly number[], start: number[][]): number[][] {
  let best = start;
  const windows: TagWindow[] = [];
  for (const [k, of] of clumps.tags.entries()) {
    const total = of.reduce((a, b) => a + b, 0);
    const apart = () => rankOf(clumps, best)[k];
    for (let over = 0; over < apart(); over++) {
      const floor = Math.floor(total / sizes.length);
      const bases = Array.from({ length: over + 1 }, (_, i) => floor - i).filter((least) => least >= 0);
      const tries = bases.map((least) =>
        divide({ clumps: clumps.sizes, rivals: clumps.rivals, sizes, windows: [...windows, { of, least, most: least + over + 1 }] }),
      );
      best = tries.find((found) => Array.isArray(found)) ?? best;
    }
    const counts = best.map((team) => team.reduce((sum, c) => sum + of[c], 0));
    const least = Math.min(...counts);
    windows.push({ of, least, most: Math.max(...counts, least + 1) });
  }
  return best;
}

/** A division of the students, or the wishes that cannot hold together, or those about which nothing could be decided. */
export type TeamDivision = { teams: string[][] } | { conflict: Wishes } | { undecided: Wishes };

/**
 * Teams whose sizes differ by at most one, wishes held, tags dealt evenly in their order, then the least spread of mean rating
 * found: in small classes by looking at every division, in others by a division that holds the wishes and tags, improved by
 * seeded exchanges (see `evenTeams`). Finding 'wishes-conflict' with an irreducible set of wishes that cannot hold together;
 * 'wishes-undecided' if the work allowed does not tell whether they can. RangeError on more teams than students.
 */
export function balanceTeams(request: TeamRequest): TeamResult {
  const found = divideTeams(request);
  if ('teams' in found) return { ok: true, teams: found.teams, spread: spreadOfMeans(found.teams, request.students), findings: [] };
  return { ok: false, findings: [wishesFinding(found)] };
}

/** What is said of wishes that cannot hold, or about which nothing could be decided. */
export const wishesFinding = (found: Exclude<TeamDivision, { teams: string[][] }>): SharedFinding =>
  'conflict' in found
    ? { code: 'wishes-conflict', weight: 'stop', at: {}, data: { ...found.conflict } }
    : { code: 'wishes-undecided', weight: 'stop', at: {}, data: { ...found.undecided } };

/** Divides as `balanceTeams` does, with as much effort as is given. */
export function divideTeams(request: TeamRequest, effort: Effort = THOROUGH): TeamDivision {
  check(request);
  const ids = [...request.students].sort((a, b) => b.rating - a.rating || (a.id < b.id ? -1 : 1)).map((s) => s.id);
  const wishes = { apart: request.apart ?? [], together: request.together ?? [] };
  const sizes = Array.from(
    { length: request.teams },
    (_, i) => Math.floor(ids.length / request.teams) + (i < ids.length % request.teams ? 1 : 0),
  );
  const start = holdWishes(ids, sizes, wishes);
  if (!Array.isArray(start)) {
    const conflict = start === 'impossible' ? irreducible(ids, sizes, wishes) : undefined;
    return conflict ? { conflict } : { undecided: wishes };
  }
  const student = new Map(request.students.map((s) => [s.id, s]));
  const groups = clumpsOf(ids, wishes.together);
  const clumps: Clumps = {
    sizes: groups.map((c) => c.length),
    sums: groups.map((clump) => clump.reduce((sum, id) => sum + student.get(id)!.rating, 0)),
    tags: (request.spread ?? []).map((tag) => groups.map((clump) => clump.filter((id) => student.get(id)!.tags?.includes(tag)).length)),
    rivals: rivalsOf(groups, wishes.apart)!,
  };
  const even = tagsEven(clumps, sizes, start);
  const best = isSmall(sizes) ? bestOfAll(clumps, sizes, even) : evenTeams(clumps, even, seededRng(request.seed), effort);
  return { teams: best.map((team) => team.flatMap((clump) => groups[clump])) };
}
