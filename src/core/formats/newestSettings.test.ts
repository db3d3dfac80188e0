import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { newestSettings, type SettingsUpgrade, type UpgradesOf } from './newestSettings.ts';

const { games } = demoDesk();
const settingsIn = (lesson: ReturnType<typeof lessonWith>) => lesson.blocks.flatMap((b) => (b.game ? [b.game] : []))[0];
/** Version 2 measures in meters, version 3 renames. */
const UPGRADES: SettingsUpgrade[] = [
  ({ gapCm, ...rest }) => (gapCm === undefined ? rest : { ...rest, gapM: Number(gapCm) / 100 }),
  ({ gapM, ...rest }) => (gapM === undefined ? rest : { ...rest, betweenM: gapM }),
];
const upgradesOf: UpgradesOf = (format) => (format === 'stations' ? UPGRADES : []);

describe('settings of an older version', () => {
  it('climb every step of their own format from the version they are of', () => {
    const first = newestSettings(lessonWith('nine-mills', { gapCm: 80, laps: 2 }), games, upgradesOf);
    expect(settingsIn(first)).toMatchObject({ settings: { betweenM: 0.8, laps: 2 }, settingsVersion: 3 });
    const second = newestSettings(lessonWith('nine-mills', { gapM: 1.5 }, { settingsVersion: 2 }), games, upgradesOf);
    expect(settingsIn(second)).toMatchObject({ settings: { betweenM: 1.5 }, settingsVersion: 3 });
  });

  it('are left alone if they are of today, of another format, or of a game that is gone', () => {
    for (const lesson of [
      lessonWith('nine-mills', { betweenM: 1 }, { settingsVersion: 3 }),
      lessonWith('mill-sacks', { gapCm: 80 }),
      lessonWith('no-such-game', { gapCm: 80 }),
    ])
      expect(newestSettings(lesson, games, upgradesOf)).toBe(lesson);
  });

  it('stay those that the teacher set: nothing is added to them', () => {
    expect(settingsIn(newestSettings(lessonWith('nine-mills', {}), games, upgradesOf)).settings).toEqual({});
  });
});
