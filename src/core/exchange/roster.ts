import { MOST_STUDENTS } from '../model/schoolClass.ts';
import { line, optionalLine } from '../model/text.ts';
import { cutIntoCells, readPasted } from './pasted.ts';

export const ROSTER_COLUMNS = ['given', 'family', 'name', 'rating', 'note', 'other'] as const;
export type RosterColumn = (typeof ROSTER_COLUMNS)[number];
export interface RosterRow {
  /** Line of the table, from 1, heading included. */
  row: number;
  givenName: string;
  familyName: string;
  rating?: number;
  /** Private: whatever the list says of the student beside name and rating, in one line. */
  note?: string;
}
/** What the teacher says of a list; each is kept while the text is looked at again. */
export interface RosterOptions {
  /** What each column is. */
  columns?: readonly RosterColumn[];
  /** Two students may really have one name. */
  repeatsAllowed?: boolean;
  /** Ratings that are no numbers from 1 to 5 are left empty. */
  emptyNumbers?: boolean;
  /** Rows that are students though they look like something else. */
  keep?: readonly number[];
}
export interface RosterError {
  row: number;
  column: string;
  code: 'empty' | 'too-long' | 'characters' | 'repeated' | 'number' | 'too-many' | 'quotes' | 'one-word' | 'no-rows';
  value: string;
}
/** A row that is no student: what came before the heading, the heading again, a total, nothing at all. */
export interface SkippedRow {
  row: number;
  why: 'title' | 'heading' | 'total' | 'empty';
  text: string;
}
export interface RosterPreview {
  rows: RosterRow[];
  skipped: SkippedRow[];
  errors: RosterError[];
  columns: RosterColumn[];
  delimiter: string;
  /** The first rows as they were cut into cells, so that columns can be told by hand. */
  sample: string[][];
}

/** Rows read at the most; the rest is one error. */
const MOST_ROWS = 400;
/** Letters of one student's note. */
const MOST_NOTE = 400;
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
  note: 'note',
  notes: 'note',
  comment: 'note',
  comments: 'note',
  remark: 'note',
  remarks: 'note',
  medical: 'note',
  'medical notes': 'note',
  health: 'note',
  'health notes': 'note',
  support: 'note',
  supports: 'note',
  needs: 'note',
  'special needs': 'note',
  accommodations: 'note',
};

const heading = (cell: string): RosterColumn | undefined =>
  HEADINGS[
    cell
      .trim()
      .toLowerCase()
      .replace(/[:*]+$/, '')
  ];
const isNameHeading = (cells: readonly string[]): boolean =>
  cells.map(heading).some((c) => c === 'given' || c === 'family' || c === 'name');
const filled = (cells: readonly string[]): string[] => cells.map((c) => c.trim()).filter((c) => c !== '');

/** How a line begins that sums up the lines above it; what else it has are numbers. */
const TOTAL = /^(totals?|sum|count|average|mean|number of students|students|total students|boys|girls)\b\s*[:=]?\s*\d*$/i;
const isTotal = ([first, ...more]: readonly string[]): boolean => TOTAL.test(first) && more.every((cell) => /^[\d.,%]+$/.test(cell));

/** Rows among which the heading is looked for: school, class and date often stand above it. */
const HEADING_WITHIN = 12;

/** Columns without a heading: a number in front is passed over, then first name, last name, rating. */
function guessColumns(first: readonly string[]): RosterColumn[] {
  if (first.length < 2) return first.map(() => 'name');
  const isCounted = /^\d+\.?$/.test(first[0].trim());
  const from = isCounted ? 1 : 0;
  // "3 | Ashgrove, Wren": one cell holds the whole name.
  if (/^[^,]+, *[^,]+$/.test(first[from]?.trim() ?? '')) return first.map((_, i) => (i === from ? 'name' : 'other'));
  return first.map((cell, i) =>
    i === from ? 'given' : i === from + 1 ? 'family' : i === from + 2 && /^[1-5]$/.test(cell.trim()) ? 'rating' : 'other',
  );
}

/** The table's rows that are students, each with its line, and those that are not. */
function sortRows(table: readonly string[][], keep: ReadonlySet<number>) {
  const skipped: SkippedRow[] = [];
  const skip = (row: number, why: SkippedRow['why']) =>
    skipped.push({
      row,
      why,
      text: filled(table[row - 1])
        .join(' ')
        .slice(0, 60),
    });
  const at = table.slice(0, HEADING_WITHIN).findIndex(isNameHeading);
  const most = Math.max(0, ...table.map((cells) => filled(cells).length));
  const students: { row: number; cells: string[] }[] = [];
  table.forEach((cells, i) => {
    const row = i + 1;
    const said = filled(cells);
    const isTitle = at >= 0 ? i < at : students.length === 0 && said.length === 1 && most > 1;
    if (keep.has(row)) students.push({ row, cells });
    else if (said.length === 0) skip(row, 'empty');
    else if (i === at) return;
    else if (isTitle) skip(row, 'title');
    else if (at >= 0 && isNameHeading(cells)) skip(row, 'heading');
    else if (isTotal(said)) skip(row, 'total');
    else students.push({ row, cells });
  });
  const headingCells = at >= 0 ? table[at] : undefined;
  return { headingCells, students, skipped };
}

