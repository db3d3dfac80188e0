import type { FitInput } from '../core/fit/fitted.ts';
import { HOME_SCHOOL } from '../core/model/ids.ts';
import type { Attendance, Period } from '../core/model/period.ts';
import type { Database } from './database.ts';
import {
  attendanceRecords,
  gameRecords,
  gearRecords,
  lessonRecords,
  periodRecords,
  roomRecords,
  schoolRecords,
} from './repositories/index.ts';
import { readClass } from './routes/classes.ts';

/** Everything the desk shows and fit takes for a period; `lesson` is null where none is planned. */
export type DeskInput = Omit<FitInput, 'lesson'> & { lesson: FitInput['lesson'] | null; attendance: Attendance | null };

/** The facts and choices of a period, read in one go. Problem 404 where it is not there. */
export async function readDesk(db: Database, period: Period): Promise<DeskInput> {
  const lesson = period.lessonId ? ((await lessonRecords.find(db, period.lessonId)) ?? null) : null;
  const own = await readClass(db, period.classId);
  const guests = await Promise.all((period.guests ?? []).map((id) => readClass(db, id)));
  const all = [own, ...guests];
  return {
    schoolClass: own.schoolClass,
    students: all.flatMap((c) => c.students),
    ratings: all.flatMap((c) => c.ratings),
    wishes: all.flatMap((c) => c.wishes),
    period,
    lesson,
    attendance: (await attendanceRecords.find(db, period.id)) ?? null,
    room: await roomRecords.get(db, period.roomId),
    cupboard: await gearRecords.list(db),
    games: await gameRecords.list(db),
    school: await schoolRecords.get(db, HOME_SCHOOL),
  };
}

export async function readDeskById(db: Database, periodId: string): Promise<DeskInput> {
  return readDesk(db, await periodRecords.get(db, periodId));
}
