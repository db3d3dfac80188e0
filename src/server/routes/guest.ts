import { desc } from 'drizzle-orm';
import { Router } from 'express';
import { fitUnweighed } from '../../core/fit/fit.ts';
import type { FitInput, FittedLesson } from '../../core/fit/fitted.ts';
import { careAlerts, guestView } from '../../core/fit/guestView.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import type { Database } from '../database.ts';
import { readDeskById } from '../deskInput.ts';
import { Problem } from '../problem.ts';
import { periodRecords } from '../repositories/index.ts';
import { guestLooks } from '../tables.ts';
import { idParam, newId, route } from './route.ts';

/** The latest looks that are listed. */
const MOST_LISTED = 40;

/** A lesson for somebody who stands in: a projection of its own, and care alerts that are logged when they are opened. */
export function guestRoutes(db: Database, now: () => number): Router {
  const router = Router();
  const lessonOf = async (periodId: string): Promise<{ input: FitInput; fitted: FittedLesson }> => {
    const desk = await readDeskById(db, periodId);
    if (!desk.lesson) throw new Problem(409, 'no-lesson', [{ path: ['lesson'], code: 'empty' }]);
    const input = { ...desk, lesson: desk.lesson };
    return { input, fitted: fitUnweighed(input) };
  };
  route(router, 'get', '/guest/:id', async (req) => {
    const { input, fitted } = await lessonOf(idParam(req));
    return guestView(input, fitted);
  });
  route(router, 'post', '/guest/:id/alerts', async (req) => {
    const id = idParam(req);
    const { input, fitted } = await lessonOf(id);
    await db.insert(guestLooks).values({ id: newId('g'), schoolId: HOME_SCHOOL, periodId: id, at: now() });
    return { alerts: careAlerts(input, fitted) };
  });
  // For the teacher: when care alerts were opened, and for which lesson.
  route(router, 'get', '/guest-looks', async () => {
    const looks = await db.select().from(guestLooks).orderBy(desc(guestLooks.at)).limit(MOST_LISTED);
    const periods = await periodRecords.list(db);
    return looks.map(({ id, periodId, at }) => ({ id, at, periodId, classId: periods.find((p) => p.id === periodId)?.classId ?? null }));
  });
  return router;
}
