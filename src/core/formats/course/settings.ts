import { type SettingMeta, SPACING } from '../setting.ts';
import { metresSetting, roundSettings, STOP_SIGNAL, secondsSetting, waitingTask } from '../sharedSettings.ts';
import type { CourseGame } from './setup.ts';

/** What those who wait are told to do if nobody says. */
export const WAITING_TASK = 'Balance on the line you stand on until the one before you is through';

/** Settings of a course, in the order a teacher meets them. */
export function courseSettings(game: CourseGame): SettingMeta[] {
  const titles = game.elements.map((e) => ({ value: e.id, title: e.title }));
  return [
    { key: 'picks', kind: 'picks', group: 'play', least: 1, most: 12, options: titles, fallback: game.elements.map((e) => e.id) },
    { key: 'doubled', kind: 'choice', group: 'play', options: [{ value: '' }, ...titles], fallback: '' },
    { key: 'direction', kind: 'choice', group: 'play', options: [{ value: 1 }, { value: -1 }], fallback: 1 },
    STOP_SIGNAL,
    { key: 'groups', kind: 'count', group: 'people', least: 1, most: 12, fallback: 3 },
    waitingTask(WAITING_TASK),
    { ...secondsSetting('headwaySeconds', 0, 60, 5), step: 1 },
    {
      key: 'pacePercent',
      kind: 'count',
      group: 'time',
      least: 50,
      most: 250,
      step: 5,
      house: true,
      byBand: { 'pre-k': 160, 'k-1': 135, '2-3': 115, '4-5': 100, '6-8': 90, '9-12': 85 },
    },
    ...roundSettings({ rounds: 3, breakSeconds: 30, walk: 60, rehearse: 30, reset: 60 }),
    metresSetting('pathM', 0.6, 4, 1.4),
    metresSetting('freeM', 0.5, 8, 1.5),
    SPACING,
  ];
}
