import { inArray } from 'drizzle-orm';
import { Router } from 'express';
import { SKILL_LADDERS } from '../../content/ladders.ts';
import { mostUsed } from '../../core/adapt/mostUsed.ts';
import type { SkillTries } from '../../core/adapt/progress.ts';
import { planOf } from '../../core/live/runPlan.ts';
import { skillTriesIn } from '../../core/live/skillTries.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { laddersOf } from '../../core/model/school.ts';
import type { StudentPrivate } from '../../core/model/student.ts';
import type { Database } from '../database.ts';
import { readAdaptationsOf } from '../repositories/adaptationLog.ts';
import { classRecords, ratingRecords, runRecords, schoolRecords, studentRecords } from '../repositories/index.ts';
import { endedRuns, readRunLog } from '../repositories/runLog.ts';
import { madeOf } from '../repositories/unreadableRuns.ts';
import { studentPrivates } from '../tables.ts';
import { idParam, route } from './route.ts';

/** A student's followed skills, as Whistle needs them. Private. */
export type FollowedStudent = Pick<StudentPrivate, 'studentId' | 'handYes'> & Required<Pick<StudentPrivate, 'ladders'>>;

/**
 * Ladders of skills as this school has them, and the tries that students have had at their steps. None of these answers stays in a
 * browser: the paths are not among those that are kept there.
 */
export function ladderRoutes(db: Database): Router {
  const router = Router();
  const ladders = async () => laddersOf(SKILL_LADDERS, await schoolRecords.get(db, HOME_SCHOOL));
  route(router, 'get', '/skill-ladders', async () => ({ ladders: await ladders(), usual: SKILL_LADDERS }));
  // Private: every student's tries at steps of ladders in the lessons that have ended, the newest last.
  route(router, 'get', '/skill-ladders/classes/:id', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    const tries: SkillTries[] = [];
    for (const run of await endedRuns(db, id)) tries.push(...madeOf([], skillTriesIn, run, await readRunLog(db, run.id)));
    return { tries };
  });
  // Private: changes in use for a student, the ones of most lessons first.
  route(router, 'get', '/skill-ladders/students/:id/in-use', async (req) => {
    const { id } = await studentRecords.get(db, idParam(req));
    return { used: mostUsed(await readAdaptationsOf(db, id)) };
  });
  // Private: whose skills are followed among those in a running lesson.
  route(router, 'get', '/skill-ladders/runs/:id', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    const all = await ratingRecords.list(db, inArray(studentPrivates.id, Object.keys(planOf(run).names)));
    const followed = all.flatMap(({ studentId, handYes, ladders: list }): FollowedStudent[] =>
      list?.length ? [{ studentId, handYes, ladders: list }] : [],
    );
    return { followed, ladders: await ladders() };
  });
  return router;
}
