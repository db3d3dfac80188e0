import { applyEdit, type Edit } from '../model/edit.ts';
import { type Finding, type Fix, findingKey, type Noticed } from '../model/finding.ts';
import { fitBare } from './bare.ts';
import type { BareFit, FitInput, FittedLesson } from './fitted.ts';

/** The most fixes offered for one finding. */
const MOST_FIXES = 3;
const ORDER = { stop: 0, caution: 1, note: 2 } as const;

const stops = (bare: BareFit) => new Set(bare.noticed.filter((n) => n.weight === 'stop').map((n) => findingKey(n)));

/** The ideas that really remove the finding without a new stop, each with the numbers before and after. */
function weigh(input: FitInput, bare: BareFit, noticed: Noticed, before: Set<string>): Fix[] {
  const fixes: Fix[] = [];
  const key = findingKey(noticed);
  for (const idea of (typeof noticed.ideas === 'function' ? noticed.ideas() : noticed.ideas) ?? []) {
    if (fixes.length >= MOST_FIXES) break;
    const applied = applyEdit(input.lesson, { kind: 'many', edits: idea.edits as Edit[] });
    if (!applied.ok) continue;
    const after = fitBare({ ...input, lesson: applied.lesson });
    if (after.noticed.some((n) => findingKey(n) === key)) continue;
    if ([...stops(after)].some((stop) => !before.has(stop))) continue;
    fixes.push({ code: idea.code, data: idea.data, edits: idea.edits, before: bare.numbers, after: after.numbers });
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

/** The lesson as it would run, findings without fixes yet: what a screen shows at once while `fit` weighs them. */
export function fitUnweighed(input: FitInput): FittedLesson {
  return fittedWith(fitBare(input), () => []);
}

/**
 * The lesson as it would run: groups, floor, timeline, gear, forecast and findings with fixes whose change was computed by
 * fitting the lesson with each. Pure: same arguments, same answer. Stops come first, then cautions, then notes.
 */
export function fit(input: FitInput): FittedLesson {
  const bare = fitBare(input);
  const before = stops(bare);
  return fittedWith(bare, (noticed) => weigh(input, bare, noticed, before));
}

/** Findings that are still open: neither accepted with a reason nor mere notes. */
export function openFindings(input: Pick<FitInput, 'lesson'>, fitted: Pick<FittedLesson, 'findings'>): Finding[] {
  const accepted = new Set(input.lesson.accepted.map((a) => a.key));
  return fitted.findings.filter((f) => f.weight !== 'note' && !accepted.has(findingKey(f)));
}
