import papaparse from 'papaparse';
import type { z } from 'zod';
import { money } from '../formats/speak.ts';
import { coloursIn, type GearVocabulary, kindOfName, NO_NAMES, sizeIn } from '../gear/gearNames.ts';
import { kindCalled, newKind } from '../gear/kinds.ts';
import type { WishLine } from '../gear/stockTaking.ts';
import { Gear } from '../model/gear.ts';
import { GearFamily, type GearKind, type GearProperties } from '../model/gearKind.ts';
import { cutLine, readLine } from './gearLines.ts';
import { cutIntoCells, readPasted } from './pasted.ts';

/** Columns of a gear list in the order in which they are written: field, heading, and other headings that are read. */
const COLUMNS: [field: GearField, heading: string, also: string[]][] = [
  [
    'name',
    'Name',
    [
      'item',
      'gear',
      'equipment',
      'what',
      'item name',
      'equipment name',
      'item description',
      'description',
      'article',
      'product',
      'material',
      'materials',
      'supplies',
    ],
  ],
  [
    'count',
    'Count',
    [
      'quantity',
      'qty',
      'qty.',
      'number',
      'how many',
      '#',
      'no.',
      'amount',
      'units',
      'on hand',
      'in stock',
      'qty on hand',
      'quantity on hand',
      'total',
      'total count',
      'pcs',
      'have',
    ],
  ],
  ['gearKind', 'Kind', ['type']],
  ['family', 'Family', []],
  [
    'place',
    'Kept in',
    ['place', 'location', 'where', 'storage', 'stored', 'stored in', 'storage location', 'room', 'shelf', 'bin', 'cabinet', 'closet'],
  ],
  ['diameterM', 'Across (m)', ['diameter']],
  ['lengthM', 'Length (m)', []],
  ['massG', 'Weight (g)', ['mass']],
  ['firmness', 'Firmness', []],
  ['bounce', 'Bounce', []],
  ['flight', 'Flight', []],
  ['faceWidthM', 'Face width (m)', ['face']],
  ['gripMm', 'Grip (mm)', []],
  ['sound', 'Sound', []],
  ['colour', 'Color', ['colour', 'colors', 'colours']],
  ['texture', 'Texture', []],
  ['tether', 'Tether', []],
  ['latex', 'Latex', []],
  ['outdoors', 'Used', ['indoors or out']],
  ['condition', 'Condition', ['state']],
];
type GearField = 'name' | 'count' | 'gearKind' | 'family' | 'place' | 'condition' | keyof GearProperties;
const NUMBERS: readonly GearField[] = ['count', 'diameterM', 'lengthM', 'massG', 'faceWidthM', 'gripMm'];
/** Columns of a list without headings. */
const BARE: readonly GearField[] = ['name', 'count', 'gearKind', 'place'];
/** Rows read at the most. */
const MOST_ROWS = 2000;

/** One line of a list, as it would be stored: only what it says. */
export interface GearRow {
  /** Line of the table, from 1, heading included. */
  row: number;
  fields: Omit<z.infer<typeof Fields>, 'gearKind'> & { gearKind: string };
  /** Nobody knows what it is: the name says no kind that there is. */
  isUnknown?: true;
}
/** What the teacher says of a row that nobody knows: a kind there is, or the family of a new one; and how many, where the list says no count. */
export interface GearAnswer {
  row: number;
  kind?: string;
  family?: GearFamily;
  count?: number;
}
/** A line that is no gear: a title above the list, a part's heading, a total. */
export interface LeftOut {
  row: number;
  text: string;
}
export interface GearError {
  row: number;
  column: string;
  code: string;
  value: string;
  /** The line as it stands in the list. */
  line?: string;
}
export interface GearList {
  rows: GearRow[];
  errors: GearError[];
  /** Kinds that the list brings with it. */
  kinds: GearKind[];
  leftOut: LeftOut[];
}

/** What a list would do: rows that are new, those that change an item of that name and place, and how many say nothing new. */
export type GearPreview = GearList & { added: GearRow[]; changed: GearRow[]; same: number };

const Fields = Gear.omit({
  kind: true,
  version: true,
  schoolId: true,
  revision: true,
  id: true,
  limits: true,
  byColour: true,
  gone: true,
  wanted: true,
}).partial({
  gearKind: true,
  place: true,
});

const plain = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/\(.*\)/, '')
    .trim();
const HEADINGS = new Map(COLUMNS.flatMap(([field, heading, also]) => [plain(heading), ...also].map((h) => [h, field] as const)));
const headingOf = (field: string): string => COLUMNS.find(([f]) => f === field)?.[1] ?? field;

