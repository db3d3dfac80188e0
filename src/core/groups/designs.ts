import { developed } from './developed.ts';
import { ringOf } from './field.ts';

/** Rounds of groups of points 0 … n − 1 in which no two points meet twice. */
export type Design = number[][][];

/** Every pair of n points once, in n − 1 rounds (n even) or n with one point alone (n odd): the circle method. */
export function circleRounds(n: number): Design {
  const even = n + (n % 2);
  return Array.from({ length: even - 1 }, (_, r) => {
    const at = (i: number) => (i === even - 1 ? even - 1 : (r + i) % (even - 1));
    const pairs = Array.from({ length: even / 2 }, (_, i) => (i === 0 ? [at(0), even - 1] : [at(i), at(even - 1 - i)]));
    return pairs.map((pair) => pair.filter((p) => p < n));
  });
}

/**
 * size columns of q points each (point c·q + x); the round of slope m has the groups {(c, m·c + b)} for every b. Two columns
 * differ by a unit, so no two groups share two points: q rounds. What a column can be divided into gives rounds more.
 * Source: transversal designs from orthogonal arrays (R. C. Bose, K. A. Bush 1952).
 */
function transversal(q: number, size: number): Design {
  const ring = ringOf(q);
  if (size > ring.units.length) return [];
  const all = Array.from({ length: q }, (_, x) => x);
  const slopes = all.map((m) => all.map((b) => ring.units.slice(0, size).map((c, i) => i * q + ring.add(ring.times(m, c), b))));
  const within = q % size === 0 ? designOf(q, size) : [];
  const inside = within.map((round) => Array.from({ length: size }, (_, c) => round.map((group) => group.map((x) => c * q + x))).flat());
  return [...slopes, ...inside];
}

/** Rounds that are turned, at most. */
const MOST_BASES = 3;
/** Numbers of rounds that are searched for, from the most that can be on down. */
const MOST_COUNTS = 6;

const known = new Map<string, Design>();

/**
 * A design for n points in groups of `size` (a divisor of n, or 2) with as many rounds as are known: pairs by the circle
 * method, then transversal designs over fields, then rounds that are turned. Remembered; the same every time.
 */
export function designOf(n: number, size: number): Design {
  const all = Array.from({ length: n }, (_, i) => i);
  if (size === 1) return [all.map((i) => [i])];
  if (n <= size) return n === size ? [[all]] : [];
  if (size === 2) return circleRounds(n);
  const key = `${n}/${size}`;
  const before = known.get(key);
  if (before) return before;
  let best = transversal(n / size, size);
  const possible = Math.floor((n - 1) / (size - 1));
  for (let count = possible; count > Math.max(best.length, possible - MOST_COUNTS); count--) {
    for (let bases = 1; bases <= MOST_BASES && best.length < count; bases++) {
      if (count % bases) continue;
      const found = developed(n, size, count / bases, bases);
      if (found.length > best.length) best = found;
    }
  }
  if (!best.length) best = [Array.from({ length: n / size }, (_, g) => Array.from({ length: size }, (__, i) => g * size + i))];
  known.set(key, best);
  return best;
}
