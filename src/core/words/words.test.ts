import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../content/demo.ts';
import { demoDesk, lessonWith, period } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { CLASSROOM } from '../fit/everyRoom.fixture.ts';
import { fit } from '../fit/fit.ts';
import type { FitInput } from '../fit/fitted.ts';
import type { FormatWords } from '../formats/formatWords.ts';
import { metresWords, readMetres } from '../formats/lengths.ts';
import { formatOf } from '../formats/registry.ts';
import { duration, ranges, speakIn } from '../formats/speak.ts';
import { FINDING_CODES, FIX_CODES } from '../model/findingCodes.ts';
import { callWords, changeWords, FORMAT_WORDS, findingWords, fixWords, INPUT_WORDS, inputWords } from './en.ts';

const speak = speakIn('m');
/** Every number and list that a sentence may be about. */
const data: Record<string, unknown> = {
  ...Object.fromEntries(
    ['places', 'stations', 'apart', 'together', 'names', 'wheels', 'groups', 'moved', 'feeders', 'guards', 'titles'].map((k) => [k, []]),
  ),
  ...Object.fromEntries(['title', 'name', 'to', 'gearKind'].map((k) => [k, 'x'])),
  about: 'tie',
  signal: 'stop',
  say: { code: 'own', data: { text: 'x' } },
  game: 'stations',
};
/** The same with a list or a number where a code wants the other. */
const wordedData = (code: string) => (code === 'rotation-overflow' ? { ...data, groups: 3, stations: 2 } : data);

/** Lessons with all kinds of trouble: too small a room, too little gear, too many students, settings that do not go together. */
function troubled(): FitInput[] {
  const rooms = [CLASSROOM, MILL_GYM];
  return GAMES.flatMap((game, i) => {
    const room = rooms[i % 2];
    const few = demoDesk().cupboard.map((g) => ({ ...g, count: 1 }));
    const wide = {
      gapM: 5,
      areaWidthM: 9,
      courtM: 9,
      laneM: 4,
      workSeconds: 900,
      groups: 12,
      oddTask: 'none',
      waitingTask: '',
      overflow: 2,
    };
    const known = new Set(
      formatOf(game.format)
        .settings(game.setup)
        .map((m) => m.key),
    );
    const settings = Object.fromEntries(Object.entries(wide).filter(([key]) => known.has(key)));
    return [
      demoDesk({ room, lesson: lessonWith(game.id), cupboard: few }),
      demoDesk({ room: rooms[(i + 1) % 2], lesson: lessonWith(game.id, settings), period: period('10:05', '10:20') }),
    ];
  });
}

describe('words', () => {
  it('are there for every finding and fix that checks of all formats can make', () => {
    for (const code of FINDING_CODES) {
      const { what, why } = findingWords({ code, at: {}, data: wordedData(code) }, speak);
      expect(what.length + why.length, code).toBeGreaterThan(12);
    }
    for (const code of FIX_CODES) expect(fixWords({ code, data: wordedData(code) }, speak), code).toBeTruthy();
    expect(() => findingWords({ code: 'no-words', at: {}, data: {} }, speak)).toThrowError('no-words');
    expect(() => fixWords({ code: 'no-words', data: {} }, speak)).toThrowError('no-words');
  });

  it.each(Object.entries(FORMAT_WORDS))('of %s are there for its findings and fixes, and say no other format’s', (format, words) => {
    for (const code of Object.keys(words.findings))
      expect(findingWords({ code, at: {}, data: { ...data, format } }, speak).why.length, code).toBeGreaterThan(5);
    for (const code of Object.keys(words.fixes)) expect(fixWords({ code, data: { ...data, format } }, speak), code).toBeTruthy();
    for (const [other, theirs] of Object.entries(FORMAT_WORDS)) {
      if (other === format) continue;
      const own: FormatWords = words;
      const only = Object.keys(theirs.findings).filter((code) => !own.findings[code] && !FINDING_CODES.some((c) => c === code));
      for (const code of only)
        expect(() => findingWords({ code, at: {}, data: { ...data, format } }, speak), code).toThrowError(RangeError);
    }
  });

  it('say no undefined number in any finding or fix of real lessons', () => {
    const seen = new Set<string>();
    const wrong: string[] = [];
    const hear = (code: string, text: string) => {
      seen.add(code);
      if (/undefined|NaN|null|\[object|Infinity/.test(text)) wrong.push(`${code}: ${text}`);
    };
    for (const desk of troubled()) {
      for (const finding of fit(desk).findings) {
        const { what, why } = findingWords(finding, speak);
        hear(finding.code, `${what} ${why}`);
        for (const fix of finding.fixes ?? []) hear(fix.code, fixWords(fix, speak));
      }
    }
    expect(wrong).toEqual([]);
    expect(seen.size).toBeGreaterThan(50);
  });

  it('are there for every refusal of input', () => {
    for (const code of Object.keys(INPUT_WORDS)) expect(inputWords(code)).toBe(INPUT_WORDS[code]);
    expect(inputWords('never-heard')).toBe('cannot be used');
  });

  it('never say Oops, wrong or please', () => {
    const said = [...Object.values(INPUT_WORDS), JSON.stringify(Object.values(FORMAT_WORDS).map((w) => w.settings))].join(' ');
    expect(said).not.toMatch(/\boops\b|went wrong|please/i);
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
    expect([duration(20), duration(80), duration(3600)]).toEqual(['20 s', '1 min 20 s', '60 min']);
    expect(ranges([1, 2, 3, 5, 7, 8])).toBe('1–3, 5, 7–8');
  });

  it('says what to call at a switch, gear by gear', () => {
    const calls = [
      { pieceId: 'a', verb: 'take-off' as const, gearKind: 'pinnie', where: 'hang on the cone' },
      { pieceId: 'b', verb: 'carry' as const, gearKind: 'disc' },
      { pieceId: 'a', verb: 'reset' as const, gearKind: '' },
      { pieceId: 'b', verb: 'reset' as const, gearKind: '' },
    ];
    expect(callWords(calls, (id) => (id === 'a' ? 6 : 7))).toEqual([
      'Pinnies off at 6, hang on the cone.',
      'Take your disc from 7.',
      'Reset as found at 6–7.',
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
