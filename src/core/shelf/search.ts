import type { Game } from '../model/game.ts';

/** A game's words, folded: its title, what it is for, and everything else that is said of it. */
interface Entry {
  id: string;
  title: string;
  aim: string;
  rest: string;
}
export type ShelfIndex = readonly Entry[];

const fold = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** Every text of a value, however deep. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  return value && typeof value === 'object' ? Object.values(value).flatMap(textsIn) : [];
}

/** The words of all games. `more`: words that are not in the record, such as the format's name and the teacher's own notes. */
export const indexGames = (games: readonly Game[], more: (game: Game) => readonly string[] = () => []): ShelfIndex =>
  games.map((game) => ({
    id: game.id,
    title: fold(game.title),
    aim: fold([game.aim, ...game.families].join(' ')),
    rest: fold([game.story, ...textsIn([game.rules, game.questions, game.setup]), ...more(game)].join(' ')),
  }));

/** True if a word of the text begins so. */
const begins = (text: string, word: string) => ` ${text}`.includes(` ${word}`);

/**
 * Ids of games in which every word of the text begins some word: those with the words in their title first, then those in what they
 * are for, then the rest, each in the order of the index. All games for a text without words.
 */
export function findGames(index: ShelfIndex, text: string): string[] {
  const words = fold(text).split(' ').filter(Boolean);
  if (!words.length) return index.map((e) => e.id);
  const rank = ({ title, aim, rest }: Entry): number => {
    if (words.every((w) => begins(title, w))) return title.startsWith(words[0]) ? 0 : 1;
    if (words.every((w) => begins(title, w) || begins(aim, w))) return 2;
    return words.every((w) => begins(title, w) || begins(aim, w) || begins(rest, w)) ? 3 : -1;
  };
  return index
    .map((entry) => ({ id: entry.id, rank: rank(entry) }))
    .filter((e) => e.rank >= 0)
    .sort((a, b) => a.rank - b.rank)
    .map((e) => e.id);
}
