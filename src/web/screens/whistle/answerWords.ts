import type { Answer } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';

/** What an answer is called: the student and whoever is meant with them, a word of the format, or the value itself. */
export function answerWords({ value, player, more = [], code }: Answer, names: Record<string, string>, words: FormatWords): string {
  if (player) return [player, ...more].map((id) => names[id] ?? '').join(', ');
  return code ? (words.board[code] ?? code) : String(value);
}

/** How words of a format name a student. */
export const namedBy =
  (names: Record<string, string>) =>
  (id: unknown): string =>
    names[String(id)] ?? 'one student';

/** A band of tape that asks something; above the thumb where the screen is narrow. */
export const BAND = 'shrink-0 bg-tape px-3 py-2 max-[900px]:sticky max-[900px]:bottom-0 max-[900px]:z-10';
