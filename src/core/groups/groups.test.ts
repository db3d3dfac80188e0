import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { balanceTeams, type TeamRequest } from './balanceTeams.ts';
import { dealGroups } from './dealGroups.ts';
import { holdWishes } from './wishes.ts';

const class31 = Array.from({ length: 31 }, (_, i) => ({ id: `s${i}`, rating: 1 + ((i * 7) % 5) }));
const meansOf = (teams: string[][], students: TeamRequest['students']) =>
  teams.map((t) => t.reduce((sum, id) => sum + students.find((s) => s.id === id)!.rating, 0) / t.length);
const together = (teams: string[][], a: string, b: string) => teams.some((t) => t.includes(a) && t.includes(b));

/** The naive twin: the least spread over every division, for small classes. */
function leastSpread(students: TeamRequest['students'], teams: number): number {
  const sizes = Array.from({ length: teams }, (_, i) => Math.floor(students.length / teams) + (i < students.length % teams ? 1 : 0));
  let best = Number.POSITIVE_INFINITY;
  const sums = Array(teams).fill(0);
  const counts = Array(teams).fill(0);
  const place = (k: number): void => {
    if (k === students.length) {
      const means = sums.map((s, i) => s / counts[i]);
      best = Math.min(best, Math.max(...means) - Math.min(...means));
      return;
    }
    for (let t = 0; t < teams; t++) {
      if (counts[t] === sizes[t]) continue;
      counts[t]++;
      sums[t] += students[k].rating;
      place(k + 1);
      counts[t]--;
      sums[t] -= students[k].rating;
    }
  };
  place(0);
  return best;
}

describe('balanceTeams', () => {
  it('keeps sizes at most one apart and everybody once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 12 }), fc.integer(), (n, t, seed) => {
        fc.pre(t <= n);
        const students = Array.from({ length: n }, (_, i) => ({ id: `s${i}`, rating: (i * 13) % 5 }));
        const result = balanceTeams({ students, teams: t, seed });
        if (!result.ok) throw new Error('should fit');
        const sizes = result.teams.map((team) => team.length);
        expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
        expect([...result.teams.flat()].sort()).toEqual(students.map((s) => s.id).sort());
        const means = meansOf(result.teams, students);
        expect(result.spread).toBeCloseTo(Math.max(...means) - Math.min(...means), 9);
      }),
      { numRuns: 40, seed: 3 },
    );
  });

  it('comes to the proven least spread in small classes', () => {
    const random = seededRng(5);
    for (let run = 0; run < 12; run++) {
      const teams = 2 + (run % 2);
      const students = Array.from({ length: 8 + (run % 3) }, (_, i) => ({ id: `s${i}`, rating: 1 + random.below(9) }));
      const result = balanceTeams({ students, teams, seed: run });
      if (!result.ok) throw new Error('should fit');
      expect(result.spread).toBeCloseTo(leastSpread(students, teams), 9);
    }
  });

  it('beats dealing in snake order by far for a real class', () => {
    const result = balanceTeams({ students: class31, teams: 9, seed: 1 });
    if (!result.ok) throw new Error('should fit');
    expect(result.spread).toBeLessThanOrEqual(0.5);
  });

  it('holds wishes and deals tags evenly', () => {
    const students = class31.map((s, i) => ({ ...s, tags: i < 10 ? ['first-timer'] : [] }));
    const result = balanceTeams({
      students,
      teams: 5,
      seed: 2,
      apart: [
        ['s0', 's1'],
        ['s1', 's2'],
      ],
      together: [
        ['s23', 's24'],
        ['s24', 's25'],
      ],
      spread: ['first-timer'],
    });
    if (!result.ok) throw new Error('should fit');
    expect(together(result.teams, 's0', 's1')).toBe(false);
    expect(together(result.teams, 's1', 's2')).toBe(false);
    expect(together(result.teams, 's23', 's25')).toBe(true);
    const firsts = result.teams.map((t) => t.filter((id) => Number(id.slice(1)) < 10).length);
    expect(Math.max(...firsts) - Math.min(...firsts)).toBeLessThanOrEqual(1);
  });

  it('names an irreducible set of wishes that cannot hold', () => {
    const students = Array.from({ length: 6 }, (_, i) => ({ id: `s${i}`, rating: 3 }));
    const request: TeamRequest = {
      students,
      teams: 2,
      seed: 1,
      apart: [
        ['s0', 's1'],
        ['s1', 's2'],
        ['s2', 's0'],
        ['s3', 's4'],
      ],
      together: [['s4', 's5']],
    };
    const result = balanceTeams(request);
    expect(result.ok).toBe(false);
    const [finding] = result.findings;
    expect(finding.code).toBe('wishes-conflict');
    const { apart, together: glued } = finding.data as { apart: [string, string][]; together: [string, string][] };
    expect(glued).toEqual([]);
    expect(apart).toHaveLength(3);
    const ids = students.map((s) => s.id);
    expect(holdWishes(ids, [3, 3], { apart, together: glued })).toBe('impossible');
    for (const left of apart)
      expect(holdWishes(ids, [3, 3], { apart: apart.filter((w) => w !== left), together: glued })).toBeInstanceOf(Array);
  });

  it('sees a clump larger than a team and a pair both apart and together', () => {
    const students = Array.from({ length: 6 }, (_, i) => ({ id: `s${i}`, rating: 3 }));
    expect(
      balanceTeams({
        students,
        teams: 3,
        seed: 1,
        together: [
          ['s0', 's1'],
          ['s1', 's2'],
        ],
      }).ok,
    ).toBe(false);
    expect(balanceTeams({ students, teams: 3, seed: 1, apart: [['s0', 's1']], together: [['s0', 's1']] }).ok).toBe(false);
  });

  it('gives the same answer for the same seed', () => {
    expect(balanceTeams({ students: class31, teams: 7, seed: 9 })).toEqual(balanceTeams({ students: class31, teams: 7, seed: 9 }));
  });

  it.each([
    [{ teams: 32 }, 'teams'],
    [{ teams: 0 }, 'teams'],
    [{ teams: 2.5 }, 'teams'],
    [{ students: [{ id: 'a', rating: Number.NaN }], teams: 1 }, 'rating'],
    [{ students: [{ id: 'a' } as never], teams: 1 }, 'rating'],
    [
      {
        students: [
          { id: 'a', rating: 1 },
          { id: 'a', rating: 2 },
        ],
        teams: 1,
      },
      'repeated',
    ],
    [{ apart: [['s0', 'nobody']] }, 'nobody'],
    [{ seed: Number.NaN }, 'seed'],
  ] as [Partial<TeamRequest>, string][])('refuses a broken request by name (%#)', (change, name) => {
    const request = { students: class31, teams: 4, seed: 1, ...change } as TeamRequest;
    expect(() => balanceTeams(request)).toThrowError(RangeError);
    expect(() => balanceTeams(request)).toThrowError(name);
  });
});

