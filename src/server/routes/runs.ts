import { and, eq } from 'drizzle-orm';
import { Router } from 'express';
import { z } from 'zod';
import { fitUnweighed } from '../../core/fit/fit.ts';
import { keepsAttempts } from '../../core/live/attemptsIn.ts';
import { bellOf, realBell } from '../../core/live/bell.ts';
import { foldRun } from '../../core/live/foldRun.ts';
import { freeze } from '../../core/live/freeze.ts';
import { type LogEntry, logEntry } from '../../core/live/logEntry.ts';
import { metIn } from '../../core/live/met.ts';
import { playedIn } from '../../core/live/playedIn.ts';
import { restOf } from '../../core/live/restOf.ts';
import { restOptions } from '../../core/live/restOptions.ts';
import { planOf } from '../../core/live/runPlan.ts';
import { BlockId, EventId, PeriodId, RunId } from '../../core/model/ids.ts';
import { newHeader } from '../../core/model/record.ts';
import { Run, RunEvent } from '../../core/model/run.ts';
import type { Database } from '../database.ts';
import { attemptsOf, type DeskInput, lastRuns, readDeskById } from '../deskInput.ts';
import type { Journal } from '../journal.ts';
import { localMs } from '../localTime.ts';
import { Problem, readInput } from '../problem.ts';
import { noteEnd } from '../replayJournal.ts';
import { classRecords, runRecords } from '../repositories/index.ts';
import { appendRunEvents, countRunEvents, endedRuns, lengthOfLog, readRunLog, stillOpen, unknownEvents } from '../repositories/runLog.ts';
import { runs } from '../tables.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const Watch = z.object({
  window: z.string().regex(/^[A-Za-z0-9]{4,40}$/, { message: 'characters' }),
  take: z.boolean().optional(),
  known: z.number().int().min(0).max(1e6),
});
const NewRun = z.object({ periodId: PeriodId });
const Events = z.object({ events: z.array(RunEvent).min(1, { message: 'empty' }).max(500, { message: 'too-many' }) });

const Discard = z.object({ discarded: z.boolean({ message: 'choice' }) });
const Replan = z.object({ id: EventId, drop: z.array(BlockId).max(24).optional(), try: z.boolean().optional() });

/** A run that starts now: the lesson fitted as it stands and frozen. Problem 409 where there is no lesson or nobody plays. */
export function newRun(desk: DeskInput, now: number): Run {
  const { lesson } = desk;
  if (!lesson?.blocks.length) throw new Problem(409, 'no-lesson', [{ path: ['periodId'], code: 'no-lesson' }]);
  const input = { ...desk, lesson };
  return Run.parse({
    ...newHeader('run', 4),
    id: RunId.parse(newId('n')),
    periodId: desk.period.id,
    classId: desk.schoolClass.id,
    lessonId: lesson.id,
    date: desk.period.date,
    startedAt: now,
    bellAt: realBell(now, localMs(desk.period.date, desk.period.start), localMs(desk.period.date, desk.period.end)),
    endedAt: null,
    plan: freeze(input, fitUnweighed(input)),
  });
}

/** What the list of runs tells of each: nobody's name. */
export type RunSummary = Omit<LogEntry, 'results' | 'absent' | 'late' | 'left' | 'gearMissing' | 'gearUncounted' | 'note'> & {
  periodId: string;
};

/** Seconds without a sign of life after which another window may lead. */
const LEASE_MS = 4_000;

