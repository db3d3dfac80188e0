import { describe, expect, it } from 'vitest';
import type { Touched } from '../model/removal.ts';
import { changedWords, goesAlong, touchesNothing } from './removal.en.ts';

const none: Touched = { students: 0, pairings: 0, plans: 0, periods: 0, lessons: 0, changed: 0 };

describe('words of a removal', () => {
  it.each<[Partial<Touched>, string]>([
    [{}, ''],
    [{ lessons: 1 }, '1 lesson goes too.'],
    [{ plans: 1 }, '1 plan chosen for a student goes too.'],
    [{ plans: 2 }, '2 plans chosen for students go too.'],
    [{ students: 27, pairings: 2, periods: 1 }, '27 students, 2 pairings, and 1 period go too.'],
    [{ periods: 1, lessons: 1 }, '1 period and 1 lesson go too.'],
  ])('say what goes along with %j', (some, said) => {
    expect(goesAlong({ ...none, ...some })).toBe(said);
    expect(touchesNothing({ ...none, ...some })).toBe(said === '');
  });

  it('say what happens to periods that stay', () => {
    expect(changedWords('room', none)).toBe('');
    expect(changedWords('room', { ...none, changed: 1 }, 'Upper Yard')).toBe('1 period moves to Upper Yard.');
    expect(changedWords('room', { ...none, changed: 2 }, 'Upper Yard')).toBe('2 periods move to Upper Yard.');
    expect(changedWords('class', { ...none, changed: 2 })).toBe('2 periods of other classes go on without it.');
  });
});
