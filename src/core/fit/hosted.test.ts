import { describe, expect, it } from 'vitest';
import { UPPER_YARD } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { validateShapes } from '../arrange/validate.ts';
import { pickOfGame } from '../formats/hosted.ts';
import { formatOf } from '../formats/registry.ts';
import { speakIn } from '../formats/speak.ts';
import { rectPolygon } from '../geometry/point.ts';
import { footprint } from '../model/laidPiece.ts';
import { roomArea } from '../model/room.ts';
import { boxOf } from '../model/shape.ts';
import { everyoneIn } from '../play/playRules.ts';
import { findingWords, fixWords } from '../words/en.ts';
import { cardLineWords, ruleWords } from '../words/rules.en.ts';
import { fit, fitUnweighed } from './fit.ts';
import type { FitInput } from './fitted.ts';

const speak = speakIn('m');
/** The weather round with a game as one more of its stations; every station is large enough for it. */
const withGame = (gameId: string, more: Record<string, unknown> = {}): FitInput =>
  demoDesk({
    room: UPPER_YARD,
    lesson: lessonWith('weather-round', {
      picks: ['breeze', 'rain', pickOfGame(gameId), 'snow', 'frost', 'gust', 'clearing'],
      areaWidthM: 7,
      areaDepthM: 6.5,
      gapM: 0.5,
      ...more,
    }),
  });
/** The same in the Mill Gym, where nine stations leave little floor. */
const inGym = (gameId: string, more: Record<string, unknown>): FitInput => {
  const picks = ['breeze', 'rain', 'thunder', pickOfGame(gameId), 'rainbow', 'snow', 'frost', 'gust', 'clearing'];
  return demoDesk({ lesson: lessonWith('weather-round', { picks, ...more }) });
};
const gameOf = (input: FitInput) => fitUnweighed(input).blocks.find((b) => b.game)!.game!;
const guests = GAMES.filter((g) => formatOf(g.format).canBePlace).map((g) => [g.title, g] as const);

