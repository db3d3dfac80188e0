import { describe, expect, it } from 'vitest';
import { everyone, inOrder, trying } from '../play.fixture.ts';
import { numberOf } from './play.ts';

const players = ['a', 'b', 'c', 'd'];
const hit = (by: string): [string, object] => ['hit', { by }];
const hits = (text: string) => inOrder(...text.split('').map(hit));

describe('a sequence', () => {
  const { view, codes } = trying('circle', { mode: 'sequence', players, numbers: 3, moves: ['wave', 'dome', 'swap'] });
  it('goes move by move in its order, and is done after the last; everyone wins', () => {
    expect(view(inOrder(['move', { id: 'wave' }])).tally.step).toBe(1);
    const done = view(inOrder(['move', { id: 'wave' }], ['move', { id: 'dome' }], ['move', { id: 'swap' }]));
    expect(done).toMatchObject({ done: true, winners: players, turns: { a: 3 } });
    expect(codes(inOrder(['move', { id: 'dome' }]))).toEqual(['0 not-allowed']);
    expect(codes(inOrder(['move', { id: 'jump' }]))).toEqual(['0 unknown-id']);
  });
  it('counts objects that stay, by number', () => {
    const stayed = (number: number): [string, object] => ['stayed', { number }];
    expect(view(inOrder(stayed(2), stayed(2), stayed(3))).scores).toEqual({ 1: 0, 2: 2, 3: 1 });
    expect(codes(inOrder(stayed(4), stayed(0)))).toEqual(['0 bad-field', '1 bad-field']);
  });
  it('deals numbers round the edge, also where they do not divide the class: none is there more than once more', () => {
    for (const students of [7, 16, 31])
      for (const count of [2, 3, 4, 5]) {
        const dealt = Array.from({ length: students }, (_, i) => numberOf(i, count));
        const times = Array.from({ length: count }, (_, k) => dealt.filter((d) => d === k + 1).length);
        expect(Math.max(...times) - Math.min(...times)).toBeLessThanOrEqual(1);
        expect(dealt.slice(0, count)).toEqual(Array.from({ length: count }, (_, k) => k + 1));
      }
  });
});

describe('a chain that is kept up', () => {
  const { view, codes } = trying('circle', { mode: 'keep-up', players });
  const chain = (text: string, change: object = {}) => view(hits(text), change).tally.chain;
  it('grows with every hit, and its best is the score', () => {
    expect(view(hits('abcd'))).toMatchObject({ tally: { chain: 4 }, scores: { group: 4 }, turns: { a: 1 } });
    expect(view([...hits('abc'), { at: 9, type: 'ground' }])).toMatchObject({ tally: { chain: 0 }, scores: { group: 3 } });
  });
  it('breaks at a double hit and at one straight back; that hit does not count, the next one is the first', () => {
    expect([chain('abb'), chain('abbc'), chain('abba')]).toEqual([0, 1, 1]);
    expect([chain('aba'), chain('abac')]).toEqual([0, 1]);
    expect(chain('abca')).toBe(4);
  });
  it('follows its dials: two touches, straight back, catches, going on after a break', () => {
    expect([chain('abb', { twice: true }), chain('abbb', { twice: true })]).toEqual([3, 0]);
    expect([chain('aba', { giveBack: true }), chain('abbac', { twice: true })]).toEqual([3, 1]);
    expect([chain('abb', { resume: true }), chain('abbc', { resume: true })]).toEqual([2, 3]);
    const caught = [...hits('ab'), { at: 8, type: 'catch', by: 'c' }];
    expect([view(caught).tally.chain, view(caught, { catching: true }).tally.chain]).toEqual([0, 2]);
  });
  it('has somebody in the middle, with whom straight back is allowed, and another one when it falls', () => {
    expect(chain('bab', { centre: 'a' })).toBe(3);
    const fallen = view(inOrder(hit('b'), ['ground']), { centre: 'a' });
    expect(fallen.places['@centre']).toEqual(['b']);
    expect(view(inOrder(['leave', { player: 'a' }]), { centre: 'a' }).places['@centre']).toEqual(['b']);
  });
  it('has no points', () => expect(codes(inOrder(['point', { side: 'a' }]))).toEqual(['0 not-allowed']));
});