/** Everything in the gear closet as a CSV file: what is said of each item; what is only typical of its kind stays empty. */
export function gearCsv(gear: readonly Gear[], kinds: readonly GearKind[]): string {
  const cell = (item: Gear, field: GearField) => (field === 'family' ? kinds.find((k) => k.kind === item.gearKind)?.family : item[field]);
  const rows = gear.map((item) => COLUMNS.map(([field]) => safe(cell(item, field))));
  return papaparse.unparse([COLUMNS.map(([, heading]) => heading), ...rows], { newline: '\r\n' });
}

/** Rows among which the heading is looked for: school, room and date often stand above it. */
const HEADING_WITHIN = 12;

/** The row of headings and what each column is; a list without one has bare columns. */
function headingIn(table: readonly string[][]): { at: number; columns: (GearField | undefined)[] } {
  for (const [at, cells] of table.slice(0, HEADING_WITHIN).entries()) {
    const columns = cells.map((cell) => HEADINGS.get(plain(cell)));
    // "Equipment" alone may be a title; beside another heading, or with nothing above it, it is one.
    if (columns.includes('name') && (columns.filter(Boolean).length > 1 || at === 0)) return { at, columns };
  }
  return { at: -1, columns: [...BARE] };
}

/** How a line begins that sums up others. */
const TOTAL = /^(grand )?(sub)?total\b/i;
const isCount = (cell: string | undefined): boolean => /^\d{1,4}$/.test(cell?.trim() ?? '');

/** What a line without headings says by its cells: name and count in either order, then kind and place; else as a sentence. */
function bareLine(cells: readonly string[], line: string, isKind: (text: string) => boolean): Record<string, unknown> {
  const cut = cells.length > 1 && (isCount(cells[0]) || isCount(cells[1])) ? cells : cutLine(line);
  if (!cut) return { ...readLine(line) };
  const [first, second, third = '', fourth = ''] = cut.map((cell) => cell.trim());
  const [name, count] = isCount(second) ? [first, second] : [second, first];
  // A third cell that is no kind says where it is kept.
  const rest = third !== '' && fourth === '' && !isKind(third) ? [undefined, third] : [third, fourth];
  return saidIn([name, count, ...rest.map((cell) => cell ?? '')], BARE);
}

