import { demoDesk } from '../src/content/desk.fixture.ts';
import { GAMES } from '../src/content/games.ts';
import { fitUnweighed } from '../src/core/fit/fit.ts';
import { gameBlock } from '../src/core/formats/gameBlock.ts';
import { BANDS } from '../src/core/model/band.ts';
import type { Game } from '../src/core/model/game.ts';
import { judge, judgeWhole } from '../src/core/shelf/judge.ts';
import { findGames, indexGames } from '../src/core/shelf/search.ts';
import { fixed, measure, said, timed } from './measure.ts';

/** Rows that stand on the first screen. */
const FIRST = 6;

/** 60 games: those that there are, then copies of them with the settings of other bands. */
function sixty(): Game[] {
  return Array.from({ length: 60 }, (_, i): Game => {
    const game = GAMES[i % GAMES.length];
    const band = BANDS[Math.floor(i / GAMES.length) % BANDS.length];
    if (i < GAMES.length) return game;
    return { ...game, id: `${game.id}-${i}` as Game['id'], bands: Object.fromEntries(BANDS.map((b) => [b, game.bands[band] ?? {}])) };
  });
}

/** 60 games judged for one period: the first screen in a worker that has just started and in one that has judged before, all at first sight, all by every check; against a whole fit of each, naively. Search through 500. */
export function benchShelf(): void {
  const games = sixty();
  const { lesson, ...period } = demoDesk({ games });
  const first = timed(() => {
    for (const g of games.slice(0, FIRST)) judge(period, g);
  });
  const rest = timed(() => {
    for (const g of games.slice(FIRST)) judge(period, g);
  });
  const whole = timed(() => {
    for (const g of games) judgeWhole(period, g, { adults: [], homeMade: [] });
  });
  const plain = lesson.blocks.filter((b) => !b.game);
  const naive = timed(() => {
    for (const g of games) fitUnweighed({ ...period, lesson: { ...lesson, blocks: [...plain, gameBlock(g, 'naive')] } });
  });
  // Another room: nothing kept helps, but the code has run before, as in a worker that has judged one period already.
  const narrower = period.room.outline.map(({ x, y }) => ({ x: x * 0.97, y: y * 0.98 }));
  const other = { ...period, room: { ...period.room, id: 'bench-room' as typeof period.room.id, outline: narrower } };
  const again = timed(() => {
    for (const g of games.slice(0, FIRST)) judge(other, g);
  });
  console.log(
    `  ${games.length} games: first ${FIRST} rows ${fixed(first, 0)} ms, all at first sight ${fixed(first + rest, 0)} ms, by every check ${fixed(whole, 0)} ms more`,
  );
  console.log(`    first ${FIRST} rows of another room in the same worker ${fixed(again, 0)} ms`);
  console.log(`    a whole fit of each ${fixed(naive, 0)} ms: first sight ${fixed((first + rest) / naive, 2)} of it`);
  const many = Array.from({ length: 500 }, (_, i): Game => ({ ...games[i % games.length], id: `g${i}` as Game['id'] }));
  const made = measure(3, () => indexGames(many));
  const index = indexGames(many);
  const words = ['mill', 'soft ball', 'toss the', 'rh', 'without being told'];
  console.log(
    `    ${many.length} games: the index ${said(made)}, a search ${said(measure(100, (i) => findGames(index, words[Math.abs(i) % words.length])))}`,
  );
}
