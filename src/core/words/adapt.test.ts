import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '../adapt/cautions.ts';
import { DIAL_KINDS, PIECE_CODES } from '../adapt/dialKinds.ts';
import { DEMANDS, PURPOSE_ACTIONS } from '../model/demand.ts';
import { COMMON_SUPPORTS, SUPPORT_KINDS } from '../model/support.ts';
import { ACTION_WORDS, CAUTION_WORDS, DEMAND_WORDS, DIAL_WORDS, needWords } from './adapt.en.ts';
import { SUPPORT_WORDS } from './supports.en.ts';

describe('words of Fit for all', () => {
  it('say every change, demand, action, caution and support, without a gap', () => {
    const codes = [...Object.keys(DIAL_KINDS), ...PIECE_CODES] as (keyof typeof DIAL_WORDS)[];
    expect(Object.keys(DIAL_WORDS).sort()).toEqual([...codes].sort());
    const sentences = [
      ...codes.flatMap((code) => [
        DIAL_WORDS[code]('a bell ball', {}),
        DIAL_WORDS[code]('a bell ball', { toM: 1, workSeconds: 45, restSeconds: 30 }),
      ]),
      ...DEMANDS.map((d) => DEMAND_WORDS[d]),
      ...PURPOSE_ACTIONS.map((a) => ACTION_WORDS[a]),
      ...CAUTIONS.map((c) => CAUTION_WORDS[c]),
      ...SUPPORT_KINDS.map((k) => SUPPORT_WORDS[k]),
    ];
    for (const sentence of sentences) expect(sentence).toMatch(/^\S(.*\S)?$/);
    for (const sentence of sentences) expect(sentence).not.toMatch(/undefined|NaN|\[object/);
  });

  it('name a support by function, never by diagnosis, and never a student', () => {
    const all = [
      ...SUPPORT_KINDS.map((k) => SUPPORT_WORDS[k]),
      ...Object.keys(DIAL_KINDS).map((c) => DIAL_WORDS[c as keyof typeof DIAL_WORDS]('it', {})),
    ];
    for (const words of all) expect(words).not.toMatch(/disorder|syndrome|palsy|autis|suffer|victim|normal|special needs|confined/i);
    expect(new Set(COMMON_SUPPORTS).size).toBe(10);
  });

  it('say what a gap takes, another game if nothing else', () => {
    expect(needWords('sounding-object')).toBe('an object that can be heard');
    expect(needWords('no such code')).toBe('another game');
  });
});
