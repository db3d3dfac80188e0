import { z } from 'zod';
import { ClassId, RoomId } from './ids.ts';
import { checkBells, clock, day } from './period.ts';
import { line, mapKey, optionalLine, whole } from './text.ts';

export const WEEK_LETTERS = ['A', 'B'] as const;
export type WeekLetter = (typeof WEEK_LETTERS)[number];

/** A period that comes back every week, or every other: `weekday` 1 Monday to 7 Sunday; without `week` in A and B weeks alike. */
export const BellSlot = z
  .object({
    id: mapKey(64),
    weekday: whole(1, 7),
    week: z.enum(WEEK_LETTERS, { message: 'choice' }).optional(),
    start: clock,
    end: clock,
    classId: ClassId,
    roomId: RoomId,
  })
  .superRefine(checkBells);
export type BellSlot = z.infer<typeof BellSlot>;

/** A day with other bells: the day's first period is at the first of them, and so on; periods without a bell fall away. */
export const ShortDay = z.object({
  date: day,
  name: line(40),
  bells: z.array(z.object({ start: clock, end: clock }).superRefine(checkBells)).max(12, { message: 'too-many' }),
});
export type ShortDay = z.infer<typeof ShortDay>;

/** Days without school, both ends included. */
export const Holiday = z.object({ name: optionalLine(60), from: day, until: day }).superRefine((holiday, ctx) => {
  if (holiday.until < holiday.from) ctx.addIssue({ code: 'custom', path: ['until'], message: 'too-small' });
});
export type Holiday = z.infer<typeof Holiday>;

/** When a school's periods are, week after week. `firstA`: a day of any A week, if A and B weeks take turns. */
export const Timetable = z.object({
  slots: z.array(BellSlot).max(120, { message: 'too-many' }),
  firstA: day.optional(),
  shortDays: z.array(ShortDay).max(100, { message: 'too-many' }),
  holidays: z.array(Holiday).max(300, { message: 'too-many' }),
});
export type Timetable = z.infer<typeof Timetable>;

export const NO_TIMETABLE: Timetable = { slots: [], shortDays: [], holidays: [] };
