import type { RequestHandler } from 'express';
import { isMapKey, isStorable } from '../core/model/text.ts';
import { type InputIssue, Problem } from './problem.ts';

/** How deep a request's JSON may be, and how many values it may hold: a school's export is some fifteen deep. */
export const MOST_DEPTH = 40;
export const MOST_VALUES = 3_000_000;

/**
 * The first thing in a JSON value that nothing here can hold, or undefined: text with NUL or half a surrogate pair, a key that
 * every object has by itself (`constructor`, `__proto__`), and nesting or size beyond all use. Looks at every value once.
 */
export function jsonProblem(value: unknown): InputIssue | undefined {
  let values = 0;
  const path: (string | number)[] = [];
  const fault = (code: string): InputIssue => ({ path: path.slice(0, 12), code });
  const look = (each: unknown): InputIssue | undefined => {
    values += 1;
    if (values > MOST_VALUES) return fault('too-many');
    if (typeof each === 'string') return isStorable(each) ? undefined : fault('characters');
    if (typeof each !== 'object' || each === null) return undefined;
    if (path.length >= MOST_DEPTH) return fault('too-deep');
    const list = Array.isArray(each);
    for (const key of Object.keys(each)) {
      path.push(list ? Number(key) : key);
      if (!list && !isMapKey(key)) return fault('unknown-key');
      if (!list && !isStorable(key)) return fault('characters');
      const found = look((each as Record<string, unknown>)[key]);
      if (found) return found;
      path.pop();
    }
    return undefined;
  };
  return look(value);
}

/** Lets through what jsonProblem finds nothing in; Problem 400 with the place. Stands behind the reader of bodies. */
export const plainJson: RequestHandler = (req, _res, next) => {
  const problem = jsonProblem(req.body);
  next(problem ? new Problem(400, 'bad-input', [problem]) : undefined);
};
