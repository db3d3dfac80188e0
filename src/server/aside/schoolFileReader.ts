import { z } from 'zod';
import { readJson } from '../../core/exchange/jsonText.ts';
import { MOST_ENTRIES, SchoolFile, upgradeEntry } from '../../core/exchange/schoolFile.ts';
import { runFault } from '../../core/live/runFault.ts';
import { jsonProblem, MOST_DEPTH, MOST_VALUES } from '../plainJson.ts';
import { type InputIssue, inputIssues, MOST_ISSUES } from '../problem.ts';

export type SchoolFileRead = { ok: true; file: SchoolFile } | { ok: false; issues: InputIssue[] };

const isList = (key: string): key is keyof typeof MOST_ENTRIES & keyof SchoolFile => Object.hasOwn(MOST_ENTRIES, key);

/**
 * A school file out of its bytes, or the first issues found: its size before its values are made, its lists before their entries,
 * then entry by entry.
 */
export function readSchoolBytes(bytes: Uint8Array): SchoolFileRead {
  const fail = (...issues: InputIssue[]): SchoolFileRead => ({ ok: false, issues: issues.slice(0, MOST_ISSUES) });
  const json = readJson(bytes, { values: MOST_VALUES, depth: MOST_DEPTH });
  if (!json.ok) return fail({ path: ['line', json.fault.line], code: json.fault.code });
  const raw = json.value;
  const file: Record<string, unknown> = typeof raw === 'object' && raw !== null && !Array.isArray(raw) ? { ...raw } : {};
  const lists = Object.entries(file).flatMap(([key, list]) => (isList(key) && Array.isArray(list) ? [[key, list] as const] : []));
  for (const [key, list] of lists) if (list.length > (MOST_ENTRIES[key] ?? 0)) return fail({ path: [key], code: 'too-many' });
  const unholdable = jsonProblem(raw);
  if (unholdable) return fail(unholdable);
  const frame = SchoolFile.safeParse({ ...file, ...Object.fromEntries(lists.map(([key]) => [key, []])) });
  const issues: InputIssue[] = frame.success ? [] : inputIssues(frame.error);
  const read: Record<string, unknown[]> = {};
  for (const [key, list] of lists) {
    const entry = (SchoolFile.shape[key] as z.ZodArray).element;
    read[key] = [];
    for (const [i, each] of list.entries()) {
      if (issues.length >= MOST_ISSUES) break;
      const parsed = z.safeParse(entry, upgradeEntry(each));
      if (parsed.success) read[key].push(parsed.data);
      else issues.push(...inputIssues(parsed.error).map(({ path, code }) => ({ path: [key, i, ...path], code })));
    }
  }
  // What is to be stored is folded first: a run that nothing can be made of would be in the way of all others.
  for (const [i, each] of (read.runs ?? []).entries()) {
    if (issues.length) break;
    const { run, events } = each as SchoolFile['runs'][number];
    const fault = runFault(run, events);
    if (fault) issues.push({ path: ['runs', i, ...fault.path], code: fault.code });
  }
  return frame.success && !issues.length ? { ok: true, file: { ...frame.data, ...read } } : fail(...issues);
}
