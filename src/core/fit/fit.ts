import { applyEdit, type Edit } from '../model/edit.ts';
import { type Finding, type Fix, findingKey, type Noticed } from '../model/finding.ts';
import { ALL_CHECKS, type Check, draftFit, fitBare } from './bare.ts';
import type { BareFit, FitInput, FittedLesson } from './fitted.ts';

/** The most fixes offered for one finding. */
const MOST_FIXES = 3;
const ORDER = { stop: 0, caution: 1, note: 2 } as const;

const stops = (noticed: readonly Noticed[]) => noticed.filter((n) => n.weight === 'stop').map((n) => findingKey(n));

/** A fit with which check noticed what, by the finding's key; what a format noticed itself has none. */
interface Checked {
  bare: BareFit;
  source: Map<string, Check>;
  stops: Set<string>;
}

function checked(input: FitInput): Checked {
  const { noticed: own, ...bare } = draftFit(input);
  const noticed = [...own];
  const source = new Map<string, Check>();
  for (const check of ALL_CHECKS)
    for (const each of check(input, bare)) {
      noticed.push(each);
      if (!source.has(findingKey(each))) source.set(findingKey(each), check);
    }
  return { bare: { ...bare, noticed }, source, stops: new Set(stops(noticed)) };
}

/** A lesson with an idea in it: drafted once, and each check asked at most once, however many findings come with the idea. */
interface Tried {
  draft: BareFit;
  noticedBy(check: Check): readonly Noticed[];
}

function trying(input: FitInput): (edits: readonly Edit[]) => Tried | undefined {
  const known = new Map<string, Tried | undefined>();
  const draftWith = (edits: readonly Edit[]): Tried | undefined => {
    const applied = applyEdit(input.lesson, { kind: 'many', edits: [...edits] });
    if (!applied.ok) return undefined;
    const changed = { ...input, lesson: applied.lesson };
    const draft = draftFit(changed);
    const answers = new Map<Check, readonly Noticed[]>();
    return {
      draft,
      noticedBy(check) {
        const noticed = answers.get(check) ?? check(changed, draft);
        answers.set(check, noticed);
        return noticed;
      },
    };
  };
  return (edits) => {
    const key = JSON.stringify(edits);
    if (!known.has(key)) known.set(key, draftWith(edits));
    return known.get(key);
  };
}

/**
 * True if an idea removes the finding without a new stop. The check that noticed it is asked first, the others only if it has
 * nothing more to say, quick ones before those that search the floor: most ideas that fail do so at once.
 */
function mends({ draft, noticedBy }: Tried, before: Checked, key: string): boolean {
  const fails = (noticed: readonly Noticed[]) =>
    noticed.some((n) => findingKey(n) === key) || stops(noticed).some((stop) => !before.stops.has(stop));
  if (fails(draft.noticed)) return false;
  const first = before.source.get(key);
  const order = first ? [first, ...ALL_CHECKS.filter((c) => c !== first)] : ALL_CHECKS;
  return order.every((check) => !fails(noticedBy(check)));
}

/** The ideas that really remove the finding without a new stop, each with the numbers before and after. */
function weigh(before: Checked, noticed: Noticed, tryOut: (edits: readonly Edit[]) => Tried | undefined): Fix[] {
  const fixes: Fix[] = [];
  const key = findingKey(noticed);
  for (const { code, data, edits } of (typeof noticed.ideas === 'function' ? noticed.ideas() : noticed.ideas) ?? []) {
    if (fixes.length >= MOST_FIXES) break;
    const tried = tryOut(edits);
    if (tried && mends(tried, before, key)) fixes.push({ code, data, edits, before: before.bare.numbers, after: tried.draft.numbers });
  }
  return fixes;
}

/** What was noticed once each, gravest first. */
function gathered(bare: BareFit): Noticed[] {
  const byKey = new Map<string, Noticed>();
  for (const noticed of bare.noticed) if (!byKey.has(findingKey(noticed))) byKey.set(findingKey(noticed), noticed);
  return [...byKey.values()].sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}

function fittedWith(bare: BareFit, fixesOf: (noticed: Noticed) => Fix[]): FittedLesson {
  const { noticed: _, ...fitted } = bare;
  return {
    ...fitted,
    findings: gathered(bare).map((noticed): Finding => {
      const { ideas: _ideas, ...finding } = noticed;
      return { ...finding, fixes: fixesOf(noticed) };
    }),
  };
}

/** Stops about floor that there is not: if nothing that was weighed removes one, the room is the limit, and it says so. */
const OF_FLOOR = /-does-not-fit$|-no-floor$|^too-near$|^piece-outside$/;

const limited = (fitted: FittedLesson): FittedLesson => ({
  ...fitted,
  findings: fitted.findings.map((f) =>
    f.weight === 'stop' && !f.fixes?.length && OF_FLOOR.test(f.code) ? { ...f, data: { ...f.data, isPhysical: true } } : f,
  ),
});

/** The lesson as it would run, findings without fixes yet: what a screen shows at once while `fit` weighs them. */
export function fitUnweighed(input: FitInput): FittedLesson {
  return fittedWith(fitBare(input), () => []);
}

/**
 * The lesson as it would run: groups, floor, timeline, gear, forecast and findings with fixes whose change was computed by
 * fitting the lesson with each. Pure: same arguments, same answer. Stops come first, then cautions, then notes.
 */
export function fit(input: FitInput): FittedLesson {
  const before = checked(input);
  const tryOut = trying(input);
  return limited(fittedWith(before.bare, (noticed) => weigh(before, noticed, tryOut)));
}
