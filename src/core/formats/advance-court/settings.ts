import { type SettingMeta, SPACING } from '../setting.ts';
import { STOP_SIGNAL } from '../sharedSettings.ts';
import type { AdvanceCourtGame } from './setup.ts';

/** Settings of an advance court, in the order a teacher meets them. */
export function advanceSettings(game: AdvanceCourtGame): SettingMeta[] {
  return [
    { key: 'positions', kind: 'count', group: 'play', least: 2, most: 6, fallback: 4 },
    { key: 'object', kind: 'choice', group: 'play', options: game.objects.map((o) => ({ value: o, title: o })), fallback: game.objects[0] },
    {
      key: 'bounces',
      kind: 'count',
      group: 'play',
      least: 0,
      most: 3,
      byBand: { 'pre-k': 2, 'k-1': 2, '2-3': 2, '4-5': 1, '6-8': 1, '9-12': 1 },
    },
    {
      key: 'contact',
      kind: 'choice',
      group: 'play',
      options: ['strike', 'catch'].map((value) => ({ value })),
      byBand: { 'pre-k': 'catch', 'k-1': 'catch', '2-3': 'catch', '4-5': 'strike', '6-8': 'strike', '9-12': 'strike' },
    },
    { key: 'chain', kind: 'choice', group: 'play', options: ['none', 'names', 'spell'].map((value) => ({ value })), fallback: 'none' },
    STOP_SIGNAL,
    { key: 'bouts', kind: 'count', group: 'time', least: 1, most: 4, fallback: 2, hosted: 1 },
    { key: 'workSeconds', kind: 'seconds', group: 'time', unit: 's', least: 30, most: 1800, step: 15, hosted: null },
    { key: 'breakSeconds', kind: 'seconds', group: 'time', unit: 's', least: 0, most: 300, step: 15, fallback: 30, hosted: 0 },
    { key: 'rehearseSeconds', kind: 'seconds', group: 'time', unit: 's', least: 0, most: 600, step: 15, fallback: 60, hosted: 0 },
    { key: 'resetSeconds', kind: 'seconds', group: 'time', unit: 's', least: 0, most: 600, step: 15, fallback: 30, hosted: 0 },
    {
      key: 'rallySeconds',
      kind: 'seconds',
      group: 'time',
      unit: 's',
      least: 3,
      most: 60,
      house: true,
      byBand: { 'pre-k': 6, 'k-1': 6, '2-3': 7, '4-5': 8, '6-8': 9, '9-12': 10 },
    },
    { key: 'groups', kind: 'count', group: 'people', least: 1, most: 12 },
    { key: 'lineTask', role: 'waiting-task', kind: 'text', group: 'people', fallback: '' },
    {
      key: 'courtM',
      kind: 'metres',
      group: 'floor',
      unit: 'm',
      least: 2,
      most: 9,
      step: 0.1,
      house: true,
      byBand: { 'pre-k': 2.4, 'k-1': 2.6, '2-3': 3, '4-5': 3.2, '6-8': 3.6, '9-12': 4 },
    },
    { key: 'lineGapM', kind: 'metres', group: 'floor', unit: 'm', least: 0.5, most: 4, step: 0.1, fallback: 1 },
    { key: 'gapM', role: 'gap', kind: 'metres', group: 'floor', unit: 'm', least: 0.3, most: 5, step: 0.1, fallback: 1 },
    SPACING,
  ];
}
