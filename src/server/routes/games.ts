import { Router } from 'express';
import { z } from 'zod';
import { GAMES } from '../../content/games.ts';
import { TEMPLATES } from '../../content/templates.ts';
import { gamesFile, gamesFileSchema, newsOf } from '../../core/exchange/gamesFile.ts';
import { formatOf } from '../../core/formats/registry.ts';
import { Game } from '../../core/model/game.ts';
import { newHeader } from '../../core/model/record.ts';
import { readAside } from '../aside/readAside.ts';
import type { Database } from '../database.ts';
import { type InputIssue, Problem, readInput } from '../problem.ts';
import { gameRecords } from '../repositories/index.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const shipped = new Set(GAMES.map((g) => g.id as string));

/** What becomes of a game of a file: it comes in, as a copy under a new id, in the place of the school's own, or not at all. */
const Choice = z.enum(['add', 'copy', 'replace', 'skip'], { message: 'choice' });
const ImportRequest = z.object({
  text: z.string().min(1, { message: 'empty' }).max(2_000_000, { message: 'too-long' }),
  /** By id; without it the file is only looked at. */
  choose: z.record(z.string().max(64), Choice).optional(),
});

/** A game whose settings are settings of its format, within their bounds. */
function readGame(raw: unknown): Game {
  const game = readInput(Game, raw);
  const { settingProblem } = formatOf(game.format);
  const issues = Object.entries(game.bands).flatMap(([band, values]) =>
    Object.entries(values ?? {}).flatMap(([key, value]): InputIssue[] => {
      const code = settingProblem(game.setup, key, value);
      return code ? [{ path: ['bands', band, key], code }] : [];
    }),
  );
  if (issues.length) throw new Problem(400, 'bad-input', issues);
  return game;
}

const notOwn = () => new Problem(409, 'not-own', [{ path: ['id'], code: 'not-own' }]);

/** Games of the school's own beside those that come with Side Court: made, changed, taken out as a file and brought in. */
export function gameRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/games', () => gameRecords.list(db));
  route(router, 'post', '/games', (req) =>
    gameRecords.add(db, readGame({ ...bodyOf(req), ...newHeader('game', 3), id: newId('g'), own: true })),
  );
  route(router, 'put', '/games/:id', async (req) => {
    const id = idParam(req);
    if (shipped.has(id)) throw notOwn();
    await gameRecords.get(db, id);
    return gameRecords.put(db, readGame({ ...bodyOf(req), id, own: true }));
  });
  /** Lessons that come with Side Court, by what they are for. */
  route(router, 'get', '/templates', async () => TEMPLATES);
  route(router, 'get', '/games/schema', async () => gamesFileSchema());
  // One game by ?id, else all of the school's own.
  router.get('/games/file', (req, res, next) => {
    const { id } = req.query;
    gameRecords.list(db).then((all) => {
      res.setHeader('content-disposition', 'attachment; filename="side-court-games.json"');
      res.json(gamesFile(all.filter((g) => (typeof id === 'string' ? g.id === id : g.own))));
    }, next);
  });
  route(router, 'post', '/games/import', async (req) => {
    const { text, choose } = readInput(ImportRequest, bodyOf(req));
    const { games, faults } = await readAside('games', text);
    const known = await gameRecords.list(db);
    const rows = games.map((game) => ({
      ...{ id: game.id as string, title: game.title, format: game.format, news: newsOf(game, known) },
      /** One that comes with Side Court is never written over. */
      isShipped: shipped.has(game.id),
    }));
    if (!choose) return { rows, faults, added: 0, replaced: 0 };
    let [added, replaced] = [0, 0];
    await db.transaction(async (tx) => {
      for (const [i, game] of games.entries()) {
        const { news, isShipped } = rows[i];
        const choice = choose[game.id] ?? 'skip';
        const isNew = choice === 'copy' || (choice === 'add' && news === 'new');
        if (isNew) {
          const id = choice === 'copy' ? newId('g') : game.id;
          await gameRecords.add(tx, readGame({ ...game, ...newHeader('game', 3), id, own: true }));
          added += 1;
        } else if (choice === 'replace' && news === 'other' && !isShipped) {
          const { revision } = known.find((g) => g.id === game.id)!;
          await gameRecords.put(tx, readGame({ ...game, revision, own: true }));
          replaced += 1;
        }
      }
    });
    return { rows, faults, added, replaced };
  });
  return router;
}
