import { type Hosts, pickOfGame } from '../hosted.ts';
import { type SettingMeta, SPACING } from '../setting.ts';
import { STOP_SIGNAL } from '../sharedSettings.ts';
import type { StationsGame } from './setup.ts';

/** Settings of a stations block, in the order a teacher meets them. Any of the other games may be one of its stations. */
export function stationsSettings(game: StationsGame, hosts: Hosts = {}): SettingMeta[] {
  return [
    {
      key: 'picks',
      kind: 'picks',
      group: 'play',
      least: 1,
      most: 12,
      options: [
        ...game.stations.map((s) => ({ value: s.id, title: s.title })),
        ...Object.values(hosts).map(({ gameId, title }) => ({ value: pickOfGame(gameId), title, isGame: true })),
      ],
      fallback: game.stations.map((s) => s.id),
    },
    { key: 'laps', kind: 'count', group: 'time', least: 1, most: 4, fallback: 1 },
    { key: 'workSeconds', kind: 'seconds', group: 'time', unit: 's', least: 15, most: 900, step: 5 },
    { key: 'moveSeconds', kind: 'seconds', group: 'time', unit: 's', least: 5, most: 180, step: 5 },
    { key: 'walkSeconds', kind: 'seconds', group: 'time', unit: 's', least: 0, most: 600, step: 15, fallback: 60 },
    { key: 'rehearseSeconds', kind: 'seconds', group: 'time', unit: 's', least: 0, most: 600, step: 15, fallback: 30 },
    { key: 'resetSeconds', kind: 'seconds', group: 'time', unit: 's', least: 0, most: 600, step: 15, fallback: 60 },
    {
      key: 'laterLap',
      kind: 'choice',
      group: 'time',
      options: ['same', 'work', 'travel', 'step-back'].map((value) => ({ value })),
      fallback: 'same',
    },
    { key: 'laterLapSeconds', kind: 'seconds', group: 'time', unit: 's', least: 15, most: 900, step: 5, fallback: 60 },
    { key: 'direction', kind: 'choice', group: 'play', options: [{ value: 1 }, { value: -1 }], fallback: 1 },
    { key: 'groups', kind: 'count', group: 'people', least: 1, most: 24 },
    { key: 'overflow', kind: 'count', group: 'people', least: 0, most: 4, fallback: 0 },
    {
      key: 'waitingTask',
      role: 'waiting-task',
      kind: 'text',
      group: 'people',
      fallback: 'Keep a scarf in the air with elbows and wrists; count touches',
    },
    {
      key: 'oddTask',
      kind: 'choice',
      group: 'people',
      options: ['none', 'trio', 'caller', 'free'].map((value) => ({ value })),
      fallback: 'trio',
    },
    { key: 'noSharing', kind: 'switch', group: 'people', fallback: false },
    { key: 'areaWidthM', kind: 'metres', group: 'floor', unit: 'm', least: 1.5, most: 15, step: 0.1, fallback: 4 },
    { key: 'areaDepthM', kind: 'metres', group: 'floor', unit: 'm', least: 1.5, most: 15, step: 0.1, fallback: 3 },
    { key: 'gapM', role: 'gap', kind: 'metres', group: 'floor', unit: 'm', least: 0.3, most: 5, step: 0.1, fallback: 1 },
    {
      key: 'spacingM',
      kind: 'metres',
      group: 'floor',
      unit: 'm',
      least: 0.6,
      most: 6,
      step: 0.1,
      house: true,
      byBand: { 'pre-k': 1, 'k-1': 1.2, '2-3': 1.3, '4-5': 1.5, '6-8': 1.6, '9-12': 1.8 },
    },
    { ...SPACING, fallback: 'wide' },
    STOP_SIGNAL,
    { key: 'sharing', kind: 'map', group: 'people', fallback: {} },
    { key: 'substitutes', kind: 'map', group: 'people', fallback: {} },
  ];
}
