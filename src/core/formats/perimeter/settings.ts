import type { Band } from '../../model/band.ts';
import type { SettingMeta } from '../setting.ts';
import { countSetting, metresSetting, roundSettings, STOP_SIGNAL, secondsSetting } from '../sharedSettings.ts';
import type { PerimeterGame } from './setup.ts';

const GRACE: Record<Band, number> = { 'pre-k': 8, 'k-1': 6, '2-3': 5, '4-5': 4, '6-8': 4, '9-12': 3 };
/** Time to reach a hoop for whoever needs more of it, by a walker or on wheels: twice as long. */
const OWN_GRACE: Record<Band, number> = { 'pre-k': 16, 'k-1': 12, '2-3': 10, '4-5': 8, '6-8': 8, '9-12': 6 };
const GO: Record<Band, number> = { 'pre-k': 12, 'k-1': 15, '2-3': 20, '4-5': 20, '6-8': 25, '9-12': 25 };

/** Settings of a perimeter, in the order a teacher meets them; those that its kind has no use for are left out. */
export function perimeterSettings(game: PerimeterGame): SettingMeta[] {
  const hoops = game.mode === 'hoops';
  return [
    ...(hoops ? [countSetting('hoops', 'play', 1, 60), countSetting('perHoop', 'play', 1, 6, 3)] : []),
    ...(hoops ? [countSetting('leastHoops', 'play', 1, 60), countSetting('removePerRound', 'play', 0, 5, 1)] : []),
    ...(hoops
      ? [
          { ...secondsSetting('graceSeconds', 2, 30, undefined, GRACE), group: 'play' as const, step: 1 },
          { ...secondsSetting('ownGraceSeconds', 2, 60, undefined, OWN_GRACE), group: 'play' as const, step: 1 },
          { key: 'jointTask', kind: 'switch' as const, group: 'play' as const, fallback: true },
        ]
      : []),
    { ...secondsSetting('goSeconds', 5, 90, undefined, GO), group: 'play' },
    STOP_SIGNAL,
    ...roundSettings({ rounds: hoops ? 2 : 4, breakSeconds: 20, walk: 30, rehearse: 20, reset: 20 }),
    metresSetting('trackM', 0.8, 4, hoops ? 1.4 : 1),
    ...(hoops ? [metresSetting('hoopM', 0.4, 2, 0.7)] : []),
  ];
}

/** Values of settings that a game leaves out. */
export const PERIMETER_UNUSED = { perHoop: 3, removePerRound: 1, hoopM: 0.7, graceSeconds: 5, ownGraceSeconds: 10, jointTask: false };
