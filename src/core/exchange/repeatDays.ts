import { dateOf, dayNumber, dayOf, numberOfDate } from '../model/day.ts';

export const FREQUENCIES = ['SECONDLY', 'MINUTELY', 'HOURLY', 'DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'] as const;
type Frequency = (typeof FREQUENCIES)[number];

/** A rule of RFC 5545, 3.3.10, as far as it says on which days something begins. Weekdays count from Monday, 0, to Sunday, 6. */
export interface RepeatRule {
  frequency: Frequency;
  interval: number;
  count?: number;
  /** The last day, ISO. */
  until?: string;
  weekStart: number;
  months: readonly number[];
  monthDays: readonly number[];
  yearDays: readonly number[];
  weekNumbers: readonly number[];
  weekdays: readonly { weekday: number; nth?: number }[];
  positions: readonly number[];
  /** True if hours, minutes or seconds are picked out as well. */
  picksTimes: boolean;
}

/** Work left: every day that is looked at takes one. */
export interface Steps {
  left: number;
}

const SECONDS: Partial<Record<Frequency, number>> = { SECONDLY: 1, MINUTELY: 60, HOURLY: 3600 };
const DAY_SECONDS = 86_400;

interface Day {
  number: number;
  year: number;
  month: number;
  day: number;
  weekday: number;
}
function dayAt(number: number): Day {
  const { year, month, day } = dateOf(number);
  return { number, year, month, day, weekday: (((number + 3) % 7) + 7) % 7 };
}
const monthLength = (year: number, month: number) =>
  (month === 12 ? numberOfDate(year + 1, 1, 1) : numberOfDate(year, month + 1, 1)) - numberOfDate(year, month, 1);
const yearLength = (year: number) => numberOfDate(year + 1, 1, 1) - numberOfDate(year, 1, 1);

/** True if `value`, or its place counted from the end, is among those listed; an empty list picks nothing out. */
const picks = (list: readonly number[], value: number, length: number) =>
  list.length === 0 || list.includes(value) || list.includes(value - length - 1);

/** The week of the year (ISO 8601, weeks beginning on `weekStart`) and how many weeks its year has. */
function weekOf({ number, weekday }: Day, weekStart: number): { week: number; weeks: number } {
  const monday = number - ((weekday - weekStart + 7) % 7);
  // A week belongs to the year that has its fourth day.
  const { year } = dayAt(monday + 3);
  const firstOf = (y: number) => {
    const fourth = dayAt(numberOfDate(y, 1, 4));
    return fourth.number - ((fourth.weekday - weekStart + 7) % 7);
  };
  return { week: (monday - firstOf(year)) / 7 + 1, weeks: (firstOf(year + 1) - firstOf(year)) / 7 };
}

/** True if the weekday is picked out: any of its kind, or the nth one (from the end if negative) of the month or year. */
function isPickedWeekday(rule: RepeatRule, day: Day, within: 'month' | 'year' | 'any'): boolean {
  if (!rule.weekdays.length) return true;
  const isYear = within === 'year';
  const place = isYear ? day.number - numberOfDate(day.year, 1, 1) : day.day - 1;
  const length = isYear ? yearLength(day.year) : monthLength(day.year, day.month);
  const nth = Math.floor(place / 7) + 1;
  const fromEnd = -(Math.floor((length - 1 - place) / 7) + 1);
  return rule.weekdays.some(
    (w) => w.weekday === day.weekday && (w.nth === undefined || within === 'any' || w.nth === nth || w.nth === fromEnd),
  );
}

/** True if the parts of the rule let the day through, positions and counts left aside. */
function isPicked(rule: RepeatRule, day: Day, start: Day): boolean {
  const { frequency, months, monthDays, yearDays, weekNumbers, weekdays } = rule;
  if (months.length && !months.includes(day.month)) return false;
  if (!picks(monthDays, day.day, monthLength(day.year, day.month))) return false;
  if (yearDays.length && !picks(yearDays, day.number - numberOfDate(day.year, 1, 1) + 1, yearLength(day.year))) return false;
  if (weekNumbers.length) {
    const { week, weeks } = weekOf(day, rule.weekStart);
    if (!picks(weekNumbers, week, weeks)) return false;
  }
  if (frequency === 'YEARLY') {
    const within = months.length ? 'month' : weekNumbers.length ? 'any' : 'year';
    if (!isPickedWeekday(rule, day, within)) return false;
    if (weekdays.length || monthDays.length || yearDays.length) return true;
    if (weekNumbers.length) return day.weekday === start.weekday;
    return day.day === start.day && (months.length > 0 || day.month === start.month);
  }
  if (frequency === 'MONTHLY') {
    if (!isPickedWeekday(rule, day, 'month')) return false;
    return weekdays.length > 0 || monthDays.length > 0 || day.day === start.day;
  }
  if (!isPickedWeekday(rule, day, 'any')) return false;
  return frequency !== 'WEEKLY' || weekdays.length > 0 || day.weekday === start.weekday;
}

