import { sql } from 'drizzle-orm';
import { Router } from 'express';
import { HOME_MADE } from '../../content/homeMade.ts';
import type { EarlierLesson } from '../../core/adapt/sameAgain.ts';
import { AdaptationEdit, choicesAfter } from '../../core/model/adaptation.ts';
import type { Period } from '../../core/model/period.ts';
import type { Database } from '../database.ts';
import { LOOKED_BACK } from '../deskInput.ts';
import { Problem, readInput } from '../problem.ts';
import { appendAdaptation, readAdaptationLog } from '../repositories/adaptationLog.ts';
import { lessonRecords, periodRecords, studentRecords } from '../repositories/index.ts';
import { periods } from '../tables.ts';
import { bodyOf, idParam, route } from './route.ts';

/** What a teacher chose for students of a lesson, and what can be made for them. Private: for the teacher's own desk alone. */
export function adaptationRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/adaptations/:lesson', async (req) => {
    const lesson = await lessonRecords.get(db, idParam(req, 'lesson'));
    return { log: await readAdaptationLog(db, lesson.id), homeMade: HOME_MADE };
  });
  // What was in use in the lessons that a period's class has had before it, the newest first: for the teacher to use again, never by itself.
  route(router, 'get', '/adaptations/before/:period', async (req) => {
    const period = await periodRecords.get(db, idParam(req, 'period'));
    const at = ({ date, start }: Period) => `${date} ${start}`;
    const before = (await periodRecords.list(db, sql`${periods.data}->>'classId' = ${period.classId}`))
      .filter((p) => at(p) < at(period) && p.lessonId !== null && p.lessonId !== period.lessonId)
      .sort((a, b) => (at(a) < at(b) ? 1 : -1))
      .slice(0, LOOKED_BACK);
    const earlier: EarlierLesson[] = [];
    for (const lessonId of new Set(before.flatMap((p) => p.lessonId ?? []))) {
      const choices = choicesAfter(await readAdaptationLog(db, lessonId));
      const lesson = choices.length ? await lessonRecords.find(db, lessonId) : undefined;
      if (lesson)
        earlier.push({ games: Object.fromEntries(lesson.blocks.flatMap((b) => (b.game ? [[b.id, b.game.gameId]] : []))), choices });
    }
    return { earlier };
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
