import { describe, expect, it } from 'vitest';
import { issueWords } from './fields.en.ts';

describe('what was refused', () => {
  it.each([
    [['timetable', 'slots', 0, 'end'], 'too-large', 'Ends: at most 3 h after Starts'],
    [['end'], 'too-small', 'Ends: at least 5 min after Starts'],
    [['doors', 0, 'atM'], 'outside-wall', 'Door 1, From the wall’s start reaches beyond the end of its wall'],
    [['fixed', 2, 'widthM'], 'too-small', 'Thing 3, Width is too small'],
    [['outline', 3], 'crosses', 'Corner 4 crosses another wall'],
    [['edit', 'patch', 'title'], 'empty', 'Title is empty'],
    [['givenName'], 'too-long', 'First name is too long'],
    [['curtains', 0, 'a'], 'not-across', 'Curtain 1, A does not reach from wall to wall through the room'],
    [['periodId'], 'unknown-id', 'Period is not known'],
    [[], 'too-deep', 'Has too many levels'],
    [['outline', 'depth'], 'too-small', 'Depth is too small'],
  ])('%j, %s', (path, code, words) => {
    expect(issueWords({ path, code })).toBe(words);
  });

  it('never shows a name of the code', () => {
    const keys = ['secondsPerTapeM', 'mostSeconds', 'wallClearanceM', 'bands', 'stopSignal', 'gearKinds', 'cupboard'];
    for (const key of keys) expect(issueWords({ path: [key, 0, key], code: 'number' })).not.toMatch(/[a-z][A-Z]|undefined/);
  });
});
