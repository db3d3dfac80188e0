/** What is wrong with a calendar as a whole, at a line (from 1). */
export interface IcsFault {
  line: number;
  code: 'not-a-calendar' | 'no-events' | 'too-many' | 'too-deep';
  value: string;
}

export interface IcsError {
  /** The event's number in the file, from 1; 0 for the file itself. */
  event: number;
  /** The line of the file, from 1. */
  line: number;
  code: IcsFault['code'] | 'no-day' | 'repeats' | 'too-long' | 'characters';
  value: string;
}
