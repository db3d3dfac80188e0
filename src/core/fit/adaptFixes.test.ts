import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { HOME_MADE } from '../../content/homeMade.ts';
import type { SupportKind } from '../model/support.ts';
import { type AdaptFix, adaptFixes, wantsFix } from './adaptFixes.ts';
import { type AdaptInput, adaptLesson } from './adaptLesson.ts';
import { fitUnweighed } from './fit.ts';

/** The demo's lesson with supports for its first students alone, and only this gear left in the closet. */
function asked(supports: SupportKind[][], keep: (kind: string) => boolean = () => true, lesson = 'nine-mills'): AdaptInput {
  const desk = demoDesk({ lesson: lessonWith(lesson) });
  const ratings = desk.ratings.map((r, i) => ({ ...r, supports: (supports[i] ?? []).map((kind) => ({ kind })), wishes: undefined }));
  const input = { ...desk, ratings };
  const fitted = fitUnweighed(input);
  return {
    fitted,
    input: { ...input, cupboard: input.cupboard.filter((g) => keep(g.gearKind)) },
    adults: [],
    homeMade: HOME_MADE,
    chosen: [],
  };
}
const plansOf = (input: AdaptInput) => adaptLesson(input).cells.flatMap((c) => c.plans);
const at = ({ student, block, place }: { student: string; block: string; place?: string }) => ({
  ...{ student, block },
  ...(place === undefined ? {} : { place }),
});
const adults = [{ id: 'tarn', can: ['spot' as const, 'guide' as const] }];

describe('fixes of a plan', () => {
  it('are none for a plan that nothing stands against', () => {
    const input = asked([['weak-grip']]);
    const fine = plansOf(input).find((p) => !wantsFix(p))!;
    expect(adaptFixes({ input, at: at(fine), others: adults })).toEqual([]);
  });

  it('name a thing that the closet lacks; with it in the closet the plan is as promised', () => {
    const input = asked([['blind'], ['blind']], (kind) => !/bell|beep|rattle|sound/.test(kind));
    const open = plansOf(input).filter(wantsFix);
    expect(open.length).toBeGreaterThan(0);
    const fixes = open.flatMap((p) => adaptFixes({ input, at: at(p), others: [] }).map((fix) => ({ fix, plan: p })));
    const got = fixes.filter((f): f is typeof f & { fix: Extract<AdaptFix, { fix: 'get-gear' }> } => f.fix.fix === 'get-gear');
    expect(got.length).toBeGreaterThan(0);
    for (const { fix, plan } of got) {
      const one = { ...input.input.cupboard[0], id: 'bought' as never, name: fix.gearKind, gearKind: fix.gearKind, count: 1 };
      const bare = Object.fromEntries(
        Object.entries(one).filter(([key]) =>
          ['kind', 'version', 'revision', 'schoolId', 'id', 'name', 'gearKind', 'count', 'place'].includes(key),
        ),
      );
      const then = plansOf({ ...input, input: { ...input.input, cupboard: [...input.input.cupboard, bare as typeof one] } });
      const other = then.find((p) => p.student === plan.student && p.block === plan.block && p.place === plan.place)!;
      if (fix.brings.includes('gap')) expect(other.gaps.length).toBeLessThan(plan.gaps.length);
      if (fix.brings.includes('purpose')) expect([plan.keepsPurpose, other.keepsPurpose]).toEqual([false, true]);
      expect(then.reduce((sum, p) => sum + p.gaps.length, 0)).toBe(fix.gaps[1]);
      expect(fix.gaps[1]).toBeLessThanOrEqual(fix.gaps[0]);
    }
  });

  it('name an adult of the school who is not in the lesson yet, not one who may not do it', () => {
    const input = asked([['stops-late']]);
    const ratings = input.input.ratings.map((r) => ({ ...r, supports: r.supports.map((support) => ({ ...support, degree: 3 as const })) }));
    const much = { ...input, input: { ...input.input, ratings } };
    const plan = plansOf(much).find((p) => p.gaps.some((g) => g.demand === 'stop-on-signal'))!;
    const fixes = adaptFixes({ input: much, at: at(plan), others: [{ id: 'tarn' }, { id: 'signer', can: ['sign'] }] });
    expect(fixes.filter((f) => f.fix === 'add-adult')).toMatchObject([{ adultId: 'tarn', brings: ['gap'] }]);
    const [before, after] = fixes[0].gaps;
    expect(after).toBeLessThan(before);
    const then = plansOf({ ...much, adults: [{ id: 'tarn' }] });
    expect(then.reduce((sum, p) => sum + p.gaps.length, 0)).toBe(after);
    expect(adaptFixes({ input, at: { student: 'nobody', block: 'none' }, others: adults })).toEqual([]);
  });

  it('offer one more of what two want at once', () => {
    const input = asked([['blind'], ['blind'], ['blind']]);
    const contested = plansOf(input).filter((p) => p.conflicts.some((c) => c.code === 'wanted-twice' && c.data.what === 'gear'));
    const more = contested.flatMap((plan) => adaptFixes({ input, at: at(plan), others: [] })).filter((f) => f.fix === 'one-more');
    expect(more.length).toBeGreaterThan(0);
    for (const fix of more) expect(fix.brings).toContain('conflict');
  });
});
