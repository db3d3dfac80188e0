import { describe, expect, it } from 'vitest';
import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { GAMES } from '../../content/games.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { DIAL_WORDS } from '../words/adapt.en.ts';
import { PAIRS, PROFILES, solveCase } from './adaptTable.fixture.ts';

const CASES = [...PROFILES.map((_, i) => [i]), ...PAIRS];
const item = (id: string) => DEMO_CUPBOARD.find((g) => g.id === id)!;

describe.each(GAMES.map((g) => [g.title, g] as const))('%s', (_, game) => {
  const solved = CASES.map((profiles) => ({ profiles, ...solveCase(game, profiles) }));
  const plans = solved.flatMap((c) => c.plans);

  it('has a plan or a named gap for every profile and pair, and keeps its purpose in nine of ten', () => {
    expect(plans).toHaveLength(solved.reduce((sum, c) => sum + c.profiles.length, 0));
    for (const { gaps, plans: some } of solved)
      for (const plan of some) {
        const own = gaps.filter((g) => g.student === plan.student);
        for (const gap of own) expect(gap.needs.length).toBeGreaterThan(0);
        expect(plan.leaves && own.length === 0, 'leaves without a gap').toBe(false);
      }
    const kept = plans.filter((p) => p.keepsPurpose).length;
    expect(kept / plans.length).toBeGreaterThanOrEqual(0.9);
  });

  it('takes nothing that is not there, nothing twice, and nobody twice', () => {
    for (const { plans: some } of solved) {
      const used = new Map<string, number>();
      const people: string[] = [];
      for (const dial of some.flatMap((p) => p.dials)) {
        for (const { gearId, count } of dial.uses ?? []) used.set(gearId, (used.get(gearId) ?? 0) + count);
        if (dial.adultId) people.push(dial.adultId);
        if (dial.peerId) people.push(dial.peerId);
      }
      for (const [id, count] of used) expect(count).toBeLessThanOrEqual(item(id).count);
      expect(new Set(people).size).toBe(people.length);
    }
  });

  it('proposes no change that is known to be wrong: out of a chair, a kind twice, a latex thing beside latex, without words', () => {
    for (const { profiles, plans: some } of solved) {
      const kinds = new Set(profiles.flatMap((p) => PROFILES[p]));
      for (const plan of some) {
        const own = new Set(PROFILES[profiles[Number(plan.student.slice(1))]]);
        const codes = plan.dials.map((d) => d.to);
        expect(new Set(codes).size).toBe(codes.length);
        for (const code of codes) expect(DIAL_WORDS).toHaveProperty([code]);
        if (own.has('wheelchair') || own.has('power-chair')) expect(codes).not.toContain('seated');
        for (const dial of ['object', 'implement', 'target']) expect(plan.dials.filter((d) => d.dial === dial).length).toBeLessThan(2);
        if (kinds.has('latex'))
          for (const { gearId } of plan.dials.flatMap((d) => d.uses ?? [])) {
            const { gearKind, latex } = item(gearId);
            expect(latex ?? GEAR_CATALOGUE.find((k) => k.kind === gearKind)?.typical.latex).toBe('no');
          }
        if (plan.exceeds.length === 0) expect([plan.dials, plan.cautions]).toEqual([[], []]);
      }
    }
  });

  it('names a gap only if no thing of the closet closes it: each alone, in any number, leaves it open', () => {
    for (const { profiles, gaps } of solved.filter((c) => c.gaps.length > 0 && c.profiles.length === 1)) {
      const more = DEMO_CUPBOARD.map((g) => ({ ...g, count: 99 }));
      expect(solveCase(game, profiles, more).gaps.map((g) => g.demand)).toEqual(gaps.map((g) => g.demand));
    }
  });
});
