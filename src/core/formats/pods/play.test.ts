import { describe, expect, it } from 'vitest';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const pods = [
  ['a', 'b', 'c'],
  ['x', 'y'],
];
const { view, codes } = trying('pods', { pods, mode: 'take', leading: 'list', rounds: 3, burstSeconds: [10, 20] });
const hold = { mode: 'hold' };
const stop: [string] = ['stop'];
const taken = (pod: number, by: string): [string, object] => ['taken', { pod, by }];
const held = (...by: string[]): [string, object] => ['held', { by }];

describe('pods', () => {
  it('let whoever takes the object after a stop win the round, one a pod', () => {
    const one = view(inOrder(stop, taken(0, 'b'), taken(1, 'x')));
    expect(one.scores).toEqual({ a: 0, b: 1, c: 0, x: 1, y: 0 });
    expect(codes(inOrder(stop, taken(0, 'b'), taken(0, 'a')))).toEqual(['2 not-allowed']);
    expect(codes(inOrder(taken(0, 'b'), stop, taken(0, 'x')))).toEqual(['0 not-allowed', '2 not-allowed']);
  });

  it('begin the next round with the next stop, and count rounds from 1', () => {
    expect(view([]).tally.round).toBe(1);
    expect(view(inOrder(stop)).tally.round).toBe(1);
    const two = view(inOrder(stop, taken(0, 'b'), stop, taken(0, 'b')));
    expect(two).toMatchObject({ tally: { round: 2 }, scores: { b: 2 } });
    expect(two.turns).toEqual({ a: 2, b: 2, c: 2, x: 2, y: 2 });
  });

  it('let any number win that hold, told once a round', () => {
    expect(view(inOrder(stop, held('a', 'c', 'y')), hold).scores).toEqual({ a: 1, b: 0, c: 1, x: 0, y: 1 });
    expect(view(inOrder(stop, held()), hold).scores.a).toBe(0);
    expect(codes(inOrder(held('a'), stop, held('a'), held('b')), hold)).toEqual(['0 not-allowed', '3 not-allowed']);
    expect(codes(inOrder(stop, held('a')))).toEqual(['1 not-allowed']);
    expect(codes(inOrder(stop, taken(0, 'a')), hold)).toEqual(['1 not-allowed']);
  });

  it('are done when every pod has taken after the last stop, or it was told who held; no stop follows the last', () => {
    const last = inOrder(stop, stop, stop, taken(0, 'a'));
    expect(view(last).done).toBe(false);
    expect(codes([...last, { at: 9, type: 'stop' }])).toEqual(['4 not-allowed']);
    expect(view([...last, { at: 9, type: 'taken', pod: 1, by: 'y' }])).toMatchObject({ done: true, winners: ['a', 'y'] });
    expect(view(inOrder(stop, stop, stop, held('b')), hold)).toMatchObject({ done: true, winners: ['b'] });
    expect(view(inOrder(stop, ['end']))).toMatchObject({ done: true, winners: [] });
  });

  it('have a leader only where they follow, another one every round so that all lead', () => {
    expect(Object.keys(view([]).places)).toEqual(['pod-1', 'pod-2']);
    const leaders = [0, 1, 2, 3].map((stops) => view(inOrder(...Array(stops).fill(stop)), { leading: 'follow' }).places['@leader-1'][0]);
    expect(leaders).toEqual(['a', 'a', 'b', 'c']);
    expect(view(inOrder(stop, stop), { leading: 'follow' }).places['@leader-2']).toEqual(['y']);
  });

  it('take a latecomer into the smallest pod, one out of the box into the own, and wait for no empty pod', () => {
    expect(view(inOrder(['join', { player: 'z' }])).places['pod-2']).toEqual(['x', 'y', 'z']);
    const boxed = view(inOrder(['box', { player: 'a', why: '', release: 'round' }], stop));
    expect(boxed.places['pod-1']).toEqual(['b', 'c', 'a']);
    expect(boxed.turns.a).toBe(0);
    const gone = inOrder(['leave', { player: 'x' }], ['leave', { player: 'y' }], stop, stop, stop, taken(0, 'a'));
    expect(view(gone).done).toBe(true);
    expect(everyone(view(gone))).toEqual(['a', 'b', 'c']);
  });

  it.each([
    [{ type: 'taken', pod: 2, by: 'a' }, 'bad-field'],
    [{ type: 'taken', pod: 0, by: 'nobody' }, 'unknown-id'],
    [{ type: 'held', by: ['nobody'] }, 'unknown-id'],
    [{ type: 'grab' }, 'unknown-type'],
  ])('refuse %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ pods: [['a'], ['a']] }, '"a" is there twice'],
    [{ pods: [['a'], []] }, 'nobody in a pod'],
    [{ burstSeconds: [20, 10] }, '20 to 10'],
    [{ rounds: 0 }, 'rounds: 0'],
  ])('have no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