/** The cells of a line that say something, numbers as numbers: "3,5" and "3.5" alike. */
function saidIn(cells: readonly string[], columns: readonly (GearField | undefined)[]): Record<string, unknown> {
  const said: Record<string, unknown> = {};
  cells.forEach((cell, i) => {
    const field = columns[i];
    const text = cell.trim().replace(/^'(?=[=+\-@])/, '');
    if (!field || text === '') return;
    const number = Number(text.replace(',', '.'));
    said[field] = NUMBERS.includes(field)
      ? Number.isFinite(number)
        ? number
        : text
      : field === 'name' || field === 'place'
        ? text
        : text.toLowerCase();
  });
  return said;
}

/** Families whose size is across; those of others that have one are long. */
const ROUND: readonly GearFamily[] = ['ball', 'balloon', 'thrown object'];
const LONG: readonly GearFamily[] = ['cloth or rope', 'mat or support', 'barrier', 'striking implement', 'climbing or crawling'];

/** Color and size that the name says, where the list has no column for them. */
function readFromName(name: string, kind: GearKind | undefined, said: Record<string, unknown>): GearProperties {
  const colours = coloursIn(name);
  const size = sizeIn(name);
  const isRound = kind && (ROUND.includes(kind.family) || kind.typical.diameterM !== undefined);
  const isLong = kind && !isRound && LONG.includes(kind.family);
  return {
    ...(colours.length && said.colour === undefined ? { colour: colours.join(', ').slice(0, 40) } : {}),
    ...(size && isRound && said.diameterM === undefined && size <= 10 ? { diameterM: size } : {}),
    ...(size && isLong && said.lengthM === undefined ? { lengthM: size } : {}),
  };
}

/** What else a list is read with: what things are called, and what the teacher has said of its rows. */
export interface GearReading {
  vocabulary?: GearVocabulary;
  answers?: readonly GearAnswer[];
}

/**
 * A gear list as it comes: pasted cells, a CSV file, or lines with the count in front or behind. Headings in any order, or name, count,
 * kind, place; what parts the cells is told line by line. Everything that is wrong is told by row and column with its line. A kind that is
 * missing is read from the name, color and size too; one that nobody knows is a question, whose answers come with the reading.
 */
export function readGearCsv(text: string, kinds: readonly GearKind[], { vocabulary = NO_NAMES, answers = [] }: GearReading = {}): GearList {
  const { clean, delimiter } = readPasted(text);
  const { table, errors: unclosed } = cutIntoCells(clean, delimiter, MOST_ROWS + 2);
  const errors: GearError[] = unclosed;
  const leftOut: LeftOut[] = [];
  const { at: heading, columns } = headingIn(table);
  const body = table.slice(heading + 1);
  const nothing = (row: number, code: string, value: string) => ({
    rows: [],
    errors: [...errors, { row, column: '', code, value }],
    kinds: [],
    leftOut,
  });
  if (!body.length) return nothing(1, 'no-rows', '');
  if (body.length > MOST_ROWS) return nothing(MOST_ROWS + 1, 'too-many', String(body.length));
  const joined = delimiter === '\t' ? '\t' : `${delimiter} `;
  for (const [i, cells] of table.slice(0, Math.max(0, heading)).entries())
    leftOut.push({ row: i + 1, text: cells.filter(Boolean).join(joined).slice(0, 80) });
  const rows: GearRow[] = [];
  const fresh: GearKind[] = [];
  const seen = new Set<string>();
  const known = (kind: string) => [...kinds, ...fresh].find((k) => k.kind === kind);
  const kindIn = (name: string) => kindOfName(name, [...kinds, ...fresh], vocabulary);
  const isKind = (cell: string) => known(cell.toLowerCase()) !== undefined || kindIn(cell) !== 'other';
  body.forEach((cells, i) => {
    const row = i + 2 + heading;
    const line = cells
      .map((cell) => cell.trim())
      .join(joined)
      .trim();
    const answer = answers.find((a) => a.row === row);
    const recut = heading >= 0 && cells.length === 1 && columns.length > 1 ? cutLine(line, 2) : undefined;
    const { family, ...said }: Record<string, unknown> = heading >= 0 ? saidIn(recut ?? cells, columns) : bareLine(cells, line, isKind);
    if (said.count === undefined && typeof said.name === 'string') Object.assign(said, readLine(said.name));
    // A heading of a part, a title above a list without headings, a total: no gear.
    const isTitle =
      said.count === undefined &&
      (/[:]$/.test(line) || (rows.length === 0 && heading < 0 && kindIn(String(said.name ?? '')) === 'other' && body.length > 1));
    if ((isTitle && !answer) || TOTAL.test(line)) {
      leftOut.push({ row, text: line.slice(0, 80) });
      return;
    }
    if (answer?.count !== undefined) said.count = answer.count;
    const fail = (column: string, code: string) =>
      errors.push({
        row,
        column: headingOf(column),
        code,
        value: String(said[column] ?? family ?? '').slice(0, 60),
        line: line.slice(0, 80),
      });
    const fields = Fields.safeParse(said);
    if (!fields.success) {
      for (const { path, code, message } of fields.error.issues)
        fail(
          String(path[0]),
          said[String(path[0])] === undefined ? 'empty' : /^[a-z-]+$/.test(message) ? message : code === 'invalid_type' ? 'number' : code,
        );
      return;
    }
    const { name } = fields.data;
    const key = `${name.toLowerCase()}|${(fields.data.place ?? '').toLowerCase()}`;
    if (seen.has(key)) fail('name', 'repeated');
    seen.add(key);
    const told = fields.data.gearKind;
    // A column of kinds says one that there is, in its own words; or something wider, and the name says which.
    const read =
      told === undefined
        ? kindIn(name)
        : known(told)
          ? told
          : kindIn(told) !== 'other'
            ? kindIn(told)
            : kindIn(name) === 'other'
              ? told
              : kindIn(name);
    const gearKind = answer?.kind ?? (answer?.family ? kindCalled(told ?? name) : read);
    if (!known(gearKind)) {
      const asked = GearFamily.safeParse(answer?.family ?? family);
      if (!asked.success) fail(family === undefined ? 'gearKind' : 'family', family === undefined ? 'unknown-kind' : 'choice');
      else fresh.push(newKind(gearKind, asked.data));
    }
    const isUnknown = gearKind === 'other' && !answer && told === undefined ? { isUnknown: true as const } : {};
    rows.push({ row, fields: { ...readFromName(name, known(gearKind), said), ...fields.data, gearKind }, ...isUnknown });
  });
  if (!rows.length && !errors.length) return nothing(1, 'no-rows', '');
  return { rows, errors, kinds: fresh, leftOut };
}

/** A cell that a spreadsheet would run as a formula is written as text. */
function safe(value: unknown): unknown {
  return typeof value === 'string' && /^[=+\-@\t]/.test(value) ? `'${value}` : (value ?? '');
}

/** The wish list as CSV with its total; costs with two decimals. */
export function wishCsv(lines: readonly WishLine[], costCents: number): string {
  const rows = lines.map((l) => [safe(l.name), l.count, money(l.costCents)]);
  return papaparse.unparse([['Name', 'Count', 'Cost'], ...rows, ['Total', '', money(costCents)]], { newline: '\r\n' });
}
