import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '../adapt/cautions.ts';
import { DIAL_KINDS, PIECE_CODES } from '../adapt/dialKinds.ts';
import { HOUSE_FIGURES } from '../adapt/figures.ts';
import { speakIn } from '../formats/speak.ts';
import { DEMANDS, PURPOSE_ACTIONS } from '../model/demand.ts';
import { COMMON_SUPPORTS, SUPPORT_KINDS } from '../model/support.ts';
import { ACTION_WORDS, cautionWords, DEMAND_WORDS, DIAL_WORDS, needWords } from './adapt.en.ts';
import { SUPPORT_WORDS } from './supports.en.ts';

const { metres } = speakIn('m');

describe('words of Fit for all', () => {
  it('say every change, demand, action, caution and support, without a gap', () => {
    const codes = [...Object.keys(DIAL_KINDS), ...PIECE_CODES] as (keyof typeof DIAL_WORDS)[];
    expect(Object.keys(DIAL_WORDS).sort()).toEqual([...codes].sort());
    const sentences = [
      ...codes.flatMap((code) => [
        DIAL_WORDS[code]('a bell ball', {}, metres),
        DIAL_WORDS[code]('a bell ball', { toM: 1, workSeconds: 45, restSeconds: 30 }, metres),
      ]),
      ...DEMANDS.map((d) => DEMAND_WORDS[d]),
      ...PURPOSE_ACTIONS.map((a) => ACTION_WORDS[a]),
      ...CAUTIONS.map((c) => cautionWords(c, HOUSE_FIGURES, speakIn('m'))),
      ...SUPPORT_KINDS.map((k) => SUPPORT_WORDS[k]),
    ];
    for (const sentence of sentences) expect(sentence).toMatch(/^\S(.*\S)?$/);
    for (const sentence of sentences) expect(sentence).not.toMatch(/undefined|NaN|\[object/);
  });

  it('name a support by function, never by diagnosis, and never a student', () => {
    const all = [
      ...SUPPORT_KINDS.map((k) => SUPPORT_WORDS[k]),
      ...Object.keys(DIAL_KINDS).map((c) => DIAL_WORDS[c as keyof typeof DIAL_WORDS]('it', {}, metres)),
    ];
    for (const words of all) expect(words).not.toMatch(/disorder|syndrome|palsy|autis|suffer|victim|normal|special needs|confined/i);
    expect(new Set(COMMON_SUPPORTS).size).toBe(10);
  });

  it('say lengths and small sizes in the school’s units, by its figures', () => {
    const feet = speakIn('ft');
    expect(DIAL_WORDS['own-lane']('', { widthM: 1.5 }, feet.metres)).toBe('Tape a lane of its own, 4 ft 11 in wide');
    expect(cautionWords('nothing-small', { ...HOUSE_FIGURES, mouthMm: 50 }, feet)).toContain('Nothing under 1.97 in');
    expect(cautionWords('frame-width', { ...HOUSE_FIGURES, frameM: 0.25 }, speakIn('m'))).toContain('0.25 m wider');
  });

  it('say what a gap takes, another game if nothing else', () => {
    expect(needWords('sounding-object')).toBe('an object that can be heard');
    expect(needWords('no such code')).toBe('another game');
  });
});
