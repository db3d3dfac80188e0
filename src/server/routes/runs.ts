import { and, eq, not, sql } from 'drizzle-orm';
import { Router } from 'express';
import { z } from 'zod';
import { fitUnweighed } from '../../core/fit/fit.ts';
import { keepsAttempts } from '../../core/live/attemptsIn.ts';
import { bellOf, realBell } from '../../core/live/bell.ts';
import { foldRun, followRun } from '../../core/live/foldRun.ts';
import { freeze } from '../../core/live/freeze.ts';
import { logEntry } from '../../core/live/logEntry.ts';
import { metIn } from '../../core/live/met.ts';
import { playedIn } from '../../core/live/playedIn.ts';
import { restOf } from '../../core/live/restOf.ts';
import { restOptions } from '../../core/live/restOptions.ts';
import { eventsFault, type RunFault } from '../../core/live/runFault.ts';
import { planOf } from '../../core/live/runPlan.ts';
import { BlockId, EventId, PeriodId, RunId } from '../../core/model/ids.ts';
import { day } from '../../core/model/period.ts';
import { newHeader } from '../../core/model/record.ts';
import { Run, RunEvent } from '../../core/model/run.ts';
import type { Database } from '../database.ts';
import { attemptsOf, type DeskInput, lastRuns, readDeskById } from '../deskInput.ts';
import type { Journal } from '../journal.ts';
import { localMs } from '../localTime.ts';
import { Problem, readInput } from '../problem.ts';
import { noteEnd } from '../replayJournal.ts';
import { classRecords, runRecords } from '../repositories/index.ts';
import {
  appendRunEvents,
  countRunEvents,
  endedRuns,
  isKept,
  lengthOfLog,
  readRunLog,
  stillOpen,
  unknownEvents,
} from '../repositories/runLog.ts';
import { isWhole, rawRun, type UnreadableRun } from '../repositories/unreadableRuns.ts';
import { type RunSummary, runSummaries } from '../runSummaries.ts';
import { runs } from '../tables.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const Watch = z.object({
  window: z.string().regex(/^[A-Za-z0-9]{4,40}$/, { message: 'characters' }),
  take: z.boolean().optional(),
  known: z.number().int().min(0).max(1e6),
});
const NewRun = z.object({ periodId: PeriodId });
const Events = z.object({ events: z.array(RunEvent).min(1, { message: 'empty' }).max(500, { message: 'too-many' }) });

const Days = z.object({ from: day, until: day });
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

/** The place of a fault in the request: events that are stored already were left out of what was looked at. */
const inRequest = ([key, i, ...path]: RunFault['path'], events: readonly RunEvent[], fresh: readonly RunEvent[]) => [
  key,
  events.indexOf(fresh[Number(i)]),
  ...path,
];

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
  /** The fold of each run that is played now, gone on with: a tap folds no log again. */
  const followed = new Map<string, ReturnType<typeof followRun>>();
  /** What keeps a run from being read with these events, before anything is stored. */
  const faultOf = (run: Run, log: readonly RunEvent[], fresh: readonly RunEvent[], at: number): RunFault | undefined => {
    if (fresh.some((e) => e.type === 'replan')) return eventsFault(run, log, fresh);
    try {
      const follow = followed.get(run.id) ?? followRun(planOf(run), run.startedAt);
      followed.set(run.id, follow);
      follow([...log, ...fresh], at);
      return undefined;
    } catch {
      followed.delete(run.id);
      return eventsFault(run, log, fresh);
    }
  };
  const summaries = runSummaries(db, now);
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
    const list: (RunSummary | UnreadableRun)[] = [];
    for (const { id } of ids) list.push(await summaries.of(id, lengths.get(id) ?? 0));
    return list.sort((a, b) => b.startedAt - a.startedAt);
  });
  // The runs that have not ended: Today asks often, and the past need not be read for it.
  route(router, 'get', '/runs/open', () => db.select({ runId: runs.id, periodId: runs.periodId }).from(runs).where(stillOpen));
  // The periods of some days whose lesson has ended: ids alone.
  route(router, 'get', '/runs/ran', async (req) => {
    const { from, until } = readInput(Days, req.query);
    const date = sql`${runs.data}->>'date'`;
    const ended = await db
      .select({ periodId: runs.periodId })
      .from(runs)
      .where(and(sql`${date} between ${from} and ${until}`, not(stillOpen), isKept));
    return [...new Set(ended.map((r) => r.periodId))];
  });
  // Private: who was with whom in the lessons that have ended.
  route(router, 'get', '/classes/:id/met', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    return metIn((await endedRuns(db, id)).filter((run) => isWhole(() => metIn([run]))));
  });
  // What a class has played, and how it went the last time: of the lessons that are looked back on.
  route(router, 'get', '/classes/:id/played', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    const lessons = [];
    for (const run of await lastRuns(db, id)) {
      const lesson = { run, events: await readRunLog(db, run.id) };
      if (isWhole(() => playedIn([lesson], now()))) lessons.push(lesson);
    }
    return playedIn(lessons, now());
  });
  // Private: each student's tries by step in the lessons that have ended, the newest last.
  route(router, 'get', '/classes/:id/attempts', async (req) => {
    const { id } = await classRecords.get(db, idParam(req));
    const past = (await endedRuns(db, id)).filter(keepsAttempts);
    const names: Record<string, string> = {};
    for (const run of past) Object.assign(names, planOf(run).names ?? {});
    const attempts = await attemptsOf(db, past);
    return { names, attempts };
  });
  route(router, 'get', '/runs/:id', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    return { run, events: await readRunLog(db, run.id), now: now() };
  });
  route(router, 'get', '/runs/:id/entry', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    const log = await readRunLog(db, run.id);
    try {
      return logEntry(run, log, now());
    } catch {
      throw new Problem(409, 'unreadable-run', [{ path: ['id'], code: 'not-readable' }]);
    }
  });
  // A run as it is stored, to save or to send to somebody: of one that cannot be read nothing else can be shown.
  router.get('/runs/:id/raw', (req, res, next) => {
    rawRun(db, idParam(req)).then((raw) => {
      res.setHeader('content-disposition', `attachment; filename="lesson-${raw.id}.json"`);
      res.json(raw);
    }, next);
  });
  route(router, 'post', '/runs/:id/events', async (req) => {
    const run = await runRecords.get(db, idParam(req));
    const { events } = readInput(Events, bodyOf(req));
    return inOrder(run.id, async () => {
      const log = await readRunLog(db, run.id);
      const known = new Set(log.map((e) => e.id as string));
      const fresh = events.filter((e) => !known.has(e.id));
      if (!fresh.length) return { events: log, now: now() };
      const fault = faultOf(run, log, fresh, now());
      if (fault) throw new Problem(400, 'bad-input', [{ ...fault, path: inRequest(fault.path, events, fresh) }]);
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
      summaries.forget(id);
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
