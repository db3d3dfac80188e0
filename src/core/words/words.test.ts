import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { duration, metresWords, ranges, readMetres } from '../formats/speak.ts';
import { callWords, changeWords, FORMAT_WORDS, findingWords, fixWords, INPUT_WORDS, inputWords } from './en.ts';

const core = path.join(import.meta.dirname, '..');
/** What checks, ways and ideas say, by the format whose folder they are in; '' for those of all. */
const sources = readdirSync(core, { recursive: true, encoding: 'utf8' })
  .filter((f) => /(checks|ways|ideas|usable)/.test(f) && f.endsWith('.ts') && !f.endsWith('.test.ts'))
  .map((f) => ({ format: f.match(/^formats.([a-z-]+).[a-z]+\.ts$/i)?.[1] ?? '', text: readFileSync(path.join(core, f), 'utf8') }));
const found = (pattern: RegExp) =>
  sources.flatMap(({ format, text }) => [...new Set([...text.matchAll(pattern)].map((m) => m[1]))].map((code) => ({ format, code })));
const speak = { metres: (m: number) => `${m} m`, student: (id: string) => id };

describe('words', () => {
  it('are there for every finding that a check can make', () => {
    const codes = found(/code: '([a-z-]+)',\s*\n?\s*weight/g);
    expect(codes.length).toBeGreaterThanOrEqual(15);
    const data = {
      places: [],
      stations: [],
      apart: [],
      together: [],
      names: [],
      wheels: [],
      groups: [],
      moved: [],
      feeders: [],
      guards: [],
      title: 'x',
      name: 'x',
    };
    for (const { code, format } of codes) expect(findingWords({ code, at: {}, data: { ...data, format } }, speak).what, code).toBeTruthy();
    expect(() => findingWords({ code: 'no-words', at: {}, data: {} }, speak)).toThrowError('no-words');
  });

  it('are there for every fix that a check can offer', () => {
    const codes = [...found(/\bidea\(\s*'([a-z-]+)'/g), ...found(/code: '([a-z-]+)', data: \{[^}]*\}, edits/g)];
    expect(codes.length).toBeGreaterThanOrEqual(15);
    for (const { code, format } of codes)
      expect(fixWords({ code, data: { title: 'x', gearKind: 'disc', to: 'disc', format } }, speak), code).toBeTruthy();
    expect(() => fixWords({ code: 'no-words', data: {} }, speak)).toThrowError('no-words');
  });

  it('are there for every refusal of input', () => {
    for (const code of Object.keys(INPUT_WORDS)) expect(inputWords(code)).toBe(INPUT_WORDS[code]);
    expect(inputWords('never-heard')).toBe('cannot be used');
  });

  it('never say Oops, wrong or please', () => {
    const said = [...Object.values(INPUT_WORDS), JSON.stringify(Object.values(FORMAT_WORDS).map((w) => w.settings))].join(' ');
    expect(said).not.toMatch(/oops|went wrong|please/i);
  });
});

describe('numbers in words', () => {
  it.each([
    ['3.8 m', 'm', 3.8],
    ['3,8', 'm', 3.8],
    ['380 cm', 'ft', 3.8],
    ['12 ft 6', 'm', 3.81],
    ['12\' 6"', 'm', 3.81],
    ['12 ft', 'ft', 3.6576],
    ['30 in', 'm', 0.762],
    ['10', 'ft', 3.048],
    ['.5', 'm', 0.5],
    ['wide', 'm', Number.NaN],
    ['', 'm', Number.NaN],
    ['-3', 'm', Number.NaN],
    ['1e9', 'm', Number.NaN],
    ['3 m 2', 'm', Number.NaN],
  ] as const)('reads %j in %s', (text, units, metres) => {
    const read = readMetres(text, units);
    if (Number.isNaN(metres)) expect(read).toBeNaN();
    else expect(read).toBeCloseTo(metres, 6);
  });

  it('writes what it can read again, in both units', () => {
    for (const m of [0.05, 0.6, 1, 3.81, 15, 26]) {
      expect(readMetres(metresWords(m, 'm'), 'm')).toBeCloseTo(m, 2);
      expect(Math.abs(readMetres(metresWords(m, 'ft'), 'ft') - m)).toBeLessThanOrEqual(0.0128);
    }
    expect(metresWords(3.81, 'ft')).toBe('12 ft 6 in');
    expect([26, 0.9999999, 3.8000001, 2.345].map((m) => metresWords(m, 'm'))).toEqual(['26 m', '1 m', '3.8 m', '2.35 m']);
  });

  it('says durations and ranges', () => {
    expect([duration(20), duration(80), duration(3600)]).toEqual(['20 s', '1:20', '60:00']);
    expect(ranges([1, 2, 3, 5, 7, 8])).toBe('1–3, 5, 7–8');
  });

  it('says what to call at a switch, gear by gear', () => {
    const calls = [
      { pieceId: 'a', verb: 'take-off' as const, gearKind: 'bib', where: 'hang on the cone' },
      { pieceId: 'b', verb: 'carry' as const, gearKind: 'disc' },
      { pieceId: 'a', verb: 'reset' as const, gearKind: '' },
      { pieceId: 'b', verb: 'reset' as const, gearKind: '' },
    ];
    expect(callWords(calls, (id) => (id === 'a' ? 6 : 7))).toEqual([
      'Bibs off at 6, hang on the cone.',
      'Take your disc from 7.',
      'Lay out as found at 6–7.',
    ]);
  });

  it('says what a fix changes, at most two things', () => {
    const before = { timeOnTask: 0.4, turns: 9, longestWaitSeconds: 0, gearShort: 2, overSeconds: 60, unplaced: 0 };
    expect(changeWords({ before, after: { ...before, overSeconds: 0 }, data: {} }, speak)).toBe('fits the bell');
    expect(changeWords({ before, after: { ...before, timeOnTask: 0.5, turns: 6, gearShort: 0 }, data: {} }, speak)).toBe(
      'gear short 2 → 0, on task 40% → 50%',
    );
    expect(changeWords({ before, after: before, data: {} }, speak)).toBe('nothing else changes');
    expect(changeWords({ before, after: before, data: { gap: 1.2 } }, speak)).toBe('1.2 m to the next one');
  });
});