/** "Family, Given" or "Given Family" as [given, family]. */
function splitName(name: string): [string, string] {
  const comma = name.indexOf(',');
  if (comma >= 0) return [name.slice(comma + 1).trim(), name.slice(0, comma).trim()];
  const [given, ...rest] = name.trim().split(' ');
  return [given, rest.join(' ').trim()];
}

/** What the note columns say of a student: one line, columns parted by semicolons. */
const noteIn = (cells: readonly string[], columns: readonly RosterColumn[]): string =>
  cells
    .filter((_, c) => columns[c] === 'note')
    .map((cell) => cell.trim().replace(/\s*\n\s*/g, ' '))
    .filter((part) => part !== '')
    .join('; ');

function problem(value: string): RosterError['code'] | undefined {
  const parsed = line(40).safeParse(value);
  return parsed.success ? undefined : (parsed.error.issues[0].message as RosterError['code']);
}

/** True for a lone column of "Family, Given": every line has exactly one comma and a blank after it, so it is one name, not two columns. */
function isLoneNames(clean: string, delimiter: string): boolean {
  const lines = clean.split('\n').filter((l) => l.trim() !== '');
  return (
    delimiter === ',' &&
    lines.length > 0 &&
    lines.every((l) => /^[^,"]+, [^,"]+$/.test(l)) &&
    !lines[0].split(',').some((cell) => heading(cell))
  );
}

/**
 * A roster from pasted cells or a CSV file (comma, semicolon or tab; quotes; byte order mark), with every error by row and column.
 * Columns are told by their headings, or first name first where there are none; titles, totals and empty rows are left out and said.
 * Nothing is stored here.
 */
export function readRoster(text: string, { columns: wanted, repeatsAllowed, emptyNumbers, keep = [] }: RosterOptions = {}): RosterPreview {
  const { clean, delimiter } = readPasted(text);
  const cells = cutIntoCells(clean, isLoneNames(clean, delimiter) ? '\u0001' : delimiter, MOST_ROWS + 1, false);
  const table = cells.table;
  while (table.length > 0 && filled(table[table.length - 1]).length === 0) table.pop();
  const { headingCells, students, skipped } = sortRows(table, new Set(keep));
  const first = headingCells ?? students[0]?.cells ?? [];
  const guessed = headingCells ? headingCells.map((c): RosterColumn => heading(c) ?? 'other') : guessColumns(first);
  // Columns told for another table say nothing of this one.
  const columns = wanted && wanted.length === first.length ? [...wanted] : guessed;
  const shown = [...(headingCells ? [headingCells] : []), ...students.map((s) => s.cells)].slice(0, 4);
  const sample = shown.map((row) => row.map((cell) => cell.slice(0, 60)));
  const errors: RosterError[] = cells.errors;
  const result = { columns, delimiter, sample, skipped };
  if (table.length > MOST_ROWS || students.length > MOST_STUDENTS) {
    const count =
      table.length > MOST_ROWS ? clean.split('\n').filter((l) => l.trim() !== '').length - (headingCells ? 1 : 0) : students.length;
    errors.push({ row: students[MOST_STUDENTS]?.row ?? MOST_ROWS, column: '', code: 'too-many', value: String(count) });
    return { rows: [], errors, ...result };
  }
  if (!students.length) errors.push({ row: 1, column: '', code: 'no-rows', value: '' });
  const seen = new Map<string, number>();
  const rows = students.map(({ row, cells: own }): RosterRow => {
    const cell = (column: RosterColumn) => own[columns.indexOf(column)]?.trim() ?? '';
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
    const isRating = /^[1-5]$/.test(raw);
    if (raw !== '' && !isRating && !emptyNumbers) fail('rating', 'number', raw);
    const note = noteIn(own, columns);
    const unfit = optionalLine(MOST_NOTE).safeParse(note);
    if (!unfit.success) fail('note', unfit.error.issues[0].message as RosterError['code'], note);
    const key = `${givenName} ${familyName}`.toLowerCase();
    if (seen.has(key) && !repeatsAllowed) fail(whole ? 'name' : 'given', 'repeated', `${givenName} ${familyName}`);
    seen.set(key, row);
    return { row, givenName, familyName, ...(isRating ? { rating: Number(raw) } : {}), ...(note && { note }) };
  });
  errors.sort((a, b) => a.row - b.row);
  return { rows, errors, ...result };
}
