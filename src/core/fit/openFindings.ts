import { type Finding, findingKey } from '../model/finding.ts';
import type { FitInput, FittedLesson } from './fitted.ts';

/** Findings that are still open: neither accepted with a reason nor mere notes. */
export function openFindings(input: Pick<FitInput, 'lesson'>, fitted: Pick<FittedLesson, 'findings'>): Finding[] {
  const accepted = new Set(input.lesson.accepted.map((a) => a.key));
  return fitted.findings.filter((f) => f.weight !== 'note' && !accepted.has(findingKey(f)));
}
