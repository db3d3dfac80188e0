import { z } from 'zod';
import { Edit } from '../model/edit.ts';
import { EDIT_VERSION, upgradeEdit } from '../model/editVersion.ts';
import { Game } from '../model/game.ts';
import { Gear } from '../model/gear.ts';
import { EventId, LessonId } from '../model/ids.ts';
import { Lesson } from '../model/lesson.ts';
import { Attendance, Period } from '../model/period.ts';
import { newestOf, upgrade } from '../model/record.ts';
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
  /** The version that the edits are written in. */
  version: z.literal(EDIT_VERSION),
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

/** The most entries that each list of a file may have: decades of a large school. */
export const MOST_ENTRIES: Partial<Record<keyof SchoolFile, number>> = {
  classes: 500,
  students: 20_000,
  ratings: 20_000,
  wishes: 20_000,
  rooms: 300,
  gear: 5_000,
  games: 1_000,
  lessons: 50_000,
  lessonEdits: 300_000,
  periods: 50_000,
  attendances: 50_000,
  runs: 20_000,
};

/** Kinds of gear that have another name by now. */
const RENAMED_KINDS: Readonly<Record<string, string>> = { bib: 'pinnie' };

/** The record upgraded if its kind has newer versions; anything else, and an old record that is damaged, is left for the schema to report. */
function broughtUp(record: unknown): unknown {
  if (typeof record !== 'object' || record === null) return record;
  const { kind, version, gearKind } = record as { kind?: unknown; version?: unknown; gearKind?: unknown };
  const renamed = kind === 'gear' ? RENAMED_KINDS[String(gearKind)] : undefined;
  if (renamed) return broughtUp({ ...record, gearKind: renamed });
  const old = typeof kind === 'string' && typeof version === 'number' && version >= 1 && version < newestOf(kind);
  if (!old || !Number.isInteger(version)) return record;
  try {
    return upgrade(record as Record<string, unknown>, newestOf(kind));
  } catch {
    return record;
  }
}

/** A line of a lesson's log with its edits in today's version; older files say no version. */
function editBroughtUp(entry: { edit: unknown; inverse: unknown; version?: unknown }): unknown {
  const version = entry.version ?? 1;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1 || version > EDIT_VERSION) return entry;
  return { ...entry, edit: upgradeEdit(entry.edit, version), inverse: upgradeEdit(entry.inverse, version), version: EDIT_VERSION };
}

/** One entry of a file's list, with a record of an older version upgraded. */
export function upgradeEntry(entry: unknown): unknown {
  if (typeof entry !== 'object' || entry === null) return entry;
  if ('run' in entry) return { ...entry, run: broughtUp(entry.run) };
  return 'edit' in entry && 'inverse' in entry ? editBroughtUp(entry) : broughtUp(entry);
}

/** The file without what is private: ratings, wishes, attendance, notes, consequences, reasons. Names stay: it is the teacher's own file. */
export function withoutPrivate(file: SchoolFile): SchoolFile {
  // A box stays in the log because later events depend on it; its reason is private.
  const unexplained = (event: RunEvent): RunEvent =>
    (event.type === 'play' || event.type === 'replace') && event.event.type === 'box'
      ? { ...event, event: { ...event.event, why: '' } }
      : event;
  // So does the box that an offence brought; that there was one does not.
  const harmless = (event: RunEvent): RunEvent[] => {
    if (event.type === 'note' || event.type === 'presence' || event.type === 'mark') return [];
    if (event.type === 'replan') return [{ ...event, blocks: event.blocks.map((block) => ({ ...block, note: '' })) }];
    if (event.type !== 'offence') return [unexplained(event)];
    const { id, at, blockId, play, student: player, step } = event;
    if (step === 'word') return [];
    const box = { type: 'box', player, why: '', release: step };
    return [{ id, at, type: 'play', blockId, ...(play === undefined ? {} : { play }), event: box }];
  };
  return {
    ...file,
    privateIncluded: false,
    ratings: [],
    wishes: [],
    attendances: [],
    lessons: file.lessons.map((lesson) => ({ ...lesson, accepted: [], blocks: lesson.blocks.map(({ note: _, ...block }) => block) })),
    lessonEdits: [],
    runs: file.runs.map(({ run, events }) => {
      const { presence: _, ...plan } = run.plan as Run['plan'] & { absent?: unknown; presence?: unknown };
      const blocks = plan.blocks.map((block) => ({ ...block, note: '' }));
      return { run: { ...run, plan: { ...plan, absent: [], blocks } }, events: events.flatMap(harmless) };
    }),
  };
}

/** The published shape of the file, as JSON Schema. */
export function schoolFileSchema(): unknown {
  return z.toJSONSchema(SchoolFile, { unrepresentable: 'any', io: 'input' });
}
