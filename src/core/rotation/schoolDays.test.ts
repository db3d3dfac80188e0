import { describe, expect, it } from 'vitest';
import { addDays, dayNumber, dayOf, mondayOf, weekdayOf } from '../model/day.ts';
import { ClassId, LessonId, PeriodId, RoomId } from '../model/ids.ts';
import { type BellSlot, NO_TIMETABLE, type Timetable } from '../model/timetable.ts';
import { clashesOf, nextMeeting, openSlots, schoolDay, weekLetter } from './schoolDays.ts';

const slot = (id: string, weekday: number, start: string, end: string, more: Partial<BellSlot> = {}): BellSlot => ({
  ...{ id, weekday, start, end, classId: ClassId.parse('c1'), roomId: RoomId.parse('r1') },
  ...more,
});
const timetable: Timetable = {
  ...NO_TIMETABLE,
  firstA: '2026-09-07',
  slots: [
    slot('late', 3, '13:00', '13:45'),
    slot('early', 3, '09:00', '09:45', { classId: ClassId.parse('c2') }),
    slot('beside', 3, '09:00', '09:45', { roomId: RoomId.parse('r2') }),
    slot('a', 5, '10:00', '10:45', { week: 'A' }),
    slot('b', 5, '10:00', '10:45', { week: 'B', classId: ClassId.parse('c2') }),
  ],
  shortDays: [{ date: '2026-09-16', name: 'Parents’ day', bells: [{ start: '08:30', end: '09:00' }] }],
  holidays: [{ name: 'Harvest', from: '2026-10-12', until: '2026-10-16' }],
};
const period = (more: object) => ({
  ...{
    id: PeriodId.parse('p'),
    date: '2026-09-09',
    start: '09:00',
    end: '09:45',
    classId: ClassId.parse('c1'),
    roomId: RoomId.parse('r1'),
  },
  ...{ lessonId: null as LessonId | null },
  ...more,
});

describe('days', () => {
  it('count on over months, years, leap days and changes of the clock', () => {
    expect(['2026-09-09', '2026-02-28', '2028-02-28', '2026-12-31', '2026-03-29'].map((d) => addDays(d, 1))).toEqual([
      '2026-09-10',
      '2026-03-01',
      '2028-02-29',
      '2027-01-01',
      '2026-03-30',
    ]);
    expect([dayNumber('1970-01-01'), dayNumber('1969-12-31'), dayNumber('2026-09-09')]).toEqual([0, -1, Date.UTC(2026, 8, 9) / 86_400_000]);
    for (let n = -800; n < 60_000; n += 7) expect(dayOf(n)).toBe(new Date(n * 86_400_000).toISOString().slice(0, 10));
    for (let n = -800; n < 60_000; n += 13) expect(dayNumber(dayOf(n))).toBe(n);
    expect(['2026-09-07', '2026-09-13', '1969-12-28'].map(weekdayOf)).toEqual([1, 7, 7]);
    expect(['2026-09-07', '2026-09-13', '2027-01-01'].map(mondayOf)).toEqual(['2026-09-07', '2026-09-07', '2026-12-28']);
  });
});

describe('schoolDay', () => {
  const ids = (date: string) => schoolDay(timetable, date).slots.map((s) => s.id);

  it('has the slots of its weekday in bell order, of its week where A and B take turns', () => {
    expect(ids('2026-09-09')).toEqual(['beside', 'early', 'late']);
    expect([ids('2026-09-11'), ids('2026-09-18'), ids('2026-09-25'), ids('2026-09-04')]).toEqual([['a'], ['b'], ['a'], ['b']]);
    expect(weekLetter({}, '2026-09-09')).toBeUndefined();
    expect(schoolDay({ ...timetable, firstA: undefined }, '2026-09-18').slots.map((s) => s.id)).toEqual(['a', 'b']);
    expect(ids('2026-09-10')).toEqual([]);
  });

  it('has nothing on a holiday, and the day’s own bells on a short day, lessons at one time sharing a bell', () => {
    expect(schoolDay(timetable, '2026-10-14')).toMatchObject({ slots: [], holiday: { name: 'Harvest' } });
    const short = schoolDay(timetable, '2026-09-16');
    expect(short.slots.map((s) => [s.id, s.start, s.end])).toEqual([
      ['beside', '08:30', '09:00'],
      ['early', '08:30', '09:00'],
    ]);
    expect(short.leftOut.map((s) => s.id)).toEqual(['late']);
  });
});

describe('openSlots', () => {
  it('leaves out what a period was made from, wherever it was moved, and what was typed by hand', () => {
    const open = (...periods: ReturnType<typeof period>[]) => openSlots(timetable, '2026-09-09', periods).map((s) => s.id);
    expect(open()).toEqual(['beside', 'early', 'late']);
    expect(open(period({ slot: 'late', start: '11:00' }))).toEqual(['beside', 'early']);
    expect(open(period({ start: '13:00' }))).toEqual(['beside', 'early']);
    expect(open(period({ date: '2026-09-10', slot: 'late' }))).toEqual(['beside', 'early', 'late']);
  });
});

describe('nextMeeting', () => {
  const after = { date: '2026-09-09', start: '09:00' };
  const lesson = LessonId.parse('l1');

  it('is the class’s own next free period or slot, whichever is earlier', () => {
    expect(nextMeeting(timetable, 'c1', after, [])).toMatchObject({ date: '2026-09-09', start: '13:00', slot: { id: 'late' } });
    const free = period({ id: PeriodId.parse('p1'), start: '11:00' });
    expect(nextMeeting(timetable, 'c1', after, [free])).toEqual({ date: '2026-09-09', start: '11:00', period: 'p1' });
  });

  it('passes over planned and cancelled periods, holidays and the other week', () => {
    const planned = period({ slot: 'late', start: '13:00', lessonId: lesson });
    expect(nextMeeting(timetable, 'c1', after, [planned])).toMatchObject({ date: '2026-09-11', slot: { id: 'a' } });
    const off = period({ slot: 'late', start: '13:00', cancelled: '' });
    expect(nextMeeting(timetable, 'c1', after, [off])?.date).toBe('2026-09-11');
    expect(nextMeeting(timetable, 'c1', { date: '2026-10-09', start: '10:00' }, [])?.date).toBe('2026-10-21');
    expect(nextMeeting(timetable, 'c9', after, [])).toBeUndefined();
  });
});

describe('clashesOf', () => {
  const at = (id: string, start: string, end: string, more = {}) => period({ id: PeriodId.parse(id), start, end, ...more });

  it('names rooms and classes that are wanted twice at once; a bell that only touches is none, nor is what is cancelled', () => {
    const c2 = { classId: ClassId.parse('c2') };
    const r2 = { roomId: RoomId.parse('r2') };
    const list = [
      at('a', '09:00', '09:45'),
      at('b', '09:30', '10:15', c2),
      at('c', '09:45', '10:00', r2),
      at('d', '09:00', '09:45', { ...c2, cancelled: '' }),
    ];
    expect(clashesOf(list)).toEqual([{ a: 'a', b: 'b', over: 'room' }]);
    const guest = [at('a', '09:00', '09:45', { guests: ['c2'] }), at('b', '09:30', '10:15', { ...c2, ...r2 })];
    expect(clashesOf(guest)).toEqual([{ a: 'a', b: 'b', over: 'class' }]);
  });
});
