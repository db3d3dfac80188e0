import type { Band } from '../model/band.ts';
import type { Role, Status } from '../model/period.ts';

/** What students are today, and what each of them does. */
export const STATUS_WORDS: Record<Status, string> = {
  present: 'present',
  late: 'late',
  light: 'light activity',
  'no-shoes': 'no suitable shoes',
  excused: 'excused',
  absent: 'absent',
};
export const ROLE_WORDS: Record<Role, string> = {
  plays: 'plays',
  light: 'does light activity',
  scores: 'keeps score',
  times: 'keeps time',
  helps: 'helps set up',
  away: 'not here',
};
/** What the grades of a band are called. */
export const BAND_WORDS: Record<Band, string> = {
  'pre-k': 'Pre-K',
  'k-1': 'grades K–1',
  '2-3': 'grades 2–3',
  '4-5': 'grades 4–5',
  '6-8': 'grades 6–8',
  '9-12': 'grades 9–12',
};
export const PHASE_WORDS: Record<string, string> = {
  arrive: 'Arrive',
  attendance: 'Attendance',
  explain: 'Explain',
  walk: 'Walk-through',
  game: 'Game',
  water: 'Water',
  reset: 'Put away',
  close: 'Close',
  leave: 'Leave',
};

/** Steps at the start of a block that no format knows. */
const LEAD_WORDS: Record<string, string> = { regroup: 'New groups', 'floor-change': 'Change the floor' };
/** What a step of a block is called that is no play: the format's word for it, else everybody's. */
export const stepWords = (code: string, own: Readonly<Record<string, string>> = {}): string | undefined =>
  own[code] ?? LEAD_WORDS[code] ?? PHASE_WORDS[code];

/** How ready a lesson is, for a mark. */
export const readinessWords = ({
  open,
  keptStops,
  hasGame,
  ran,
}: {
  open: number;
  keptStops: number;
  hasGame: boolean;
  ran?: boolean;
}): string => {
  if (ran) return 'done';
  if (!hasGame) return 'no game yet';
  if (open > 0) return `${open} to fix`;
  return keptStops > 0 ? `${keptStops} ${keptStops === 1 ? 'stop' : 'stops'} kept` : 'ready';
};

/** Messages of bad input by code. */
export const INPUT_WORDS: Record<string, string> = {
  empty: 'is empty',
  'too-long': 'is too long',
  characters: 'has characters that cannot be saved',
  repeated: 'is already on the list',
  number: 'is not a number that fits here',
  whole: 'must be a whole number',
  'too-small': 'is too small',
  'too-large': 'is too large',
  choice: 'is not one of the choices',
  time: 'is not a time (HH:MM)',
  date: 'is not a date',
  'too-many': 'are too many rows',
  'no-json': 'is not JSON',
  quotes: 'has an open quotation mark',
  'one-word': 'has one word only: first and last name are needed',
  'no-rows': 'has no rows',
  'outside-wall': 'reaches beyond the end of its wall',
  'not-across': 'does not reach from wall to wall through the room',
  crosses: 'crosses another wall',
  'outside-room': 'reaches beyond the room',
  'not-empty': 'is not empty',
  'unknown-id': 'is not known',
  'unknown-kind': 'is a kind that nobody knows yet: say its family too',
  'unknown-key': 'is not known',
  'too-deep': 'has too many levels',
  id: 'is not an id',
  'own-position': 'names a student’s own position: standing is not harder than a chair, so it is never a step',
  'not-rising': 'must go from near to far',
  order: 'must raise every value once',
  'yes-first': 'needs the student’s yes',
};
export const inputWords = (code: string): string => INPUT_WORDS[code] ?? 'cannot be used';
