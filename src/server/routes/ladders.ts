import { and, eq, not } from 'drizzle-orm';
import { Router } from 'express';
import { SKILL_LADDERS } from '../../content/ladders.ts';
import type { SkillTries } from '../../core/adapt/progress.ts';
import { skillTriesIn } from '../../core/live/skillTries.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { laddersOf } from '../../core/model/school.ts';
import type { Database } from '../database.ts';
import { classRecords, runRecords, schoolRecords } from '../repositories/index.ts';
import { readRunLog, stillOpen } from '../repositories/runLog.ts';
import { runs } from '../tables.ts';
import { idParam, route } from './route.ts';

/** Ladders of skills as this school has them, and the tries that students have had at their steps. */
export function ladderRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/skill-ladders', async () => ({
    ladders: laddersOf(SKILL_LADDERS, await schoolRecords.get(db, HOME_SCHOOL)),
    usual: SKILL_LADDERS,
  }));
  // Private: every student's tries at steps of ladders in the lessons that have ended, the newest last.
  route(router, 'get', '/classes/:id/skill-tries', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    const past = await runRecords.list(db, and(eq(runs.classId, id), not(stillOpen)));
    const tries: SkillTries[] = [];
    for (const run of past.sort((a, b) => a.startedAt - b.startedAt)) tries.push(...skillTriesIn(run, await readRunLog(db, run.id)));
    return { tries };
  });
  return router;
}
