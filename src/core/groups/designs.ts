import { memoize } from '../memoize.ts';
import { developed } from './developed.ts';
import { ringOf } from './field.ts';
import type { Wheel } from './wheel.ts';

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
  const within = q % size === 0 ? designsOf(q, size)[0] : [];
  const inside = within.map((round) => Array.from({ length: size }, (_, c) => round.map((group) => group.map((x) => c * q + x))).flat());
  return [...slopes, ...inside];
}

/** Rounds that are turned, at most. */
const MOST_BASES = 3;
/** Numbers of rounds that are searched for, from the most that can be on down. */
const MOST_COUNTS = 6;
/** What all searches for one design may spend, in links of their covers: a fixed amount of work. */
const WORK = 10_000_000;

/** The ways in which `count` rounds of n points may come about by turning. */
function wheelsFor(n: number, size: number, count: number): Wheel[] {
  const wheels: Wheel[] = [];
  for (let bases = 1; bases <= MOST_BASES; bases++) {
    if (count % bases) continue;
    const turn = count / bases;
    const circles = Math.floor(n / turn);
    wheels.push({ circles, turn, fixed: n - circles * turn, size, bases, still: 0 });
  }
  const turn = n / size;
  if (count > turn) wheels.push({ circles: size, turn, fixed: 0, size, bases: 1, still: count - turn });
  return wheels;
}

/**
 * Designs for n points in groups of `size` (a divisor of n, or 2), most rounds first: pairs by the circle method, rounds that
 * are turned, a transversal design over a field. Where a class is `short` of n by two or more, a design with as many points
 * that never meet is looked for too: those are left out. Remembered; the same every time.
 */
export function designsOf(n: number, size: number, short = 0): readonly Design[] {
  const all = Array.from({ length: n }, (_, i) => i);
  if (size === 1) return [[all.map((i) => [i])]];
  if (n <= size) return n === size ? [[[all]]] : [[]];
  if (size === 2) return [circleRounds(n)];
  return searched(n, size, short > 1 ? short : 0);
}

/** Turned and transversal designs, most rounds first; one group after the other where there are none. */
const searched = memoize((n: number, size: number, short: number): readonly Design[] => {
  const columns = transversal(n / size, size);
  const most = turnedRounds(n, size, columns.length, 0);
  const designs = [most.design, columns];
  if (short > most.fixed) designs.push(turnedRounds(n, size, columns.length, short).design);
  const there = designs.filter((design) => design.length).sort((a, b) => b.length - a.length);
  if (there.length) return there;
  return [[Array.from({ length: n / size }, (_, g) => Array.from({ length: size }, (__, i) => g * size + i))]];
});

/** Rounds by turning, as many as are found but more than `known`, with at least `fixed` points that never meet, and how many those are; none where none are found. */
function turnedRounds(n: number, size: number, known: number, fixed: number): { design: Design; fixed: number } {
  const possible = Math.floor((n - 1) / (size - 1));
  let work = WORK;
  for (let count = possible; count > Math.max(known, possible - MOST_COUNTS); count--) {
    for (const wheel of wheelsFor(n, size, count)) {
      if (wheel.fixed < fixed) continue;
      if (work <= 0) return { design: [], fixed: 0 };
      const found = developed(n, size, wheel, work);
      work -= found.work;
      if (found.design.length) return { design: found.design, fixed: wheel.fixed };
    }
  }
  return { design: [], fixed: 0 };
}
