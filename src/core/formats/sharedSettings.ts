import type { Band } from '../model/band.ts';
import { type SettingMeta, SPACING } from './setting.ts';

/** Settings that several formats have alike: what stops everyone, rounds with breaks between them, what comes before and after them. */
export const STOP_SIGNAL: SettingMeta = { key: 'stopSignal', role: 'stop-signal', kind: 'text', group: 'play', fallback: '' };

/** What those do who wait for a turn. */
export const waitingTask = (fallback: string): SettingMeta => ({
  key: 'waitingTask',
  role: 'waiting-task',
  kind: 'text',
  group: 'people',
  fallback,
});

/** A length on the floor. */
export const metresSetting = (key: string, least: number, most: number, fallback: number): SettingMeta => ({
  key,
  kind: 'metres',
  group: 'floor',
  unit: 'm',
  least,
  most,
  step: 0.1,
  fallback,
});

/** Metres between two places of a game. */
export const gapSetting = (fallback: number): SettingMeta => ({ ...metresSetting('gapM', 0, 5, fallback), role: 'gap' });

/** A stretch of time. */
export const secondsSetting = (
  key: string,
  least: number,
  most: number,
  fallback?: number,
  byBand?: Record<Band, number>,
): SettingMeta => ({
  key,
  kind: 'seconds',
  group: 'time',
  unit: 's',
  least,
  most,
  step: most > 300 ? 15 : 5,
  ...(fallback === undefined ? {} : { fallback }),
  ...(byBand ? { byBand, house: true } : {}),
});

/** Rounds of a block: how many, how long (solved if not set), the break between them, walk-through and rehearsal before, reset after. At a place of another game a group's stay is one round. */
export const roundSettings = (usual: {
  rounds: number;
  breakSeconds: number;
  walk: number;
  rehearse: number;
  reset: number;
}): SettingMeta[] => [
  { key: 'bouts', kind: 'count', group: 'time', least: 1, most: 8, fallback: usual.rounds, hosted: 1 },
  { ...secondsSetting('workSeconds', 20, 1800), hosted: null },
  { ...secondsSetting('breakSeconds', 0, 300, usual.breakSeconds), hosted: 0 },
  { ...secondsSetting('walkSeconds', 0, 600, usual.walk), hosted: 0 },
  { ...secondsSetting('rehearseSeconds', 0, 600, usual.rehearse), hosted: 0 },
  { ...secondsSetting('resetSeconds', 0, 600, usual.reset), hosted: 0 },
];

/** How many of something. */
export const countSetting = (
  key: string,
  group: SettingMeta['group'],
  least: number,
  most: number,
  fallback?: number,
  byBand?: Record<Band, number>,
): SettingMeta => ({
  ...{ key, kind: 'count', group, least, most },
  ...(fallback === undefined ? {} : { fallback }),
  ...(byBand ? { byBand, house: true } : {}),
});

/** One of several, each worded by the format; the first one if nobody says. */
export const choiceSetting = (key: string, group: SettingMeta['group'], values: readonly (string | number)[]): SettingMeta => ({
  ...{ key, kind: 'choice', group, options: values.map((value) => ({ value })), fallback: values[0] },
});

/** Which of the game's kinds of object it is played with, the usual one first. */
export const objectSetting = (objects: readonly string[]): SettingMeta => ({
  ...{
    key: 'object',
    role: 'object',
    kind: 'choice',
    group: 'play',
    options: objects.map((o) => ({ value: o, title: o })),
    fallback: objects[0],
  },
});

/** Free floor between a field and the walls, and how much of the floor the field takes. */
export const FIELD_SETTINGS: readonly SettingMeta[] = [metresSetting('edgeM', 0.5, 5, 1), { ...SPACING, fallback: 'wide' }];
