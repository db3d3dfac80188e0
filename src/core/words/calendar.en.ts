import type { IcsError } from '../model/calendarFault.ts';
import { inputWords } from './facts.en.ts';

/** What is wrong with a calendar file, or with one of its events, with the line where it is. */
export function icsErrorWords({ event, line, code, value }: IcsError): string {
  switch (code) {
    case 'not-a-calendar':
      return `This isn’t a calendar file: line ${line}${value ? `, “${value}”` : ' is empty'}.`;
    case 'no-events':
      return 'This calendar has no events.';
    case 'too-many':
      return `Line ${line}: more than ${value} days or events. Export fewer, then try again.`;
    case 'too-deep':
      return `Line ${line}: too many parts inside one another.`;
    case 'no-day':
      return `Line ${line}, event ${event}: no day that can be read.`;
    case 'repeats':
      return `Line ${line}, event ${event}: this repeat can’t be read. Add its days by hand.`;
    default:
      return `Line ${line}, event ${event}: “${value}” ${inputWords(code)}.`;
  }
}
