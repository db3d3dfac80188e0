import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { balanceTeams, type TeamRequest } from './balanceTeams.ts';
import { type Division, divide } from './divide.ts';
import { holdWishes } from './wishes.ts';

const named = (n: number) => Array.from({ length: n }, (_, i) => `s${i}`);
type Pair = [string, string];
/** Everyone of one part apart from everyone of the other. */
const across = (a: number, b: number): Pair[] => named(a).flatMap((x) => Array.from({ length: b }, (_, i): Pair => [x, `s${a + i}`]));

/** The naive twin: every assignment of students to teams, without any order or pruning but sizes. */
function everyDivision(n: number, sizes: readonly number[]): number[][] {
  const all: number[][] = [];
  const at: number[] = [];
  const room = [...sizes];
  const place = (): void => {
    if (at.length === n) {
      all.push([...at]);
      return;
    }
    for (let t = 0; t < sizes.length; t++) {
      if (!room[t]) continue;
      room[t] -= 1;
      at.push(t);
      place();
      at.pop();
      room[t] += 1;
    }
  };
  place();
  return all;
}

function randomRequest(seed: number): TeamRequest {
  const random = seededRng(seed);
  const n = 5 + random.below(4);
  const teams = 2 + random.below(Math.min(3, n - 2));
  const ids = named(n);
  const pairs = (most: number) =>
    Array.from({ length: random.below(most + 1) }, (): Pair => [ids[random.below(n)], ids[random.below(n)]]).filter(([a, b]) => a !== b);
  const tags = ['p', 'q', 'r'].slice(0, random.below(4));
  const students = ids.map((id) => ({ id, rating: 1 + random.below(9) / 2, tags: tags.filter(() => random.below(2)) }));
  return { students, teams, apart: pairs(4), together: pairs(3), spread: tags, seed };
}

