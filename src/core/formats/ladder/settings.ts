import { type SettingMeta, SPACING } from '../setting.ts';
import {
  choiceSetting,
  countSetting,
  gapSetting,
  metresSetting,
  objectSetting,
  roundSettings,
  STOP_SIGNAL,
  waitingTask,
} from '../sharedSettings.ts';
import type { LadderGame } from './setup.ts';

/** The most rounds of a ladder: short ones, so that everybody meets many others. */
export const MOST_ROUNDS = 20;

/** Settings of a ladder, in the order a teacher meets them. */
export const ladderSettings = (game: LadderGame): SettingMeta[] => [
  objectSetting(game.objects),
  choiceSetting('count', 'play', ['top', 'all']),
  choiceSetting('tie', 'play', ['stay', 'rematch']),
  choiceSetting('shown', 'play', ['fingers', 'card']),
  STOP_SIGNAL,
  countSetting('each', 'people', 1, 2, 1),
  countSetting('groups', 'people', 1, 16),
  waitingTask(''),
  ...roundSettings({ rounds: 8, breakSeconds: 20, walk: 45, rehearse: 30, reset: 30 }).map((m) =>
    m.key === 'bouts' ? { ...m, most: MOST_ROUNDS } : m,
  ),
  metresSetting('widthM', 1, 12, game.widthM),
  metresSetting('lengthM', 1, 20, game.lengthM),
  gapSetting(1),
  metresSetting('apartM', 0, 4, 1),
  SPACING,
];
