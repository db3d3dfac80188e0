import { capital } from '../formats/speak.ts';
import { inputWords } from './facts.en.ts';

/** What a field is called on the screen where it is typed. */
const FIELDS: Record<string, string> = {
  start: 'Starts',
  end: 'Ends',
  atM: 'From the wall’s start',
  xM: 'From west',
  yM: 'From south',
  clearM: 'Kept clear',
  undersideM: 'Underside',
  heightM: 'Height',
  turnedDeg: 'Turned',
  byM: 'Draws out by',
  classId: 'Class',
  roomId: 'Room',
  lessonId: 'Lesson',
  periodId: 'Period',
  gearKind: 'Kind',
  givenName: 'First name',
  familyName: 'Last name',
  place: 'Kept in',
  until: 'Last day',
  from: 'First day',
};
/** What holds a field, for one that has no name of its own. */
const HOLDERS: Record<string, string> = {
  doors: 'Door',
  fixed: 'Thing',
  curtains: 'Curtain',
  painted: 'Painted lines',
  slots: 'Period',
  holidays: 'Holiday',
  shortDays: 'Short day',
  walls: 'Wall',
  outline: 'Corner',
  blocks: 'Block',
  students: 'Student',
  entries: 'Student',
};

/** "widthM" as "Width". */
const plain = (key: string): string =>
  capital(
    key
      .replace(/(?:M|Deg|Id)$/, '')
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .toLowerCase(),
  );

/** What was refused: the path of the field and why. */
export interface Issue {
  path: readonly (string | number)[];
  code: string;
}

/** What is wrong with a field: which one of several, its name as the screen has it, what is wrong. No name of the code. */
export function issueWords({ path, code }: Issue): string {
  const parts = path.map(String).filter((p) => p !== 'edit');
  const key = parts.findLast((p) => !/^\d+$/.test(p));
  if (path[0] === 'line') return `Line ${path[1]}: ${inputWords(code)}`;
  if (!key) return capital(inputWords(code));
  if (key === 'end' && code === 'too-small') return 'Ends: at least 5 min after Starts';
  if (key === 'end' && code === 'too-large') return 'Ends: at most 3 h after Starts';
  const index = parts.findIndex((p) => /^\d+$/.test(p));
  const holder = index > 0 ? HOLDERS[parts[index - 1]] : undefined;
  const which = holder ? `${holder} ${Number(parts[index]) + 1}` : '';
  const name = HOLDERS[key] && which ? '' : (FIELDS[key] ?? plain(key));
  return `${[which, name].filter(Boolean).join(', ')} ${inputWords(code)}`;
}
