import type { GearProperties } from '../model/gearKind.ts';
import { cutLine, isCount, readLine } from './gearLines.ts';

/** Columns of a gear list in the order in which they are written: field, heading, and other headings that are read. */
export const COLUMNS: [field: GearField, heading: string, also: string[]][] = [
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
export type GearField = 'name' | 'count' | 'gearKind' | 'family' | 'place' | 'condition' | keyof GearProperties;
const NUMBERS: readonly GearField[] = ['count', 'diameterM', 'lengthM', 'massG', 'faceWidthM', 'gripMm'];
/** Columns of a list without headings. */
const BARE: readonly GearField[] = ['name', 'count', 'gearKind', 'place'];
const plain = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/\(.*\)/, '')
    .trim();
const HEADINGS = new Map(COLUMNS.flatMap(([field, heading, also]) => [plain(heading), ...also].map((h) => [h, field] as const)));
/** How a column is headed. */
export const headingOf = (field: string): string => COLUMNS.find(([f]) => f === field)?.[1] ?? field;

/** Rows among which the heading is looked for: school, room and date often stand above it. */
const HEADING_WITHIN = 12;

/** The row of headings and what each column is; a list without one has bare columns. */
export function headingIn(table: readonly string[][]): { at: number; columns: (GearField | undefined)[] } {
  for (const [at, cells] of table.slice(0, HEADING_WITHIN).entries()) {
    const columns = cells.map((cell) => HEADINGS.get(plain(cell)));
    // "Equipment" alone may be a title; beside another heading, or with nothing above it, it is one.
    if (columns.includes('name') && (columns.filter(Boolean).length > 1 || at === 0)) return { at, columns };
  }
  return { at: -1, columns: [...BARE] };
}

/** How a line begins that sums up others. */
export const TOTAL = /^(grand )?(sub)?total\b/i;

/** What a line without headings says by its cells: name and count in either order, then kind and place; else as a sentence. */
export function bareLine(cells: readonly string[], line: string, isKind: (text: string) => boolean): Record<string, unknown> {
  const cut = cells.length > 1 && (isCount(cells[0]) || isCount(cells[1])) ? cells : cutLine(line);
  if (!cut) return { ...readLine(line) };
  const [first, second, third = '', fourth = ''] = cut.map((cell) => cell.trim());
  const [name, count] = isCount(second) ? [first, second] : [second, first];
  // A third cell that is no kind says where it is kept.
  const rest = third !== '' && fourth === '' && !isKind(third) ? [undefined, third] : [third, fourth];
  return saidIn([name, count, ...rest.map((cell) => cell ?? '')], BARE);
}

/** The cells of a line that say something, numbers as numbers: "3,5" and "3.5" alike. */
export function saidIn(cells: readonly string[], columns: readonly (GearField | undefined)[]): Record<string, unknown> {
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
