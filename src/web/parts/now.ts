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
/** "09:05", local. */
export const clockText = (ms: number) => `${two(new Date(ms).getHours())}:${two(new Date(ms).getMinutes())}`;
/** "Wednesday, September 9" */
export const longDate = (iso: string) => {
  const date = noonOf(iso);
  return nameOf(date, { weekday: 'long', month: 'long', day: 'numeric' });
};
/** "9:05": no leading zero, as bells are read. */
export const shortBell = (hhmm: string) => hhmm.replace(/^0/, '');
/** "9 Sep" */
export const shortDate = (iso: string) => `${noonOf(iso).getDate()} ${nameOf(noonOf(iso), { month: 'short' })}`;
