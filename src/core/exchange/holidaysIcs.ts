import ICAL, { type Event, type Recur, type Time } from 'ical.js';
import type { IcsError, IcsFault } from '../model/calendarFault.ts';
import { addDays, dayNumber } from '../model/day.ts';
import { Holiday } from '../model/timetable.ts';
import { type EventLines, eventLinesOf } from './icsEvents.ts';
import { FREQUENCIES, type RepeatRule, repeatDays, type Steps } from './repeatDays.ts';

/** Holidays taken at the most. */
const MOST = 300;
/** Years for which an event that repeats is taken. */
const YEARS = 3;
/** Days looked at in all repeats of a file together: a few thousand are usual, a count that began in 1910 takes 40,000. */
const MOST_STEPS = 3_000_000;

const isoOf = (time: Time): string =>
  `${String(time.year).padStart(4, '0')}-${String(time.month).padStart(2, '0')}-${String(time.day).padStart(2, '0')}`;
const secondOf = ({ isDate, hour, minute, second }: Time): number => (isDate ? 0 : hour * 3600 + minute * 60 + second);

/** Days of an event: an end that is a day, or midnight, is the day after the last one. */
function daysOf(event: Event): number {
  const { startDate, endDate } = event;
  if (!startDate || !endDate) return 1;
  const whole = endDate.isDate || secondOf(endDate) === 0;
  return Math.max(1, dayNumber(isoOf(endDate)) - dayNumber(isoOf(startDate)) + (whole ? 0 : 1));
}

const WEEKDAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

/** A rule as this package reads it, for counting days by. Throws if its numbers are none. */
function ruleOf(recur: Recur, start: Time): RepeatRule {
  const { freq, interval, count, until, wkst, parts } = recur;
  const frequency = FREQUENCIES.find((f) => f === freq);
  if (!frequency || !Number.isSafeInteger(interval) || interval < 1) throw new RangeError(`invalid repeat: ${freq} ${interval}`);
  if (count !== null && !(Number.isSafeInteger(count) && count >= 1)) throw new RangeError(`invalid count: ${count}`);
  const numbers = (key: string) => (parts[key] ?? []).map(Number);
  const isLastOver = until && !until.isDate && secondOf(until) < secondOf(start);
  return {
    frequency,
    interval,
    ...(count === null ? {} : { count }),
    ...(until ? { until: addDays(isoOf(until), isLastOver ? -1 : 0) } : {}),
    weekStart: (wkst + 5) % 7,
    months: numbers('BYMONTH'),
    monthDays: numbers('BYMONTHDAY'),
    yearDays: numbers('BYYEARDAY'),
    weekNumbers: numbers('BYWEEKNO'),
    positions: numbers('BYSETPOS'),
    weekdays: (parts.BYDAY ?? []).map((said) => {
      const [, nth, name] = /^([+-]?\d+)?(\w\w)$/.exec(String(said)) ?? [];
      return { weekday: WEEKDAYS.indexOf(name), ...(nth ? { nth: Number(nth) } : {}) };
    }),
    picksTimes: ['BYHOUR', 'BYMINUTE', 'BYSECOND'].some((key) => parts[key]?.length),
  };
}

/** The days on which an event begins, from `from` to `until`; undefined if its repeats cannot be told. Throws if it has no start. */
function startsOf(event: Event, from: string, until: string, steps: Steps): string[] | undefined {
  const { startDate, component } = event;
  if (!startDate) throw new RangeError('an event without a start');
  const start = isoOf(startDate);
  const rules = component.getAllProperties('rrule').flatMap((p) => p.getValues() as Recur[]);
  const dates = (name: string) =>
    component
      .getAllProperties(name)
      .flatMap((p) => p.getValues().map((value) => isoOf((value as { start?: Time }).start ?? (value as Time))));
  const days = new Set([start, ...dates('rdate')]);
  for (const recur of rules) {
    const more = repeatDays(ruleOf(recur, startDate), { day: start, second: secondOf(startDate) }, from, until, steps);
    if (!more) return undefined;
    for (const day of more) days.add(day);
  }
  for (const day of dates('exdate')) days.delete(day);
  return [...days].filter((day) => (day >= from || day === start) && day <= until).sort();
}

/** The line of an event that begins with one of these names, or its first. */
const lineOf = ({ lines }: EventLines, ...names: string[]): number =>
  (lines.find(({ text }) => names.some((n) => new RegExp(`^${n}[;:]`, 'i').test(text))) ?? lines[0]).line;

/** The event of its lines alone. Throws if ical.js cannot read it. */
function eventOf({ lines }: EventLines): Event {
  return new ICAL.Event(new ICAL.Component(ICAL.parse(lines.map(({ text }) => text).join('\r\n'))));
}

/** True if an event that cannot be read could be without its repeats: then it is they that are wrong. */
function startsAlone({ lines }: EventLines): boolean {
  const alone = lines.filter(({ text }) => !/^(RRULE|RDATE|EXDATE)[;:]/i.test(text));
  try {
    return alone.length < lines.length && eventOf({ lines: alone }).startDate !== null;
  } catch {
    return false;
  }
}

/**
 * Days without school from an iCalendar file (RFC 5545): one or more days for each event, repeats day by day for three years from
 * `from` on, past ones left out. What is wrong is said by event and line, and keeps no other event from being read.
 */
export function readHolidays(text: string, from: string): { holidays: Holiday[]; errors: IcsError[] } {
  const failed = ({ line, code, value }: IcsFault): { holidays: Holiday[]; errors: IcsError[] } => ({
    holidays: [],
    errors: [{ event: 0, line, code, value }],
  });
  const found = eventLinesOf(text);
  if ('fault' in found) return failed(found.fault);
  const holidays = new Map<string, Holiday>();
  const errors: IcsError[] = [];
  const until = addDays(from, 366 * YEARS);
  const steps: Steps = { left: MOST_STEPS };
  for (const [i, own] of found.events.entries()) {
    const fail = (line: number, code: IcsError['code'], value = '') => errors.push({ event: i + 1, line, code, value: value.slice(0, 60) });
    let hasStart = false;
    try {
      const event = eventOf(own);
      const name = (event.summary ?? '').trim();
      const length = daysOf(event);
      hasStart = event.startDate !== null;
      const starts = startsOf(event, addDays(from, 1 - length), until, steps);
      if (!starts) fail(lineOf(own, 'RRULE'), 'repeats');
      for (const start of starts ?? []) {
        const read = Holiday.safeParse({ name, from: start, until: addDays(start, length - 1) });
        if (!read.success) {
          fail(lineOf(own, 'SUMMARY'), read.error.issues[0].message as IcsError['code'], name);
          break;
        }
        if (read.data.until >= from) holidays.set(`${read.data.from} ${read.data.until} ${read.data.name}`, read.data);
        if (holidays.size > MOST) return failed({ line: lineOf(own, 'RRULE'), code: 'too-many', value: String(MOST) });
      }
    } catch {
      const isRepeat = hasStart || startsAlone(own);
      fail(isRepeat ? lineOf(own, 'RRULE', 'RDATE', 'EXDATE') : lineOf(own, 'DTSTART'), isRepeat ? 'repeats' : 'no-day');
    }
  }
  return { holidays: [...holidays.values()].sort((a, b) => (a.from < b.from ? -1 : 1)), errors };
}
