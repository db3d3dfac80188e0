import type { Band } from '../../model/band.ts';
import { type SettingMeta, SPACING } from '../setting.ts';
import { roundSettings, STOP_SIGNAL, secondsSetting, waitingTask } from '../sharedSettings.ts';
import type { ChaseGame } from './setup.ts';

/** What those who wait are told to do if nobody says. */
export const WAITING_TASK = 'Stand on one foot and count the passes aloud until you are back in';

const EDGE: Record<Band, number> = { 'pre-k': 1, 'k-1': 1.2, '2-3': 1.5, '4-5': 1.5, '6-8': 2, '9-12': 2 };

/** Settings of a chase, in the order a teacher meets them; those that its kind has no use for are left out. */
export function chaseSettings(game: ChaseGame): SettingMeta[] {
  const isTask = game.caught === 'task' || game.release === 'task';
  const isCalled = game.crossing || game.release === 'call';
  return [
    { key: 'safeSpots', kind: 'count', group: 'play', least: 0, most: 12, fallback: game.safeSpots },
    { ...secondsSetting('spotSeconds', 2, 30, 5), group: 'play', step: 1 },
    ...(isTask ? [{ ...secondsSetting('taskSeconds', 5, 60, 15), group: 'play' as const }] : []),
    ...(isCalled ? [{ ...secondsSetting('callSeconds', 8, 90, game.crossing ? 20 : 30), group: 'play' as const }] : []),
    { key: 'dim', kind: 'switch', group: 'play', fallback: false },
    STOP_SIGNAL,
    { key: 'hunters', kind: 'count', group: 'people', least: 1, most: 20 },
    { key: 'wishPercent', kind: 'count', group: 'people', least: 20, most: 95, step: 5, fallback: 75 },
    waitingTask(WAITING_TASK),
    ...roundSettings({ rounds: 4, breakSeconds: 20, walk: 30, rehearse: 20, reset: 30 }),
    { key: 'edgeM', kind: 'metres', group: 'floor', unit: 'm', least: 0.5, most: 5, step: 0.1, house: true, byBand: EDGE },
    { ...SPACING, fallback: 'wide' },
  ];
}

/** Values of settings that a game leaves out. */
export const CHASE_UNUSED = { taskSeconds: 15, callSeconds: 30 };
