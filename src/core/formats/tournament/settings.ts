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
import type { TournamentGame } from './setup.ts';

/** Settings of a tournament, in the order a teacher meets them. How many matches there are follows from teams, pools and courts. */
export const tournamentSettings = (game: TournamentGame): SettingMeta[] => [
  objectSetting(game.objects),
  choiceSetting('points', 'play', ['3-1-0', '2-1-0']),
  choiceSetting('tieBreak', 'play', ['between', 'difference']),
  STOP_SIGNAL,
  { ...countSetting('teamSize', 'people', 1, 8, game.teamSize) },
  countSetting('groups', 'people', 2, 16),
  countSetting('pools', 'people', 1, 4, 1),
  { key: 'crossOver', kind: 'switch', group: 'people', fallback: false },
  { key: 'referees', kind: 'switch', group: 'people', fallback: true },
  waitingTask(''),
  countSetting('courts', 'floor', 1, 8),
  ...roundSettings({ rounds: 1, breakSeconds: 30, walk: 45, rehearse: 0, reset: 30 }).filter((m) => m.key !== 'bouts'),
  metresSetting('widthM', 1, 15, game.widthM),
  metresSetting('lengthM', 1, 25, game.lengthM),
  gapSetting(1.5),
  SPACING,
];
