import { type SettingMeta, SPACING } from '../setting.ts';
import {
  countSetting,
  gapSetting,
  metresSetting,
  objectSetting,
  roundSettings,
  STOP_SIGNAL,
  secondsSetting,
  waitingTask,
} from '../sharedSettings.ts';
import type { WinnersRingGame } from './setup.ts';

/** What those who wait are told to do if nobody says. */
export const WAITING_TASK = 'Count the points of the game in this bay aloud';

/** Settings of a ring of bays, in the order a teacher meets them. */
export const ringSettings = (game: WinnersRingGame): SettingMeta[] => [
  objectSetting(game.objects),
  countSetting('target', 'play', 1, 20, game.target),
  { key: 'headStart', kind: 'switch', group: 'play', fallback: true },
  { ...secondsSetting('pointSeconds', 3, 60, 12), group: 'play', step: 1 },
  STOP_SIGNAL,
  countSetting('teamSize', 'people', 1, 4, game.teamSize),
  countSetting('bays', 'people', 1, 10),
  waitingTask(WAITING_TASK),
  ...roundSettings({ rounds: 1, breakSeconds: 30, walk: 45, rehearse: 0, reset: 30 }),
  { ...secondsSetting('moveSeconds', 3, 30, 8), step: 1 },
  metresSetting('widthM', 1, 10, game.widthM),
  metresSetting('lengthM', 1, 15, game.lengthM),
  gapSetting(1.2),
  SPACING,
];