describe('a barrier', () => {
  const sides = [
    { id: 'mills', members: ['a', 'b'] },
    { id: 'bells', members: ['x', 'y'] },
  ];
  const joint = trying('circle', { mode: 'barrier', sides, joint: true, touches: 2 });
  it('has a joint chain that breaks at a third touch of a side and at a double hit; everyone wins', () => {
    expect(joint.view(hits('abxy')).tally).toEqual({ chain: 4, best: 4 });
    expect(joint.view(hits('abax')).tally).toEqual({ chain: 1, best: 2 });
    expect(joint.view(hits('aax')).tally.chain).toBe(1);
    expect(joint.view(inOrder(hit('a'), ['end'])).winners).toEqual(['a', 'b', 'x', 'y']);
    expect(joint.codes(inOrder(['point', { side: 'mills' }]))).toEqual(['0 not-allowed']);
  });
  it('gives a point on an error, if sides play against each other', () => {
    const after = joint.view(inOrder(hit('a'), ['point', { side: 'bells' }], ['end']), { joint: false });
    expect(after).toMatchObject({ scores: { mills: 0, bells: 1 }, tally: { chain: 0 }, winners: ['bells'] });
    expect(joint.codes(inOrder(['point', { side: 'trees' }]), { joint: false })).toEqual(['0 unknown-id']);
  });
});

describe('crews', () => {
  const six = ['a', 'b', 'c', 'd', 'e', 'f'];
  const { view, codes } = trying('circle', { mode: 'crews', players: six, takers: ['a'], rescuers: ['b'], limit: 2 });
  const pulled = (who: string): [string, object] => ['pulled', { who }];
  it('take from the edge, rescue by a rescuer alone, and make a taker of whoever is gone', () => {
    expect(view(inOrder(pulled('c'))).places).toEqual({ taker: ['a'], rescuer: ['b'], pulled: ['c'], edge: ['d', 'e', 'f'] });
    expect(view(inOrder(pulled('c'), ['rescued', { who: 'c', by: 'b' }])).places.edge).toEqual(['c', 'd', 'e', 'f']);
    expect(codes(inOrder(pulled('c'), ['rescued', { who: 'c', by: 'd' }]))).toEqual(['1 not-allowed']);
    expect(codes(inOrder(pulled('b'), ['gone', { who: 'd' }]))).toEqual(['0 not-allowed', '1 not-allowed']);
  });
  it('take only a reset at the limit, with the end and those who leave', () => {
    const full = inOrder(pulled('c'), ['gone', { who: 'c' }], pulled('d'));
    expect(codes(full)).toEqual(['2 not-allowed']);
    const reset = view(inOrder(pulled('c'), ['gone', { who: 'c' }], ['reset', { takers: ['d'], rescuers: ['e'] }], pulled('a')));
    expect(reset).toMatchObject({ places: { taker: ['d'], rescuer: ['e'], pulled: ['a'] }, turns: { a: 1, f: 1 } });
    expect(codes(inOrder(['reset', { takers: ['d', 'e'], rescuers: [] }], ['reset', { takers: ['d'], rescuers: ['d'] }]))).toEqual([
      '0 not-allowed',
      '1 not-allowed',
    ]);
    const left = view(inOrder(pulled('c'), ['gone', { who: 'c' }], ['leave', { player: 'c' }], pulled('d')));
    expect(everyone(left)).toEqual(['a', 'b', 'd', 'e', 'f']);
  });
});

describe('a circle with a leader', () => {
  const { view } = trying('circle', { mode: 'leader', players, seconds: 20 });
  it('lets everyone lead once', () => {
    expect(view(inOrder(['next'])).places['@leader']).toEqual(['b']);
    const done = view(inOrder(['next'], ['next'], ['next'], ['next']));
    expect(done).toMatchObject({ done: true, turns: { a: 1, b: 1, c: 1, d: 1 }, winners: players });
    expect(view(inOrder(['leave', { player: 'a' }])).places['@leader']).toEqual(['b']);
  });
});

describe('the setup of a circle', () => {
  const { view } = trying('circle', { mode: 'keep-up', players });
  it.each([
    [{ players: ['a', 'a'] }, '"a" is there twice'],
    [{ players: [] }, 'nobody plays'],
    [{ centre: 'z' }, 'centre: "z"'],
    [{ mode: 'crews', takers: ['a'], rescuers: ['a'], limit: 3 }, '"a" is there twice'],
    [{ mode: 'sequence', moves: ['m', 'm'] }, '"m" is there twice'],
    [{ mode: 'crowd' }, 'mode: "crowd"'],
  ])('is refused with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
