import { counted, many } from './speak.ts';

/** The numbers behind a sentence, by name. */
export type Data = Record<string, unknown>;

/** A number of the data. */
export const n = (d: Data, key: string): number => Number(d[key]);
/** A text of the data; empty if there is none. */
export const t = (d: Data, key: string): string => String(d[key] ?? '');
/** "1 court", "4 courts". */
export const s = (count: number, word: string): string => counted(count, word);
/** "84%". */
export const percent = (share: number): string => `${Math.round(share * 100)}%`;
/** "a, b, and c"; of more than four the first three and "2 more". */
export function listWords(names: readonly string[]): string {
  const shown = names.length > 4 ? [...names.slice(0, 3), `${names.length - 3} more`] : [...names];
  if (shown.length < 3) return shown.join(' and ');
  return `${shown.slice(0, -1).join(', ')}, and ${shown.at(-1)}`;
}
/** "2 for each student, on the cart" after the kind. */
export function gearWords(d: Data): string {
  const per = d.per === 'student' ? ' each' : d.per === 'pair' ? ' for each pair' : '';
  return `${counted(n(d, 'count'), t(d, 'gearKind'))}${per}${d.where ? `, ${d.where}` : ''}`;
}
export { many };
