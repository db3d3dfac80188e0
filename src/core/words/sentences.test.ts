import { describe, expect, it } from 'vitest';
import { everySentence, type Sentence } from './sentences.fixture.ts';

const { sentences, mute } = everySentence();
const wrong = (bad: (text: string) => RegExpMatchArray | null): string[] =>
  sentences.flatMap((s: Sentence) => {
    const found = bad(s.text);
    return found ? [`${s.from}: “${found[0]}” in “${s.text}”`] : [];
  });

describe('every sentence with counts of 0, 1 and 2', () => {
  it('is made', () => {
    expect(sentences.length).toBeGreaterThan(900);
    expect(mute).toEqual([]);
  });
  it('has no name of the code in it', () => {
    expect(wrong((t) => t.match(/undefined|NaN|null|\[object|Infinity|\b[a-z]+[A-Z][a-z]+\b|\b[a-z]+_[a-z]+\b/))).toEqual([]);
  });
  it('has no wrong plural: one of a thing, several things', () => {
    // "1 of the things that are counted", followed by its plural or by another verb than one that goes with one.
    const COUNTED =
      'student|group|station|court|area|round|turn|lane|side|cone|hoop|thing|piece|check|lesson|hunter|target|element|position|spot|goal|block|lap|start|corner|place|minute|sight line';
    expect(wrong((t) => t.match(new RegExp(`(?<![\\d.–]|[\\d.] )\\b1 (?:${COUNTED}|scarve|boxe|metre|meter)s\\b`)))).toEqual([]);
    expect(
      wrong((t) => t.match(new RegExp(`(?<![\\d.–]|Let )\\b1 (?:of \\d+ )?(?:${COUNTED})s? (?:hold|fit|wait|have|are|do|want|stand)\\b`))),
    ).toEqual([]);
    expect(wrong((t) => t.match(new RegExp(`(?<![\\d.–]|every )\\b[02] (?:${COUNTED}|scarf)\\b(?! game| count| line)`)))).toEqual([]);
    expect(wrong((t) => t.match(/\b(?:boxs|scarfs|tos|sies|ss|touchs)\b|[^aeious]ys\b/))).toEqual([]);
  });
  it('keeps the capitals of names', () => {
    expect(wrong((t) => t.match(/nine mills|Nine mills|bram u|ms\. ask|grade 5a/))).toEqual([]);
  });
  it('uses the words of the glossary', () => {
    expect(
      wrong((t) =>
        t.match(
          /\b(?:bout|bouts|cupboard|house|bibs?|trolley|peel|stick(?:s|ing)? down|wish(?:es|ed)?|mend(?:s|ed)?|dealt?|metres?|colours?|centre)\b/i,
        ),
      ),
    ).toEqual([]);
  });
  it('says nothing in meters where the school measures in feet', () => {
    const inFeet = everySentence('ft').sentences;
    expect(inFeet).toHaveLength(sentences.length);
    expect(inFeet.filter((s) => /\d (?:m|cm|mm|km|g|kg|m²|m\/s)\b|m²|\bmeters?\b/.test(s.text))).toEqual([]);
    expect(inFeet.filter((s) => /\d sq ft\b/.test(s.text)).length).toBeGreaterThan(5);
  });
  it('says percent closed up and units with a space', () => {
    expect(wrong((t) => t.match(/\d %|\d(?:m|s|min|ft)\b/))).toEqual([]);
  });
});