describe('a station that is a game of its own', () => {
  it.each(guests)('%s: is played by each group while it is there, by that game’s rules', (_, guest) => {
    const game = gameOf(withGame(guest.id));
    const { visits, groups, timeline } = game;
    expect(visits.map((v) => v.group).sort()).toEqual(groups.map((_, g) => g));
    for (const visit of visits) {
      expect(visit).toMatchObject({ piece: 2, title: guest.title, format: guest.format });
      expect(timeline.bouts[visit.round].stays[visit.group].piece).toBe(2);
      const format = formatOf(visit.format);
      const seconds = timeline.bouts[visit.round].until - timeline.bouts[visit.round].at;
      const players = visit.plays.flatMap((setup) => everyoneIn(format.open(setup, visit.playVersion).view()));
      expect(players.sort(), 'its group and nobody else').toEqual([...groups[visit.group]].sort());
      for (const setup of visit.plays) {
        const events = format.simulate(setup, { seconds, seed: 3 });
        expect(format.replay(setup, events).refused).toEqual([]);
      }
    }
    expect(JSON.parse(JSON.stringify(visits))).toEqual(visits);
  });

  it.each(guests)('%s: lies within its station, with its own gear', (_, guest) => {
    const game = gameOf(withGame(guest.id));
    const id = pickOfGame(guest.id);
    const station = game.pieces.find((p) => p.id === id)!;
    const own = game.things.filter((t) => t.of === id);
    const fits = !fitUnweighed(withGame(guest.id)).findings.some((f) => f.code === 'station-game-no-room');
    if (fits) {
      expect(own.length).toBeGreaterThan(0);
      const shapes = own.map((t) => ({ shape: 'zone' as const, outline: footprint(t) }));
      const slack = 0.2;
      const { x, y, width, depth } = boxOf(station.shape);
      const outline = rectPolygon({ x: x - slack, y: y - slack, width: width + 2 * slack, depth: depth + 2 * slack });
      const outside = validateShapes(
        { outline, keepOut: [] },
        shapes,
        shapes.map(() => 0),
        0,
      ).filter((t) => t.kind === 'outside');
      expect(outside.map((t) => own[t.unit].id)).toEqual([]);
    }
    const needs = game.needs.filter((n) => n.pieceId === id);
    const alone = gameOf(demoDesk({ lesson: lessonWith(guest.id) })).needs.map((n) => n.gearKind);
    expect(new Set(needs.map((n) => n.gearKind))).toEqual(new Set(alone));
  });

  it('has a card with the game’s own rules, and the block’s rules say which station it is', () => {
    const game = gameOf(withGame('bell-tower'));
    const card = game.cards.find((c) => c.pieceId === pickOfGame('bell-tower'))!;
    const lines = card.lines.map((line) => cardLineWords(line, 'stations'));
    expect(lines.map((l) => l.label)).toEqual(expect.arrayContaining(['A game of its own', 'Start', 'Restart', 'A tie', 'End']));
    expect(lines.every((l) => l.text.length > 3)).toBe(true);
    const said = game.rules.map((rule) => ruleWords(rule, 'stations').text);
    expect(said).toContain('Station 3 is a game of its own: Bell tower. Its card says the rules.');
  });

  it('counts in the forecast with the share that its own format forecasts', () => {
    const quiet = gameOf(withGame('lantern-roll')).forecast.activeShare.mean;
    const same = gameOf(withGame('lantern-roll', { picks: ['breeze', 'rain', 'rainbow', 'snow', 'frost', 'gust', 'clearing'] })).forecast
      .activeShare.mean;
    expect(quiet).toBeLessThan(same);
    expect(quiet).toBeGreaterThan(same / 2);
  });

  it('is as large as its game needs where there is floor, whatever the size of the others', () => {
    const game = gameOf(withGame('lantern-roll', { areaWidthM: 4, areaDepthM: 3, gapM: 1 }));
    const size = (id: string) => {
      const { width, depth } = boxOf(game.pieces.find((p) => p.id === id)!.shape);
      return width * depth;
    };
    expect(size('rain')).toBe(12);
    expect(size(pickOfGame('lantern-roll'))).toBeGreaterThan(18);
    const wrong = validateShapes(
      roomArea(UPPER_YARD, 0),
      game.pieces.map((p) => p.shape),
      game.pieces.map(() => 1),
      1,
    );
    expect(wrong).toEqual([]);
  });

  it('is played smaller where there is less floor, and says at what share', () => {
    const fitted = fit(inGym('bell-tower', { areaWidthM: 4, areaDepthM: 4.8, gapM: 1.2 }));
    const small = fitted.findings.find((f) => f.code === 'station-game-small')!;
    expect(findingWords(small, speak).what).toMatch(/^Bell tower is played at \d+% of its size$/);
    expect(small.weight).toBe('note');
    expect(Number(small.data.share)).toBeLessThan(1);
    expect(small.fixes!.map((fix) => fix.code)).toContain('drop-station');
  });

  it('is a stop where nothing of it fits, with fixes that make floor for it', () => {
    const fitted = fit(inGym('orchard-rows', { areaWidthM: 4, areaDepthM: 4.8, gapM: 1.2 }));
    const stop = fitted.findings.find((f) => f.code === 'station-game-no-room')!;
    expect(stop.at.piece).toBe(pickOfGame('orchard-rows'));
    expect(findingWords(stop, speak).what).toBe('No floor for Orchard rows among the stations');
    expect(stop.fixes!.length).toBeGreaterThan(0);
    for (const fix of stop.fixes!) expect(fixWords(fix, speak)).toBeTruthy();
  });

  it('is a stop where the game is gone, and the others go on', () => {
    const fitted = fit(withGame('a-game-of-last-year'));
    const stop = fitted.findings.find((f) => f.code === 'station-game-missing')!;
    expect(stop.fixes!.length).toBe(1);
    expect(findingWords(stop, speak).what).toBe('The game of a station is gone');
    expect(fitted.blocks.find((b) => b.game)!.game!.pieces.length).toBe(6);
  });

  it('is offered among the stations: every game but those whose places are games themselves', () => {
    const picks = gameOf(withGame('bell-tower')).settings.find((m) => m.key === 'picks')!;
    const games = picks.options!.filter((o) => o.isGame).map((o) => o.title);
    expect(games.sort()).toEqual(guests.map(([title]) => title).sort());
  });
});