/** The first and last day of the period (week, month, year) that positions count in, and its number since the start's. */
function periodOf(rule: RepeatRule, day: Day, start: Day): { index: number; first: number; last: number } {
  const { frequency, weekStart } = rule;
  if (frequency === 'YEARLY') {
    const first = numberOfDate(day.year, 1, 1);
    return { index: day.year - start.year, first, last: first + yearLength(day.year) - 1 };
  }
  if (frequency === 'MONTHLY') {
    const first = day.number - day.day + 1;
    const index = (day.year - start.year) * 12 + day.month - start.month;
    return { index, first, last: first + monthLength(day.year, day.month) - 1 };
  }
  if (frequency === 'WEEKLY') {
    const first = day.number - ((day.weekday - weekStart + 7) % 7);
    const firstOfStart = start.number - ((start.weekday - weekStart + 7) % 7);
    return { index: (first - firstOfStart) / 7, first, last: first + 6 };
  }
  return { index: day.number - start.number, first: day.number, last: day.number };
}

/** The days of one period that are picked out, positions within it taken. */
function pickedIn(rule: RepeatRule, first: number, last: number, start: Day, steps: Steps): number[] {
  const found: number[] = [];
  for (let n = first; n <= last; n++) {
    steps.left -= 1;
    if (isPicked(rule, dayAt(n), start)) found.push(n);
  }
  if (!rule.positions.length) return found;
  const at = rule.positions.map((p) => (p > 0 ? p - 1 : found.length + p));
  return found.filter((_, i) => at.includes(i));
}

/** True if a repeat of less than a day begins on a day: an interval longer than a day skips some. */
function beginsWithin(day: Day, start: Day, startSecond: number, everySeconds: number): boolean {
  const dawn = (day.number - start.number) * DAY_SECONDS - startSecond;
  return Math.ceil(Math.max(0, dawn) / everySeconds) * everySeconds < dawn + DAY_SECONDS;
}

/** The last day by `count` of a repeat of less than a day, or undefined if it has none or its parts pick days out. */
const lastByCount = ({ count }: RepeatRule, start: Day, startSecond: number, everySeconds: number) =>
  count === undefined ? undefined : start.number + Math.floor((startSecond + (count - 1) * everySeconds) / DAY_SECONDS);

/**
 * The days from `from` to `until` (ISO, both included) on which something that first begins at `start` begins by a rule, in order.
 * Day by day, so that a rule for a day that never comes ends like any other; whole periods that a count does not need are passed
 * over. Undefined if the steps run out, or if a count of a repeat of less than a day depends on days picked out.
 */
export function repeatDays(
  rule: RepeatRule,
  start: { day: string; second: number },
  from: string,
  until: string,
  steps: Steps,
): string[] | undefined {
  const first = dayAt(dayNumber(start.day));
  const end = Math.min(dayNumber(until), rule.until === undefined ? Number.POSITIVE_INFINITY : dayNumber(rule.until));
  const begin = Math.max(dayNumber(from), first.number);
  const unit = SECONDS[rule.frequency];
  if (unit) {
    const days: number[] = [];
    const picksOut = [rule.months, rule.monthDays, rule.yearDays, rule.weekNumbers, rule.weekdays].some((list) => list.length);
    if (rule.positions.length || rule.picksTimes || (rule.count !== undefined && picksOut)) return undefined;
    const every = unit * rule.interval;
    const last = Math.min(end, lastByCount(rule, first, start.second, every) ?? Number.POSITIVE_INFINITY);
    for (let n = begin; n <= last; n++) {
      steps.left -= 1;
      if (steps.left < 0) return undefined;
      const day = dayAt(n);
      if (isPicked(rule, day, first) && beginsWithin(day, first, start.second, every)) days.push(n);
    }
    return days.map(dayOf);
  }
  const days: number[] = [];
  // Without a count nothing before the days asked for matters. The start counts as the first, picked or not (RFC 5545, COUNT).
  const isCounted = rule.count !== undefined;
  let seen = 1;
  if (first.number >= begin && first.number <= end) days.push(first.number);
  for (let n = isCounted ? first.number : begin; n <= end; ) {
    if (steps.left < 0) return undefined;
    const period = periodOf(rule, dayAt(n), first);
    steps.left -= 1;
    if (period.index % rule.interval === 0) {
      for (const day of pickedIn(rule, period.first, period.last, first, steps)) {
        if (day <= first.number || day > end) continue;
        seen += 1;
        if (isCounted && seen > rule.count!) return days.map(dayOf);
        if (day >= begin) days.push(day);
      }
    }
    n = period.last + 1;
  }
  return days.map(dayOf);
}
