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
    const gone = error.message.startsWith('There is no');
    throw new Problem(gone ? 404 : 409, gone ? 'unknown-id' : 'damaged-backup', [
      { path: ['name'], code: gone ? 'unknown-id' : 'damaged' },
    ]);
  }
}

export function backupRoutes(backups: Backups): Router {
  const router = Router();
  route(router, 'get', '/backups', async () => backups.list());
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
