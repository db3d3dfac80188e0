import type { FormatWords } from '../formats/formatWords.ts';
import { duration, type Speak } from '../formats/speak.ts';

type Data = Record<string, unknown>;

const t = (data: Data, key: string) => String(data[key] ?? '');

/** A setting's value as a teacher says it: seconds and metres with their unit, choices by name, the rest as it is. */
function valueWords(words: FormatWords | undefined, data: Data, key: string, speak: Speak): string {
  const value = data[key];
  if (data.kind === 'seconds' && typeof value === 'number') return duration(value);
  if (data.kind === 'metres' && typeof value === 'number') return speak.metres(value);
  const option = words?.settings[t(data, 'key')]?.options?.[String(value)];
  if (option) return option;
  return typeof value === 'string' || typeof value === 'number' ? `${value}` : 'the usual';
}

const label = (words: FormatWords | undefined, data: Data) => words?.settings[t(data, 'key')]?.label ?? t(data, 'key');

/** What the finding about a stored setting says that cannot be used any more. */
export function unusableWords(words: FormatWords | undefined, data: Data, speak: Speak): { what: string; why: string } {
  const bounds =
    data.least !== undefined && data.most !== undefined
      ? `It can be ${valueWords(words, data, 'least', speak)} to ${valueWords(words, data, 'most', speak)}. `
      : '';
  return {
    what: `${label(words, data)}: ${valueWords(words, data, 'value', speak)} cannot be used`,
    why: `${bounds}Until you change it, ${valueWords(words, data, 'used', speak)} is used.`,
  };
}

/** What a fix of it is called. */
export const usableWords = (words: FormatWords | undefined, data: Data, speak: Speak): string =>
  `Set “${label(words, data)}” to ${valueWords(words, data, 'used', speak)}`;
