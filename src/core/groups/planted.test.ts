import { describe, expect, it } from 'vitest';
import { seededRng, shuffled } from '../rng.ts';
import { balanceTeams, type TeamRequest } from './balanceTeams.ts';

/** A class into which teams of equal mean rating, tags dealt evenly and wishes that hold were planted: least spread 0. */
function planted(seed: number): { request: TeamRequest; step: number; least: number } {
  const random = seededRng(seed);
  const n = 16 + random.below(25);
  const teams = 2 + random.below(Math.min(9, Math.floor(n / 2) - 1));
  const step = [1, 0.5, 0.01][seed % 3];
  const units = Math.round(4 / step);
  const least = Math.floor(n / teams);
  const tags = ['first-timer', 'leader'].slice(0, random.below(3));
  let next = 0;
  const dealt = Array.from({ length: teams }, (_, t) => {
    const size = least + (t < n % teams ? 1 : 0);
    // Ratings in steps from 1 to 5 whose sum is three each: what is over or under is taken back one by one.
    const steps = Array.from({ length: size }, () => random.below(units + 1));
    for (let over = steps.reduce((a, b) => a + b, 0) - (size * units) / 2; over !== 0; ) {
      const i = random.below(size);
      const by = Math.min(Math.abs(over), 1 + random.below(Math.max(1, Math.abs(over)))) * Math.sign(over);
      const to = Math.min(units, Math.max(0, steps[i] - by));
      over -= steps[i] - to;
      steps[i] = to;
    }
    const members = steps.map((s) => ({ id: `s${String(next++).padStart(2, '0')}`, rating: 1 + s * step, tags: [] as string[] }));
    return members;
  });
  for (const tag of tags) {
    const each = random.below(least);
    for (const team of dealt) for (const s of shuffled(team, random).slice(0, each + random.below(2))) s.tags.push(tag);
  }
  const at = new Map(dealt.flatMap((team, t) => team.map((s) => [s.id, t] as const)));
  const everyone = shuffled(dealt.flat(), random);
  const apart: [string, string][] = [];
  const together: [string, string][] = [];
  for (let i = random.below(14); i > 0; i--) {
    const [a, b] = [everyone[random.below(n)].id, everyone[random.below(n)].id];
    if (a === b) continue;
    if (at.get(a) !== at.get(b)) apart.push([a, b]);
    else if (together.length < 5) together.push([a, b]);
  }
  return { request: { students: everyone, teams, apart, together, spread: tags, seed }, step, least };
}

describe('balanceTeams against planted optima', () => {
  it.each(Array.from({ length: 18 }, (_, i) => i + 1))('class %i: wishes held, tags even, spread near the least there is', (seed) => {
    const { request, step, least } = planted(seed);
    const result = balanceTeams(request);
    if (!result.ok) throw new Error('should fit: it was planted');
    const at = new Map(result.teams.flatMap((team, t) => team.map((id) => [id, t] as const)));
    for (const [a, b] of request.apart ?? []) expect(at.get(a)).not.toBe(at.get(b));
    for (const [a, b] of request.together ?? []) expect(at.get(a)).toBe(at.get(b));
    const tagged = new Map(request.students.map((s) => [s.id, s.tags ?? []]));
    for (const tag of request.spread ?? []) {
      const counts = result.teams.map((team) => team.filter((id) => tagged.get(id)!.includes(tag)).length);
      expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
    }
    expect(result.spread).toBeLessThanOrEqual(Math.max(0.05, (2 * step) / least) + 1e-9);
  });

  it('copes with 200 students in 40 teams', () => {
    const random = seededRng(3);
    const students = Array.from({ length: 200 }, (_, i) => ({ id: `s${i}`, rating: 1 + random.below(5) }));
    const result = balanceTeams({
      students,
      teams: 40,
      seed: 1,
      apart: [
        ['s0', 's1'],
        ['s1', 's2'],
        ['s2', 's0'],
      ],
    });
    if (!result.ok) throw new Error('should fit');
    expect(result.teams.flat()).toHaveLength(200);
    expect(result.spread).toBeLessThanOrEqual(0.4 + 1e-9);
  });

  it('names wishes that contradict one another along a chain, and one against oneself', () => {
    const students = Array.from({ length: 12 }, (_, i) => ({ id: `s${i}`, rating: 3 }));
    const chain: TeamRequest = {
      students,
      teams: 3,
      seed: 1,
      together: [
        ['s0', 's1'],
        ['s1', 's2'],
        ['s5', 's6'],
      ],
      apart: [
        ['s0', 's2'],
        ['s7', 's8'],
      ],
    };
    const result = balanceTeams(chain);
    expect(result.ok).toBe(false);
    expect(result.findings[0].data).toEqual({
      apart: [['s0', 's2']],
      together: [
        ['s0', 's1'],
        ['s1', 's2'],
      ],
    });
    expect(balanceTeams({ students, teams: 3, seed: 1, apart: [['s4', 's4']] }).findings[0].data).toEqual({
      apart: [['s4', 's4']],
      together: [],
    });
    expect(balanceTeams({ students, teams: 3, seed: 1, together: [['s4', 's4']] }).ok).toBe(true);
  });
});
