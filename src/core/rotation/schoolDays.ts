import { addDays, dayNumber, mondayOf, weekdayOf } from '../model/day.ts';
import type { Period } from '../model/period.ts';
import type { BellSlot, Holiday, ShortDay, Timetable, WeekLetter } from '../model/timetable.ts';

/** A or B, taking turns from the week of `firstA` on and before it; undefined if every week is the same. */
export function weekLetter({ firstA }: Pick<Timetable, 'firstA'>, date: string): WeekLetter | undefined {
  if (firstA === undefined) return undefined;
  const weeks = (dayNumber(mondayOf(date)) - dayNumber(mondayOf(firstA))) / 7;
  return weeks % 2 === 0 ? 'A' : 'B';
}

/** The holiday that a day is in. */
export const holidayOn = ({ holidays }: Pick<Timetable, 'holidays'>, date: string): Holiday | undefined =>
  holidays.find((h) => h.from <= date && date <= h.until);

export interface SchoolDay {
  /** What the timetable has for the day, in bell order, with the day's own bells. */
  slots: BellSlot[];
  /** Slots that a short day has no bell for. */
  leftOut: BellSlot[];
  week?: WeekLetter;
  holiday?: Holiday;
  shortDay?: ShortDay;
}

/** What the bell timetable says of a day: nothing on a holiday, other bells on a short day. */
export function schoolDay(timetable: Timetable, date: string): SchoolDay {
  const week = weekLetter(timetable, date);
  const holiday = holidayOn(timetable, date);
  if (holiday) return { slots: [], leftOut: [], week, holiday };
  const usual = timetable.slots
    .filter((s) => s.weekday === weekdayOf(date) && (s.week === undefined || week === undefined || s.week === week))
    .sort((a, b) => (a.start < b.start || (a.start === b.start && a.id < b.id) ? -1 : 1));
  const shortDay = timetable.shortDays.find((d) => d.date === date);
  if (!shortDay) return { slots: usual, leftOut: [], week };
  // Periods at the same time (two classes in two rooms) have one bell.
  const starts = [...new Set(usual.map((s) => s.start))];
  const bellOf = (slot: BellSlot) => shortDay.bells[starts.indexOf(slot.start)];
  return {
    slots: usual.flatMap((slot) => (bellOf(slot) ? [{ ...slot, ...bellOf(slot) }] : [])),
    leftOut: usual.filter((slot) => !bellOf(slot)),
    week,
    shortDay,
  };
}

type Dated = Pick<Period, 'date' | 'start' | 'classId' | 'slot'>;

/** The slots of a day that no period was made from yet: one that was moved to another time or room counts, as does one typed by hand for the same class and bell. */
export function openSlots(timetable: Timetable, date: string, periods: readonly Dated[]): BellSlot[] {
  const there = periods.filter((p) => p.date === date);
  return schoolDay(timetable, date).slots.filter(
    (slot) => !there.some((p) => p.slot === slot.id || (p.classId === slot.classId && p.start === slot.start)),
  );
}

/** Days that are looked ahead for a class's next lesson. */
const LOOK_AHEAD = 60;

/** Where a class meets next after a moment: a period of its own without a lesson, or a slot of the timetable; the earliest. Undefined if none is near. */
export function nextMeeting(
  timetable: Timetable,
  classId: string,
  after: { date: string; start: string },
  periods: readonly (Dated & Pick<Period, 'id' | 'lessonId' | 'cancelled'>)[],
): { date: string; start: string; period?: string; slot?: BellSlot } | undefined {
  for (let ahead = 0; ahead <= LOOK_AHEAD; ahead++) {
    const date = addDays(after.date, ahead);
    const isLater = (start: string) => date > after.date || start > after.start;
    const free = periods.filter((p) => p.date === date && p.classId === classId && p.lessonId === null && p.cancelled === undefined);
    const open = openSlots(timetable, date, periods).filter((s) => s.classId === classId);
    const all = [
      ...free.map((p) => ({ date, start: p.start, period: p.id as string })),
      ...open.map((slot) => ({ date, start: slot.start, slot })),
    ].filter((m) => isLater(m.start));
    all.sort((a, b) => (a.start < b.start ? -1 : 1));
    if (all[0]) return all[0];
  }
  return undefined;
}

/** Pairs of periods that cannot both be: one room, one class at the same time. Two lessons may share a room only if the teacher means it. */
export function clashesOf(
  periods: readonly Pick<Period, 'id' | 'date' | 'start' | 'end' | 'classId' | 'guests' | 'roomId' | 'cancelled'>[],
): { a: string; b: string; over: 'room' | 'class' }[] {
  const live = periods.filter((p) => p.cancelled === undefined);
  const classesOf = (p: (typeof live)[number]) => [p.classId, ...(p.guests ?? [])];
  return live.flatMap((a, i) =>
    live.slice(i + 1).flatMap((b) => {
      if (a.date !== b.date || a.start >= b.end || b.start >= a.end) return [];
      const over = classesOf(a).some((c) => classesOf(b).includes(c)) ? 'class' : a.roomId === b.roomId ? 'room' : undefined;
      return over ? [{ a: a.id as string, b: b.id as string, over } as const] : [];
    }),
  );
}
