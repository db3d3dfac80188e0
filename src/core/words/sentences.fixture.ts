import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { metresWords, type Units } from '../formats/lengths.ts';
import { speakIn } from '../formats/speak.ts';
import { FINDING_CODES, FIX_CODES } from '../model/findingCodes.ts';
import { FORMAT_WORDS, findingWords, fixWords } from './en.ts';

const LISTS =
  /^(places|stations|apart|together|names|wheels|groups|feeders|guards|titles|list|players|numbers|promised|changes|cards|kinds|picks|ids)$/;
/** Names of people, games and gear as they are written: capitals that a sentence must keep. */
const NAMES: Record<string, string> = {
  ...Object.fromEntries(['title', 'name', 'from', 'to', 'task', 'story', 'owner'].map((k) => [k, 'Nine Mills'])),
  ...Object.fromEntries(['gearKind', 'object', 'target', 'a', 'b'].map((k) => [k, 'scarf'])),
  helper: 'Ms. Ask',
  laid: 'cone',
  text: 'Walk back',
  about: 'tie',
  signal: 'stop',
  game: 'stations',
  kind: 'aim',
  fault: 'error',
  demand: 'grip',
  class: 'Grade 5a',
};

const core = path.join(import.meta.dirname, '..');
/** Every field that any words ask data for, read from the words themselves. */
const KEYS: readonly string[] = [
  ...new Set(
    readdirSync(core, { recursive: true, encoding: 'utf8' })
      .filter((file) => /\ben\.ts$/.test(file))
      .flatMap((file) => [...readFileSync(path.join(core, file), 'utf8').matchAll(/\b(?:d|data)(?:\.|, ')(\w+)/g)].map((m) => m[1])),
  ),
];

/** Data in which every number is `count` and every list has so many entries; what is asked for is there. */
export function countedData(count: number, more: Record<string, unknown> = {}, units: Units = 'm'): Record<string, unknown> {
  /** A name or a list where words want one, a number where they want that. */
  const both = <T extends object>(thing: T): T => Object.defineProperty(thing, 'valueOf', { value: () => count });
  const value = (key: string): unknown => {
    if (key === 'promised') return Array.from({ length: count }, () => ({ to: 'Grade 5a', count }));
    if (LISTS.test(key)) return both(Array.from({ length: count }, (_, i) => (key === 'groups' ? i : 'Nine Mills')));
    if (key === 'say') return { code: 'own', data: { text: 'Walk back' } };
    if (/Words$/.test(key)) return metresWords(count, units);
    if (/^(from|to|a|b|title)$/.test(key)) return both(new String(NAMES[key]));
    return NAMES[key] ?? count;
  };
  return { ...Object.fromEntries([...KEYS, 'b'].map((key) => [key, value(key)])), ...more };
}

/** A sentence with where it comes from. */
export interface Sentence {
  from: string;
  text: string;
}

/** What a maker says; sentences that ask for other data than a count are left out, with their names. */
function said(from: string, make: () => string, mute: Set<string>): Sentence[] {
  try {
    return [{ from, text: make() }];
  } catch {
    mute.add(from.replace(/ \d$/, ''));
    return [];
  }
}

/** Every finding, fix, card line, event and summary of every format and of none, with counts of 0, 1 and 2, in a school's units. `mute`: those that counts alone cannot make. */
export function everySentence(units: Units = 'm'): { sentences: Sentence[]; mute: string[] } {
  const mute = new Set<string>();
  const speak = speakIn(units, () => 'Bram U.');
  const sentences = [0, 1, 2].flatMap((count) => {
    const data = countedData(count, {}, units);
    const two = (s: { what: string; why: string }) => `${s.what}. ${s.why}`;
    return [
      ...FINDING_CODES.flatMap((code) => {
        const own =
          code === 'rotation-overflow'
            ? countedData(count, { groups: count, stations: count }, units)
            : code === 'groups-evened'
              ? countedData(count, { moved: ['a'] }, units)
              : data;
        return said(`finding ${code} ${count}`, () => two(findingWords({ code, at: {}, data: own }, speak)), mute);
      }),
      ...FIX_CODES.flatMap((code) => said(`fix ${code} ${count}`, () => fixWords({ code, data }, speak), mute)),
      ...Object.entries(FORMAT_WORDS).flatMap(([format, words]) => {
        const own = countedData(count, { format }, units);
        return [
          ...Object.keys(words.findings).flatMap((code) =>
            said(`${format} finding ${code} ${count}`, () => two(findingWords({ code, at: {}, data: own }, speak)), mute),
          ),
          ...Object.keys(words.fixes).flatMap((code) =>
            said(`${format} fix ${code} ${count}`, () => fixWords({ code, data: own }, speak), mute),
          ),
          ...Object.entries(words.card).flatMap(([code, make]) =>
            said(`${format} card ${code} ${count}`, () => make(own).join(': '), mute),
          ),
          ...Object.entries(words.events).flatMap(([code, make]) =>
            said(`${format} event ${code} ${count}`, () => make(own, 0, () => 'Bram U.'), mute),
          ),
          ...said(
            `${format} summary ${count}`,
            () => words.summary({ ...own, picks: Array(count).fill('a'), headwaySeconds: count }, count, 60 * count, count, count),
            mute,
          ),
          ...Object.entries(words.notes ?? {}).flatMap(([code, make]) =>
            said(`${format} note ${code} ${count}`, () => make(own, () => 'Bram U.'), mute),
          ),
        ];
      }),
    ];
  });
  return { sentences, mute: [...mute] };
}
