import { describe, expect, it } from 'vitest';
import { latticeSpots } from './lattice.ts';

describe('latticeSpots', () => {
  it('takes the better of square and hexagonal lattice', () => {
    // Four rows 1.3 m apart of 3 and 2 instead of three rows of 3.
    expect(latticeSpots(4, 3, 1.5)).toBe(10);
    expect(latticeSpots(3, 3, 3)).toBe(4);
    // Rows √3/2 apart: 9 rows of 9 and 8 instead of a square of 8 by 9.
    expect(latticeSpots(8, 7, 1)).toBe(77);
    expect(latticeSpots(0.4, 0.4, 1)).toBe(1);
  });
  it('never holds fewer on a larger floor', () => {
    for (let w = 1; w < 8; w += 0.25) expect(latticeSpots(w + 0.25, 3, 1.1)).toBeGreaterThanOrEqual(latticeSpots(w, 3, 1.1));
  });
  it.each([
    [0, 1, 1],
    [1, -1, 1],
    [1, 1, Number.NaN],
  ])('refuses %d × %d at %d', (w, d, s) => {
    expect(() => latticeSpots(w, d, s)).toThrow(RangeError);
  });
});
