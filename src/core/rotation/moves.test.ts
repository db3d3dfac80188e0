import { describe, expect, it } from 'vitest';
import { movesBetween } from './moves.ts';

describe('moves between two rounds', () => {
  it('are each once, without who waits, stays or has no next place', () => {
    expect(movesBetween([0, 1, 2, -1, 3, 0, 4], [1, 1, -1, 0, 2, 1])).toEqual([
      [0, 1],
      [3, 2],
    ]);
    expect(movesBetween([], [])).toEqual([]);
  });
});
