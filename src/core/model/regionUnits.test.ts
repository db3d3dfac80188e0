import { describe, expect, it } from 'vitest';
import { regionUnits, unitsFirst } from './regionUnits.ts';

describe('regionUnits', () => {
  it.each([
    ['en-US', 'America/Denver', 'ft'],
    ['es-US', 'America/Chicago', 'ft'],
    ['en', 'Pacific/Honolulu', 'ft'],
    ['my-MM', 'Asia/Yangon', 'ft'],
    ['en-CA', 'America/Toronto', 'm'],
    ['en-GB', 'Europe/London', 'm'],
    ['en-US', 'Europe/Berlin', 'm'],
    ['de', 'America/New_York', 'm'],
    ['fr-CA', 'America/Montreal', 'm'],
    ['', 'America/Denver', 'm'],
    ['not a language', 'UTC', 'm'],
  ] as const)('%s in %s measures in %s', (language, zone, units) => {
    expect(regionUnits(language, zone)).toBe(units);
  });
});

describe('unitsFirst', () => {
  it('puts the own one first and leaves the others in their order', () => {
    const choices = [
      ['m', 'meters'],
      ['ft', 'feet'],
      ['own', 'as drawn'],
    ] as const;
    expect(unitsFirst(choices, 'ft').map(([u]) => u)).toEqual(['ft', 'm', 'own']);
    expect(unitsFirst(choices, 'm').map(([u]) => u)).toEqual(['m', 'ft', 'own']);
  });
});
