import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { holesIn } from '../formats/holes.ts';
import { FORMATS, formatOf } from '../formats/registry.ts';
import { BANDS } from '../model/band.ts';
import type { Game } from '../model/game.ts';
import { REQUIRED_RULES } from '../model/rule.ts';
import { foldEvents } from '../play/foldPlay.ts';
import { everyoneIn } from '../play/playRules.ts';
import { formatWords } from '../words/en.ts';
import { fitUnweighed } from './fit.ts';
import { laidIn } from './fitted.ts';
import { samplePlay, tryOnce } from './tryOut.ts';

/** One row of the table. Each column is checked in a fitted lesson of the format's first game. */
type Row = Record<(typeof COLUMNS)[number], boolean>;
const COLUMNS = ['floor', 'timeline', 'play', 'simulate', 'forecast', 'card', 'holes', 'board', 'bands', 'demands', 'tryOut'] as const;
const GRADES = { 'pre-k': 'Pre-K', 'k-1': '1', '2-3': '3', '4-5': '5', '6-8': '7', '9-12': '10' } as const;

function rowOf({ id, format: name, offences }: Game): Row {
  const format = formatOf(name);
  const base = demoDesk({ lesson: lessonWith(id) });
  const block = fitUnweighed(base).blocks.find((b) => b.game)!;
  const game = block.game!;
  const students = game.groups.flat().sort().join();
  const words = formatWords(name);
  const options = { seconds: 900, seed: 3 };
  const logs = game.plays.map((setup) => ({ setup, events: format.simulate(setup, options) }));
  const folds = logs.map(({ setup, events }) => foldEvents(format.open(setup), events));
  const opened = game.plays.map((setup) => {
    const fold = format.open(setup);
    return { setup, view: fold.view(), sheet: fold.sheet(), at: 0 };
  });
  const rules = game.rules;
  const on = {
    named: [...offences.map((o) => o.what), ...Object.values(format.faults)],
    things: laidIn(block).map((t) => t.laid),
    gearKinds: base.cupboard.map((g) => g.gearKind as string),
  };
  const inBand = (band: (typeof BANDS)[number]) => {
    const at = { ...base, schoolClass: { ...base.schoolClass, grade: GRADES[band] } };
    return fitUnweighed(at).blocks.find((b) => b.game)!.game!;
  };
  return {
    floor: game.pieces.length > 0 && game.unplaced.length === 0,
    timeline: game.timeline.bouts.length > 0 && game.timeline.segments.at(-1)!.until === block.seconds,
    play:
      folds.every((f) => f.refused.length === 0) &&
      folds
        .flatMap((f) => everyoneIn(f.view))
        .sort()
        .join() === students,
    simulate: logs.some(({ events }) => events.length > 0),
    forecast: game.forecast.activeShare.mean > 0 && game.forecast.activeShare.mean <= 1 && /^Assumes [^.]+\.$/.test(words.assumes),
    card: game.cards.length > 0 && game.cards.every((c) => c.lines.every(({ code, data }) => Boolean(words.card[code]?.(data)[1]))),
    holes:
      holesIn(rules, on).length === 0 &&
      REQUIRED_RULES.every(
        (kind) =>
          holesIn(
            rules.filter((r) => r.kind !== kind),
            on,
          ).length === 1,
      ),
    board: format.board(opened, game.pieces).length > 0,
    bands: BANDS.every((band) => inBand(band).groups.flat().sort().join() === students),
    demands: game.asks.length > 0 && game.asks.some((a) => Object.keys(a.demands).length > 0 && a.purpose.length > 0),
    tryOut: Object.keys(samplePlay(game, 3).frames).length === game.groups.flat().length && tryOnce(game, 3).mean > 0,
  };
}

describe('the table of formats', () => {
  it('has all twenty-one of them, with at least 45 games in all', () => {
    expect(Object.keys(FORMATS)).toHaveLength(21);
    expect(GAMES.length).toBeGreaterThanOrEqual(45);
  });

  it.each(Object.keys(FORMATS))('has no empty cell in the row of %s', (name) => {
    const row = rowOf(GAMES.find((g) => g.format === name)!);
    expect(COLUMNS.filter((column) => !row[column])).toEqual([]);
  });
});
