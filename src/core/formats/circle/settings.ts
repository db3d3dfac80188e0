import type { Band } from '../../model/band.ts';
import { type SettingMeta, SPACING } from '../setting.ts';
import {
  choiceSetting,
  countSetting,
  gapSetting,
  metresSetting,
  objectSetting,
  roundSettings,
  STOP_SIGNAL,
  secondsSetting,
} from '../sharedSettings.ts';
import type { CircleGame } from './setup.ts';

const LEAD: Record<Band, number> = { 'pre-k': 10, 'k-1': 12, '2-3': 15, '4-5': 15, '6-8': 20, '9-12': 20 };
const yes = (bands: readonly Band[]): Record<Band, boolean> =>
  Object.fromEntries((['pre-k', 'k-1', '2-3', '4-5', '6-8', '9-12'] as const).map((b) => [b, bands.includes(b)])) as Record<Band, boolean>;
const dial = (key: string, young: readonly Band[] = []): SettingMeta => ({
  key,
  kind: 'switch',
  group: 'play',
  fallback: false,
  byBand: yes(young),
  house: true,
});

/** What the kind of circle has to set. */
function ownSettings({ mode }: CircleGame): SettingMeta[] {
  switch (mode) {
    case 'sequence':
      return [countSetting('numbers', 'play', 1, 12, 4)];
    case 'keep-up':
      return [
        dial('resume', ['pre-k', 'k-1', '2-3']),
        dial('twice', ['pre-k', 'k-1']),
        dial('catching', ['pre-k', 'k-1']),
        dial('giveBack'),
        dial('centre'),
      ];
    case 'barrier':
      return [
        { key: 'joint', kind: 'switch', group: 'play', fallback: true },
        countSetting('touches', 'play', 1, 6, 3),
        choiceSetting('posture', 'play', ['standing', 'seated']),
      ];
    case 'crews':
      return [countSetting('takers', 'play', 1, 6, 2), countSetting('rescuers', 'play', 1, 6, 2), countSetting('limit', 'play', 2, 12, 6)];
    case 'leader':
      return [{ ...secondsSetting('leadSeconds', 5, 90, undefined, LEAD), group: 'play' }];
  }
}

/** Settings of a circle, in the order a teacher meets them; those that its kind has no use for are left out. */
export function circleSettings(game: CircleGame): SettingMeta[] {
  const isWhole = game.mode === 'sequence' || game.mode === 'crews';
  return [
    ...(game.objectsEach ? [objectSetting(game.objects)] : []),
    ...ownSettings(game),
    STOP_SIGNAL,
    ...(isWhole ? [] : [countSetting('perRing', 'people', 2, 60)]),
    countSetting('groups', 'people', 1, 16),
    ...roundSettings({ rounds: isWhole || game.mode === 'leader' ? 1 : 3, breakSeconds: 20, walk: 30, rehearse: 20, reset: 20 }),
    ...(game.mode === 'barrier' ? [] : [metresSetting('besideM', 0.4, 2, 0.7)]),
    gapSetting(0.8),
    SPACING,
  ];
}

/** Values of settings that a game leaves out. */
export const circleUnused = (objects: readonly string[]) => ({
  object: objects[0] ?? '',
  ...{ numbers: 4, resume: false, twice: false, giveBack: false, catching: false, centre: false, joint: true, touches: 3 },
  ...{ posture: 'standing', takers: 2, rescuers: 2, limit: 6, leadSeconds: 15, besideM: 0.7 },
});
