import type { z } from 'zod';

export interface InputIssue {
  /** Field or row that is wrong, outermost first. */
  path: (string | number)[];
  code: string;
}

/** Something the request got wrong, said with a status, a code and the fields; thrown by routes, answered by the app. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string;
  readonly issues: InputIssue[];
  readonly more: Record<string, unknown>;

  constructor(status: number, code: string, issues: InputIssue[] = [], more: Record<string, unknown> = {}) {
    super(`${status} ${code}`);
    this.status = status;
    this.code = code;
    this.issues = issues;
    this.more = more;
  }
}

const CODES: Record<string, string> = {
  invalid_type: 'number',
  invalid_value: 'choice',
  invalid_union: 'choice',
  invalid_format: 'characters',
  too_small: 'too-small',
  too_big: 'too-large',
  unrecognized_keys: 'unknown-key',
};
const OWN = /^[a-z][a-z-]*$/;

/** The most issues that one answer lists. */
export const MOST_ISSUES = 100;

/** zod's first issues as path and our code. */
export function inputIssues(error: z.ZodError): InputIssue[] {
  return error.issues.slice(0, MOST_ISSUES).map((issue) => ({
    path: issue.path.map((p) => (typeof p === 'symbol' ? String(p) : p)),
    code: OWN.test(issue.message) ? issue.message : (CODES[issue.code] ?? issue.code),
  }));
}

/** The value in its shape; Problem 400 with fields where it breaks it. The door for everything that comes in by HTTP. */
export function readInput<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
  const parsed = schema.safeParse(value);
  if (!parsed.success) throw new Problem(400, 'bad-input', inputIssues(parsed.error));
  return parsed.data;
}