describe('dealGroups', () => {
  const base = { players: class31, count: 9, apart: [['s0', 's1']] as [string, string][], together: [], seed: 4 };
  it('keeps stored groups, drops who is away and gives newcomers the smallest fitting group', () => {
    const stored = dealGroups(base).groups;
    const here = class31.filter((s) => !['s4', 's9'].includes(s.id));
    const { groups } = dealGroups({ ...base, players: [...here, { id: 'new', rating: 3 }], stored });
    expect(groups.flat().sort()).toEqual([...here.map((s) => s.id), 'new'].sort());
    groups.forEach((g, i) => {
      expect(g.filter((id) => id !== 'new')).toEqual(stored[i].filter((id) => !['s4', 's9'].includes(id)));
    });
    const at = groups.findIndex((g) => g.includes('new'));
    expect(groups[at].length - 1).toBe(Math.min(...groups.map((g, i) => (i === at ? g.length - 1 : g.length))));
  });
  it('does not seat a newcomer with somebody to be kept apart from', () => {
    const stored = [['s0'], ['s2', 's3']];
    const { groups } = dealGroups({ ...base, players: class31.slice(0, 4), count: 2, stored });
    expect(groups[1]).toContain('s1');
  });
  it('dissolves groups that are one too many', () => {
    const stored = dealGroups(base).groups;
    const { groups } = dealGroups({ ...base, count: 8, stored });
    expect(groups).toHaveLength(8);
    expect(groups.flat()).toHaveLength(31);
  });
  it('says which wishes it had to break and holds the others', () => {
    const { groups, findings } = dealGroups({
      ...base,
      players: class31.slice(0, 4),
      count: 2,
      apart: [
        ['s0', 's1'],
        ['s1', 's2'],
        ['s0', 's2'],
        ['s0', 's3'],
      ],
    });
    expect(findings.map((f) => f.code)).toContain('wishes-conflict');
    expect(groups.flat()).toHaveLength(4);
  });
  it('copes with nobody and with fewer students than groups', () => {
    expect(dealGroups({ ...base, players: [] }).groups).toHaveLength(9);
    expect(dealGroups({ ...base, players: class31.slice(0, 2) }).groups.flat()).toHaveLength(2);
  });
});
