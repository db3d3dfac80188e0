import { describe, expect, it } from 'vitest';
import { readColours } from './readColours.ts';

describe('counts by color', () => {
  it('are read either way around, and refused with the part that says nothing', () => {
    expect(readColours('4 red, blue 6; dark green: 2')).toEqual([
      { colour: 'red', count: 4 },
      { colour: 'blue', count: 6 },
      { colour: 'dark green', count: 2 },
    ]);
    expect(readColours('  ')).toBeUndefined();
    expect(() => readColours('4 red, some blue')).toThrow('"some blue"');
    expect(() => readColours('0 red')).toThrow('"0 red"');
  });
});
