import { describe, expect, it } from 'vitest';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const sides = [
  { id: 'mills', members: ['a', 'b', 'c'] },
  { id: 'bells', members: ['x', 'y', 'z'] },
];
const passes = trying('possession', { mode: 'passes', sides, passes: 3, starts: 'mills' });
const pass = (from: string, to: string): [string, object] => ['pass', { from, to }];
const lost = (to: string, why = 'out'): [string, object] => ['turnover', { to, why }];

describe('passes in a row', () => {
  it('score at the set number, then the other side starts with nothing', () => {
    const scored = passes.view(inOrder(pass('a', 'b'), pass('b', 'c'), pass('c', 'a')));
    expect(scored).toMatchObject({ scores: { mills: 1, bells: 0 }, tally: { passes: 0 }, turns: { a: 1, b: 1, c: 1 } });
    expect(scored.places['@ball']).toEqual([]);
    expect(passes.codes(inOrder(pass('a', 'b'), pass('b', 'c'), pass('c', 'a'), pass('a', 'b')))).toEqual(['3 not-allowed']);
    expect(passes.codes(inOrder(pass('a', 'b'), pass('b', 'c'), pass('c', 'a'), pass('x', 'y')))).toEqual([]);
  });

  it.each([
    ['from one who does not hold it', [pass('a', 'b'), pass('c', 'a')]],
    ['to the other side', [pass('a', 'b'), pass('b', 'x')]],
    ['straight back', [pass('a', 'b'), pass('b', 'a')]],
    ['from the side that has it not', [pass('x', 'y')]],
    ['to oneself', [pass('a', 'a')]],
  ] as [string, [string, object][]][])('may not go %s', (_, events) => {
    expect(passes.codes(inOrder(...events))).toEqual([`${events.length - 1} not-allowed`]);
  });

  it('begin anew at a turnover, also one to the same side', () => {
    const after = passes.view(inOrder(pass('a', 'b'), pass('b', 'c'), lost('bells'), pass('y', 'x')));
    expect(after).toMatchObject({ tally: { passes: 1 }, places: { '@ball': ['x'] } });
    const same = passes.view(inOrder(pass('a', 'b'), lost('mills', 'down'), pass('b', 'a')));
    expect(same.tally.passes).toBe(1);
  });

  it('are forgotten if the holder sits out; the side keeps possession', () => {
    const boxed = passes.view(inOrder(pass('a', 'b'), ['box', { player: 'b', why: '', release: 'task' }], pass('c', 'a')));
    expect(boxed).toMatchObject({ tally: { passes: 1 }, places: { '@ball': ['a'] } });
    expect(everyone(boxed)).toEqual(['a', 'b', 'c', 'x', 'y', 'z']);
  });
});

describe('goals', () => {
  const goals = trying('possession', { mode: 'goals', sides, starts: 'mills' });
  const goal: [string, object] = ['goal', { side: 'mills' }];
  it('bring the other side into possession, or either if play goes on', () => {
    expect(goals.codes(inOrder(goal, pass('a', 'b')))).toEqual(['1 not-allowed']);
    expect(goals.view(inOrder(goal, pass('x', 'y'))).scores.mills).toBe(1);
    expect(goals.codes(inOrder(goal, pass('a', 'b')), { goesOn: true })).toEqual([]);
  });
  it('are worth what their zone is worth', () => {
    const zonePoints = { near: 1, far: 3 };
    expect(goals.view(inOrder(['goal', { side: 'bells', zone: 'far' }]), { zonePoints }).scores.bells).toBe(3);
    expect(goals.codes(inOrder(['goal', { side: 'bells', zone: 'moon' }]), { zonePoints })).toEqual(['0 unknown-id']);
  });
});

describe('halves', () => {
  const halves = trying('possession', { mode: 'halves', sides, starts: 'mills', guards: ['c', 'z'] });
  it('send a tagged carrier home, once, and never a guard', () => {
    const away = halves.view(inOrder(['tagged', { player: 'a' }]));
    expect(away.places).toMatchObject({ mills: ['b', 'c'], home: ['a'] });
    expect(halves.view(inOrder(['tagged', { player: 'a' }], ['home', { player: 'a' }])).places.mills).toEqual(['a', 'b', 'c']);
    expect(halves.codes(inOrder(['tagged', { player: 'a' }], ['tagged', { player: 'a' }]))).toEqual(['1 not-allowed']);
    expect(halves.codes(inOrder(['tagged', { player: 'c' }]))).toEqual(['0 not-allowed']);
    expect(halves.codes(inOrder(['home', { player: 'a' }]))).toEqual(['0 not-allowed']);
  });
  it('have no passes', () => expect(halves.codes(inOrder(pass('a', 'b')))).toEqual(['0 not-allowed']));
});

describe('spots', () => {
  const spots = trying('possession', { mode: 'spots', sides, starts: 'mills' });
  const stopped = (pair: string, inSpot: boolean): [string, object] => ['stopped', { pair, inSpot }];
  it('score a pass that is stopped with a foot inside', () => {
    const after = spots.view(inOrder(stopped('mills', true), stopped('mills', false), stopped('bells', true), ['end']));
    expect(after).toMatchObject({ scores: { mills: 1, bells: 1 }, turns: { a: 2, x: 1 }, winners: ['mills', 'bells'] });
  });
});

describe('the events and setup of possession', () => {
  it.each([
    [{ type: 'turnover', why: 'bored', to: 'mills' }, 'bad-field'],
    [{ type: 'turnover', why: 'out', to: 'trees' }, 'unknown-id'],
    [{ type: 'pass', from: 'a', to: 'q' }, 'unknown-id'],
    [{ type: 'goal', side: 'mills' }, 'not-allowed'],
    [{ type: 'stopped', pair: 'mills', inSpot: true }, 'not-allowed'],
  ])('are refused: %j', (event, code) => expect(passes.codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));
  it.each([
    [{ starts: 'trees' }, 'starts: "trees"'],
    [{ guards: ['q'] }, 'guards: "q"'],
    [{ sides: [sides[0], sides[0]] }, 'repeated id'],
    [{ passes: 0 }, 'passes: 0'],
  ])('are no setup: %j', (change, message) => expect(() => passes.view([], change)).toThrowError(message));
});
