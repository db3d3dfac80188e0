import { describe, expect, it } from 'vitest';
import { supportsHinted } from './noteHints.en.ts';

describe('supportsHinted', () => {
  it.each([
    ['asthma, inhaler', ['breath', 'care-plan']],
    ['Power chair; talker on the tray', ['power-chair', 'speaks-by-device']],
    ['uses a wheelchair', ['wheelchair']],
    ['color-blind', ['tells-colours-poorly']],
    ['Blind, cane', ['cane', 'blind']],
    ['hearing aids, sits in front', ['hard-of-hearing']],
    ['LATEX allergy', ['latex', 'care-plan']],
    ['uses only her left hand', ['one-handed']],
    ['new this term', []],
    ['', []],
  ])('of %j are %j', (note, kinds) => {
    expect(supportsHinted(note)).toEqual(kinds);
  });
});
