import { describe, expect, it } from 'vitest';
import { speakIn } from '../formats/speak.ts';
import { wentOnWords } from './goesOn.en.ts';

describe('what going on from the game before comes to', () => {
  it('is said with what it would be without', () => {
    const both = { from: 'Nine mills', walk: { now: 3, usual: 9 }, floor: { now: 0, usual: 570 } };
    expect(wentOnWords(both, speakIn('m'))).toEqual([
      'Students walk 3 m instead of 9 m to start.',
      'Changing the floor takes no time instead of 9 min 30 s.',
    ]);
    expect(wentOnWords({ from: 'Nine mills', floor: { now: 90, usual: 90 } }, speakIn('m'))).toEqual([
      'Changing the floor takes 1 min 30 s, as without it.',
    ]);
    const gear = (kind: string | null) => wentOnWords({ from: 'Nine mills', gear: { kind } }, speakIn('m'));
    expect(gear('soft ball')).toEqual(['The soft ball that is out already is used.']);
    expect(gear(null)).toEqual(['Nothing it is played with is out already.']);
    expect(wentOnWords({ from: 'Nine mills' }, speakIn('ft'))).toEqual([]);
    expect(wentOnWords({ from: 'Nine mills', walk: { now: 3, usual: 9 } }, speakIn('ft'))[0]).toMatch(/ft/);
  });
});
