import { describe, expect, it } from 'vitest';
import { seededRng } from '../../rng.ts';
import { everyone, inOrder, trying } from '../play.fixture.ts';
import { formatOf } from '../registry.ts';

const lines = [
  ['a', 'b', 'c'],
  ['w', 'x'],
];
const base = { lines, goingAtOnce: 1, turnSeconds: 8, handoverSeconds: 2, mode: 'continuous' };
const { view, codes } = trying('relay', base);
const back = (line: number, made?: boolean): [string, object] => ['back', { line, ...(made === undefined ? {} : { made }) }];
const times = (count: number, line: number) => Array.from({ length: count }, () => back(line));

describe('lines that go in turn', () => {
  it('send whoever comes back to the end, with a turn for them and one for the line', () => {
    const after = view(inOrder(back(0), back(0), back(1)));
    expect(after.places).toMatchObject({ 'line-1': ['c', 'a', 'b'], 'line-2': ['x', 'w'] });
    expect(after.scores).toEqual({ 'line-1': 2, 'line-2': 1 });
    expect(after.turns).toEqual({ a: 1, b: 1, c: 0, w: 1, x: 0 });
  });

  it('owe as many turns as the longest has members in a race: a short line starts over, the first line done wins', () => {
    const race = { mode: 'race', rounds: 2 };
    expect(codes(inOrder(...times(7, 0)), race)).toEqual(['6 not-allowed']);
    const done = view(inOrder(...times(6, 1), ...times(6, 0)), race);
    expect(done).toMatchObject({ done: true, winners: ['line-2'], turns: { a: 2, b: 2, c: 2, w: 3, x: 3 } });
    expect(view(inOrder(...times(6, 1), ...times(5, 0)), race).done).toBe(false);
  });

  it('keep the same one going until it is made', () => {
    const tries = view(inOrder(back(0, false), back(0, false), back(0, true), back(0, false)), { mode: 'until-made' });
    expect(tries.places['line-1']).toEqual(['b', 'c', 'a']);
    expect(tries.scores['line-1']).toBe(1);
    expect(tries.turns).toMatchObject({ a: 1, b: 0 });
    expect(tries.tally['line-1']).toBe(3);
    expect(codes(inOrder(back(0)), { mode: 'until-made' })).toEqual(['0 bad-field']);
  });

  it('take in at a crossing whoever comes from the line before, so that nobody is lost in 400 legs', () => {
    const four = { mode: 'crossing', lines: [['a', 'b'], ['c', 'd'], ['e', 'f'], ['g']] };
    const one = view(inOrder(back(0), back(3)), four);
    expect(one.places).toEqual({ 'line-1': ['b', 'g'], 'line-2': ['c', 'd', 'a'], 'line-3': ['e', 'f'], 'line-4': [] });
    const random = seededRng(3);
    const legs = Array.from({ length: 400 }, () => back(random.below(4)));
    const { run } = trying('relay', { ...base, ...four });
    expect(everyone(run(inOrder(...legs)).view)).toEqual(['a', 'b', 'c', 'd', 'e', 'f', 'g']);
  });

  it('send the last to the front where it goes back overhead', () => {
    const passed = view(inOrder(back(0), back(0)), { mode: 'passing' });
    expect(passed.places['line-1']).toEqual(['b', 'c', 'a']);
    expect(passed.turns).toMatchObject({ a: 0, b: 1, c: 1 });
  });

  it('shift bays by the clock, and are done after as many rounds', () => {
    const bays = { mode: 'bay-shift', rounds: 2 };
    expect(view(inOrder(back(0, true), back(0, false), ['rotate']), bays)).toMatchObject({
      done: false,
      scores: { 'line-1': 1 },
      tally: { round: 2 },
    });
    expect(view(inOrder(back(1, true), ['rotate'], ['rotate']), bays)).toMatchObject({ done: true, winners: ['line-2'] });
    expect(codes(inOrder(['rotate']))).toEqual(['0 not-allowed']);
  });

  it('end at their target, take latecomers into the shortest and let those from the box back into their own', () => {
    expect(view(inOrder(back(0), back(1), back(0)), { to: 2 })).toMatchObject({ done: true, winners: ['line-1'] });
    expect(view(inOrder(['join', { player: 'z' }])).places['line-2']).toEqual(['w', 'x', 'z']);
    const boxed = view(inOrder(['box', { player: 'a', why: '', release: 'task' }], back(0), ['release', { player: 'a' }]));
    expect(boxed.places['line-1']).toEqual(['c', 'b', 'a']);
  });

  it('are active for their share of a turn: m of the line, without the hand-over', () => {
    const forecast = (change: object) => formatOf('relay').forecast({ ...base, ...change }, { seconds: 600, seed: 1 }).perPlayer;
    expect(forecast({}).a).toBeCloseTo((1 / 3) * 0.8);
    expect(forecast({}).w).toBeCloseTo((1 / 2) * 0.8);
    expect(forecast({ goingAtOnce: 2 }).a).toBeCloseTo((2 / 3) * 0.8);
    expect(forecast({ goingAtOnce: 4, handoverSeconds: 0 }).w).toBe(1);
  });

  it.each([
    [{ type: 'back', line: 2 }, 'bad-field'],
    [{ type: 'back' }, 'bad-field'],
    [{ type: 'handover', line: 0 }, 'unknown-type'],
  ])('refuse %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ lines: [['a'], ['a']] }, '"a" is there twice'],
    [{ lines: [['a'], []] }, 'nobody in a line'],
    [{ goingAtOnce: 0 }, 'goingAtOnce: 0'],
    [{ mode: 'sprint' }, 'mode: "sprint"'],
  ])('have no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
