import { randomUUID } from 'node:crypto';
import type { Request, Response, Router } from 'express';
import { Problem } from '../problem.ts';

export type Method = 'get' | 'post' | 'put' | 'delete';

/** Adds a route whose return value is the JSON answer; what it throws is answered by the app. */
export function route(router: Router, method: Method, path: string, answer: (req: Request) => Promise<unknown>): void {
  router[method](path, (req: Request, res: Response, next) => {
    answer(req)
      // Given up as too slow, it has been answered.
      .then((body) => (res.headersSent ? undefined : body === undefined ? res.status(204).end() : res.json(body)))
      .catch((error) => (res.headersSent ? console.error(`a request failed after it was given up: ${error?.name}`) : next(error)));
  });
}

/** A new id: a letter first, so that it is never read as a number. */
export const newId = (letter: string) => `${letter}${randomUUID().replaceAll('-', '').slice(0, 20)}`;

/** A path parameter; Problem 404 where it cannot be an id. */
export function idParam(req: Request, name = 'id'): string {
  const value = String(req.params[name]);
  if (!/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/.test(value)) throw new Problem(404, 'unknown-id', [{ path: [name], code: 'unknown-id' }]);
  return value;
}

/** The body as a plain object; Problem 400 otherwise. */
export function bodyOf(req: Request): Record<string, unknown> {
  if (typeof req.body !== 'object' || req.body === null || Array.isArray(req.body))
    throw new Problem(400, 'bad-input', [{ path: [], code: 'empty' }]);
  return req.body as Record<string, unknown>;
}
