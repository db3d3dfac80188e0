import type { Band } from '../../model/band.ts';
import { fieldSettings } from '../fields.ts';
import type { SettingMeta } from '../setting.ts';
import { countSetting, metresSetting, objectSetting, roundSettings, STOP_SIGNAL } from '../sharedSettings.ts';
import type { SpotCollectGame } from './setup.ts';

const NEAR: Record<Band, number> = { 'pre-k': 0.8, 'k-1': 1, '2-3': 1.2, '4-5': 1.5, '6-8': 1.8, '9-12': 2.2 };
const SIDE: Record<Band, number> = { 'pre-k': 3.6, 'k-1': 4, '2-3': 4.6, '4-5': 5.4, '6-8': 6.4, '9-12': 7.4 };

/** Settings of shooting spots, in the order a teacher meets them; those that its kind has no use for are left out. */
export function spotSettings(game: SpotCollectGame): SettingMeta[] {
  const hasSpots = game.mode !== 'struck';
  const { people, floor } = fieldSettings({ perField: 8, width: SIDE, length: SIDE, gap: 0.8 });
  return [
    objectSetting(game.objects),
    countSetting('to', 'play', 0, 40, game.mode === 'collect' ? 4 : 0),
    ...(hasSpots ? [countSetting('spots', 'play', 2, 24)] : []),
    countSetting('objectsEach', 'play', 1, 6, 2),
    STOP_SIGNAL,
    ...people,
    ...roundSettings({ rounds: 3, breakSeconds: 20, walk: 30, rehearse: 20, reset: 30 }),
    ...(hasSpots ? [{ ...metresSetting('nearM', 0.6, 6, 1.5), byBand: NEAR, house: true }] : []),
    ...floor,
  ];
}

/** Values of settings that a game leaves out. */
export const SPOT_UNUSED = { nearM: 1.5 };