describe('a division', () => {
  it('is found exactly if there is one, and impossible is proof, in a thousand small classes', () => {
    const kinds = { found: 0, impossible: 0 };
    for (let seed = 1; seed <= 1000; seed++) {
      const request = randomRequest(seed);
      const { students, teams, apart = [], together = [], spread = [] } = request;
      const n = students.length;
      const sizes = Array.from({ length: teams }, (_, i) => Math.floor(n / teams) + (i < n % teams ? 1 : 0));
      const index = new Map(students.map((s, i) => [s.id, i]));
      const holds = (at: number[]) =>
        apart.every(([a, b]) => at[index.get(a)!] !== at[index.get(b)!]) &&
        together.every(([a, b]) => at[index.get(a)!] === at[index.get(b)!]);
      const rankOf = (at: number[]) => {
        const team = (t: number) => students.filter((_, i) => at[i] === t);
        const range = (of: number[]) => Math.max(...of) - Math.min(...of);
        const all = sizes.map((_, t) => team(t));
        const tags = spread.map((tag) => Math.max(0, range(all.map((t) => t.filter((s) => s.tags!.includes(tag)).length)) - 1));
        return [...tags, range(all.map((t) => t.reduce((sum, s) => sum + s.rating, 0) / t.length))];
      };
      const ranks = everyDivision(n, sizes).filter(holds).map(rankOf);
      const best = ranks.reduce<number[] | undefined>((a, b) => {
        const k = a ? b.findIndex((v, i) => Math.abs(v - a[i]) > 1e-9) : -1;
        return a && (k < 0 || a[k] < b[k]) ? a : b;
      }, undefined);
      const result = balanceTeams(request);
      expect(result.ok, `seed ${seed}`).toBe(best !== undefined);
      if (!result.ok) {
        kinds.impossible += 1;
        const { apart: a, together: t } = result.findings[0].data as { apart: Pair[]; together: Pair[] };
        const without = <T>(list: T[], i: number) => list.filter((_, j) => j !== i);
        expect(holdWishes(named(n), sizes, { apart: a, together: t })).toBe('impossible');
        a.forEach((_, i) => void expect(holdWishes(named(n), sizes, { apart: without(a, i), together: t })).toBeInstanceOf(Array));
        t.forEach((_, i) => void expect(holdWishes(named(n), sizes, { apart: a, together: without(t, i) })).toBeInstanceOf(Array));
        continue;
      }
      kinds.found += 1;
      const at = students.map((s) => result.teams.findIndex((team) => team.includes(s.id)));
      expect(holds(at), `seed ${seed}`).toBe(true);
      rankOf(at).forEach((v, i) => void expect(v, `seed ${seed}, rank ${i}`).toBeCloseTo(best![i], 9));
    }
    expect(kinds.found).toBeGreaterThan(300);
    expect(kinds.impossible).toBeGreaterThan(100);
  });

  it('deals tags before it looks at ratings', () => {
    const students = [
      { id: 'a', rating: 1.5, tags: ['p'] },
      { id: 'b', rating: 5, tags: ['p'] },
      { id: 'c', rating: 3 },
      { id: 'd', rating: 3 },
      { id: 'e', rating: 1.5 },
    ];
    const result = balanceTeams({ students, teams: 2, together: [['a', 'e']], spread: ['p'], seed: 1 });
    if (!result.ok) throw new Error('should fit');
    expect(result.teams.map((t) => [...t].sort().join('')).sort()).toEqual(['ace', 'bd']);
  });

  it('deals the first tag before the second in real classes, whatever the ratings', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const random = seededRng(seed);
      const n = 24 + random.below(17);
      const teams = 4 + random.below(5);
      const students = named(n).map((id, i) => ({
        id,
        rating: i < n / 3 ? 5 : 1,
        // The strong ones have the tags: even tags cost nothing, even ratings would do.
        tags: [...(i % 3 === 0 ? ['p'] : []), ...(i < n / 3 ? ['q'] : [])],
      }));
      const together = Array.from({ length: 5 }, (_, i): Pair => [`s${6 * i + 1}`, `s${6 * i + 2}`]).filter(
        ([, b]) => Number(b.slice(1)) < n,
      );
      const result = balanceTeams({ students, teams, together, spread: ['p', 'q'], seed });
      if (!result.ok) throw new Error('should fit');
      for (const tag of ['p', 'q']) {
        const counts = result.teams.map((t) => t.filter((id) => students.find((s) => s.id === id)!.tags.includes(tag)).length);
        expect(Math.max(...counts) - Math.min(...counts), `seed ${seed}, ${tag}`).toBeLessThanOrEqual(1);
      }
    }
  });

  it.each([
    ['21 against 19 in pairs', 40, across(21, 19), 20, 'impossible'],
    ['20 against 20 in pairs', 40, across(20, 20), 20, 'found'],
    ['13 against 13 in pairs', 26, across(13, 13), 13, 'impossible'],
    ['13 against 17 in threes', 30, across(13, 17), 10, 'impossible'],
    ['15 against 15 in threes', 30, across(15, 15), 10, 'found'],
    ['eight who all avoid one another in seven teams', 28, named(8).flatMap((a, i) => named(i).map((b): Pair => [a, b])), 7, 'impossible'],
  ] as const)('%s: decided', (_, n, apart, teams, wanted) => {
    const sizes = Array.from({ length: teams }, (__, i) => Math.floor(n / teams) + (i < n % teams ? 1 : 0));
    const from = performance.now();
    const found: Division = holdWishes(named(n), sizes, { apart, together: [] });
    expect(Array.isArray(found) ? 'found' : found).toBe(wanted);
    expect(performance.now() - from).toBeLessThan(5000);
  });

  it('says neither if the work allowed does not tell, and never calls that a conflict', () => {
    const random = seededRng(3);
    const rivals = Array.from({ length: 30 }, () => new Set<number>());
    for (let i = 0; i < 240; i++) {
      const [a, b] = [random.below(30), random.below(30)];
      if (a !== b) [rivals[a].add(b), rivals[b].add(a)];
    }
    const request = { clumps: Array(30).fill(1), rivals, sizes: Array(10).fill(3) };
    expect(divide({ ...request, nodes: 3 })).toBe('undecided');
    const found = divide({ ...request, nodes: 200_000 });
    expect(found === 'undecided').toBe(false);
  });
});
