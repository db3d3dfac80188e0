import { and, eq, not, sql } from 'drizzle-orm';
import { GEAR_CATALOGUE } from '../content/gearKinds.ts';
import type { FitInput } from '../core/fit/fitted.ts';
import { kindsOf } from '../core/gear/kinds.ts';
import { type AttemptsOnDay, attemptsIn, keepsAttempts } from '../core/live/attemptsIn.ts';
import { historyIn } from '../core/live/historyIn.ts';
import { keepsStages, type StageOnDay, stagesMetIn } from '../core/live/stagesMetIn.ts';
import type { ClassHistory } from '../core/model/classHistory.ts';
import { HOME_SCHOOL } from '../core/model/ids.ts';
import type { Lesson } from '../core/model/lesson.ts';
import type { Attendance, Period } from '../core/model/period.ts';
import type { Run } from '../core/model/run.ts';
import type { Database } from './database.ts';
import { besides, withDay } from './dayBeside.ts';
import {
  attendanceRecords,
  gameRecords,
  gearRecords,
  lessonRecords,
  periodRecords,
  roomRecords,
  runRecords,
  schoolRecords,
} from './repositories/index.ts';
import { newestLesson } from './repositories/newestLesson.ts';
import { isKept, readRunLog, stillOpen } from './repositories/runLog.ts';
import { isWhole, madeOf } from './repositories/unreadableRuns.ts';
import { readClass } from './routes/classes.ts';
import { periods, runs } from './tables.ts';

/** Everything the desk shows and fit takes for a period; `lesson` is null where none is planned. */
export type DeskInput = Omit<FitInput, 'lesson'> & { lesson: FitInput['lesson'] | null; attendance: Attendance | null };

/** Lessons of a class that are looked back on: about a unit. */
export const LOOKED_BACK = 12;

/** The last lessons of a class that have ended, the newest first; no more than are looked back on. */
export function lastRuns(db: Database, classId: string): Promise<Run[]> {
  const newest = sql`(${runs.data}->>'startedAt')::bigint desc`;
  return runRecords.list(db, and(eq(runs.classId, classId), not(stillOpen), isKept), { orderBy: newest, most: LOOKED_BACK });
}

/** What a class has had in its last lessons that have ended. */
async function readHistory(db: Database, classId: string): Promise<ClassHistory> {
  const past = (await lastRuns(db, classId)).filter((run) => isWhole(() => [historyIn([run]), keepsStages(run), keepsAttempts(run)]));
  return historyIn(past, [...(await attemptsOf(db, past)), ...(await stagesOf(db, past))]);
}

/** Stages that were reached in lessons that keep them; the logs of the others are not read. */
async function stagesOf(db: Database, past: readonly Run[]): Promise<StageOnDay[]> {
  const met: StageOnDay[] = [];
  for (const run of past.filter(keepsStages)) met.push(...madeOf([], stagesMetIn, run, await readRunLog(db, run.id)));
  return met;
}

/** Tries by step in lessons that keep them, the oldest first; the logs of the others are not read. */
export async function attemptsOf(db: Database, past: readonly Run[]): Promise<AttemptsOnDay[]> {
  const kept = past.filter(keepsAttempts).sort((a, b) => a.startedAt - b.startedAt);
  const attempts: AttemptsOnDay[] = [];
  for (const run of kept) attempts.push(...madeOf([], attemptsIn, run, await readRunLog(db, run.id)));
  return attempts;
}

/** Reads what several periods share once, each the first time that it is asked for. */
function sharedFacts(db: Database) {
  const once = <T>(read: () => Promise<T>) => {
    let found: Promise<T> | undefined;
    return () => {
      found ??= read();
      return found;
    };
  };
  const byId = <T>(read: (id: string) => Promise<T>) => {
    const found = new Map<string, Promise<T>>();
    return (id: string) => {
      const known = found.get(id) ?? read(id);
      found.set(id, known);
      return known;
    };
  };
  const school = once(() => schoolRecords.get(db, HOME_SCHOOL));
  return {
    cupboard: once(() => gearRecords.list(db)),
    games: once(() => gameRecords.list(db)),
    school,
    gearKinds: once(async () => kindsOf(GEAR_CATALOGUE, (await school()).gearKinds)),
    room: byId((id) => roomRecords.get(db, id)),
    ofClass: byId((id) => readClass(db, id)),
    history: byId((id) => readHistory(db, id)),
  };
}

/** The facts and choices of periods, what they share read once. Problem 404 if one is about something that is gone. */
export async function readDesks(db: Database, periods: readonly Period[]): Promise<DeskInput[]> {
  const facts = sharedFacts(db);
  const desks: DeskInput[] = [];
  for (const period of periods) {
    const own = await facts.ofClass(period.classId);
    const all = [own];
    for (const id of period.guests ?? []) all.push(await facts.ofClass(id));
    desks.push({
      schoolClass: own.schoolClass,
      students: all.flatMap((c) => c.students),
      ratings: all.flatMap((c) => c.ratings),
      wishes: all.flatMap((c) => c.wishes),
      period,
      lesson: period.lessonId ? await readLesson(db, period.lessonId, facts.games) : null,
      attendance: (await attendanceRecords.find(db, period.id)) ?? null,
      room: await facts.room(period.roomId),
      cupboard: await facts.cupboard(),
      games: await facts.games(),
      gearKinds: await facts.gearKinds(),
      school: await facts.school(),
      history: await facts.history(period.classId),
    });
  }
  return desks;
}

/** A lesson with its settings in the newest version of their formats; null if it is gone. */
export async function readLesson(db: Database, id: string, games = () => gameRecords.list(db)): Promise<Lesson | null> {
  const lesson = await lessonRecords.find(db, id);
  return lesson ? newestLesson(lesson, games) : null;
}

/** The facts and choices of one period, with what others of the day have of the gear and the floor. */
export async function readDesk(db: Database, period: Period): Promise<DeskInput> {
  const sameDay = await periodRecords.list(db, eq(periods.date, period.date));
  const [desk] = withDay(await readDesks(db, [period]), await readDesks(db, besides(period, sameDay)));
  return desk;
}

export async function readDeskById(db: Database, periodId: string): Promise<DeskInput> {
  return readDesk(db, await periodRecords.get(db, periodId));
}
