import type { Band } from '../../model/band.ts';
import type { SettingMeta } from '../setting.ts';
import { countSetting, gapSetting, metresSetting, roundSettings, STOP_SIGNAL, secondsSetting } from '../sharedSettings.ts';
import type { IntervalPairsGame } from './setup.ts';

const WORK: Record<Band, number> = { 'pre-k': 20, 'k-1': 20, '2-3': 25, '4-5': 30, '6-8': 40, '9-12': 45 };
const MOVE: Record<Band, number> = { 'pre-k': 25, 'k-1': 20, '2-3': 15, '4-5': 15, '6-8': 12, '9-12': 10 };

/** Settings of interval pairs, in the order a teacher meets them. */
export function intervalSettings(game: IntervalPairsGame): SettingMeta[] {
  const times = roundSettings({ rounds: 1, breakSeconds: 10, walk: 45, rehearse: 0, reset: 20 }).filter((m) => m.key !== 'bouts');
  return [
    countSetting('exerciseCount', 'play', 2, game.exercises.length, Math.min(6, game.exercises.length)),
    { key: 'counted', kind: 'switch', group: 'play', fallback: true },
    STOP_SIGNAL,
    countSetting('groups', 'people', 1, 30),
    ...times.map((m) => (m.key === 'workSeconds' ? { ...m, byBand: WORK, house: true } : m)),
    { ...secondsSetting('moveSeconds', 0, 60, undefined, MOVE), hosted: 5 },
    metresSetting('trackM', 0.8, 4, 1.2),
    metresSetting('areaM', 1.2, 6, 2),
    gapSetting(0.5),
  ];
}
