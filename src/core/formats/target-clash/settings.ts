import type { SettingMeta } from '../setting.ts';
import { countSetting, FIELD_SETTINGS, metresSetting, objectSetting, roundSettings, STOP_SIGNAL } from '../sharedSettings.ts';
import type { TargetClashGame } from './setup.ts';

/** Settings of a target clash, in the order a teacher meets them; posts that its kind does not have are left out. */
export function clashSettings(game: TargetClashGame): SettingMeta[] {
  const hasRows = game.mode === 'topple' || game.mode === 'protect';
  return [
    objectSetting(game.objects),
    countSetting('targets', 'play', 1, 12, game.target.count),
    ...(game.mode === 'protect' ? [] : [countSetting('to', 'play', 0, 30, 0)]),
    STOP_SIGNAL,
    countSetting('groups', 'people', 2, game.sides.length, game.mode === 'drive' ? 2 : Math.min(game.sides.length, 4)),
    ...(game.mode === 'drive' ? [countSetting('feeders', 'people', 0, 4, game.feeders)] : []),
    ...(hasRows ? [countSetting('guards', 'people', 0, 3, game.guards)] : []),
    { key: 'nearPeople', kind: 'switch', group: 'people', fallback: true },
    ...roundSettings({ rounds: 3, breakSeconds: 30, walk: 30, rehearse: 20, reset: 60 }),
    metresSetting('neutralM', 0, 10, game.mode === 'pen' ? 4 : 2),
    ...FIELD_SETTINGS,
  ];
}

/** Values of settings that a game leaves out. */
export const CLASH_UNUSED = { to: 0, feeders: 0, guards: 0 };
