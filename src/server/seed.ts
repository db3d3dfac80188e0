import { addDays, format, isWeekend } from 'date-fns';
import { eq } from 'drizzle-orm';
import { DEMO_CUPBOARD } from '../content/cupboard.ts';
import { DEMO_SCHOOL, demoAttendance, demoPeriods, LESSONS, ROOMS, ROSTERS } from '../content/demo.ts';
import { demoFollowed } from '../content/demoLadders.ts';
import { demoPast, PAST_WEEKS, type PastDay, type PastLesson } from '../content/demoPast.ts';
import { GAMES } from '../content/games.ts';
import { Game } from '../core/model/game.ts';
import { HOME_SCHOOL, RunId } from '../core/model/ids.ts';
import { NEW_SCHOOL } from '../core/model/newSchool.ts';
import type { Database } from './database.ts';
import { type DeskInput, readDeskById } from './deskInput.ts';
import { localMs } from './localTime.ts';
import { pastEvents } from './pastRun.ts';
import {
  attendanceRecords,
  classRecords,
  gearRecords,
  lessonRecords,
  periodRecords,
  ratingRecords,
  roomRecords,
  runRecords,
  schoolRecords,
  studentRecords,
  wishRecords,
} from './repositories/index.ts';
import { appendRunEvents } from './repositories/runLog.ts';
import { onDate } from './routes/facts.ts';
import { newRun } from './routes/runs.ts';
import { seedPlans } from './seedPlans.ts';
import { games } from './tables.ts';

/** What every school has: its settings, and the games that come with Side Court in their newest form. */
export async function seedSchool(db: Database, school = NEW_SCHOOL): Promise<void> {
  if (!(await schoolRecords.find(db, HOME_SCHOOL))) await schoolRecords.add(db, school);
  for (const game of GAMES) {
    const row = { id: game.id, schoolId: game.schoolId, version: game.version, revision: game.revision, data: Game.parse(game) };
    await db
      .insert(games)
      .values(row)
      .onConflictDoUpdate({ target: games.id, set: row, setWhere: eq(games.id, game.id) });
  }
}

const iso = (date: Date) => format(date, 'yyyy-MM-dd');

/** Today's periods of the demo, if it was made on another day and has none yet; a school of one's own is left alone. */
export async function seedDemoDay(db: Database, today: Date): Promise<void> {
  if (!(await lessonRecords.find(db, LESSONS.mills.id)) || !(await classRecords.find(db, 'grade-5a'))) return;
  if ((await periodRecords.list(db, onDate(iso(today)))).length) return;
  const periods = demoPeriods(iso(today));
  for (const period of periods) await periodRecords.add(db, period);
  await attendanceRecords.add(db, demoAttendance(periods[1].id));
}

/** The school days of the last weeks, oldest first. */
function pastDays(today: Date): PastDay[] {
  return Array.from({ length: PAST_WEEKS * 7 }, (_, i) => PAST_WEEKS * 7 - i)
    .map((back) => ({ day: addDays(today, -back), weeksAgo: Math.floor((back - 1) / 7) }))
    .filter(({ day }) => !isWeekend(day))
    .map(({ day, weeksAgo }) => ({ date: iso(day), weekday: day.getDay(), weeksAgo }));
}

/** Lessons of the past with their runs. */
async function seedPast(db: Database, lessons: readonly PastLesson[]): Promise<void> {
  const facts = new Map<string, DeskInput>();
  for (const past of lessons) {
    await lessonRecords.add(db, past.lesson);
    await periodRecords.add(db, past.period);
    await attendanceRecords.add(db, past.attendance);
    const place = `${past.period.classId} ${past.period.roomId}`;
    const known = facts.get(place) ?? (await readDeskById(db, past.period.id));
    facts.set(place, known);
    const start = localMs(past.period.date, past.period.start);
    const { period, lesson, attendance } = past;
    const run = { ...newRun({ ...known, period, lesson, attendance }, start), id: RunId.parse(`run-${period.id}`) };
    const events = pastEvents(run, past.seed, past.lateness, past.note, past.marks);
    await runRecords.add(db, { ...run, endedAt: events[events.length - 1].at });
    await appendRunEvents(db, run.id, events);
  }
}

/** The demo as a school of its own, left for an empty one with a press. */
export async function seedDemoSchool(db: Database, today: Date): Promise<void> {
  await seedDemo(db, today);
  await schoolRecords.put(db, { ...(await schoolRecords.get(db, HOME_SCHOOL)), demo: { own: NEW_SCHOOL } });
}

/** Alder Hollow's demo school on `today` (local date): facts, the day's periods, and the latest `lessons` of eight weeks of past ones. */
export async function seedDemo(db: Database, today: Date, lessons = Number.POSITIVE_INFINITY): Promise<void> {
  await seedSchool(db, DEMO_SCHOOL);
  const weeksBefore = (weeks: number) => addDays(new Date(`${iso(today)}T00:00:00`), -7 * weeks).getTime();
  for (const room of ROOMS) await roomRecords.add(db, room);
  for (const item of DEMO_CUPBOARD) await gearRecords.add(db, item);
  for (const { schoolClass, students, ratings, wishes } of ROSTERS) {
    await classRecords.add(db, schoolClass);
    for (const student of students) await studentRecords.add(db, student);
    for (const rating of ratings) await ratingRecords.add(db, { ...rating, ...demoFollowed(rating.studentId, weeksBefore) });
    for (const wish of wishes) await wishRecords.add(db, wish);
  }
  for (const lesson of Object.values(LESSONS)) await lessonRecords.add(db, lesson);
  await seedDemoDay(db, today);
  const all = demoPast(pastDays(today));
  const past = all.slice(Math.max(0, all.length - lessons));
  await db.transaction((tx) => seedPast(tx as unknown as Database, past));
  const last = past.findLast(({ period }) => period.classId === 'grade-5a');
  if (last) await seedPlans(db, last.period.id, ['grade-5a-4', 'grade-5a-13', 'grade-5a-17']);
}
