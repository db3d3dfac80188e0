import { metresWords, type Units } from './lengths.ts';
import { measureWords, type Quantity } from './measures.ts';

/** How the shell says numbers and names: units by the school's setting, students by their short names. */
export interface Speak {
  metres(m: number): string;
  /** An area, a speed, a weight …, with its unit. */
  measure(quantity: Quantity, value: number): string;
  student(id: string): string;
}

/** Speaking in a school's units. */
export const speakIn = (units: Units, student: (id: string) => string = String): Speak => ({
  metres: (m) => metresWords(m, units),
  measure: (quantity, value) => measureWords(quantity, value, units),
  student,
});

/** "45 s", "3 min", "15 min 25 s": as it is said in a sentence. */
export function duration(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  const [minutes, rest] = [Math.floor(s / 60), s % 60];
  if (!minutes) return `${rest} s`;
  return rest ? `${minutes} min ${rest} s` : `${minutes} min`;
}

/** "3:00" always: on timers, the strip, tables. */
export function clockOf(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
}

/** "The mat" from "the mat". */
export const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);
/** "the mat" from "The mat". */
export const uncapital = (text: string): string => text.slice(0, 1).toLowerCase() + text.slice(1);

const IRREGULAR: Record<string, string> = {
  scarf: 'scarves',
  bench: 'benches',
  touch: 'touches',
  try: 'tries',
  match: 'matches',
  pass: 'passes',
};
/** What is counted by something else: chalk is not. */
const BY: Record<string, string> = { chalk: 'piece', 'marking tape': 'roll', 'floor tape': 'roll' };
/** One word in the plural. */
function plural(word: string): string {
  const known = IRREGULAR[word];
  if (known) return known;
  if (/(x|s|ch|sh)$/.test(word)) return `${word}es`;
  return /[^aeiou]y$/.test(word) ? `${word.slice(0, -1)}ies` : `${word}s`;
}
/** "scarves"; of "belt with flags" the belt is counted, of "wood block" the block. */
export function many(kind: string): string {
  const by = BY[kind];
  if (by) return `${by}s of ${kind}`;
  const [, head, rest] = /^(.+?)( (?:with|on|of|in|for|without) .+)$/.exec(kind) ?? [kind, kind, ''];
  const at = head.lastIndexOf(' ') + 1;
  return `${head.slice(0, at)}${plural(head.slice(at))}${rest}`;
}
/** "1 scarf", "4 scarves", "1 roll of marking tape". */
export const counted = (count: number, kind: string): string =>
  `${count} ${count === 1 ? (BY[kind] ? `${BY[kind]} of ${kind}` : kind) : many(kind)}`;
/** "a scarf", "an egg ball". */
export const aOrAn = (kind: string): string => `${/^[aeiou]/i.test(kind) ? 'an' : 'a'} ${kind}`;

/** "12.50" of cents. */
export const money = (cents: number): string => (cents / 100).toFixed(2);

/** "a", "a and b", "a, b, and c". */
export function listed(list: readonly string[], last: 'and' | 'or' = 'and'): string {
  if (list.length < 3) return list.join(` ${last} `);
  return `${list.slice(0, -1).join(', ')}, ${last} ${list.at(-1)}`;
}

/** "1–4, 7" from sorted whole numbers. */
export function ranges(numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const n of numbers) {
    const last = runs.at(-1);
    if (last && n === last[1] + 1) last[1] = n;
    else runs.push([n, n]);
  }
  return runs.map(([a, b]) => (a === b ? `${a}` : `${a}–${b}`)).join(', ');
}
