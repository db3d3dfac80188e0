import papaparse from 'papaparse';
import type { z } from 'zod';
import { money } from '../formats/speak.ts';
import { kindOfName, newKind } from '../gear/kinds.ts';
import type { WishLine } from '../gear/stockTaking.ts';
import { Gear } from '../model/gear.ts';
import { GearFamily, type GearKind, type GearProperties } from '../model/gearKind.ts';
import { cutIntoCells, readPasted } from './pasted.ts';

/** Columns of a gear list in the order in which they are written: field, heading, and other headings that are read. */
const COLUMNS: [field: GearField, heading: string, also: string[]][] = [
  ['name', 'Name', ['item', 'gear', 'equipment', 'what']],
  ['count', 'Count', ['quantity', 'qty', 'number', 'how many']],
  ['gearKind', 'Kind', ['type']],
  ['family', 'Family', []],
  ['place', 'Kept in', ['place', 'location', 'where', 'storage']],
  ['diameterM', 'Across (m)', ['diameter']],
  ['lengthM', 'Length (m)', []],
  ['massG', 'Weight (g)', ['mass']],
  ['firmness', 'Firmness', []],
  ['bounce', 'Bounce', []],
  ['flight', 'Flight', []],
  ['faceWidthM', 'Face width (m)', ['face']],
  ['gripMm', 'Grip (mm)', []],
  ['sound', 'Sound', []],
  ['colour', 'Color', ['colour']],
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
}
export interface GearError {
  row: number;
  column: string;
  code: string;
  value: string;
}
export interface GearList {
  rows: GearRow[];
  errors: GearError[];
  /** Kinds that the list brings with it. */
  kinds: GearKind[];
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

function columnsOf(first: readonly string[]): { columns: (GearField | undefined)[]; hasHeading: boolean } {
  const known = first.map((cell) => HEADINGS.get(plain(cell)));
  return known.includes('name') ? { columns: known, hasHeading: true } : { columns: [...BARE], hasHeading: false };
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

/**
 * A gear list from pasted cells or a CSV file (comma, semicolon or tab; headings in any order, or name, count, kind, place), with
 * everything that is wrong by row and column. A kind that is missing is read from the name; one that nobody knows needs its family.
 */
export function readGearCsv(text: string, kinds: readonly GearKind[]): GearList {
  const { clean, delimiter } = readPasted(text);
  const { table, errors: unclosed } = cutIntoCells(clean, delimiter, MOST_ROWS + 2);
  const errors: GearError[] = unclosed;
  const { columns, hasHeading } = columnsOf(table[0] ?? []);
  const body = table.slice(hasHeading ? 1 : 0);
  if (!body.length) return { rows: [], errors: [...errors, { row: 1, column: '', code: 'no-rows', value: '' }], kinds: [] };
  if (body.length > MOST_ROWS)
    return { rows: [], errors: [...errors, { row: MOST_ROWS + 1, column: '', code: 'too-many', value: String(body.length) }], kinds: [] };
  const rows: GearRow[] = [];
  const fresh: GearKind[] = [];
  const seen = new Set<string>();
  body.forEach((cells, i) => {
    const row = i + 1 + (hasHeading ? 1 : 0);
    const { family, ...said } = saidIn(cells, columns);
    const fail = (column: string, code: string) =>
      errors.push({ row, column: headingOf(column), code, value: String(said[column] ?? family ?? '').slice(0, 60) });
    const fields = Fields.safeParse(said);
    if (!fields.success) {
      for (const { path, code, message } of fields.error.issues)
        fail(
          String(path[0]),
          said[String(path[0])] === undefined ? 'empty' : /^[a-z-]+$/.test(message) ? message : code === 'invalid_type' ? 'number' : code,
        );
      return;
    }
    const key = `${fields.data.name.toLowerCase()}|${(fields.data.place ?? '').toLowerCase()}`;
    if (seen.has(key)) fail('name', 'repeated');
    seen.add(key);
    const gearKind = fields.data.gearKind ?? kindOfName(fields.data.name, [...kinds, ...fresh]);
    if (![...kinds, ...fresh].some((k) => k.kind === gearKind)) {
      const known = GearFamily.safeParse(family);
      if (!known.success) fail(family === undefined ? 'gearKind' : 'family', family === undefined ? 'unknown-kind' : 'choice');
      else fresh.push(newKind(gearKind, known.data));
    }
    rows.push({ row, fields: { ...fields.data, gearKind } });
  });
  return { rows, errors, kinds: fresh };
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
