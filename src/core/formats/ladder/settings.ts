import { type SettingMeta, SPACING } from '../setting.ts';
import { gapSetting, metresSetting, roundSettings, STOP_SIGNAL, waitingTask } from '../sharedSettings.ts';
import type { LadderGame } from './setup.ts';

/** The most rounds of a ladder: short ones, so that everybody meets many others. */
export const MOST_ROUNDS = 20;

const choice = (key: string, group: SettingMeta['group'], values: readonly (string | number)[]): SettingMeta => ({
  ...{ key, kind: 'choice', group, options: values.map((value) => ({ value })), fallback: values[0] },
});

/** Settings of a ladder, in the order a teacher meets them. */
export const ladderSettings = (game: LadderGame): SettingMeta[] => [
  { key: 'object', kind: 'choice', group: 'play', options: game.objects.map((o) => ({ value: o, title: o })), fallback: game.objects[0] },
  choice('count', 'play', ['top', 'all']),
  choice('tie', 'play', ['stay', 'rematch']),
  choice('shown', 'play', ['fingers', 'card']),
  STOP_SIGNAL,
  { key: 'each', kind: 'count', group: 'people', least: 1, most: 2, fallback: 1 },
  { key: 'groups', kind: 'count', group: 'people', least: 1, most: 16 },
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
