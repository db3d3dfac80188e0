import papaparse from 'papaparse';
import type { z } from 'zod';
import { money } from '../formats/speak.ts';
import { type GearVocabulary, kindOfName, NO_NAMES } from '../gear/gearNames.ts';
import { kindCalled, newKind } from '../gear/kinds.ts';
import type { WishLine } from '../gear/stockTaking.ts';
import { Gear } from '../model/gear.ts';
import { GearFamily, type GearKind } from '../model/gearKind.ts';
import { bareLine, COLUMNS, type GearField, headingIn, headingOf, saidIn, TOTAL } from './gearColumns.ts';
import { readFromName } from './gearFromName.ts';
import { cutLine, readLine } from './gearLines.ts';
import { cutIntoCells, readPasted } from './pasted.ts';

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

/** Everything in the gear closet as a CSV file: what is said of each item; what is only typical of its kind stays empty. */
export function gearCsv(gear: readonly Gear[], kinds: readonly GearKind[]): string {
  const cell = (item: Gear, field: GearField) => (field === 'family' ? kinds.find((k) => k.kind === item.gearKind)?.family : item[field]);
  const rows = gear.map((item) => COLUMNS.map(([field]) => safe(cell(item, field))));
  return papaparse.unparse([COLUMNS.map(([, heading]) => heading), ...rows], { newline: '\r\n' });
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
    const wider = () => [told!, name].map(kindIn).find((kind) => kind !== 'other') ?? told!;
    const read = told === undefined ? kindIn(name) : known(told) ? told : wider();
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
