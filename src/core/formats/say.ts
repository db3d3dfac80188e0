import { counted } from './speak.ts';

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
