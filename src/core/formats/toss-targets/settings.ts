import type { SettingMeta } from '../setting.ts';
import { SPACING } from '../setting.ts';
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
import type { TossTargetsGame } from './setup.ts';

/** What those who wait are told to do if nobody says. */
export const WAITING_TASK = 'Watch where it lands and say one thing that was good about the arm';

/** Settings of objects on targets, in the order a teacher meets them. */
export function tossSettings(game: TossTargetsGame): SettingMeta[] {
  const { fallback: _, ...distance } = metresSetting('distanceM', 1, 20, 0);
  return [
    objectSetting(game.objects),
    countSetting('objectsEach', 'play', 2, 12, game.objectsEach),
    countSetting('to', 'play', 0, 60, 0),
    choiceSetting('turns', 'play', ['together', 'one']),
    { key: 'striker', kind: 'switch', group: 'play', fallback: false },
    { key: 'ownDistance', kind: 'switch', group: 'play', fallback: true },
    STOP_SIGNAL,
    countSetting('perSide', 'people', 1, 8, 3),
    countSetting('groups', 'people', 1, 16),
    waitingTask(WAITING_TASK),
    ...roundSettings({ rounds: 4, breakSeconds: 20, walk: 30, rehearse: 20, reset: 30 }),
    distance,
    metresSetting('stepM', 0, 3, 0),
    metresSetting('targetM', 0.4, 4, 1.2),
    metresSetting('laneM', 1, 4, 1.4),
    gapSetting(0.8),
    SPACING,
  ];
}
