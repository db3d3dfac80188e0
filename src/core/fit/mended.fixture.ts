import { expect } from 'vitest';
import { speakIn } from '../formats/speak.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import { findingKey } from '../model/finding.ts';
import { findingWords, fixWords } from '../words/en.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

const speak = speakIn('m');

/** Finding `code` is there, is worded, and every fix offered removes it when it is really applied. */
export function expectMended(input: FitInput, code: string, least = 1) {
  const fitted = fit(input);
  const finding = fitted.findings.find((f) => f.code === code);
  if (!finding) throw new Error(`no ${code} among ${fitted.findings.map((f) => f.code).join(', ')}`);
  const { what, why } = findingWords(finding, speak);
  expect(`${what} ${why}`).not.toMatch(/undefined|NaN|null/);
  expect(finding.fixes?.length ?? 0, code).toBeGreaterThanOrEqual(least);
  for (const fix of finding.fixes ?? []) {
    expect(fixWords(fix, speak)).not.toMatch(/undefined|NaN/);
    const applied = applyEdit(input.lesson, { kind: 'many', edits: [...fix.edits] as Edit[] });
    if (!applied.ok) throw new Error(applied.code);
    const after = fit({ ...input, lesson: applied.lesson });
    expect(after.findings.map(findingKey), `${code} after ${fix.code}`).not.toContain(findingKey(finding));
    expect(after.numbers, `${fix.code} brings the numbers it promised`).toEqual(fix.after);
    expect(fitted.numbers).toEqual(fix.before);
  }
  return finding;
}
