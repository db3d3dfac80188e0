import { MOST_STUDENTS } from '../model/schoolClass.ts';
import { line } from '../model/text.ts';
import { cutIntoCells, readPasted } from './pasted.ts';

export const ROSTER_COLUMNS = ['given', 'family', 'name', 'rating', 'other'] as const;
export type RosterColumn = (typeof ROSTER_COLUMNS)[number];
export interface RosterRow {
  /** Line of the table, from 1, heading included. */
  row: number;
  givenName: string;
  familyName: string;
  rating?: number;
}
export interface RosterError {
  row: number;
  column: string;
  code: 'empty' | 'too-long' | 'characters' | 'repeated' | 'number' | 'too-many' | 'quotes' | 'one-word' | 'no-rows';
  value: string;
}
export interface RosterPreview {
  rows: RosterRow[];
  errors: RosterError[];
  columns: RosterColumn[];
  delimiter: string;
  /** The first rows as they were cut into cells, so that columns can be told by hand. */
  sample: string[][];
}

/** Rows read at the most; the rest is one error. */
const MOST_ROWS = 400;
const HEADINGS: Record<string, RosterColumn> = {
  given: 'given',
  'given name': 'given',
  first: 'given',
  'first name': 'given',
  firstname: 'given',
  forename: 'given',
  family: 'family',
  'family name': 'family',
  last: 'family',
  'last name': 'family',
  lastname: 'family',
  surname: 'family',
  name: 'name',
  student: 'name',
  'full name': 'name',
  'student name': 'name',
  rating: 'rating',
  level: 'rating',
};

const heading = (cell: string): RosterColumn | undefined => HEADINGS[cell.trim().toLowerCase()];

function guessColumns(table: string[][]): { columns: RosterColumn[]; hasHeading: boolean } {
  const first = table[0] ?? [];
  const known = first.map(heading);
  if (known.some((c) => c === 'given' || c === 'family' || c === 'name'))
    return { columns: known.map((c) => c ?? 'other'), hasHeading: true };
  if (first.length === 1) return { columns: ['name'], hasHeading: false };
  return {
    columns: first.map((_, i) =>
      i === 0 ? 'given' : i === 1 ? 'family' : i === 2 && /^[1-5]$/.test(first[2].trim()) ? 'rating' : 'other',
    ),
    hasHeading: false,
  };
}

/** "Family, Given" or "Given Family" as [given, family]. */
function splitName(name: string): [string, string] {
  const comma = name.indexOf(',');
  if (comma >= 0) return [name.slice(comma + 1).trim(), name.slice(0, comma).trim()];
  const space = name.trim().indexOf(' ');
  return space < 0
    ? [name.trim(), '']
    : [
        name.trim().slice(0, space),
        name
          .trim()
          .slice(space + 1)
          .trim(),
      ];
}

function problem(value: string): RosterError['code'] | undefined {
  const parsed = line(40).safeParse(value);
  return parsed.success ? undefined : (parsed.error.issues[0].message as RosterError['code']);
}

/**
 * A class list from pasted cells or a CSV file (comma, semicolon or tab; quotes; byte order mark), with every error by row
 * and column. Columns are told by their headings, or given name first where there are none. Nothing is stored here.
 * `columnsWanted`: what each column is, told by hand; `repeatsAllowed`: two students may really have one name.
 */
export function readRoster(text: string, columnsWanted?: readonly RosterColumn[], repeatsAllowed = false): RosterPreview {
  const { clean, delimiter } = readPasted(text);
  // A lone column of "Family, Given" is one name, not two columns: only where every line has exactly one comma and a blank after it.
  const lines = clean.split('\n').filter((l) => l.trim() !== '');
  const lone =
    delimiter === ',' &&
    lines.length > 0 &&
    lines.every((l) => /^[^,"]+, [^,"]+$/.test(l)) &&
    !lines[0].split(',').some((cell) => heading(cell));
  const { table, errors: unclosed } = cutIntoCells(clean, lone ? '\u0001' : delimiter, MOST_ROWS + 1);
  const { columns: guessed, hasHeading } = guessColumns(table);
  const columns = columnsWanted ? [...columnsWanted] : guessed;
  const sample = table.slice(0, 4).map((cells) => cells.map((cell) => cell.slice(0, 60)));
  const errors: RosterError[] = unclosed;
  const body = table.slice(hasHeading ? 1 : 0);
  if (table.length > MOST_ROWS || body.length > MOST_STUDENTS) {
    errors.push({
      row: MOST_STUDENTS + (hasHeading ? 2 : 1),
      column: '',
      code: 'too-many',
      value: `${lines.length - (hasHeading ? 1 : 0)}`,
    });
    return { rows: [], errors, columns, delimiter, sample };
  }
  if (!body.length) errors.push({ row: 1, column: '', code: 'no-rows', value: '' });
  const seen = new Map<string, number>();
  const rows: RosterRow[] = [];
  body.forEach((cells, i) => {
    const row = i + 1 + (hasHeading ? 1 : 0);
    const cell = (column: RosterColumn) => cells[columns.indexOf(column)]?.trim() ?? '';
    const whole = columns.includes('name');
    const [givenName, familyName] = whole ? splitName(cell('name')) : [cell('given'), cell('family')];
    const fail = (column: string, code: RosterError['code'], value: string) =>
      errors.push({ row, column, code, value: value.slice(0, 60) });
    const given = problem(givenName);
    const family = problem(familyName);
    if (given) fail(whole ? 'name' : 'given', given, givenName);
    if (family && !(given && whole))
      fail(whole ? 'name' : 'family', whole && familyName === '' ? 'one-word' : family, whole ? cell('name') : familyName);
    const raw = cell('rating');
    const rating = raw === '' ? undefined : Number(raw);
    if (rating !== undefined && !(Number.isInteger(rating) && rating >= 1 && rating <= 5)) fail('rating', 'number', raw);
    const key = `${givenName} ${familyName}`.toLowerCase();
    if (seen.has(key) && !repeatsAllowed) fail(whole ? 'name' : 'given', 'repeated', `${givenName} ${familyName}`);
    seen.set(key, row);
    rows.push({ row, givenName, familyName, ...(rating === undefined ? {} : { rating }) });
  });
  errors.sort((a, b) => a.row - b.row);
  return { rows, errors, columns, delimiter, sample };
}
