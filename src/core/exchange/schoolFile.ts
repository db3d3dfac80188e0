import { z } from 'zod';
import { Edit } from '../model/edit.ts';
import { Game } from '../model/game.ts';
import { Gear } from '../model/gear.ts';
import { EventId, LessonId } from '../model/ids.ts';
import { Lesson } from '../model/lesson.ts';
import { Attendance, Period } from '../model/period.ts';
import { upgrade } from '../model/record.ts';
import { Room } from '../model/room.ts';
import { Run, RunEvent } from '../model/run.ts';
import { School } from '../model/school.ts';
import { SchoolClass } from '../model/schoolClass.ts';
import { Student, StudentPrivate, Wish } from '../model/student.ts';

const revision = z.number().int().min(0);
export const LessonEdit = z.object({
  lessonId: LessonId,
  revision,
  id: EventId,
  name: z.string(),
  edit: Edit,
  inverse: Edit,
  undoes: revision.nullable(),
  redoes: revision.nullable(),
});

/** Everything a school has stored, as one JSON file. Records as they are stored; runs with their events in the server's order. */
export const SchoolFile = z.object({
  format: z.literal('side-court'),
  version: z.literal(1),
  /** False where ratings, wishes, attendance, notes and consequences were left out. */
  privateIncluded: z.boolean(),
  school: School,
  classes: z.array(SchoolClass),
  students: z.array(Student),
  ratings: z.array(StudentPrivate),
  wishes: z.array(Wish),
  rooms: z.array(Room),
  gear: z.array(Gear),
  games: z.array(Game),
  lessons: z.array(Lesson),
  lessonEdits: z.array(LessonEdit),
  periods: z.array(Period),
  attendances: z.array(Attendance),
  runs: z.array(z.object({ run: Run, events: z.array(RunEvent) })),
});
export type SchoolFile = z.infer<typeof SchoolFile>;

/** The newest version of each list's records. */
const NEWEST: Partial<Record<keyof SchoolFile, number>> = { runs: 2 };

/** The file with records of older versions brought up; what is no file of ours is left as it is for the schema to say. */
export function upgradeSchoolFile(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return raw;
  const file = raw as Record<string, unknown>;
  const runs = Array.isArray(file.runs)
    ? file.runs.map((entry) => {
        const run = (entry as { run?: unknown } | null)?.run;
        const known = typeof run === 'object' && run !== null && (run as { version?: unknown }).version === 1;
        return known ? { ...(entry as object), run: upgrade(run as Record<string, unknown>, NEWEST.runs!) } : entry;
      })
    : file.runs;
  return { ...file, runs };
}

/** The file without what is private: ratings, wishes, attendance, notes, consequences, reasons. Names stay: it is the teacher's own file. */
export function withoutPrivate(file: SchoolFile): SchoolFile {
  const harmless = (event: RunEvent) => event.type !== 'note' && !(event.type === 'play' && event.event.type === 'box');
  return {
    ...file,
    privateIncluded: false,
    ratings: [],
    wishes: [],
    attendances: [],
    lessons: file.lessons.map((lesson) => ({ ...lesson, accepted: [], blocks: lesson.blocks.map(({ note: _, ...block }) => block) })),
    lessonEdits: [],
    runs: file.runs.map(({ run, events }) => {
      const plan = run.plan as Run['plan'] & { absent?: unknown };
      const blocks = plan.blocks.map((block) => ({ ...block, note: '' }));
      return { run: { ...run, plan: { ...plan, absent: [], blocks } }, events: events.filter(harmless) };
    }),
  };
}

/** The published shape of the file, as JSON Schema. */
export function schoolFileSchema(): unknown {
  return z.toJSONSchema(SchoolFile, { unrepresentable: 'any', io: 'input' });
}
