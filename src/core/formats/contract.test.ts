import { describe, expect, it } from 'vitest';
import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { MILL_GYM } from '../../content/demo.ts';
import { GAMES } from '../../content/games.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { validateShapes } from '../arrange/validate.ts';
import { BANDS, HOUSE_DEFAULTS } from '../model/band.ts';
import { roomArea } from '../model/room.ts';
import { LADDER_STEPS } from '../model/school.ts';
import { everyoneIn, type PlayEvent } from '../play/playRules.ts';
import { formatWords } from '../words/en.ts';
import type { PlanInput } from './format.ts';
import { FORMATS, formatOf } from './registry.ts';

/** Seconds of a play that are simulated; ten minutes by `npm run contract`. */
const SIMULATED_S = process.env.CONTRACT === 'all' ? 600 : 240;
const SIZES = [1, 2, 7, 16, 31, 40, 60];

function frozen<T>(value: T): T {
  if (value && typeof value === 'object') for (const inner of Object.values(value)) frozen(inner);
  return Object.freeze(value);
}
function input(band: (typeof BANDS)[number], count: number, game: (typeof GAMES)[number]): PlanInput {
  return frozen({
    blockId: 'block',
    gameValues: structuredClone(game.bands[band] ?? {}),
    teacherValues: {},
    band,
    defaults: structuredClone(HOUSE_DEFAULTS[band]),
    players: Array.from({ length: count }, (_, i) => ({ id: `s${i + 1}`, rating: 1 + ((i * 7) % 5) })),
    apart: [],
    together: [],
    room: structuredClone(MILL_GYM),
    taken: [],
    wallClearanceM: 1,
    placed: {},
    cupboard: structuredClone(DEMO_CUPBOARD),
    gearKinds: structuredClone([...GEAR_CATALOGUE]),
    stopSignal: 'whistle',
    rules: { game: structuredClone(game.rules), teacher: [], offences: structuredClone(game.offences), ladder: [...LADDER_STEPS] },
    seed: 5,
  });
}

describe('every format', () => {
  it('has a game, words for every setting and segment, and is known by its name alone', () => {
    for (const id of Object.keys(FORMATS)) {
      const games = GAMES.filter((g) => g.format === id);
      expect(games.length, id).toBeGreaterThanOrEqual(2);
      for (const meta of formatOf(id).settings(games[0].setup)) {
        const word = formatWords(id).settings[meta.key];
        expect(word?.label, `${id} ${meta.key}`).toBeTruthy();
        for (const option of meta.options ?? []) expect(option.title ?? word.options?.[String(option.value)], meta.key).toBeTruthy();
      }
    }
    expect(() => formatOf('juggle')).toThrowError(RangeError);
    expect(() => formatOf('toString')).toThrowError(RangeError);
  });
});

