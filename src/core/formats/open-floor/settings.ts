import type { Band } from '../../model/band.ts';
import type { SettingMeta } from '../setting.ts';
import {
  choiceSetting,
  countSetting,
  FIELD_SETTINGS,
  metresSetting,
  objectSetting,
  roundSettings,
  STOP_SIGNAL,
  secondsSetting,
  waitingTask,
} from '../sharedSettings.ts';
import type { OpenFloorGame } from './setup.ts';

/** What those at a home marker are told to do if nobody says. */
export const WAITING_TASK = 'Count the touches of your partner, and say one thing that was good';

const KEEP: Record<Band, number> = { 'pre-k': 0.5, 'k-1': 0.6, '2-3': 0.8, '4-5': 1, '6-8': 1, '9-12': 1 };

const on = (key: string): SettingMeta => ({ key, kind: 'switch', group: 'play', fallback: true });

/** Settings of an open floor, in the order a teacher meets them; those that its kind has no use for are left out. */
export function openFloorSettings(game: OpenFloorGame): SettingMeta[] {
  const { mode, stages, obstacles, gates } = game;
  return [
    objectSetting(game.objects),
    ...(mode === 'steal' ? [countSetting('without', 'play', 0, 40)] : []),
    ...(mode === 'share' ? [countSetting('perObject', 'people', 1, 3)] : []),
    countSetting('stageCount', 'play', 1, stages.length, Math.min(4, stages.length)),
    choiceSetting('met', 'play', ['shorten', 'skip', 'same']),
    { ...countSetting('metPercent', 'play', 50, 100, 75), step: 5 },
    ...(stages.some((s) => s.kind === 'pass') ? [on('passing')] : []),
    on('noTouch'),
    { ...metresSetting('keepM', 0, 5, 1), group: 'play', byBand: KEEP, house: true },
    STOP_SIGNAL,
    waitingTask(WAITING_TASK),
    countSetting('turnsEach', 'time', 1, 4, 1),
    ...roundSettings({ rounds: 1, breakSeconds: 10, walk: 30, rehearse: 20, reset: 30 }).filter((m) => m.key !== 'bouts'),
    secondsSetting('stageSeconds', 0, 180, 30),
    ...(obstacles ? [{ ...countSetting('obstacles', 'floor', 0, 20, obstacles.count) }] : []),
    ...(gates ? [countSetting('gates', 'floor', 0, 12, gates.count)] : []),
    ...FIELD_SETTINGS,
  ];
}

/** Values of settings that a game leaves out; `bouts` are counted by its stages. */
export const OPEN_FLOOR_UNUSED = { bouts: 1, obstacles: 0, gates: 0, passing: true };
