/**
 * The day on which tests happen, whatever the machine's date: server, page, test and time zone alike. A run may choose another
 * one (SIDE_COURT_TEST_TIME, local; SIDE_COURT_TEST_ZONE): `torture/days` goes through days that are unlike the others.
 */
export const TEST_TIME = process.env.SIDE_COURT_TEST_TIME ?? '2026-03-11T07:30';
export const TEST_ZONE = process.env.SIDE_COURT_TEST_ZONE ?? 'America/Denver';

/** Sets zone and clock for this process and all that it starts. Called before anything reads a date. */
export function liveOnTestDate(): void {
  process.env.TZ = TEST_ZONE;
  process.env.SIDE_COURT_AHEAD ??= String(new Date(TEST_TIME).getTime() - Date.now());
}

/** Sets the clock of a page or a process ahead, in milliseconds. Runs in the page too: it uses nothing from around it. */
export function shiftClock(ahead: number): void {
  const Real = Date;
  class Later extends Real {
    constructor(...given: unknown[]) {
      if (given.length) super(...(given as [number]));
      else super(Real.now() + ahead);
    }
    static override now() {
      return Real.now() + ahead;
    }
  }
  globalThis.Date = Later as DateConstructor;
}

/** Milliseconds by which this run's clock is ahead of the machine's; 0 outside of a test run. */
export const testAhead = (): number => Number(process.env.SIDE_COURT_AHEAD ?? 0);
