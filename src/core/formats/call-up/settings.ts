import type { Band } from '../../model/band.ts';
import type { SettingMeta } from '../setting.ts';
import {
  countSetting,
  FIELD_SETTINGS,
  metresSetting,
  objectSetting,
  roundSettings,
  STOP_SIGNAL,
  secondsSetting,
} from '../sharedSettings.ts';
import type { CallUpGame } from './setup.ts';

const CALL: Record<Band, number> = { 'pre-k': 20, 'k-1': 15, '2-3': 15, '4-5': 15, '6-8': 12, '9-12': 12 };

/** Settings of a call-up, in the order a teacher meets them. */
export const callUpSettings = (game: CallUpGame): SettingMeta[] => [
  objectSetting(game.objects),
  countSetting('atOnce', 'play', 1, 3, 2),
  { ...secondsSetting('callSeconds', 5, 60, undefined, CALL), group: 'play', step: 1 },
  { ...secondsSetting('gapSeconds', 3, 30, 8), group: 'play', step: 1 },
  STOP_SIGNAL,
  countSetting('fields', 'people', 1, 4),
  ...roundSettings({ rounds: 2, breakSeconds: 30, walk: 45, rehearse: 20, reset: 30 }),
  metresSetting('goalM', 1, 6, 2),
  ...FIELD_SETTINGS,
];
