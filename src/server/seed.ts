import { addDays, format, isWeekend } from 'date-fns';
import { eq } from 'drizzle-orm';
import { DEMO_CUPBOARD } from '../content/cupboard.ts';
import { DEMO_SCHOOL, demoAttendance, demoPast, demoPeriods, GRADE_3B, GRADE_5A, LESSONS, MILL_GYM } from '../content/demo.ts';
import { GAMES } from '../content/games.ts';
import { stepsOf } from '../core/live/foldRun.ts';
import { planOf } from '../core/live/runPlan.ts';
import { chance } from '../core/model/chance.ts';
import { Game } from '../core/model/game.ts';
import { HOME_SCHOOL } from '../core/model/ids.ts';
import { clockSeconds } from '../core/model/period.ts';
import { RunEvent } from '../core/model/run.ts';
import { NEW_SCHOOL } from '../core/model/school.ts';
import type { Database } from './database.ts';
import { readDeskById } from './deskInput.ts';
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

/** What happened in a past run: the clock a little late, points by a seeded chance, some gear not counted back. */
function pastEvents(run: ReturnType<typeof newRun>, seed: number, note: string): RunEvent[] {
  const random = chance(seed);
  const events: unknown[] = [];
  const plan = planOf(run);
  let wall = run.startedAt;
  let count = 0;
  const add = (type: string, fields: Record<string, unknown> = {}) =>
    events.push({ id: `e${seed}-${++count}`, at: Math.round(wall), type, ...fields });
  for (const { block, segment, seconds } of stepsOf(plan)) {
    const { game, id } = plan.blocks[block];
    const late = segment.kind === 'phase' ? random.below(26) : 0;
    if (late > 9) add('adjust', { seconds: late });
    if (segment.kind === 'work' && game) {
      game.groups.forEach((_, group) => {
        if (random.below(3)) add('play', { blockId: id, event: { type: 'points', group, points: 1 + random.below(4) } });
      });
    }
    wall += (seconds + (late > 9 ? late : 0)) * 1000;
  }
  wall += 5_000;
  const gear = plan.blocks.flatMap((b) => b.game?.gear ?? []);
  for (const g of gear.slice(0, 4)) add('count', { gearKind: g.gearKind, counted: Math.max(0, g.need - (random.below(5) === 0 ? 1 : 0)) });
  add('note', { text: note });
  add('end');
  return events.map((e) => RunEvent.parse(e));
}

const iso = (date: Date) => format(date, 'yyyy-MM-dd');

/** Today's three periods, where the demo was made on another day and has none yet. */
export async function seedDemoDay(db: Database, today: Date): Promise<void> {
  if ((await periodRecords.list(db, onDate(iso(today)))).length) return;
  const periods = demoPeriods(iso(today));
  for (const period of periods) await periodRecords.add(db, period);
  await attendanceRecords.add(db, demoAttendance(periods[1].id));
}

/** Alder Hollow's demo school on `today` (local date): facts, three periods today, two past runs. */
export async function seedDemo(db: Database, today: Date): Promise<void> {
  await seedSchool(db, DEMO_SCHOOL);
  await roomRecords.add(db, MILL_GYM);
  for (const item of DEMO_CUPBOARD) await gearRecords.add(db, item);
  for (const { schoolClass, students, ratings, wishes } of [GRADE_3B, GRADE_5A]) {
    await classRecords.add(db, schoolClass);
    for (const student of students) await studentRecords.add(db, student);
    for (const rating of ratings) await ratingRecords.add(db, rating);
    for (const wish of wishes) await wishRecords.add(db, wish);
  }
  for (const lesson of Object.values(LESSONS)) await lessonRecords.add(db, lesson);
  await seedDemoDay(db, today);
  const schoolDays = [1, 2, 3, 4, 5, 6].map((back) => addDays(today, -back)).filter((d) => !isWeekend(d));
  for (const past of demoPast([iso(schoolDays[1]), iso(schoolDays[0])])) {
    await lessonRecords.add(db, past.lesson);
    await periodRecords.add(db, past.period);
    await attendanceRecords.add(db, {
      ...demoAttendance(past.period.id),
      entries: Object.fromEntries(past.absent.map((id) => [id, { status: 'absent' as const, role: 'away' as const }])),
    });
    const start = new Date(`${past.period.date}T00:00:00`).getTime() + clockSeconds(past.period.start) * 1000;
    const run = newRun(await readDeskById(db, past.period.id), start);
    const events = pastEvents(run, past.seed, past.note);
    await runRecords.add(db, { ...run, endedAt: events[events.length - 1].at });
    await appendRunEvents(db, run.id, events);
  }
}
