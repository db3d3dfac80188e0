import { describe, expect, it } from 'vitest';
import { callList } from '../../rotation/callList.ts';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const sides = [
  { id: 'mills', members: ['a', 'b', 'c'] },
  { id: 'bells', members: ['w', 'x'] },
];
const { view, codes } = trying('call-up', { sides, atOnce: 2, callSeconds: 10, calls: 20 });
const call = (...numbers: number[]): [string, object] => ['call', { numbers }];
const goal = (side: string): [string, object] => ['goal', { side }];

describe('call-up', () => {
  it('sends in who has the number; on the shorter side numbers go on from its first member', () => {
    expect(view(inOrder(call(2)))).toMatchObject({ places: { in: ['b', 'x'], line: ['a', 'c', 'w'] }, tally: { call: 1 } });
    expect(view(inOrder(call(3))).places).toEqual({ in: ['c', 'w'], line: ['a', 'b', 'x'] });
    // Numbers 1 and 3 are the same student of the shorter side, who is in once.
    expect(view(inOrder(call(1, 3))).places.in).toEqual(['a', 'c', 'w']);
  });

  it('counts goals of an open call alone, all of them, and a turn for everyone in it when it ends', () => {
    const one = view(inOrder(call(1), goal('bells'), goal('bells'), goal('mills'), ['over']));
    expect(one.scores).toEqual({ mills: 1, bells: 2 });
    expect(one.turns).toEqual({ a: 1, b: 0, c: 0, w: 1, x: 0 });
    expect(one.places.in).toEqual([]);
    expect(codes(inOrder(goal('mills'), call(1), ['over'], goal('mills')))).toEqual(['0 not-allowed', '3 not-allowed']);
  });

  it('ends an open call at the next one; over without a call is refused', () => {
    expect(view(inOrder(call(1), call(2))).turns).toMatchObject({ a: 1, b: 0, w: 1, x: 0 });
    expect(codes(inOrder(['over'], call(1), ['over'], ['over']))).toEqual(['0 not-allowed', '3 not-allowed']);
  });

  it('is done when the last of its calls is over, and the higher score wins; at 0 nobody', () => {
    const last = inOrder(call(1), goal('mills'), call(2));
    expect(view(last, { calls: 2 }).done).toBe(false);
    expect(codes([...last, { at: 9, type: 'call', numbers: [1] }], { calls: 2 })).toEqual(['3 not-allowed']);
    expect(view([...last, { at: 9, type: 'over' }], { calls: 2 })).toMatchObject({ done: true, winners: ['mills'] });
    expect(view(inOrder(call(1), ['over']), { calls: 1 })).toMatchObject({ done: true, winners: [] });
  });

  it('runs over those present: numbers close up when somebody leaves, and a latecomer has the last one of the smaller side', () => {
    const gone = inOrder(['leave', { player: 'a' }], call(2));
    expect(view(gone).places.in).toEqual(['c', 'x']);
    expect(codes(inOrder(['leave', { player: 'a' }], call(3)))).toEqual(['1 bad-field']);
    expect(view(inOrder(['join', { player: 'z' }], call(3))).places.in).toEqual(['c', 'z']);
    expect(view(inOrder(['join', { player: 'z', index: 0 }], call(4))).places.in).toEqual(['z', 'x']);
  });

  it('keeps who leaves a call out of its turn, and lets one out of the box to the end of the own side', () => {
    const boxed = inOrder(call(1), ['box', { player: 'a', why: '', release: 'restart' }], ['over'], call(3));
    expect(view(boxed).turns).toMatchObject({ a: 0, w: 1 });
    expect(view(boxed).places.in).toEqual(['a', 'w']);
    expect(everyone(view(boxed))).toEqual(['a', 'b', 'c', 'w', 'x']);
  });

  it('calls everybody of the larger side equally often by the drawn list, never the same pairing twice running', () => {
    const { calls } = callList({ sides: [3, 2], atOnce: 1, calls: 30, seed: 4 });
    const events = inOrder(...calls.flatMap((numbers): [string, object?][] => [call(...numbers), ['over']]));
    const { turns, done } = view(events, { calls: 30 });
    expect(done).toBe(true);
    expect([turns.a, turns.b, turns.c]).toEqual([10, 10, 10]);
    expect(turns.w + turns.x).toBe(30);
    expect(calls.slice(1).filter((numbers, i) => String(numbers) === String(calls[i]))).toEqual([]);
  });

  it.each([
    [{ type: 'call', numbers: [] }, 'bad-field'],
    [{ type: 'call', numbers: [4] }, 'bad-field'],
    [{ type: 'call', numbers: [1, 1] }, 'bad-field'],
    [{ type: 'call', numbers: [1, 2, 3] }, 'bad-field'],
    [{ type: 'goal', side: 'orchards' }, 'unknown-id'],
    [{ type: 'score' }, 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ sides: [sides[0], { id: 'mills', members: ['w'] }] }, 'repeated id'],
    [{ sides: [sides[0], { id: 'bells', members: ['a'] }] }, '"a" is there twice'],
    [{ sides: [sides[0], { id: 'bells', members: [] }] }, 'without members'],
    [{ atOnce: 4 }, 'atOnce: 4 of 3'],
    [{ calls: -1 }, 'calls: -1'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
