import { Router } from 'express';
import { z } from 'zod';
import { REMOVABLE, type Removable } from '../../core/model/removal.ts';
import type { Database } from '../database.ts';
import { readInput } from '../problem.ts';
import { lookAtRemoval, type RemoveOptions, remove, restore } from '../removals.ts';
import { readRemovals } from '../repositories/removalLog.ts';
import { idParam, route } from './route.ts';

const What = z.enum(REMOVABLE, { message: 'choice' });

/** What a query says of the others that use a fact: `?with=periods`, `?to=<room>`. */
const optionsOf = (query: Record<string, unknown>): RemoveOptions => ({
  withPeriods: query.with === 'periods',
  ...(typeof query.to === 'string' && { toRoom: query.to }),
});

/** Facts that go and come back: what a removal touches is said first, and it is undone by name for thirty days. */
export function removalRoutes(db: Database, now: () => number): Router {
  const router = Router();
  const removes = (path: string, what: Removable, id: string) =>
    route(router, 'delete', path, (req) => db.transaction((tx) => remove(tx, what, idParam(req, id), now(), optionsOf(req.query))));
  removes('/classes/:id', 'class', 'id');
  removes('/classes/:id/students/:student', 'student', 'student');
  removes('/rooms/:id', 'room', 'id');
  removes('/gear/:id', 'gear', 'id');
  removes('/games/:id', 'game', 'id');
  removes('/periods/:id', 'period', 'id');
  route(router, 'get', '/removals', () => readRemovals(db, now()));
  route(router, 'get', '/removals/:what/:id', (req) =>
    lookAtRemoval(db, readInput(What, req.params.what), idParam(req), optionsOf(req.query)),
  );
  route(router, 'post', '/removals/:id/undo', (req) => db.transaction((tx) => restore(tx, idParam(req), now())));
  return router;
}
