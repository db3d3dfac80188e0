import { type Response, Router } from 'express';
import { FolderProblem } from '../database.ts';
import type { Notices } from '../notices.ts';
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

export function backupRoutes(backups: Backups, notices: Notices): Router {
  const router = Router();
  /** Says what came of work whose answer was given up before it was done. */
  const toldLate = async <T>(res: Response, work: Promise<T>, done: string): Promise<T> => {
    const said = await work.catch((error) => {
      if (res.headersSent)
        notices.add(error instanceof FolderProblem ? error.message : 'A backup could not be made or restored. Nothing was changed.');
      throw error;
    });
    if (res.headersSent) notices.add(done);
    return said;
  };
  route(router, 'get', '/backups', async () => backups.list());
  // What a start could not read back or had to clear away, until somebody has read it.
  route(router, 'get', '/notices', async () => notices.list());
  route(router, 'delete', '/notices/:id', async (req) => {
    notices.read(Number(req.params.id));
    return notices.list();
  });
  route(router, 'post', '/backups', (req) => toldLate(req.res!, backups.make(), 'The backup is made.'));
  route(router, 'post', '/backups/:name/restore', async (req) => {
    const name = String(req.params.name);
    await asked(() => toldLate(req.res!, backups.restore(name), `The backup ${name} is restored.`));
    return { ok: true };
  });
  router.get('/backups/:name', (req, res, next) => {
    asked(() => backups.file(String(req.params.name))).then((file) => res.download(file), next);
  });
  return router;
}
