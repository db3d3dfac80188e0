import papaparse from 'papaparse';

/** Lines that are looked at for what parts cells: a title above them may have none. */
const LOOKED_AT = 30;

/** A row whose quotes do not close. */
export interface QuotesError {
  row: number;
  column: '';
  code: 'quotes';
  value: '';
}

/** Pasted cells or a CSV file with line ends evened and the byte order mark taken off, and what most of its first lines part cells with: tab, semicolon or comma, the earlier one if it is a tie. */
export function readPasted(text: string): { clean: string; delimiter: string } {
  const clean = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const lines = clean.split('\n', LOOKED_AT);
  const having = (d: string) => lines.filter((l) => l.includes(d)).length;
  const [delimiter] = ['\t', ';', ','].toSorted((a, b) => having(b) - having(a));
  return { clean, delimiter: having(delimiter) > 0 ? delimiter : ',' };
}

/** Its first rows cut into cells, empty ones left out if `skipEmpty`, `most` of them at the most; rows count from 1. */
export function cutIntoCells(
  clean: string,
  delimiter: string,
  most: number,
  skipEmpty = true,
): { table: string[][]; errors: QuotesError[] } {
  const parsed = papaparse.parse(clean, { delimiter, skipEmptyLines: skipEmpty ? 'greedy' : false, preview: most });
  const unclosed = parsed.errors.filter((e) => e.type === 'Quotes');
  return { table: parsed.data, errors: unclosed.map((e) => ({ row: (e.row ?? 0) + 1, column: '', code: 'quotes', value: '' })) };
}
