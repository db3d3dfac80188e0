import type { GearKind } from '../model/gearKind.ts';

/** What a kind of gear is called, beside its own name. */
export interface GearName {
  name: string;
  kind: string;
}
/** Names of kinds: those that everybody uses, and what a school calls its own gear, which holds over them. */
export interface GearVocabulary {
  names: readonly GearName[];
  taught?: readonly GearName[];
}
export const NO_NAMES: GearVocabulary = { names: [] };

/** Words that end in -ves though their singular ends in -ve. */
const KEEPS_VE = /^(glove|sleeve|stove|wave|curve)s$/;
/** A word as it is compared: in the singular, however it is spelled. */
const singular = (word: string): string => {
  if (/(ss|us|is)$/.test(word)) return word;
  if (KEEPS_VE.test(word)) return word.slice(0, -1);
  return word
    .replace(/ies$/, 'y')
    .replace(/(ch|sh|x|ss)es$/, '$1')
    .replace(/ves$/, 'f')
    .replace(/s$/, '')
    .replace(/ie$/, 'y')
    .replace(/^racquet$/, 'racket')
    .replace(/^disk$/, 'disc');
};
const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/['’]s?\b/g, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map(singular);

/** Colors that a name may say. */
const COLOURS =
  'red orange yellow green blue purple pink black white gray grey brown gold silver violet teal turquoise lime navy maroon neon tan beige'.split(
    ' ',
  );
const COLOUR = new RegExp(`\\b(${COLOURS.join('|')})s?\\b`, 'gi');

/** The colors that a name says, in its order; empty if it says none. */
export const coloursIn = (name: string): string[] => [...new Set([...name.matchAll(COLOUR)].map(([, word]) => word.toLowerCase()))];

const METRES: [RegExp, number][] = [
  [/^(?:"|”|″|''|in(?:ch(?:es)?)?)$/i, 0.0254],
  [/^(?:'|’|′|ft|foot|feet)$/i, 0.3048],
  [/^(?:yd|yards?)$/i, 0.9144],
  [/^mm$/i, 0.001],
  [/^cm$/i, 0.01],
  [/^m(?:eters?|etres?)?$/i, 1],
];
/** A number and a unit of length: 8.5 in, 6-inch, 36", 1/2 in, 20 cm. */
const SIZE =
  /(\d+(?:[.,]\d+)?(?:\s*[-\s]?\d\/\d)?|\d\/\d)\s*-?\s*("|”|″|''|in(?:ch(?:es)?)?|'|’|′|ft|foot|feet|yd|yards?|mm|cm|m(?:eters?|etres?)?)(?![\p{L}\p{N}])/giu;

const numberIn = (text: string): number => {
  const [, whole = '0', top, bottom] = /^(\d+(?:[.,]\d+)?(?!\/))?(?:\s*-?\s*(\d)\/(\d))?/.exec(text.trim()) ?? [];
  return Number(whole.replace(',', '.')) + (top ? Number(top) / Number(bottom) : 0);
};

/** The first length that a name says, metres rounded to millimetres. */
export function sizeIn(name: string): number | undefined {
  for (const [, number, unit] of name.matchAll(SIZE)) {
    const metres = numberIn(number) * (METRES.find(([is]) => is.test(unit))?.[1] ?? 0);
    if (metres > 0 && metres <= 100) return Math.round(metres * 1000) / 1000;
  }
  return undefined;
}

/** Words that say how gear is packed, counted or kept, not what it is. */
const NOISE = new Set(
  'set pack package pair box boxe bag case kit lot bunch dozen doz each ea pc pcs piece ct count qty unit roll assorted asst various misc miscellaneous new old used spare extra other our the a an of and or with for in small medium large mini big jumbo regular standard junior adult youth elementary size sized sm med lg xl lb lbs oz ounce gram kg inch foot ft color colored colour coloured'.split(
    ' ',
  ),
);
/** A container in front of what is in it: "boxes of chalk". */
const CONTAINED =
  /^(?:an?\s+)?(?:sets?|packs?|packages?|pairs?|boxe?s?|bags?|cases?|bins?|buckets?|carts?|racks?|rolls?|tubs?|dozens?|stacks?|collections?)\s+of\s+/i;
/** What comes after these words is said of a thing, it is not the thing. */
const SAID_OF = /\s+(?:with|w\/|for|without|from|on|in(?!\b\s*(?:\d|$)))\s+|[([{].*$|\s+[-–—]\s+.*$|[:;].*$/i;

/** The name of a thing without what is said of it; all of it if nothing is left. */
function mainPart(name: string): string {
  const bare = name.trim().replace(CONTAINED, '');
  const at = bare.search(SAID_OF);
  const main = at > 0 ? bare.slice(0, at) : bare;
  return wordsOf(main).length ? main : bare;
}

const bareWords = (text: string): string[] => wordsOf(text.replace(SIZE, ' ').replace(COLOUR, ' ')).filter((word) => !/\d/.test(word));

/** The noun that a name is about: the last word in front of its first comma that says what it is; "balls" of "Balls, foam, 8 in". */
function headOf(main: string): string[] {
  // What comes after a number or a size is said of it: "scooters 12 in square".
  const parts = main
    .split(',')[0]
    .replace(SIZE, ' 0 ')
    .split(/\s\d\S*(?:\s|$)/);
  const words = bareWords(parts.find((part) => bareWords(part).some((word) => !NOISE.has(word))) ?? '');
  const last = words.findLastIndex((word) => !NOISE.has(word));
  if (last < 0) return [];
  // Written as one word or as two: "bean bags", "beanbags".
  return last > 0 ? [words[last], words[last - 1] + words[last]] : [words[last]];
}

/** A name of a kind as it is looked for. */
interface Phrase {
  words: string[];
  joined: string;
  head: string[];
}
const phrases = new Map<string, Phrase>();
/** Names of kinds are few and come again for every line of a list. */
function phraseOf(text: string): Phrase {
  const known = phrases.get(text);
  if (known) return known;
  const words = wordsOf(text);
  const phrase = { words, joined: words.join(''), head: headOf(mainPart(text)) };
  phrases.set(text, phrase);
  return phrase;
}

/** How many words of a phrase a name says; 0 unless it says all of them. Two words written as one are one. */
const fits = ({ words, joined }: Phrase, said: ReadonlySet<string>): number =>
  words.every((word) => said.has(word)) ? words.length : said.has(joined) ? 1 : 0;

/** The words of a name, and each two beside each other as one. */
const saidIn = (text: string): Set<string> => {
  const words = wordsOf(text);
  return new Set([...words, ...words.slice(1).map((word, i) => words[i] + word)]);
};

const sameWords = (a: readonly string[], b: readonly string[]): boolean =>
  a.length > 0 && [...a].sort().join(' ') === [...b].sort().join(' ');

/**
 * The kind that a name speaks of: what the school calls so, else the longest name of a kind whose words are all in it and which says
 * what the thing is ("cone" of "marker cone", not of "cone carrier"); 'other' if there is none.
 */
export function kindOfName(name: string, kinds: readonly GearKind[], { names, taught = [] }: GearVocabulary = NO_NAMES): string {
  const known = new Set(kinds.map((k) => k.kind));
  const bare = bareWords(name);
  const called = names.filter((n) => known.has(n.kind));
  const whole = bare.join(' ');
  const exactly =
    taught.findLast((t) => known.has(t.kind) && sameWords(bareWords(t.name), bare)) ??
    kinds.find((k) => k.kind !== 'other' && phraseOf(k.kind).words.join(' ') === whole) ??
    called.find((n) => phraseOf(n.name).words.join(' ') === whole);
  if (exactly) return exactly.kind;
  const main = mainPart(name);
  const head = headOf(main);
  const said = saidIn(main);
  let best = { kind: 'other', score: 0 };
  const weigh = (text: string, kind: string, first: number) => {
    const phrase = phraseOf(text);
    const fit = fits(phrase, said);
    const isAbout = fit > 0 && (!head.length || phrase.head.some((h) => head.includes(h)));
    const score = isAbout ? fit * 2 + first : 0;
    if (score > best.score) best = { kind, score };
  };
  // Of two that fit alike, the kind's own name holds.
  for (const { kind } of kinds) if (kind !== 'other') weigh(kind, kind, 1);
  for (const { name: text, kind } of called) weigh(text, kind, 0);
  return best.kind;
}
