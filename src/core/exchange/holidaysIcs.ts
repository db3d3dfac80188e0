import ICAL, { type Event, type Time } from 'ical.js';
import { addDays, dayNumber } from '../model/day.ts';
import { Holiday } from '../model/timetable.ts';

export interface IcsError {
  /** The event's number in the file, from 1; 0 for the file itself. */
  event: number;
  code: 'not-a-calendar' | 'no-day' | 'too-long' | 'characters' | 'too-many' | 'no-events';
  value: string;
}

/** Events and repeats taken at the most. */
const MOST = 300;
/** Years for which an event that repeats is taken. */
const YEARS = 3;

const isoOf = (time: Time): string =>
  `${String(time.year).padStart(4, '0')}-${String(time.month).padStart(2, '0')}-${String(time.day).padStart(2, '0')}`;

/** Days of an event: an end that is a day, or midnight, is the day after the last one. */
function daysOf(event: Event): number {
  const { startDate, endDate } = event;
  if (!startDate || !endDate) return 1;
  const whole = endDate.isDate || endDate.hour + endDate.minute + endDate.second === 0;
  return Math.max(1, dayNumber(isoOf(endDate)) - dayNumber(isoOf(startDate)) + (whole ? 0 : 1));
}

/**
 * Days without school from an iCalendar file (RFC 5545): one or more days for each event, repeats for three years from `from` on, past
 * ones left out. What is wrong is told by event.
 */
export function readHolidays(text: string, from: string): { holidays: Holiday[]; errors: IcsError[] } {
  const failed = (code: IcsError['code'], value = ''): { holidays: Holiday[]; errors: IcsError[] } => ({
    holidays: [],
    errors: [{ event: 0, code, value }],
  });
  let calendar: InstanceType<typeof ICAL.Component>;
  try {
    calendar = new ICAL.Component(ICAL.parse(text.replace(/^\uFEFF/, '').trim()));
  } catch {
    return failed('not-a-calendar');
  }
  if (calendar.name !== 'vcalendar') return failed('not-a-calendar');
  const components = calendar.getAllSubcomponents('vevent');
  if (!components.length) return failed('no-events');
  if (components.length > MOST) return failed('too-many', String(components.length));
  const holidays = new Map<string, Holiday>();
  const errors: IcsError[] = [];
  const until = addDays(from, 366 * YEARS);
  for (const [i, component] of components.entries()) {
    const fail = (code: IcsError['code'], value = '') => errors.push({ event: i + 1, code, value: value.slice(0, 60) });
    try {
      const event = new ICAL.Event(component);
      const name = (event.summary ?? '').trim();
      const length = daysOf(event);
      for (const start of startsOf(event, until)) {
        const read = Holiday.safeParse({ name, from: start, until: addDays(start, length - 1) });
        if (!read.success) {
          fail(read.error.issues[0].message as IcsError['code'], name);
          break;
        }
        if (read.data.until >= from) holidays.set(`${read.data.from} ${read.data.until} ${read.data.name}`, read.data);
      }
    } catch {
      fail('no-day');
    }
  }
  const list = [...holidays.values()].sort((a, b) => (a.from < b.from ? -1 : 1));
  if (list.length > MOST) return failed('too-many', String(list.length));
  return { holidays: list, errors };
}

/** The days on which an event begins. Throws if it has none. */
function startsOf(event: Event, until: string): string[] {
  if (!event.startDate) throw new RangeError('an event without a start');
  if (!event.isRecurring()) return [isoOf(event.startDate)];
  const starts: string[] = [];
  const repeats = event.iterator();
  for (let next = repeats.next(); next && starts.length <= MOST * 20 && isoOf(next) <= until; next = repeats.next())
    starts.push(isoOf(next));
  return starts;
}
