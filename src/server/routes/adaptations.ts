import { Router } from 'express';
import { HOME_MADE } from '../../content/homeMade.ts';
import { AdaptationEdit } from '../../core/model/adaptation.ts';
import type { Database } from '../database.ts';
import { Problem, readInput } from '../problem.ts';
import { appendAdaptation, readAdaptationLog } from '../repositories/adaptationLog.ts';
import { lessonRecords, studentRecords } from '../repositories/index.ts';
import { bodyOf, idParam, route } from './route.ts';

/** What a teacher chose for students of a lesson, and what can be made for them. Private: for the teacher's own desk alone. */
export function adaptationRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/adaptations/:lesson', async (req) => {
    const lesson = await lessonRecords.get(db, idParam(req, 'lesson'));
    return { log: await readAdaptationLog(db, lesson.id), homeMade: HOME_MADE };
  });
  route(router, 'post', '/adaptations/:lesson', async (req) => {
    const lesson = await lessonRecords.get(db, idParam(req, 'lesson'));
    const edit = readInput(AdaptationEdit, bodyOf(req));
    if (!(await studentRecords.find(db, edit.student))) throw new Problem(400, 'bad-input', [{ path: ['student'], code: 'unknown-id' }]);
    if (!lesson.blocks.some((b) => b.id === edit.block)) throw new Problem(400, 'bad-input', [{ path: ['block'], code: 'unknown-id' }]);
    return appendAdaptation(db, lesson.id, edit);
  });
  return router;
}
