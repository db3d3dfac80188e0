import type { Band } from '../../model/band.ts';
import { type SettingMeta, SPACING } from '../setting.ts';
import {
  choiceSetting,
  countSetting,
  gapSetting,
  metresSetting,
  objectSetting,
  roundSettings,
  STOP_SIGNAL,
  secondsSetting,
} from '../sharedSettings.ts';
import type { PodsGame } from './setup.ts';

const LEAST: Record<Band, number> = { 'pre-k': 6, 'k-1': 8, '2-3': 10, '4-5': 12, '6-8': 12, '9-12': 15 };
const MOST: Record<Band, number> = { 'pre-k': 15, 'k-1': 20, '2-3': 25, '4-5': 30, '6-8': 35, '9-12': 40 };
const START: Record<Band, number> = { 'pre-k': 1, 'k-1': 1.1, '2-3': 1.2, '4-5': 1.3, '6-8': 1.3, '9-12': 1.2 };
const HOLD: Record<Band, number> = { 'pre-k': 3, 'k-1': 4, '2-3': 5, '4-5': 6, '6-8': 8, '9-12': 10 };
const LEVEL: Record<Band, number> = { 'pre-k': 1, 'k-1': 1, '2-3': 2, '4-5': 2, '6-8': 3, '9-12': 3 };

/** Settings of pods, in the order a teacher meets them; those that its kind has no use for are left out. */
export function podsSettings(game: PodsGame): SettingMeta[] {
  const isHeld = game.mode === 'hold';
  return [
    objectSetting(game.objects),
    choiceSetting('leading', 'play', ['list', 'follow']),
    { ...secondsSetting('leastSeconds', 3, 60, undefined, LEAST), group: 'play', step: 1 },
    { ...secondsSetting('mostSeconds', 5, 90, undefined, MOST), group: 'play', step: 1 },
    ...(isHeld
      ? [
          { ...secondsSetting('holdSeconds', 2, 30, undefined, HOLD), group: 'play' as const, step: 1 },
          countSetting('balance', 'play', 1, Math.max(1, game.balances.length), undefined, LEVEL),
        ]
      : []),
    { ...secondsSetting('pauseSeconds', 5, 60, 12), group: 'play', step: 1 },
    STOP_SIGNAL,
    countSetting('perPod', 'people', 2, 6, 3),
    countSetting('groups', 'people', 1, 16),
    ...roundSettings({ rounds: 2, breakSeconds: 30, walk: 30, rehearse: 30, reset: 20 }),
    { ...metresSetting('startM', 0.5, 4, 1.3), byBand: START, house: true },
    gapSetting(0.6),
    SPACING,
  ];
}

/** Values of settings that a game leaves out. */
export const PODS_UNUSED = { holdSeconds: 5, balance: 1 };
