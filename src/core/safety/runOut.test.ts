import { describe, expect, it } from 'vitest';
import { runOut } from '../index.ts';
import { speedOver } from './runOut.ts';

describe('run-out', () => {
  it('is v²/(2b) and the margin, as worked by hand', () => {
    expect(runOut(6, 3)).toBe(6);
    expect(runOut(5, 2.5, 0.5)).toBe(5.5);
    expect(runOut(0, 2)).toBe(0);
  });
  it('agrees with braking step by step', () => {
    for (const [speed, braking] of [
      [3, 1.8],
      [6.8, 3.2],
    ]) {
      let v = speed;
      let way = 0;
      const dt = 1e-4;
      while (v > 0) {
        way += v * dt;
        v -= braking * dt;
      }
      expect(way).toBeCloseTo(runOut(speed, braking), 2);
    }
  });
  it.each([
    [-1, 2, 0, 'speed'],
    [1, 0, 0, 'braking'],
    [1, Number.NaN, 0, 'braking'],
    [1, 2, -1, 'margin'],
    [Number.POSITIVE_INFINITY, 2, 0, 'speed'],
  ])('refuses %d, %d, %d by name', (speed, braking, margin, name) => {
    expect(() => runOut(speed, braking, margin)).toThrowError(RangeError);
    expect(() => runOut(speed, braking, margin)).toThrowError(name);
  });
  it('reaches √(2·a·d), at most the sprint', () => {
    expect(speedOver(4, 2, 10)).toBe(4);
    expect(speedOver(100, 2, 6)).toBe(6);
    expect(speedOver(0, 2, 6)).toBe(0);
  });
});
