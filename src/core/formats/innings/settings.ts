import type { Band } from '../../model/band.ts';
import { fieldSettings } from '../fields.ts';
import type { SettingMeta } from '../setting.ts';
import { countSetting, metresSetting, objectSetting, roundSettings, STOP_SIGNAL, secondsSetting } from '../sharedSettings.ts';
import type { InningsGame } from './setup.ts';

const RUN: Record<Band, number> = { 'pre-k': 2.5, 'k-1': 3, '2-3': 3, '4-5': 3.5, '6-8': 4.5, '9-12': 5 };
const BASE: Record<Band, number> = { 'pre-k': 3.5, 'k-1': 4, '2-3': 4, '4-5': 4.2, '6-8': 5.5, '9-12': 6.5 };
const by = (bands: Record<Band, number>, to: (m: number) => number) =>
  Object.fromEntries(Object.entries(bands).map(([band, m]) => [band, Math.round(to(m) * 10) / 10])) as Record<Band, number>;

/** Settings of innings, in the order a teacher meets them; those that its kind has no use for are left out. */
export function inningsSettings(game: InningsGame): SettingMeta[] {
  const isBases = game.mode === 'bases';
  const run = isBases ? BASE : RUN;
  const { people, floor } = fieldSettings({
    perField: isBases ? 16 : 4,
    width: isBases ? by(BASE, (m) => 1.75 * m) : by(RUN, (m) => 0.5 * m + 1.8),
    length: isBases ? by(BASE, (m) => 1.75 * m) : by(RUN, (m) => m + 1.6),
    gap: 0.8,
  });
  return [
    objectSetting(game.objects),
    countSetting('innings', 'play', 0, 20, 0),
    ...(isBases
      ? [{ ...secondsSetting('capSeconds', 0, 900, 240), group: 'play' as const }]
      : [{ key: 'catchOut', kind: 'switch' as const, group: 'play' as const, fallback: false }]),
    STOP_SIGNAL,
    ...people,
    ...roundSettings({ rounds: isBases ? 1 : 2, breakSeconds: 30, walk: 45, rehearse: 30, reset: 30 }),
    { ...metresSetting('runM', 2, 20, 5), byBand: run, house: true },
    ...floor,
  ];
}

/** Values of settings that a game leaves out. */
export const INNINGS_UNUSED = { capSeconds: 0, catchOut: false };
