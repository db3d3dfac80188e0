import { z } from 'zod';
import { ClassId, LessonId, PeriodId, RoomId, StudentId } from './ids.ts';
import { recordFields } from './record.ts';
import { mapKey, optionalLine } from './text.ts';

export const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'time' });
export const day = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, { message: 'date' });

/** Seconds after midnight of "HH:MM". */
export function clockSeconds(hhmm: string): number {
  const [h, m] = hhmm.split(':').map(Number);
  return h * 3600 + m * 60;
}

/** "HH:MM" of seconds after midnight. */
export const bellText = (seconds: number) =>
  `${String(Math.floor(seconds / 3600)).padStart(2, '0')}:${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`;

/** Bells at least five minutes and at most three hours apart; the fault is at the end. */
export function checkBells({ start, end }: { start: string; end: string }, ctx: z.RefinementCtx): void {
  const seconds = clockSeconds(end) - clockSeconds(start);
  if (!(seconds >= 300)) ctx.addIssue({ code: 'custom', path: ['end'], message: 'too-small' });
  if (seconds > 3 * 3600) ctx.addIssue({ code: 'custom', path: ['end'], message: 'too-large' });
}

/** One bell-to-bell period of one day. Local school time; end after start, at most three hours. */
export const Period = z
  .object({
    ...recordFields('period', 1),
    id: PeriodId,
    date: day,
    start: clock,
    end: clock,
    classId: ClassId,
    /** Classes that share the lesson with it. */
    guests: z.array(ClassId).max(2, { message: 'too-many' }).optional(),
    roomId: RoomId,
    /** Adults of the school who are there; nobody if absent. */
    adults: z.array(mapKey(64)).max(12, { message: 'too-many' }).optional(),
    lessonId: LessonId.nullable(),
    /** The slot of the bell timetable that it was made from, wherever it has been moved since. */
    slot: mapKey(64).optional(),
    /** Why it does not take place, in a line that may be empty; it does if absent. */
    cancelled: optionalLine(80).optional(),
  })
  .superRefine((p, ctx) => {
    checkBells(p, ctx);
    if (p.guests && new Set([p.classId, ...p.guests]).size <= p.guests.length)
      ctx.addIssue({ code: 'custom', path: ['guests'], message: 'repeated' });
  });
export type Period = z.infer<typeof Period>;

export const STATUSES = ['present', 'late', 'light', 'no-shoes', 'excused', 'absent'] as const;
export const ROLES = ['plays', 'light', 'scores', 'times', 'helps', 'away'] as const;
export const Presence = z.object({ status: z.enum(STATUSES, { message: 'choice' }), role: z.enum(ROLES, { message: 'choice' }) });
export type Presence = z.infer<typeof Presence>;
export type Status = Presence['status'];
export type Role = Presence['role'];

/** What one usually does with a status; the teacher may give another role. */
export const USUAL_ROLE: Record<Status, Role> = {
  present: 'plays',
  late: 'plays',
  light: 'light',
  'no-shoes': 'scores',
  excused: 'scores',
  absent: 'away',
};

/** Who is here today and what each does; who is not listed is present and plays. */
export const Attendance = z.object({
  ...recordFields('attendance', 1),
  periodId: PeriodId,
  entries: z.record(StudentId, Presence),
});
export type Attendance = z.infer<typeof Attendance>;

/** True for those who are dealt into groups. */
export const isPlaying = (presence: Presence | undefined) => !presence || presence.role === 'plays' || presence.role === 'light';
