import type { AdaptAdult } from '../adapt/candidate.ts';
import type { Gear } from '../model/gear.ts';
import type { GearKind } from '../model/gearKind.ts';
import { GearId } from '../model/ids.ts';
import { newHeader } from '../model/record.ts';
import { type AdaptedLesson, type AdaptInput, adaptLesson, type PlacePlan } from './adaptLesson.ts';

/** What would mend a plan that misses something or does without, each worked out with the whole lesson as it then is. */
export type AdaptFix = (
  | { fix: 'one-more'; gearId: string }
  | { fix: 'get-gear'; gearKind: string; homeMade?: string }
  | { fix: 'add-adult'; adultId: string }
) & {
  /** What it changes for this plan. */
  brings: ('gap' | 'purpose' | 'conflict')[];
  /** Gaps of the whole lesson before and after. */
  gaps: [before: number, after: number];
};

export interface FixRequest {
  input: AdaptInput;
  at: { student: string; block: string; place?: string };
  /** Adults of the school who are not in the lesson. */
  others: readonly AdaptAdult[];
}

/** Things that are tried have ids of their own: this, and which of the kinds it is. */
const TRIED = 'tried-';
/** How many kinds of gear are offered for one plan. */
const MOST_KINDS = 2;

const planAt = ({ cells }: AdaptedLesson, at: FixRequest['at']): PlacePlan | undefined =>
  cells.find((c) => c.student === at.student && c.block === at.block)?.plans.find((p) => p.place === at.place);
const gapsIn = ({ cells }: AdaptedLesson): number => cells.reduce((sum, c) => sum + c.plans.reduce((n, p) => n + p.gaps.length, 0), 0);
const contested = (plan: PlacePlan) => plan.conflicts.filter((c) => c.code === 'wanted-twice');

/** True if something stands against a plan that a fix could mend. */
export const wantsFix = (plan: PlacePlan): boolean => plan.gaps.length > 0 || !plan.keepsPurpose || contested(plan).length > 0;

/** One thing of a kind as it would be new. */
const tried = ({ kind }: GearKind, i: number): Gear => ({
  ...newHeader('gear', 2),
  ...{ id: GearId.parse(`${TRIED}${i}`), name: kind, gearKind: kind, count: 1, place: '' },
});
const withGear = (input: AdaptInput, more: readonly Gear[]): AdaptInput => ({
  ...input,
  input: { ...input.input, cupboard: [...input.input.cupboard, ...more] },
});

/** The first thing that a plan takes of those that are tried, and what is made of it. */
function triedIn(plan: PlacePlan | undefined, kinds: readonly GearKind[]): { gearKind: string; homeMade?: string } | undefined {
  for (const { uses = [], homeMade } of plan?.dials ?? []) {
    const use = uses.find((u) => u.gearId.startsWith(TRIED));
    if (use) return { gearKind: kinds[Number(use.gearId.slice(TRIED.length))].kind, ...(homeMade === undefined ? {} : { homeMade }) };
  }
  return undefined;
}

/**
 * Fixes for one plan: one more of what two want at once, a thing that the closet lacks, an adult of the school who is not there yet.
 * Each is tried with the lesson solved again, and offered only if this plan is better for it and the lesson has no more gaps.
 */
export function adaptFixes({ input, at, others }: FixRequest): AdaptFix[] {
  const now = adaptLesson(input);
  const plan = planAt(now, at);
  if (!plan || !wantsFix(plan)) return [];
  const before = gapsIn(now);
  const weigh = (next: AdaptInput): Pick<AdaptFix, 'brings' | 'gaps'> | undefined => {
    const then = adaptLesson(next);
    const other = planAt(then, at);
    if (!other || gapsIn(then) > before) return undefined;
    const brings: AdaptFix['brings'] = [
      ...(other.gaps.length < plan.gaps.length ? ['gap' as const] : []),
      ...(other.keepsPurpose && !plan.keepsPurpose ? ['purpose' as const] : []),
      ...(contested(other).length < contested(plan).length ? ['conflict' as const] : []),
    ];
    return brings.length ? { brings, gaps: [before, gapsIn(then)] } : undefined;
  };
  const fixes: AdaptFix[] = [];
  for (const { data } of contested(plan)) {
    if (data.what !== 'gear') continue;
    const cupboard = input.input.cupboard.map((g) => (g.id === data.id ? { ...g, count: g.count + 1 } : g));
    const effect = weigh({ ...input, input: { ...input.input, cupboard } });
    if (effect) fixes.push({ fix: 'one-more', gearId: String(data.id), ...effect });
  }
  for (const adult of others) {
    const effect = weigh({ ...input, adults: [...input.adults, adult] });
    if (effect) fixes.push({ fix: 'add-adult', adultId: adult.id, ...effect });
  }
  return [...fixes, ...gearFixes(input, at, weigh)];
}

/** Kinds that the closet lacks: all are tried at once, the one that the plan takes is tried alone, then the next best without it. */
function gearFixes(
  input: AdaptInput,
  at: FixRequest['at'],
  weigh: (next: AdaptInput) => Pick<AdaptFix, 'brings' | 'gaps'> | undefined,
): AdaptFix[] {
  const fixes: AdaptFix[] = [];
  const there = new Set(input.input.cupboard.flatMap((g) => (g.count > 0 ? [g.gearKind] : [])));
  let kinds = (input.input.gearKinds ?? []).filter((k) => !there.has(k.kind));
  while (fixes.length < MOST_KINDS) {
    const found = triedIn(planAt(adaptLesson(withGear(input, kinds.map(tried))), at), kinds);
    if (!found) break;
    const kind = kinds.find((k) => k.kind === found.gearKind)!;
    kinds = kinds.filter((k) => k !== kind);
    const effect = weigh(withGear(input, [tried(kind, 0)]));
    if (effect) fixes.push({ fix: 'get-gear', ...found, ...effect });
    else break;
  }
  return fixes;
}
