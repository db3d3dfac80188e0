import type { Game } from '../model/game.ts';
import type { Block, Lesson } from '../model/lesson.ts';

type Settings = Readonly<Record<string, unknown>>;
/** Settings of one version as those of the next; those that a teacher has not set are not there. */
export type SettingsUpgrade = (old: Settings) => Settings;
/** What a format says of its older settings: the first upgrade turns version 1 into 2. */
export type UpgradesOf = (formatId: string) => readonly SettingsUpgrade[];

function newestBlock(block: Block, games: readonly Game[], upgradesOf: UpgradesOf): Block {
  const { game } = block;
  const known = game && games.find((g) => g.id === game.gameId);
  if (!known) return block;
  const upgrades = upgradesOf(known.format);
  const { settingsVersion = 1 } = game;
  if (settingsVersion > upgrades.length) return block;
  const settings = upgrades.slice(settingsVersion - 1).reduce<Settings>((old, upgrade) => upgrade(old), game.settings);
  return { ...block, game: { ...game, settings: { ...settings }, settingsVersion: upgrades.length + 1 } };
}

/** The lesson with the settings of every block in the newest version of its format; the very same lesson if all are. */
export function newestSettings(lesson: Lesson, games: readonly Game[], upgradesOf: UpgradesOf): Lesson {
  const blocks = lesson.blocks.map((block) => newestBlock(block, games, upgradesOf));
  return blocks.every((block, i) => block === lesson.blocks[i]) ? lesson : { ...lesson, blocks };
}
