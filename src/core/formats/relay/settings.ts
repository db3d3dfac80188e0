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
  waitingTask,
} from '../sharedSettings.ts';
import type { RelayGame } from './setup.ts';

const LEG: Record<Band, number> = { 'pre-k': 4, 'k-1': 5, '2-3': 6, '4-5': 8, '6-8': 9, '9-12': 10 };
const HAND: Record<Band, number> = { 'pre-k': 3, 'k-1': 3, '2-3': 2, '4-5': 2, '6-8': 1, '9-12': 1 };

/** What those who wait are told to do if nobody says. */
export const WAITING_TASK = 'March on the spot and count the legs of your line aloud';

/** Settings of a relay, in the order a teacher meets them; those that its kind has no use for are left out. */
export function relaySettings(game: RelayGame): SettingMeta[] {
  const { mode } = game;
  const isCounted = mode === 'race' || mode === 'passing';
  const rounds = isCounted ? 2 : mode === 'bay-shift' ? 4 : 3;
  return [
    objectSetting(game.objects),
    ...(isCounted ? [countSetting('turns', 'play', 1, 6, 2)] : []),
    ...(mode === 'until-made' || mode === 'continuous' ? [countSetting('to', 'play', 0, 100, 0)] : []),
    ...(mode === 'crossing' || mode === 'passing' ? [] : [countSetting('atOnce', 'play', 1, 3, 1)]),
    ...(mode === 'crossing' ? [choiceSetting('offset', 'play', ['half-leg', 'shifted', 'together'])] : []),
    STOP_SIGNAL,
    countSetting('perLine', 'people', 2, 12),
    countSetting('groups', 'people', 1, 16),
    waitingTask(WAITING_TASK),
    ...roundSettings({ rounds, breakSeconds: 20, walk: 30, rehearse: 20, reset: 20 }),
    { ...secondsSetting('actionSeconds', 0, 60, Math.round(game.actionSeconds)), step: 1 },
    { ...secondsSetting('handoverSeconds', 0, 15, undefined, HAND), step: 1 },
    { ...metresSetting('legM', 2, 30, 8), byBand: LEG, house: true },
    metresSetting('laneM', 1, 4, 1.4),
    gapSetting(0.6),
    SPACING,
  ];
}

/** Values of settings that a game leaves out. */
export const RELAY_UNUSED = { turns: 1, to: 0, atOnce: 1, offset: 'half-leg' };
