import papaparse from 'papaparse';

/** A row whose quotes do not close. */
export interface QuotesError {
  row: number;
  column: '';
  code: 'quotes';
  value: '';
}

/** Pasted cells or a CSV file with line ends evened and the byte order mark taken off, and what its first line parts cells with: tab, semicolon or comma. */
export function readPasted(text: string): { clean: string; delimiter: string } {
  const clean = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  return { clean, delimiter: ['\t', ';', ','].find((d) => clean.split('\n', 1)[0].includes(d)) ?? ',' };
}

/** Its first rows cut into cells, empty ones left out, `most` of them at the most; rows count from 1. */
export function cutIntoCells(clean: string, delimiter: string, most: number): { table: string[][]; errors: QuotesError[] } {
  const parsed = papaparse.parse(clean, { delimiter, skipEmptyLines: 'greedy', preview: most });
  const unclosed = parsed.errors.filter((e) => e.type === 'Quotes');
  return { table: parsed.data, errors: unclosed.map((e) => ({ row: (e.row ?? 0) + 1, column: '', code: 'quotes', value: '' })) };
}
