import { describe, expect, it } from 'vitest';
import { choicesNow, toBring } from './inUse.ts';

const use = (gearId: string, from: number, until: number, place?: string, isAccepted = true) => ({
  ...{ block: 'b', from, until, isAccepted, dials: [{ to: 'x', uses: [{ gearId, count: 1 }] }] },
  ...(place === undefined ? {} : { place }),
});

describe('things to bring', () => {
  it('are as many as are needed at once: one ball goes around with one student', () => {
    expect(toBring([use('ball', 0, 60, 's1'), use('ball', 60, 120, 's2')])).toEqual([
      { gearId: 'ball', block: 'b', count: 1, places: ['s1', 's2'] },
    ]);
    expect(toBring([use('ball', 0, 60, 's1'), use('ball', 30, 90, 's2')])[0].count).toBe(2);
  });

  it('are those of plans in use alone, and what is made is one thing', () => {
    const made = { ...use('card', 0, 60), dials: [{ to: 'x', homeMade: 'paddle', uses: [{ gearId: 'card', count: 2 }] }] };
    expect(toBring([use('ball', 0, 60, 's1', false), made])).toEqual([{ homeMade: 'paddle', block: 'b', count: 1, places: [] }]);
  });
});

describe('choices of a running lesson', () => {
  const dial = { dial: 'rule' as const, to: 'x', data: {}, keeps: [], cost: 1 };
  const choice = (student: string, place?: string) => ({ student, block: 'b', refused: [], accepted: [dial], ...(place ? { place } : {}) });
  const game = {
    groups: [['ada'], ['bo']],
    rounds: [
      [0, 1],
      [1, 0],
    ],
    pieces: [
      { id: 's1', number: 1, title: 'One' },
      { id: 's2', number: 2, title: 'Two' },
    ],
  };

  it('are those of students who are at the place in this round, and those for the whole block', () => {
    const all = [choice('ada', 's1'), choice('bo', 's1'), choice('ada')];
    expect(choicesNow(all, { id: 'b', game }, 0).map((c) => [c.student, c.title])).toEqual([
      ['ada', '1 One'],
      ['ada', undefined],
    ]);
    expect(choicesNow(all, { id: 'b', game }, 1).map((c) => c.student)).toEqual(['bo', 'ada']);
    expect(choicesNow(all, { id: 'other' }, 0)).toEqual([]);
  });

  it('leave out what was only refused', () => {
    expect(choicesNow([{ student: 'ada', block: 'b', accepted: null, refused: [{ to: 'x', why: '' }] }], { id: 'b', game }, 0)).toEqual([]);
  });
});
