import { describe, expect, it } from 'vitest';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { STAND_IN_CHANGES, standInsFor } from '../gear/standIns.ts';
import { promiseWords, standInWords } from './gear.en.ts';

describe('promiseWords', () => {
  it.each([
    [[], 8, ''],
    [[0, 0], 8, 'free all day'],
    [[0, 6, 0], 8, '6 in period 2'],
    [[6, 6], 8, '6 in every period'],
    [[6, 2, 0], 8, 'up to 6 in periods 1 and 2'],
    [[8, 10, 0, 10], 8, '2 short in periods 2 and 4'],
    [[1], 0, '1 short in period 1'],
  ])('of %j against %d is "%s"', (needs, have, words) => expect(promiseWords(needs, have)).toBe(words));
});

describe('standInWords', () => {
  it('says what is different with every stand-in of the catalogue, in the words there are', () => {
    const all = GEAR_CATALOGUE.flatMap(({ kind }) => standInsFor(kind, GEAR_CATALOGUE));
    expect(all.length).toBeGreaterThan(100);
    for (const { changes } of all) {
      expect(changes.every((c) => STAND_IN_CHANGES.includes(c))).toBe(true);
      expect(standInWords(changes)).toMatch(/^[a-z]/);
    }
    expect(standInWords([])).toBe('much the same');
    expect(standInWords(['heavier', 'bounces less'])).toBe('heavier and bounces less');
  });
});
