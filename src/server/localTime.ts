import { format } from 'date-fns';

/** Milliseconds of a local date and clock. */
export const localMs = (date: string, hhmm: string): number => new Date(`${date}T${hhmm}:00`).getTime();

/** The local date and clock of a time in milliseconds. */
export const localTime = (ms: number): { date: string; start: string } => ({ date: format(ms, 'yyyy-MM-dd'), start: format(ms, 'HH:mm') });
