import { describe, expect, it } from 'vitest';
import { measuresIn, measureWords, type Quantity, readMeasure, readMeasureSpan, spanWords } from './measures.ts';

describe('measures', () => {
  it.each([
    ['area', 4.5, '4.5 m²', '48 sq ft'],
    ['area', 390, '390 m²', '4198 sq ft'],
    ['speed', 6, '6 m/s', '13.4 mph'],
    ['acceleration', 2.6, '2.6 m/s²', '8.5 ft/s²'],
    ['mass', 120, '120 g', '4.2 oz'],
    ['mass', 5, '5 g', '0.2 oz'],
    ['mass', 2000, '2 kg', '4.4 lb'],
    ['load', 60, '60 kg', '132 lb'],
    ['thickness', 35, '35 mm', '1.38 in'],
    ['width', 0.12, '120 mm', '4.72 in'],
    ['perLength', 3, '3 s', '0.91 s'],
  ] as [Quantity, number, string, string][])('are said in the school’s units: %s of %d', (quantity, value, inMeters, inFeet) => {
    expect(measureWords(quantity, value, 'm')).toBe(inMeters);
    expect(measureWords(quantity, value, 'ft')).toBe(inFeet);
  });

  it('are read as they are said, to the grain of what is said', () => {
    const said: [Quantity, number][] = [
      ['area', 4],
      ['speed', 5],
      ['acceleration', 2.5],
      ['mass', 110],
      ['mass', 1500],
      ['load', 80],
      ['thickness', 45],
      ['perLength', 4],
    ];
    for (const [quantity, value] of said)
      for (const units of ['m', 'ft'] as const) {
        const words = measureWords(quantity, value, units);
        expect(measureWords(quantity, readMeasure(quantity, words, units), units)).toBe(words);
        expect(Math.abs(readMeasure(quantity, words, units) / value - 1)).toBeLessThan(0.02);
      }
  });

  it('are read bare in the school’s unit, and with any sign of either system', () => {
    expect(readMeasure('mass', '120', 'm')).toBe(120);
    expect(readMeasure('mass', '4', 'ft')).toBeCloseTo(113.398, 3);
    expect(readMeasure('mass', '4 oz', 'm')).toBeCloseTo(113.398, 3);
    expect(readMeasure('mass', '1,5 KG', 'ft')).toBe(1500);
    expect(readMeasure('thickness', '3 cm', 'ft')).toBe(30);
    expect(readMeasure('area', '43 sq ft', 'm')).toBeCloseTo(3.99483, 4);
    expect(readMeasure('perLength', '1 s', 'ft')).toBeCloseTo(3.28084, 4);
  });

  it.each(['', 'heavy', '120 m', '12 g 3', '-4', '1..2'])('cannot be read from “%s”', (text) => {
    expect(readMeasure('mass', text, 'm')).toBeNaN();
  });

  it('stand in texts of ours, said in the school’s units', () => {
    expect(measuresIn('Strong card, 30 × 60 cm', 'ft')).toBe('Strong card, 1 ft × 2 ft');
    expect(measuresIn('Cut 15 cm of foam tube', 'ft')).toBe('Cut 6 in of foam tube');
    expect(measuresIn('Cord of 4 mm, 5 m', 'ft')).toBe('Cord of 0.16 in, 16 ft 5 in');
    expect(measuresIn('Rice in a tied bag, 700 g', 'ft')).toBe('Rice in a tied bag, 1.5 lb');
    for (const text of ['Strong card, 30 × 60 cm', 'Rice in a tied bag, 700 g', '2 of 3 more', 'Leave gaps of 1.5 m'])
      expect(measuresIn(text, 'm')).toBe(text);
  });

  it('have a least and a most in one unit', () => {
    expect(spanWords('mass', [120, 220], 'm')).toBe('120–220 g');
    expect(spanWords('mass', [120, 220], 'ft')).toBe('4.2–7.8 oz');
    expect(readMeasureSpan('mass', '120–220 g', 'm')).toEqual([120, 220]);
    expect(readMeasureSpan('mass', '4 to 8 oz', 'm')?.[1]).toBeCloseTo(226.796, 2);
    expect(readMeasureSpan('thickness', '28-70', 'm')).toEqual([28, 70]);
    expect(readMeasureSpan('mass', '220–120', 'm')).toBeUndefined();
    expect(readMeasureSpan('mass', '120', 'm')).toBeUndefined();
  });
});
