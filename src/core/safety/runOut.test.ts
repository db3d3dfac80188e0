import { describe, expect, it } from 'vitest';
import { closingSpeed, runOut, swingClearance } from '../index.ts';
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
  it('two who run at one object close in at twice the speed of each, as stepping shows', () => {
    expect(closingSpeed(4, 2)).toBe(8);
    expect(closingSpeed(0, 2)).toBe(0);
    let [way, v] = [0, 0];
    const dt = 1e-5;
    while (way < 2.5) {
      v += 2.6 * dt;
      way += v * dt;
    }
    expect(closingSpeed(2.5, 2.6)).toBeCloseTo(2 * v, 3);
    expect(() => closingSpeed(-1, 2)).toThrowError('invalid distance: -1');
    expect(() => closingSpeed(1, Number.NaN)).toThrowError('invalid acceleration: NaN');
  });
  it('a swing needs reach, implement and step', () => {
    expect(swingClearance(0.66, 0.9, 0.6)).toBeCloseTo(2.16, 12);
    expect(() => swingClearance(0.6, -1, 0)).toThrowError('invalid implement: -1');
    expect(() => swingClearance(0.6, 1, Number.POSITIVE_INFINITY)).toThrowError('invalid step: Infinity');
  });
  it('reaches √(2·a·d), at most the sprint', () => {
    expect(speedOver(4, 2, 10)).toBe(4);
    expect(speedOver(100, 2, 6)).toBe(6);
    expect(speedOver(0, 2, 6)).toBe(0);
  });
});
