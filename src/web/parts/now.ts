import { useEffect, useState } from 'react';

/** The time, kept by the second (or by `everyMs`). */
export function useNow(everyMs = 1000): Date {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}

const two = (n: number) => String(n).padStart(2, '0');
/** The name of a weekday or month; the browser knows them, so that no package of dates is loaded with the first screen. */
const nameOf = (date: Date, part: Intl.DateTimeFormatOptions) => date.toLocaleDateString('en-US', part);
const noonOf = (iso: string) => new Date(`${iso}T12:00:00`);

/** "2026-09-09", local. */
export const isoDate = (date: Date) => `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
/** "9:05 AM", local. */
export const clockText = (ms: number) => {
  const [hours, minutes] = [new Date(ms).getHours(), two(new Date(ms).getMinutes())];
  return `${((hours + 11) % 12) + 1}:${minutes} ${hours < 12 ? 'AM' : 'PM'}`;
};
/** "Wednesday, September 9" */
export const longDate = (iso: string) => {
  const date = noonOf(iso);
  return nameOf(date, { weekday: 'long', month: 'long', day: 'numeric' });
};
/** "9:05" and "1:05": on a clock of twelve hours, as bells are read. */
export const shortBell = (hhmm: string) => {
  const [hours, minutes] = hhmm.split(':');
  return `${((Number(hours) + 11) % 12) + 1}:${minutes}`;
};
/** "Wednesday" */
export const weekdayName = (iso: string) => nameOf(noonOf(iso), { weekday: 'long' });
/** "Sep 9" */
export const shortDate = (iso: string) => nameOf(noonOf(iso), { month: 'short', day: 'numeric' });
export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
