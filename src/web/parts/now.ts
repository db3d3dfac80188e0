import { format } from 'date-fns';
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

export const isoDate = (date: Date) => format(date, 'yyyy-MM-dd');
export const clockText = (ms: number) => format(ms, 'HH:mm');
export const longDate = (iso: string) => format(new Date(`${iso}T12:00:00`), 'EEEE d MMMM');
/** "9:05": no leading zero, as bells are read. */
export const shortBell = (hhmm: string) => hhmm.replace(/^0/, '');
/** "9 Sep" */
export const shortDate = (iso: string) => format(new Date(`${iso}T12:00:00`), 'd MMM');
