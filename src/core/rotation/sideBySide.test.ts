import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sideBySide } from './sideBySide.ts';

const lanes = (...spans: [number, number][]) =>
  sideBySide(spans.map(([from, until]) => ({ from, until }))).map((s) => `${s.lane}/${s.lanes}`);

describe('sideBySide', () => {
  it('gives spans that follow one another the whole width, and those at one time a lane each', () => {
    expect(lanes([0, 10], [10, 20])).toEqual(['0/1', '0/1']);
    expect(lanes([0, 10], [5, 20], [30, 40])).toEqual(['0/2', '1/2', '0/1']);
    expect(lanes([0, 30], [0, 10], [10, 20])).toEqual(['0/2', '1/2', '1/2']);
    expect(lanes()).toEqual([]);
  });

  it('never puts two that overlap into one lane, and has a lane for each', () => {
    const span = fc.tuple(fc.nat(50), fc.integer({ min: 1, max: 20 })).map(([from, long]) => ({ from, until: from + long }));
    fc.assert(
      fc.property(fc.array(span, { maxLength: 12 }), (spans) => {
        const laid = sideBySide(spans);
        spans.forEach((a, i) => {
          expect(laid[i].lane).toBeLessThan(laid[i].lanes);
          spans.slice(i + 1).forEach((b, k) => {
            if (a.from < b.until && b.from < a.until) expect(laid[i].lane).not.toBe(laid[i + 1 + k].lane);
          });
        });
      }),
      { seed: 7 },
    );
  });
});
