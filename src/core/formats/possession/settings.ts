import type { Band } from '../../model/band.ts';
import { fieldSettings } from '../fields.ts';
import type { SettingMeta } from '../setting.ts';
import { countSetting, objectSetting, roundSettings, STOP_SIGNAL } from '../sharedSettings.ts';
import type { PossessionGame } from './setup.ts';

const PASSES: Record<Band, number> = { 'pre-k': 2, 'k-1': 3, '2-3': 4, '4-5': 5, '6-8': 6, '9-12': 8 };
const SMALL: [Record<Band, number>, Record<Band, number>] = [
  { 'pre-k': 5, 'k-1': 5, '2-3': 5.5, '4-5': 6, '6-8': 7, '9-12': 8 },
  { 'pre-k': 5, 'k-1': 5.5, '2-3': 5.6, '4-5': 5.6, '6-8': 8, '9-12': 10 },
];
const LARGE: [Record<Band, number>, Record<Band, number>] = [
  { 'pre-k': 12, 'k-1': 14, '2-3': 15, '4-5': 16, '6-8': 16, '9-12': 18 },
  { 'pre-k': 8, 'k-1': 9, '2-3': 9, '4-5': 10, '6-8': 11, '9-12': 12 },
];
/** Students on a field if nobody says. */
const PER_FIELD = { passes: 8, goals: 8, halves: 32, spots: 12 };

/** Settings of possession, in the order a teacher meets them; those that its kind has no use for are left out. */
export function possessionSettings(game: PossessionGame): SettingMeta[] {
  const { mode } = game;
  const [width, length] = mode === 'halves' ? LARGE : SMALL;
  const { people, floor } = fieldSettings({ perField: PER_FIELD[mode], width, length, gap: 0.8 });
  return [
    objectSetting(game.objects),
    ...(mode === 'passes' ? [countSetting('passes', 'play', 2, 12, undefined, PASSES)] : []),
    ...(mode === 'goals' ? [{ key: 'goesOn', kind: 'switch' as const, group: 'play' as const, fallback: true }] : []),
    ...(mode === 'halves' ? [countSetting('guards', 'play', 1, 8, 3)] : []),
    ...(mode === 'spots' ? [countSetting('freeSpots', 'play', 1, 8, 3)] : []),
    STOP_SIGNAL,
    ...people,
    ...roundSettings({ rounds: 3, breakSeconds: 30, walk: 30, rehearse: 30, reset: 20 }),
    ...floor,
  ];
}

/** Values of settings that a game leaves out. */
export const POSSESSION_UNUSED = { passes: 5, goesOn: true, guards: 1, freeSpots: 3 };
