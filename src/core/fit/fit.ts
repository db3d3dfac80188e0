import { applyEdit, type Edit } from '../model/edit.ts';
import { type Finding, type FindingDraft, type Fix, findingKey } from '../model/finding.ts';
import { ALL_CHECKS, type Check, noticedBy, type PlannedLesson, planLesson } from './draftFit.ts';
import type { FitDraft, FitInput, FittedLesson } from './fitted.ts';

/** The most fixes offered for one finding. */
const MOST_FIXES = 3;
const ORDER = { stop: 0, caution: 1, note: 2 } as const;
/** Stops about floor that there is not: if nothing that was weighed removes one, the room is the limit, and it says so. */
const OF_FLOOR = /-does-not-fit$|-no-floor$|^too-near$|^piece-outside$/;

/** A lesson with its findings, whose fixes are weighed one finding at a time. */
export interface Weighing {
  /** The lesson as it would run, findings without fixes yet. */
  fitted: FittedLesson;
  /** The finding with this key and its fixes: the ideas that remove it without a new stop. RangeError for an unknown key. */
  weighed(key: string): Finding;
}

/**
 * The lesson as it would run: groups, floor, timeline, gear, forecast and findings with fixes whose change was computed by
 * fitting the lesson with each. Pure: same arguments, same answer. Stops come first, then cautions, then notes.
 */
export function fit(input: FitInput): FittedLesson {
  const { fitted, weighed } = weighing(input);
  return { ...fitted, findings: fitted.findings.map((f) => weighed(findingKey(f))) };
}

/** The lesson as it would run, findings without fixes yet: what a screen shows at once. */
export const fitUnweighed = (input: FitInput): FittedLesson => weighing(input).fitted;

/** The lesson fitted and checked once; its fixes are weighed when they are asked for. */
export function weighing(input: FitInput): Weighing {
  const before = checked(input);
  const tryOut = trying(input);
  const byKey = new Map<string, FindingDraft>();
  for (const noticed of before.noticed) if (!byKey.has(findingKey(noticed))) byKey.set(findingKey(noticed), noticed);
  const gravest = [...byKey.values()].sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
  const { noticed: _, ...fitted } = before.planned.draft;
  return {
    fitted: { ...fitted, findings: gravest.map((noticed) => withFixes(noticed, [])) },
    weighed(key) {
      const noticed = byKey.get(key);
      if (!noticed) throw new RangeError(`unknown finding: ${key}`);
      const finding = withFixes(noticed, weigh(before, noticed, tryOut));
      const isPhysical = finding.weight === 'stop' && !finding.fixes?.length && OF_FLOOR.test(finding.code);
      return isPhysical ? { ...finding, data: { ...finding.data, isPhysical } } : finding;
    },
  };
}

function withFixes({ ideas: _, ...finding }: FindingDraft, fixes: Fix[]): Finding {
  return { ...finding, fixes };
}

const stops = (noticed: readonly FindingDraft[]) => noticed.filter((n) => n.weight === 'stop').map((n) => findingKey(n));

/** A fit with which check noticed what, by the finding's key; what a format noticed itself has none. */
interface Checked {
  planned: PlannedLesson;
  noticed: FindingDraft[];
  source: Map<string, Check>;
  stops: Set<string>;
}

function checked(input: FitInput): Checked {
  const planned = planLesson(input);
  const noticed = [...planned.draft.noticed];
  const source = new Map<string, Check>();
  for (const check of ALL_CHECKS)
    for (const each of noticedBy(check, input, planned)) {
      noticed.push(each);
      if (!source.has(findingKey(each))) source.set(findingKey(each), check);
    }
  return { planned, noticed, source, stops: new Set(stops(noticed)) };
}

/** A lesson with an idea in it: drafted once, and each check asked at most once, however many findings come with the idea. */
interface Tried {
  draft: FitDraft;
  noticedBy(check: Check): readonly FindingDraft[];
}
type TryOut = (edits: readonly Edit[]) => Tried | undefined;

function trying(input: FitInput): TryOut {
  const known = new Map<string, Tried | undefined>();
  const draftWith = (edits: readonly Edit[]): Tried | undefined => {
    const applied = applyEdit(input.lesson, { kind: 'many', edits: [...edits] });
    if (!applied.ok) return undefined;
    const changed = { ...input, lesson: applied.lesson };
    const planned = planLesson(changed);
    const answers = new Map<Check, readonly FindingDraft[]>();
    return {
      draft: planned.draft,
      noticedBy(check) {
        const noticed = answers.get(check) ?? noticedBy(check, changed, planned);
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

/** The ideas that really remove the finding without a new stop, each with the numbers before and after. */
function weigh(before: Checked, noticed: FindingDraft, tryOut: TryOut): Fix[] {
  const fixes: Fix[] = [];
  const key = findingKey(noticed);
  for (const { code, data, edits } of (typeof noticed.ideas === 'function' ? noticed.ideas() : noticed.ideas) ?? []) {
    if (fixes.length >= MOST_FIXES) break;
    const tried = tryOut(edits);
    if (tried && mends(tried, before, key))
      fixes.push({ code, data, edits, before: before.planned.draft.numbers, after: tried.draft.numbers });
  }
  return fixes;
}

/**
 * True if an idea removes the finding without a new stop. The check that noticed it is asked first, the others only if it has
 * nothing more to say, quick ones before those that search the floor: most ideas that fail do so at once.
 */
function mends({ draft, noticedBy }: Tried, before: Checked, key: string): boolean {
  const fails = (noticed: readonly FindingDraft[]) =>
    noticed.some((n) => findingKey(n) === key) || stops(noticed).some((stop) => !before.stops.has(stop));
  if (fails(draft.noticed)) return false;
  const first = before.source.get(key);
  const order = first ? [first, ...ALL_CHECKS.filter((c) => c !== first)] : ALL_CHECKS;
  return order.every((check) => !fails(noticedBy(check)));
}
