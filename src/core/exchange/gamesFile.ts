import { z } from 'zod';
import { Game } from '../model/game.ts';
import { readJson } from './jsonText.ts';
import { upgradeEntry } from './schoolFile.ts';

/** Games that one file may hold. */
const MOST_GAMES = 200;
/** Values in them, and how deep: a game has some hundreds, ten deep. */
const MOST_VALUES = 400_000;
const MOST_DEPTH = 40;

/** Games that go from school to school as one JSON file: records as they are stored, nobody's names in them. */
export const GamesFile = z.object({
  format: z.literal('side-court-games'),
  version: z.literal(1),
  games: z.array(Game).min(1, { message: 'empty' }).max(MOST_GAMES, { message: 'too-many' }),
});
export type GamesFile = z.infer<typeof GamesFile>;

/** The published shape of the file, as JSON Schema. */
export const gamesFileSchema = (): unknown => z.toJSONSchema(GamesFile, { io: 'input', unrepresentable: 'any' });

export const gamesFile = (games: readonly Game[]): GamesFile => ({ format: 'side-court-games', version: 1, games: [...games] });

/** A fault of a file: which game (from 1; 0 for the file itself), which field, what is wrong. */
export interface GamesFileFault {
  game: number;
  title: string;
  field: string;
  code: string;
}
/** A file read: its games that are whole, and what is wrong with the others. */
export interface GamesRead {
  games: Game[];
  faults: GamesFileFault[];
}

const fileFault = (field: string, code: string): GamesRead => ({ games: [], faults: [{ game: 0, title: '', field, code }] });

/** Reads the text of a file. Games of older versions are brought up to date; one that is broken keeps no other from coming in. */
export function readGames(text: string): GamesRead {
  const json = readJson(new TextEncoder().encode(text), { values: MOST_VALUES, depth: MOST_DEPTH });
  if (!json.ok) return fileFault(`line ${json.fault.line}`, json.fault.code);
  const raw = json.value;
  const { format, version, games } = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<string, unknown>;
  if (format !== 'side-court-games') return fileFault('format', 'other-format');
  if (version !== 1) return fileFault('version', 'other-version');
  if (!Array.isArray(games) || !games.length) return fileFault('games', 'empty');
  if (games.length > MOST_GAMES) return fileFault('games', 'too-many');
  const read: GamesRead = { games: [], faults: [] };
  for (const [i, each] of games.entries()) {
    const parsed = Game.safeParse(upgradeEntry(each));
    const title = String((each as { title?: unknown } | null)?.title ?? '');
    if (!parsed.success) {
      const [issue] = parsed.error.issues;
      read.faults.push({ game: i + 1, title, field: issue.path.join('.'), code: issue.message });
    } else if (read.games.some((g) => g.id === parsed.data.id)) read.faults.push({ game: i + 1, title, field: 'id', code: 'repeated' });
    else read.games.push(parsed.data);
  }
  return read;
}

/** Whether the school has a game of a file: not at all, just so, or another one under the same id. */
export type GameNews = 'new' | 'same' | 'other';

const content = ({ revision: _, ...game }: Game): string => JSON.stringify(sorted(game));
/** Keys in one order, however deep. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, each]) => [key, sorted(each)]),
  );
}

/** Looks for a game of a file among those that the school has. */
export function newsOf(game: Game, known: readonly Game[]): GameNews {
  const mine = known.find((g) => g.id === game.id);
  return !mine ? 'new' : content({ ...mine, own: undefined }) === content({ ...game, own: undefined }) ? 'same' : 'other';
}