export function runRoutes(db: Database, now: () => number, journal: Journal): Router {
  const router = Router();
  const leads = new Map<string, { window: string; at: number }>();
  const queue = new Map<string, Promise<unknown>>();
  /** One after another for one run, so that the journal and the database see the same order. */
  const inOrder = <T>(runId: string, work: () => Promise<T>): Promise<T> => {
    const next = (queue.get(runId) ?? Promise.resolve()).then(work, work);
    queue.set(
      runId,
      next.catch(() => undefined),
    );
    return next;
  };
  /** Summaries of ended runs by id, with how many events they were folded from: a later note or correction folds again. */
  const folded = new Map<string, { events: number; summary: RunSummary }>();
  const summaryOf = async (id: string, events: number): Promise<RunSummary> => {
    const known = folded.get(id);
    if (known?.events === events) return known.summary;
    const run = await runRecords.get(db, id);
    const {
      results: _,
      absent: __,
      late: ___,
      left: ____,
      gearMissing: _____,
      gearUncounted: ______,
      note: _______,
      ...entry
    } = logEntry(run, await readRunLog(db, id), now());
    const summary = { ...entry, periodId: run.periodId };
    if (entry.ended) folded.set(id, { events, summary });
    return summary;
  };
  route(router, 'post', '/runs', async (req) => {
    const { periodId } = readInput(NewRun, bodyOf(req));
    return inOrder(`period ${periodId}`, async () => {
      const [open] = await runRecords.list(db, and(eq(runs.periodId, periodId), stillOpen));
      if (open) return open;
      const run = newRun(await readDeskById(db, periodId), now());
      return journal.record({ kind: 'run', run }, (tx) => runRecords.add(tx, run));
    });
  });
  // The past is long and does not change: a run is read only if its summary is not known yet.
  route(router, 'get', '/runs', async () => {
    const [ids, lengths] = [await db.select({ id: runs.id }).from(runs), await countRunEvents(db)];
    const list: RunSummary[] = [];
    for (const { id } of ids) list.push(await summaryOf(id, lengths.get(id) ?? 0));
    return list.sort((a, b) => b.startedAt - a.startedAt);
  });
  // The runs that have not ended: Today asks often, and the past need not be read for it.
  route(router, 'get', '/runs/open', () => db.select({ runId: runs.id, periodId: runs.periodId }).from(runs).where(stillOpen));
  // Private: who was with whom in the lessons that have ended.
  route(router, 'get', '/classes/:id/met', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    return metIn(await endedRuns(db, id));
  });
  // What a class has played, and how it went the last time: of the lessons that are looked back on.
  route(router, 'get', '/classes/:id/played', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    const lessons = [];
    for (const run of await lastRuns(db, id)) lessons.push({ run, events: await readRunLog(db, run.id) });
    return playedIn(lessons, now());
  });
  // Private: each student's tries by step in the lessons that have ended, the newest last.
  route(router, 'get', '/classes/:id/attempts', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    const past = (await endedRuns(db, id)).filter(keepsAttempts);
    const names: Record<string, string> = {};
    for (const run of past) Object.assign(names, planOf(run).names);
    const attempts = await attemptsOf(db, past);
    return { names, attempts };
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
    return inOrder(run.id, async () => {
      const fresh = await unknownEvents(db, run.id, events);
      if (fresh.length)
        await journal.record({ kind: 'events', runId: run.id, events: fresh }, async (tx) => {
          await appendRunEvents(tx, run.id, fresh);
          await noteEnd(tx, run.id, fresh);
        });
      return { events: await readRunLog(db, run.id), now: now() };
    });
  });
  // Made by mistake, or not after all: it is kept either way.
  route(router, 'post', '/runs/:id/discard', async (req) => {
    const id = idParam(req);
    const { discarded } = readInput(Discard, bodyOf(req));
    return inOrder(id, async () => {
      const run = await runRecords.get(db, id);
      if (run.endedAt === null) throw new Problem(409, 'still-running', [{ path: ['id'], code: 'still-running' }]);
      await runRecords.put(db, { ...run, discarded: discarded || undefined });
      folded.delete(id);
      return { discarded };
    });
  });
  // What is left of the lesson, planned anew as it stands on the desk: looked at with `try`, else from now on.
  route(router, 'post', '/runs/:id/replan', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    const { id, drop = [], try: isTried = false } = readInput(Replan, bodyOf(req));
    const desk = await readDeskById(db, run.periodId);
    if (!desk.lesson) throw new Problem(409, 'no-lesson', [{ path: ['periodId'], code: 'no-lesson' }]);
    const input = { ...desk, lesson: desk.lesson };
    return inOrder(run.id, async () => {
      const at = now();
      const state = foldRun(planOf(run), run.startedAt, await readRunLog(db, run.id), at);
      if (state.ended) throw new Problem(409, 'ended', [{ path: ['id'], code: 'ended' }]);
      const toBell = (bellOf(run, planOf(run)) - at) / 1000;
      const rest = restOf(input, state, toBell, drop);
      // The ways to share it out are worked out once, before one is chosen.
      if (isTried) return { rest, ...(drop.length ? {} : restOptions(input, state, toBell)) };
      const event = RunEvent.parse({ id, at, type: 'replan', blocks: JSON.parse(JSON.stringify(rest.blocks)) });
      const fresh = await unknownEvents(db, run.id, [event]);
      if (fresh.length)
        await journal.record(
          { kind: 'events', runId: run.id, events: fresh },
          async (tx) => void (await appendRunEvents(tx, run.id, fresh)),
        );
      return { rest, events: await readRunLog(db, run.id), now: at };
    });
  });
  // A window says every second that it is there: the first one leads, others follow until they take the lead or it goes away.
  route(router, 'post', '/runs/:id/watch', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    const { window, take, known } = readInput(Watch, bodyOf(req));
    const lead = leads.get(run.id);
    const free = !lead || lead.window === window || Date.now() - lead.at > LEASE_MS;
    if (free || take) leads.set(run.id, { window, at: Date.now() });
    const same = (await lengthOfLog(db, run.id)) === known;
    return { leads: free || take === true, now: now(), events: same ? null : await readRunLog(db, run.id) };
  });
  return router;
}
