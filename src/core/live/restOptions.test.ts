import { describe, expect, it } from 'vitest';
import { demoDesk } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { bellOf, pastBell, realBell, secondsPlanned } from './bell.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { restOf } from './restOf.ts';
import { restOptions } from './restOptions.ts';

const START = 1_700_000_000_000;
const MINUTE = 60_000;
const base = demoDesk();
const game = base.lesson.blocks.find((b) => b.game)!;
const plain = base.lesson.blocks.filter((b) => !b.game);
/** Two games, and two blocks without one side by side at the end. */
const lesson = { ...base.lesson, blocks: [plain[0], game, { ...game, id: 'second' as never, title: 'Second game' }, ...plain.slice(-2)] };
const input = { ...base, lesson };
const plan = freeze(input, fitUnweighed(input));
const at = (seconds: number) => foldRun(plan, START, [], START + seconds * 1000);

describe('the bell of a run', () => {
  it('is the real one if it is blown in its period or shortly before, and counts from the start at any other time', () => {
    const [first, last] = [START, START + 45 * MINUTE];
    expect([-16, -15, 0, 44, 45].map((m) => realBell(START + m * MINUTE, first, last))).toEqual([undefined, last, last, last, undefined]);
    expect(bellOf({ startedAt: START + 8 * MINUTE, bellAt: last }, plan)).toBe(last);
    expect(bellOf({ startedAt: START }, plan)).toBe(START + plan.periodSeconds * 1000);
  });

  it('is missed by what is missing: eight minutes late are eight minutes too long', () => {
    const spare = plan.periodSeconds - plan.blocks.reduce((sum, b) => sum + b.seconds, 0);
    const bell = START + plan.periodSeconds * 1000;
    expect(secondsPlanned(at(0))).toBe(plan.periodSeconds - spare);
    expect(pastBell(at(0), bell, START) + spare).toBe(0);
    expect(pastBell(at(0), bell - 8 * MINUTE, START)).toBe(8 * 60 - spare);
  });
});

describe('ways to share out what is left', () => {
  const state = at(5);
  const toBell = plan.periodSeconds - 8 * 60;
  const { planned, options } = restOptions(input, state, toBell);

  it('are to shorten all, to leave out a game, to make two blocks without a game one', () => {
    const [a, b] = plain.slice(-2);
    expect(new Set(options.map((o) => `${o.kind} ${o.drop.length}`))).toEqual(new Set(['shorten 0', 'drop 1', 'merge 1']));
    expect(
      options
        .filter((o) => o.kind === 'drop')
        .map((o) => o.drop[0])
        .sort(),
    ).toEqual([game.id, 'second'].sort());
    expect(options.find((o) => o.kind === 'merge')!.titles).toEqual([a.title, b.title]);
  });

  it('say what each costs in turns as the lesson then is, those that fit first', () => {
    for (const { drop, turns, gameSeconds, overSeconds } of options) {
      const rest = restOf(input, state, toBell, drop);
      expect([rest.turns.after, rest.overSeconds]).toEqual([turns, overSeconds]);
      expect(gameSeconds).toBe(rest.blocks.filter((b) => b.game).reduce((sum, b) => sum + b.seconds, 0));
    }
    const fits = options.map((o) => o.overSeconds <= 0);
    expect(fits.indexOf(false) < 0 || fits.lastIndexOf(true) < fits.indexOf(false)).toBe(true);
    const shorten = options.find((o) => o.kind === 'shorten')!;
    expect(planned.turns).toBeGreaterThanOrEqual(shorten.turns);
    expect(planned.gameSeconds).toBeGreaterThan(shorten.gameSeconds);
    for (const o of options.filter((x) => x.kind === 'drop')) expect(o.turns).toBeLessThan(planned.turns);
  });
});
