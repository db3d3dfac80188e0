import { Router } from 'express';
import { z } from 'zod';
import { fitUnweighed } from '../../core/fit/fit.ts';
import { freeze } from '../../core/live/freeze.ts';
import { logEntry } from '../../core/live/logEntry.ts';
import { PeriodId, RunId } from '../../core/model/ids.ts';
import { head } from '../../core/model/record.ts';
import { Run, RunEvent } from '../../core/model/run.ts';
import type { Database } from '../database.ts';
import { type DeskInput, readDeskById } from '../deskInput.ts';
import { Problem, readInput } from '../problem.ts';
import { runRecords } from '../repositories/index.ts';
import { appendRunEvents, readRunLog } from '../repositories/runLog.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const NewRun = z.object({ periodId: PeriodId });
const Events = z.object({ events: z.array(RunEvent).min(1, { message: 'empty' }).max(500, { message: 'too-many' }) });

/** A run that starts now: the lesson fitted as it stands and frozen. Problem 409 where there is no lesson or nobody plays. */
export function newRun(desk: DeskInput, now: number): Run {
  const { lesson } = desk;
  if (!lesson?.blocks.length) throw new Problem(409, 'no-lesson', [{ path: ['periodId'], code: 'no-lesson' }]);
  const input = { ...desk, lesson };
  return Run.parse({
    ...head('run', 2),
    id: RunId.parse(newId('n')),
    periodId: desk.period.id,
    classId: desk.schoolClass.id,
    lessonId: lesson.id,
    date: desk.period.date,
    startedAt: now,
    endedAt: null,
    plan: freeze(input, fitUnweighed(input)),
  });
}

export function runRoutes(db: Database, now: () => number): Router {
  const router = Router();
  route(router, 'post', '/runs', async (req) => {
    const { periodId } = readInput(NewRun, bodyOf(req));
    const open = (await runRecords.list(db)).find((r) => r.periodId === periodId && r.endedAt === null);
    return open ?? runRecords.add(db, newRun(await readDeskById(db, periodId), now()));
  });
  route(router, 'get', '/runs', async () => {
    const all = await runRecords.list(db);
    const entries = await Promise.all(
      all.map(async (run) => ({ ...logEntry(run, await readRunLog(db, run.id), now()), periodId: run.periodId })),
    );
    return entries.sort((a, b) => b.startedAt - a.startedAt);
  });
  route(router, 'get', '/runs/:id', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    return { run, events: await readRunLog(db, run.id), now: now() };
  });
  route(router, 'get', '/runs/:id/entry', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    return logEntry(run, await readRunLog(db, run.id), now());
  });
  route(router, 'post', '/runs/:id/events', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    const { events } = readInput(Events, bodyOf(req));
    const log = await appendRunEvents(db, run.id, events);
    const end = log.find((e) => e.type === 'end');
    if (end && run.endedAt === null) await runRecords.put(db, { ...run, endedAt: end.at });
    return { events: log, now: now() };
  });
  return router;
}
