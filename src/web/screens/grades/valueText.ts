import type { FormatWords } from '../../../core/formats/formatWords.ts';
import type { SettingMeta } from '../../../core/formats/setting.ts';
import { clockOf, listed } from '../../../core/formats/speak.ts';
import type { Units } from '../../parts/units.ts';

/** A setting's value as a teacher reads it, by the setting's kind. */
export function valueText(meta: SettingMeta, value: unknown, words: FormatWords, units: Units): string {
  if (value === undefined || value === null || value === '') return '–';
  const option = (v: unknown) =>
    meta.options?.find((o) => o.value === v)?.title ?? words.settings[meta.key]?.options?.[String(v)] ?? String(v);
  if (meta.kind === 'picks') return listed((value as unknown[]).map(option));
  if (meta.kind === 'choice') return option(value);
  if (meta.kind === 'switch') return value ? 'yes' : 'no';
  if (meta.kind === 'metres') return units.say(Number(value));
  if (meta.kind === 'seconds') return clockOf(Number(value));
  return String(value);
}
