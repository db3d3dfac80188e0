import { describe, expect, it } from 'vitest';
import { inOrder, trying } from '../play.fixture.ts';
import { guaranteed } from './play.ts';

const teams = [
  { id: 'mills', members: ['a', 'b'] },
  { id: 'bells', members: ['x', 'y'] },
];
const spots = ['s1', 's2', 's3'];
const collect = trying('spot-collect', { mode: 'collect', teams, spots });
const made = (player: string, spot: string): [string, object] => ['made', { player, spot }];
const missed = (player: string, spot: string): [string, object] => ['missed', { player, spot }];

describe('spots that are collected', () => {
  it('are gone once a shot is made from them: a point, a spot held, a try more', () => {
    const after = collect.view(inOrder(made('a', 's1'), missed('x', 's2')));
    expect(after).toMatchObject({ scores: { mills: 1, bells: 0 }, tally: { mills: 1 }, turns: { a: 1, x: 1 } });
    expect(after.places).toEqual({ mills: ['a', 'b'], bells: ['x', 'y'], '@spots': ['s2', 's3'] });
    expect(collect.codes(inOrder(made('a', 's1'), made('x', 's1')))).toEqual(['1 not-allowed']);
  });

  it('may not be tried again after a miss before another one, by that student alone', () => {
    expect(collect.codes(inOrder(missed('a', 's1'), made('a', 's1')))).toEqual(['1 not-allowed']);
    expect(collect.codes(inOrder(missed('a', 's1'), missed('a', 's1')))).toEqual(['1 not-allowed']);
    expect(collect.codes(inOrder(missed('a', 's1'), missed('b', 's1'), missed('a', 's2'), made('a', 's1')))).toEqual([]);
  });

  it('fall under no such rule if one is left', () => {
    expect(collect.codes(inOrder(made('a', 's1'), made('b', 's2'), missed('x', 's3'), missed('x', 's3')))).toEqual([]);
  });

  it('end play at the target or when none is left', () => {
    expect(collect.view(inOrder(made('a', 's1'), made('b', 's2')), { to: 2 })).toMatchObject({ done: true, winners: ['mills'] });
    expect(collect.view(inOrder(made('a', 's1'), made('x', 's2'), made('b', 's3')))).toMatchObject({ done: true, winners: ['mills'] });
  });

  it('guarantee a finish by their number, and one fewer does not', () => {
    for (const [count, to] of [
      [2, 4],
      [3, 3],
      [4, 2],
    ]) {
      const least = guaranteed(count, to);
      // The worst way to share them out: all teams one short.
      const worst = (all: number) => Math.ceil(all / count);
      expect([worst(least) >= to, worst(least - 1) >= to]).toEqual([true, false]);
    }
  });
});

describe('spots that stay', () => {
  const stay = trying('spot-collect', { mode: 'stay', teams, spots });
  it('are shot from again and again, but not twice after a miss', () => {
    const after = stay.view(inOrder(made('a', 's1'), made('a', 's1'), missed('a', 's1'), made('a', 's2')));
    expect(after).toMatchObject({ scores: { mills: 3 }, tally: { mills: 0 }, done: false });
    expect(after.places['@spots']).toEqual(spots);
    expect(stay.codes(inOrder(missed('a', 's1'), made('a', 's1')))).toEqual(['1 not-allowed']);
  });
});

describe('one target that is struck', () => {
  const struck = trying('spot-collect', { mode: 'struck', teams });
  const strike = (team: string): [string, object] => ['struck', { team }];
  const shot = (team: string): [string, object] => ['free', { team }];
  it('gives free shots to that team until the others’ task is done', () => {
    const free = struck.view(inOrder(strike('mills'), shot('mills'), shot('mills')));
    expect(free).toMatchObject({ scores: { mills: 2 }, places: { 'free-shots': ['a', 'b'], task: ['x', 'y'] } });
    expect(struck.view(inOrder(strike('mills'), shot('mills'), ['taskDone'])).places).toEqual({ mills: ['a', 'b'], bells: ['x', 'y'] });
    expect(struck.codes(inOrder(strike('mills'), strike('bells')))).toEqual(['1 not-allowed']);
    expect(struck.codes(inOrder(strike('mills'), shot('bells')))).toEqual(['1 not-allowed']);
    expect(struck.codes(inOrder(['taskDone']))).toEqual(['0 not-allowed']);
  });
  it('has no spots', () => expect(struck.codes(inOrder(made('a', 's1')), { spots })).toEqual(['0 not-allowed']));
});

describe('the events and setup of shooting spots', () => {
  it.each([
    [{ type: 'made', player: 'a', spot: 's9' }, 'unknown-id'],
    [{ type: 'made', player: 'q', spot: 's1' }, 'unknown-id'],
    [{ type: 'made', player: 'a' }, 'bad-field'],
    [{ type: 'struck', team: 'mills' }, 'not-allowed'],
  ])('are refused: %j', (event, code) => expect(collect.codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));
  it.each([
    [{ spots: ['s1', 's1'] }, '"s1" is there twice'],
    [{ teams: [teams[0], { id: 'bells', members: ['a'] }] }, '"a" is there twice'],
    [{ to: 0 }, 'to: 0'],
  ])('are no setup: %j', (change, message) => expect(() => collect.view([], change)).toThrowError(message));
});
