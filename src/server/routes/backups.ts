import { Router } from 'express';
import { FolderProblem } from '../database.ts';
import { Problem } from '../problem.ts';
import type { Backups } from '../store.ts';
import { route } from './route.ts';

/** Problem 404 for a name that is none, 409 for a backup that does not open. */
async function asked<T>(work: () => Promise<T> | T): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof FolderProblem)) throw error;
    if (error.code === 'no-backup') throw new Problem(404, 'unknown-id', [{ path: ['name'], code: 'unknown-id' }]);
    throw new Problem(409, 'damaged-backup', [{ path: ['name'], code: 'damaged' }]);
  }
}

export function backupRoutes(backups: Backups): Router {
  const router = Router();
  route(router, 'get', '/backups', async () => backups.list());
  // What the last start could not read back or had to clear away.
  route(router, 'get', '/notices', async () => backups.notices());
  route(router, 'post', '/backups', () => backups.make());
  route(router, 'post', '/backups/:name/restore', async (req) => {
    await asked(() => backups.restore(String(req.params.name)));
    return { ok: true };
  });
  router.get('/backups/:name', (req, res, next) => {
    asked(() => backups.file(String(req.params.name))).then((file) => res.download(file), next);
  });
  return router;
}
