import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { formatOf } from '../formats/registry.ts';
import { frameAt } from '../formats/tryOut.ts';
import { insidePolygon } from '../geometry/point.ts';
import { boxOf } from '../model/shape.ts';
import { foldEvents } from '../play/foldPlay.ts';
import { fitUnweighed } from './fit.ts';
import type { FittedGame } from './fitted.ts';
import { isChancy, samplePlay, triedSeconds, tryOnce } from './tryOut.ts';

const gameOf = (id: string, settings: Record<string, unknown> = {}): FittedGame =>
  fitUnweighed(demoDesk({ lesson: lessonWith(id, settings) })).blocks.find((b) => b.game)!.game!;

describe('a block that is tried out', () => {
  it.each(GAMES.map((g) => [g.id as string, g.title] as const))(
    '%s: everyone is on the floor at every second, and play accepts what happens',
    (id) => {
      const game = gameOf(id);
      const sample = samplePlay(game, 3);
      expect(sample.seconds).toBe(triedSeconds(game));
      for (const { setup, events } of sample.plays) expect(foldEvents(formatOf(game.format).open(setup), events).refused).toEqual([]);
      const room = demoDesk().room.outline;
      expect(Object.keys(sample.frames).sort()).toEqual(game.groups.flat().sort());
      for (const [student, frames] of Object.entries(sample.frames)) {
        for (let at = 0; at < sample.seconds; at += 7) {
          const point = frameAt(frames, at);
          expect(point, `${student} at ${at}`).toBeDefined();
          expect(insidePolygon(room, point!), `${student} at ${at}: ${JSON.stringify(point)}`).toBe(true);
        }
        const times = frames.map((f) => f.at);
        expect(
          [...times].sort((a, b) => a - b),
          'forward in time',
        ).toEqual(times);
      }
    },
  );

  it.each(GAMES.map((g) => [g.id as string, g.title] as const))(
    '%s: shares lie between none and all, the same again by the same seed',
    (id) => {
      const game = gameOf(id);
      const one = tryOnce(game, 5);
      expect(tryOnce(game, 5)).toEqual(one);
      expect(one.least).toBeGreaterThanOrEqual(0);
      expect(one.least).toBeLessThanOrEqual(one.mean + 1e-9);
      expect(one.mean).toBeLessThanOrEqual(one.most + 1e-9);
      expect(one.most).toBeLessThanOrEqual(1);
      if (isChancy(game)) expect(samplePlay(game, 6).plays).not.toEqual(samplePlay(game, 7).plays);
    },
  );

  it('tells how unequal the waits of a line are where a turn goes on until something is made', () => {
    const game = gameOf('ring-until-it-rings');
    expect(isChancy(game)).toBe(true);
    const tried = [1, 2, 3, 4].map((seed) => tryOnce(game, seed));
    for (const { least, mean, most, wait } of tried) {
      expect(least).toBeLessThan(mean);
      expect(most).toBeGreaterThan(mean);
      expect(wait).toBeGreaterThan(10);
    }
    expect(new Set(tried.map((t) => t.wait)).size).toBeGreaterThan(1);
  });

  it.each(['mill-carts', 'harvest-home', 'to-the-mill-and-back', 'over-the-orchard'])(
    'follows everyone of %s on the floor of their play',
    (id) => {
      const game = gameOf(id);
      const { plays, frames, seconds } = samplePlay(game, 2);
      expect(plays.every((p) => p.events.length > 0)).toBe(true);
      const boxes = game.pieces.map((p) => boxOf(p.shape));
      for (const way of Object.values(frames)) {
        expect(way.length).toBeGreaterThan(seconds / 2);
        for (const { x, y } of way.filter((_, i) => i % 20 === 0))
          expect(boxes.some((b) => x > b.x - 1.5 && x < b.x + b.width + 1.5 && y > b.y - 1.5 && y < b.y + b.depth + 1.5)).toBe(true);
      }
    },
  );

  it('has students of a chase less active the more hunt', () => {
    const mean = (hunters: number) => {
      const game = gameOf('wind-and-leaves', { hunters });
      return [1, 2, 3, 4, 5, 6].reduce((sum, seed) => sum + tryOnce(game, seed).mean, 0) / 6;
    };
    expect(mean(2)).toBeGreaterThan(mean(7));
  });
});
