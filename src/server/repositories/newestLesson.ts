import { newestSettings } from '../../core/formats/newestSettings.ts';
import { FORMATS, formatOf } from '../../core/formats/registry.ts';
import type { Game } from '../../core/model/game.ts';
import type { Lesson } from '../../core/model/lesson.ts';

/** How many times a format's settings have changed, of the format where it was most. */
const mostUpgrades = Math.max(0, ...Object.values(FORMATS).map((f) => f.settingsUpgrades.length));

/** A stored lesson with its settings in the newest version of their formats. `games` are read only if some may be older. */
export async function newestLesson(lesson: Lesson, games: () => Promise<readonly Game[]>): Promise<Lesson> {
  const mayBeOlder = lesson.blocks.some(({ game }) => game && (game.settingsVersion ?? 1) <= mostUpgrades);
  return mayBeOlder ? newestSettings(lesson, await games(), (id) => formatOf(id).settingsUpgrades) : lesson;
}
