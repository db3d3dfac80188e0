import type { Band } from '../../model/band.ts';
import type { SettingMeta } from '../setting.ts';
import { choiceSetting, countSetting, metresSetting, roundSettings, STOP_SIGNAL, secondsSetting } from '../sharedSettings.ts';
import type { PaceGame } from './setup.ts';

const LAPS: Record<Band, number> = { 'pre-k': 1, 'k-1': 1, '2-3': 2, '4-5': 3, '6-8': 4, '9-12': 5 };

/** Settings of pace, in the order a teacher meets them. */
export function paceSettings(_: PaceGame): SettingMeta[] {
  return [
    countSetting('laps', 'play', 1, 12, undefined, LAPS),
    { ...secondsSetting('targetSeconds', 10, 1200), group: 'play', step: 1 },
    choiceSetting('change', 'play', ['lap-more', 'slower', 'faster', 'same']),
    { key: 'hidden', kind: 'switch', group: 'play', fallback: true },
    countSetting('perMarker', 'people', 1, 6),
    STOP_SIGNAL,
    ...roundSettings({ rounds: 3, breakSeconds: 45, walk: 60, rehearse: 0, reset: 30 }),
    metresSetting('lapM', 10, 300, 40),
    metresSetting('trackM', 0.8, 6, 1.6),
  ];
}
