import { describe, expect, it } from 'vitest';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const base = {
  pairs: [
    ['a', 'b'],
    ['c', 'd', 'e'],
    ['f', 'g'],
  ],
  ...{ exercises: ['ropes', 'steps'], boutSeconds: 30, moveSeconds: 10 },
};
const { view, codes } = trying('interval-pairs', base);
const switches = (count: number): [string][] => Array.from({ length: count }, () => ['switch']);

describe('interval pairs', () => {
  it('begin at exercises of their own, the first of each on the track', () => {
    expect(view([]).places).toEqual({ run: ['a', 'c', 'f'], ropes: ['b', 'g'], steps: ['d', 'e'] });
  });

  it('swap first, and only then move on both', () => {
    expect(view(inOrder(...switches(1))).places).toEqual({ run: ['b', 'd', 'g'], ropes: ['a', 'f'], steps: ['c', 'e'] });
    expect(view(inOrder(...switches(2))).places).toEqual({ run: ['a', 'e', 'f'], ropes: ['c', 'd'], steps: ['b', 'g'] });
  });

  it('are done after twice as many bouts as there are exercises, places staying as they were; trios share the runs', () => {
    const done = view(inOrder(...switches(4)));
    expect(done).toMatchObject({ done: true, tally: { bout: 4 }, turns: { a: 2, b: 2, c: 2, d: 1, e: 1 } });
    expect(done.places).toEqual(view(inOrder(...switches(3))).places);
    expect(codes(inOrder(...switches(5)))).toEqual(['4 after-end']);
  });

  it('take three bouts an exercise where there are trios alone', () => {
    const trios = { pairs: [['a', 'b', 'c']] };
    expect(view(inOrder(...switches(5)), trios)).toMatchObject({ done: false, turns: { a: 2, b: 2, c: 1 } });
    expect(view(inOrder(...switches(6)), trios)).toMatchObject({ done: true, turns: { a: 2, b: 2, c: 2 } });
  });

  it('count repetitions of those who exercise, not of a runner', () => {
    expect(codes(inOrder(['reps', { player: 'a', count: 4 }]))).toEqual(['0 not-allowed']);
    const done = view(inOrder(['reps', { player: 'b', count: 9 }], ['switch'], ['reps', { player: 'a', count: 7 }], ['end']));
    expect(done).toMatchObject({ scores: { a: 7, b: 9, c: 0 }, winners: ['b'] });
  });

  it('let one alone run and exercise in turn, and take latecomers into the smallest', () => {
    const alone = view(inOrder(['leave', { player: 'b' }], ['switch']));
    expect(alone.places.ropes).toContain('a');
    expect(view(inOrder(['leave', { player: 'b' }], ['join', { player: 'z' }])).places.ropes).toEqual(['z', 'g']);
    expect(everyone(view(inOrder(...switches(3))))).toEqual(['a', 'b', 'c', 'd', 'e', 'f', 'g']);
  });

  it.each([
    [{ type: 'reps', player: 'b', count: -1 }, 'bad-field'],
    [{ type: 'reps', player: 'z', count: 1 }, 'unknown-id'],
    [{ type: 'rotate' }, 'unknown-type'],
  ])('refuse %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ pairs: [['a'], ['a']] }, '"a" is there twice'],
    [{ pairs: [[]] }, 'nobody in a pair'],
    [{ exercises: ['run'] }, '"run" is where runners are'],
    [{ exercises: [] }, 'exercises'],
  ])('have no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
