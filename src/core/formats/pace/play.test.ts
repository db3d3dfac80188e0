import { describe, expect, it } from 'vitest';
import { inOrder, trying } from '../play.fixture.ts';

const base = {
  players: ['a', 'b', 'c'],
  lapMetres: 40,
  trials: [
    { laps: 2, targetSeconds: 30 },
    { laps: 3, targetSeconds: 45 },
  ],
};
const { view, codes } = trying('pace', base);
const finish = (player: string, trial: number, seconds: number): [string, object] => ['finish', { player, trial, seconds }];

describe('pace', () => {
  it('is best closest to the target, early and late alike, not fastest', () => {
    const done = view(
      inOrder(finish('a', 0, 26), finish('b', 0, 31), finish('c', 0, 29), finish('b', 1, 47), finish('c', 1, 44), finish('a', 1, 45)),
    );
    expect(done).toMatchObject({ scores: { a: 4, b: 3, c: 2 }, winners: ['c'], done: true, turns: { a: 2, b: 2, c: 2 } });
  });

  it('shows the last finish against its target, with its sign, in whatever order trials come', () => {
    const tally = view(inOrder(finish('a', 1, 50), finish('b', 0, 27), finish('a', 0, 28))).tally;
    expect(tally).toEqual({ a: -2, b: -3 });
  });

  it('is won only by those with every trial, also by one who is off by nothing', () => {
    const ended = view(inOrder(finish('a', 0, 30), finish('a', 1, 45), finish('b', 0, 30), ['end']));
    expect(ended).toMatchObject({ scores: { a: 0, b: 0 }, winners: ['a'] });
    expect(ended.scores).not.toHaveProperty('c');
  });

  it('is done once everyone present has all of them', () => {
    const events = ['a', 'b'].flatMap((id) => [finish(id, 0, 30), finish(id, 1, 45)]);
    expect(view(inOrder(...events)).done).toBe(false);
    expect(view(inOrder(...events, ['leave', { player: 'c' }])).done).toBe(true);
  });

  it('is taken by watches that all start with one tap and stop one by one', () => {
    const events = [
      { at: 10, type: 'go', trial: 0 },
      { at: 38.5, type: 'in', player: 'a' },
      { at: 42, type: 'in', player: 'b' },
    ];
    expect(view(events).tally).toEqual({ a: -1.5, b: 2 });
    expect(codes([{ at: 3, type: 'in', player: 'a' }])).toEqual(['0 not-allowed']);
    expect(codes([...events, { at: 50, type: 'in', player: 'a' }])).toEqual(['3 not-allowed']);
  });

  it.each([
    [finish('a', 2, 30), 'bad-field'],
    [finish('a', 0, 0), 'bad-field'],
    [finish('z', 0, 30), 'unknown-id'],
    [['lap', { player: 'a' }] as [string, object], 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes(inOrder(event))).toEqual([`0 ${code}`]));

  it('refuses a second finish of a trial', () => expect(codes(inOrder(finish('a', 0, 30), finish('a', 0, 31)))).toEqual(['1 not-allowed']));

  it.each([
    [{ players: ['a', 'a'] }, '"a" is there twice'],
    [{ lapMetres: 0 }, 'lapMetres: 0'],
    [{ trials: [] }, 'trials'],
    [{ trials: [{ laps: 1, targetSeconds: 0 }] }, 'targetSeconds: 0'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
