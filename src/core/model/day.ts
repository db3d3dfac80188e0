/** Days since 1970-01-01 of a date in the Gregorian calendar (H. Hinnant, chrono-Compatible Low-Level Date Algorithms, 2013). */
export function numberOfDate(year: number, month: number, day: number): number {
  // Years begin in March, so that a leap day is the last of one.
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const dayOfYear = Math.floor((153 * ((month + 9) % 12) + 2) / 5) + day - 1;
  return era * 146_097 + yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear - 719_468;
}

/** Days since 1970-01-01 of "2026-09-09". */
export function dayNumber(iso: string): number {
  const [year, month, day] = iso.split('-').map(Number);
  return numberOfDate(year, month, day);
}

/** Year, month and day of days since 1970-01-01. */
export function dateOf(number: number): { year: number; month: number; day: number } {
  const z = number + 719_468;
  const era = Math.floor(z / 146_097);
  const dayOfEra = z - era * 146_097;
  const yearOfEra = Math.floor(
    (dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36_524) - Math.floor(dayOfEra / 146_096)) / 365,
  );
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const m = Math.floor((5 * dayOfYear + 2) / 153);
  const day = dayOfYear - Math.floor((153 * m + 2) / 5) + 1;
  const month = m < 10 ? m + 3 : m - 9;
  return { year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0), month, day };
}

/** "2026-09-09" of days since 1970-01-01. */
export function dayOf(number: number): string {
  const { year, month, day } = dateOf(number);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;
}

/** The date so many days later, or earlier. */
export const addDays = (iso: string, days: number): string => dayOf(dayNumber(iso) + days);

/** 1 Monday to 7 Sunday. */
export const weekdayOf = (iso: string): number => ((((dayNumber(iso) + 3) % 7) + 7) % 7) + 1;

/** The Monday of its week. */
export const mondayOf = (iso: string): string => addDays(iso, 1 - weekdayOf(iso));
