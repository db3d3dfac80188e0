import { describe, expect, it } from 'vitest';
import { everyone, inOrder, trying } from '../play.fixture.ts';
import { formatOf } from '../registry.ts';

const shared = {
  groups: [
    ['a', 'b'],
    ['x', 'y', 'z'],
  ],
  ...{ boutSeconds: 40, switchSeconds: 10 },
  stages: [
    { id: 'alone', bouts: 2 },
    { id: 'gates', bouts: 2 },
  ],
};
const { view, codes } = trying('open-floor', shared);
const alone = { groups: [['a'], ['b'], ['c'], ['d']] };
const steals = { ...alone, thieves: ['c', 'd'] };
const steal = (by: string, from: string): [string, object] => ['steal', { by, from }];
const withdraw = (from: string): [string, object] => ['withdraw', { from }];

describe('an open floor', () => {
  it('lets the first of each group be active and passes the object on at the switch', () => {
    expect(view([])).toMatchObject({ places: { active: ['a', 'x'], resting: ['b', 'y', 'z'] }, tally: { stage: 1, bout: 1 } });
    const two = view(inOrder(['switch'], ['switch']));
    expect(two.places).toEqual({ active: ['a', 'z'], resting: ['b', 'x', 'y'] });
    expect(two.tally).toEqual({ stage: 1, bout: 3 });
    expect(two.turns).toEqual({ a: 1, b: 1, x: 1, y: 1, z: 0 });
  });

  it('moves on by a stage alone, which ends the bout too; the last one ends it all', () => {
    const second = view(inOrder(['switch'], ['switch'], ['stage']));
    expect(second).toMatchObject({ tally: { stage: 2, bout: 1 }, turns: { a: 2, b: 1, z: 1 }, done: false });
    const over = view(inOrder(['stage'], ['switch'], ['stage']));
    expect(over).toMatchObject({ tally: { stage: 2, bout: 2 }, turns: { a: 2, b: 1 }, done: true, winners: [] });
    expect(codes(inOrder(['stage'], ['stage'], ['switch']))).toEqual(['2 after-end']);
  });

  it('lets who has no object take one, but never straight back', () => {
    expect(view([], steals).places).toEqual({ with: ['a', 'b'], without: ['c', 'd'] });
    expect(view(inOrder(steal('c', 'a')), steals).places).toEqual({ with: ['b', 'c'], without: ['a', 'd'] });
    // Straight back; then from another one, after which the way back is open again.
    expect(codes(inOrder(steal('c', 'a'), steal('a', 'c')), steals)).toEqual(['1 not-allowed']);
    const around = inOrder(steal('c', 'a'), steal('a', 'b'), steal('d', 'a'), steal('a', 'c'));
    expect(view(around, steals).places).toEqual({ with: ['a', 'd'], without: ['b', 'c'] });
    expect(codes(inOrder(steal('a', 'b'), steal('c', 'd'), steal('c', 'c')), steals)).toEqual([
      '0 not-allowed',
      '1 not-allowed',
      '2 not-allowed',
    ]);
  });

  it('takes objects out, and keeps who has one through switches', () => {
    expect(view(inOrder(withdraw('a')), steals).places).toEqual({ with: ['b'], without: ['a', 'c', 'd'] });
    // What was taken out was held: nobody is barred from anybody.
    expect(view(inOrder(steal('c', 'a'), steal('a', 'b'), withdraw('a'), steal('a', 'c')), steals).places.with).toEqual(['a']);
    expect(codes(inOrder(withdraw('c')), steals)).toEqual(['0 not-allowed']);
    expect(view(inOrder(steal('c', 'a'), ['switch']), steals)).toMatchObject({
      places: { with: ['b', 'c'] },
      turns: { a: 1, b: 1, c: 1, d: 1 },
    });
    // Of another variant.
    expect(codes(inOrder(steal('b', 'a'), withdraw('a')))).toEqual(['0 not-allowed', '1 not-allowed']);
  });

  it('swaps a defender with whom they defend against, at the switch', () => {
    const pairs = {
      groups: [
        ['a', 'b'],
        ['x', 'y'],
      ],
      defenders: ['a', 'y'],
    };
    expect(view([], pairs).places).toEqual({ active: ['b', 'x'], resting: ['a', 'y'], '@defenders': ['a', 'y'] });
    expect(view(inOrder(['switch']), pairs).places).toEqual({ active: ['a', 'y'], resting: ['b', 'x'], '@defenders': ['b', 'x'] });
    const trio = { groups: [['a', 'b', 'c']], defenders: ['b'] };
    expect(view(inOrder(['switch']), trio).places).toEqual({ active: ['c'], resting: ['b', 'a'], '@defenders': ['a'] });
  });

  it('has latecomers join the smallest group, and those from the box their own; whoever leaves hands the object on', () => {
    expect(view(inOrder(['join', { player: 'n' }])).places.resting).toEqual(['b', 'n', 'y', 'z']);
    const boxed = view(inOrder(['box', { player: 'x', why: '', release: 'round' }], ['switch']));
    expect(boxed.places).toEqual({ active: ['b', 'z'], resting: ['a', 'y', 'x'] });
    const gone = view(inOrder(['leave', { player: 'a' }]));
    expect(gone.places.active).toEqual(['b', 'x']);
    expect(everyone(gone)).toEqual(['b', 'x', 'y', 'z']);
    expect(view(inOrder(['join', { player: 'n' }]), steals).places.without).toContain('n');
  });

  it.each([
    [{ type: 'steal', by: 'a', from: 'nobody' }, 'unknown-id'],
    [{ type: 'withdraw' }, 'bad-field'],
    [{ type: 'rotate' }, 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ groups: [['a'], ['a']] }, '"a" is there twice'],
    [{ groups: [['a'], []] }, 'nobody in a group'],
    [{ stages: [] }, 'stages'],
    [{ thieves: ['nobody'] }, 'thieves: "nobody"'],
    [{ defenders: ['a', 'b'] }, 'needs one defender and somebody else'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});

describe('the forecast of an open floor', () => {
  const ahead = (change: object, seconds = 190) => formatOf('open-floor').forecast({ ...shared, ...change }, { seconds, seed: 1 });

  it('gives everyone of a pair half the bouts, and counts the switch as nobody’s', () => {
    const pair = ahead({ groups: [['a', 'b']] });
    expect(pair).toMatchObject({ plays: 0, turns: { least: 2, most: 2 } });
    expect(pair.perPlayer.a).toBeCloseTo(80 / 190);
    expect(pair.longestWait.p90).toBeCloseTo(60);
  });

  it('has all move where objects are stolen or somebody defends', () => {
    expect(ahead(steals).perPlayer.d).toBeCloseTo(160 / 190);
    expect(ahead({ groups: [['a', 'b']], defenders: ['b'] }).perPlayer.b).toBeCloseTo(160 / 190);
  });
});