describe.each(GAMES.map((game) => [game.title, game] as const))('%s', (_, game) => {
  const format = formatOf(game.format);

  it.each(BANDS)('keeps the contract in band %s for every class size', (band) => {
    for (const count of SIZES) {
      const given = input(band, count, game);
      const plan = format.plan(game.setup, given);
      expect(plan.groups.flat().sort(), 'each student in one group').toEqual(given.players.map((p) => p.id).sort());
      const units = plan.pieces;
      const wrong = validateShapes(
        roomArea(MILL_GYM, 0),
        units.map((u) => u.shape),
        units.map(() => given.wallClearanceM),
        Number(plan.values.gapM ?? 0),
      );
      expect(wrong, `${count} students: inside, clear and apart`).toEqual([]);
      expect(new Set(units.map((u) => u.id)).size).toBe(units.length);
      expect(plan.span.least).toBeLessThanOrEqual(plan.span.most);

      for (const seconds of [plan.span.least, Math.min(plan.span.most, plan.span.least + 600)]) {
        const done = plan.finish(seconds);
        let at = 0;
        for (const segment of done.timeline.segments) {
          expect(segment.at, `${segment.code} follows on`).toBe(at);
          expect(segment.until).toBeGreaterThanOrEqual(segment.at);
          expect(formatWords(game.format).segments[segment.code], segment.code).toBeTruthy();
          at = segment.until;
        }
        expect(at, 'segments fill the block').toBe(seconds);
        for (const bout of done.timeline.bouts) {
          expect(bout.until).toBeLessThanOrEqual(seconds);
          const taken = bout.stays.map((s) => s.piece).filter((p) => p >= 0);
          for (const at of taken) expect(at, 'a place there is').toBeLessThan(plan.pieces.length + plan.unplaced.length);
          expect(bout.stays.flatMap((s) => s.members).sort(), 'everyone in one stay of every bout').toEqual(plan.groups.flat().sort());
        }
        const events: PlayEvent[] = [];
        for (const segment of done.timeline.segments)
          for (const event of format.clockEvents(segment, done.timeline.bouts.length, done.plays[0]))
            events.push({ ...event, at: segment.until });
        const played = (list: PlayEvent[]) =>
          done.plays.map((setup) => {
            const fold = list.reduce((play, event) => play.step(event), format.open(setup));
            return { setup, view: fold.view(), refused: fold.refused, sheet: fold.sheet(), at: list.at(-1)?.at ?? 0 };
          });
        const whole = played(events);
        expect(
          whole.flatMap((p) => p.refused),
          'the clock is accepted',
        ).toEqual([]);
        expect(whole.flatMap((p) => everyoneIn(p.view)).sort()).toEqual(given.players.map((p) => p.id).sort());
        for (let cut = 0; cut < events.length; cut += 3)
          expect(played(events.slice(0, cut)).flatMap((p) => everyoneIn(p.view))).toHaveLength(count);
        done.plays.forEach((setup, i) => {
          const options = { seconds: Math.min(seconds, SIMULATED_S), seed: i };
          const simulated = format.simulate(setup, options);
          expect(format.replay(setup, simulated).refused, 'what a simulation brings is accepted').toEqual([]);
          expect(JSON.stringify(format.simulate(setup, options)) === JSON.stringify(simulated), 'the same again').toBe(true);
        });
        const board = format.board(played(events.slice(0, 1)), plan.pieces);
        for (const part of board) expect(formatWords(game.format).board[part.code], part.code).toBeTruthy();
        const { code, rows } = format.results(whole);
        expect(formatWords(game.format).board[code], code).toBeTruthy();
        expect(rows.flatMap((r) => r.members).sort()).toEqual(given.players.map((p) => p.id).sort());
        for (const share of Object.values(done.forecast.perPlayer)) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
        expect(Object.keys(done.forecast.perPlayer).sort()).toEqual(given.players.map((p) => p.id).sort());
      }
    }
  });

  it('gives the same answer again, as plain data', () => {
    const given = input('4-5', 31, game);
    const one = format.plan(game.setup, given);
    const two = format.plan(game.setup, given);
    const plain = ({ finish: _, ...rest }: typeof one) => rest;
    expect(plain(one)).toEqual(plain(two));
    expect(JSON.parse(JSON.stringify(plain(one)))).toEqual(plain(one));
    const made = one.finish(one.span.least);
    expect(two.finish(two.span.least)).toEqual(made);
    expect(JSON.parse(JSON.stringify(made.plays))).toEqual(made.plays);
    for (const setup of made.plays) expect(format.replay(JSON.parse(JSON.stringify(setup)), [])).toEqual(format.replay(setup, []));
  });

  it('refuses a setting out of bounds or unknown', () => {
    for (const meta of format.settings(game.setup)) {
      if (meta.least !== undefined) {
        const low = meta.kind === 'picks' ? [] : meta.least - 1;
        expect(format.settingProblem(game.setup, meta.key, low), meta.key).toBeTruthy();
      }
      expect(format.settingProblem(game.setup, meta.key, null)).toBeUndefined();
      if (meta.kind !== 'map') expect(format.settingProblem(game.setup, meta.key, { no: 'object' }), meta.key).toBeTruthy();
    }
    expect(format.settingProblem(game.setup, 'nonsense', 1)).toBe('unknown-key');
  });
});
