import { type SettingMeta, SPACING } from '../setting.ts';
import { gapSetting, roundSettings, STOP_SIGNAL, waitingTask } from '../sharedSettings.ts';
import type { SkillLaneGame } from './setup.ts';

/** What those who wait are told to do if nobody says. */
export const WAITING_TASK = 'Watch the feet of the one in the lane, then say one thing that was good';

/** Settings of a skill lane, in the order a teacher meets them. Thresholds are percent of the tries since the last step. */
export function laneSettings(game: SkillLaneGame): SettingMeta[] {
  const steps = game.ladder.length;
  const start = (share: number) => Math.max(1, Math.min(steps, Math.round(share * steps)));
  return [
    {
      key: 'step',
      kind: 'choice',
      group: 'play',
      options: game.ladder.map((s, i) => ({ value: i + 1, title: s.title })),
      byBand: { 'pre-k': 1, 'k-1': 1, '2-3': start(0.35), '4-5': start(0.5), '6-8': start(0.65), '9-12': start(0.8) },
    },
    { key: 'startAt', kind: 'choice', group: 'play', options: [{ value: 'own' }, { value: 'same' }], fallback: 'own' },
    { key: 'enough', kind: 'count', group: 'play', least: 2, most: 40, fallback: 10 },
    { key: 'upPercent', kind: 'count', group: 'play', least: 50, most: 100, step: 5, fallback: 80 },
    { key: 'downPercent', kind: 'count', group: 'play', least: 0, most: 50, step: 5, fallback: 40 },
    STOP_SIGNAL,
    { key: 'perLane', kind: 'count', group: 'people', least: 1, most: 3, fallback: 2 },
    { key: 'groups', kind: 'count', group: 'people', least: 1, most: 20 },
    waitingTask(WAITING_TASK),
    { key: 'turnsEach', kind: 'count', group: 'time', least: 1, most: 6, fallback: 2, hosted: 1 },
    ...roundSettings({ rounds: 1, breakSeconds: 10, walk: 30, rehearse: 30, reset: 30 }).filter((m) => m.key !== 'bouts'),
    {
      key: 'laneM',
      kind: 'metres',
      group: 'floor',
      unit: 'm',
      least: 1,
      most: 4,
      step: 0.1,
      house: true,
      byBand: { 'pre-k': 1.4, 'k-1': 1.4, '2-3': 1.5, '4-5': 1.6, '6-8': 1.8, '9-12': 2 },
    },
    gapSetting(0.5),
    SPACING,
  ];
}
