import type { Game } from '../model/game.ts';
import type { BlockId } from '../model/ids.ts';
import type { Block } from '../model/lesson.ts';
import { formatOf } from './registry.ts';

/** A block with a game as it goes into a lesson. */
export function gameBlock(game: Pick<Game, 'id' | 'title' | 'format'>, id: string, settings: Record<string, unknown> = {}): Block {
  const settingsVersion = formatOf(game.format).settingsUpgrades.length + 1;
  const own = { gameId: game.id, settings, settingsVersion, placed: {} };
  return { id: id as BlockId, phase: 'game', title: game.title, least: 0, most: 7200, weight: 10, game: own };
}
