import { seededRng, shuffled } from '../rng.ts';
import { exactCover } from './exactCover.ts';
import { type Carrying, carriedTo, carryings, Differences, groupsOf, orbitOf, type Wheel } from './wheel.ts';

/** Turning less often than this leaves too much to look through. */
const LEAST_TURN = 3;
/** More rows than this are not looked through. */
const MOST_ROWS = 45_000;
/** What one search may spend, in links of its cover. */
const SLICE = 4_000_000;

/** One row of the cover: groups that stand in a round together, and what they use up. */
interface Row {
  /** The round that is turned, or −1 for a group that is a still round by itself. */
  base: number;
  groups: number[][];
  items: number[];
}

/** Everything that may stand in the rounds, as rows of a cover of every place and, where all are needed, every difference. */
interface Rows {
  rows: Row[];
  /** Items that must be held, and all there are. */
  must: number;
  items: number;
}

/** What a beginning of a group, and a group that is carried, cost in links: about as long as they take. */
const PER_BEGUN = 2;
const PER_GROUP = 40;

/** Differences of a wheel and the groups that may stand in its rounds: `plain` and, short of a fixed point, `around`. */
interface Material {
  differences: Differences;
  plain: number[][];
  around: number[][];
  /** Differences that the rounds use up. */
  needed: number;
}

/** What rounds of a wheel can be made of, or undefined where it is too little or too much; `work` is what it took, in links. */
function materialFor(wheel: Wheel): { material?: Material; work: number } {
  const { circles, turn, fixed, size, bases, still } = wheel;
  const differences = new Differences(wheel);
  const pairs = (k: number) => (k * (k - 1)) / 2;
  const needed = bases * (fixed * pairs(size - 1) + ((circles * turn - fixed * (size - 1)) / size) * pairs(size)) + still * pairs(size);
  if (needed > differences.count) return { work: 0 };
  const plain = groupsOf(wheel, differences, size, false);
  const around = fixed && plain.groups ? groupsOf(wheel, differences, size - 1, true) : { groups: [], begun: 0 };
  const work = (plain.begun + around.begun) * PER_BEGUN;
  if (!plain.groups || !around.groups) return { work };
  return { material: { differences, plain: plain.groups, around: around.groups, needed }, work };
}

/** The rows for rounds that a carrying leaves as they are, or undefined where there are too many. */
function rowsFor(wheel: Wheel, { differences, plain, around, needed }: Material, carrying: Carrying): Rows | undefined {
  const { circles, turn, fixed, bases, still } = wheel;
  const moving = circles * turn;
  const places = bases * (moving + fixed) + still;
  const between = (p: number, q: number) => {
    if (q < moving) return places + differences.between(p, q);
    return places + differences.count + (q - moving) * circles + Math.floor(p / turn);
  };
  const items = places + differences.count + fixed * circles;
  /** Which groups took an item last, by their number: a fresh set for each would take most of the time. */
  const takenBy = new Int32Array(items);
  let number = 0;
  /** What the groups use up in a round, or undefined where they use something twice. */
  const itemsOf = (base: number, groups: readonly number[][]): number[] | undefined => {
    number++;
    const used: number[] = [];
    for (const group of groups) {
      for (let i = 0; i < group.length; i++) {
        for (let j = i; j < group.length; j++) {
          const item = i === j ? base * (moving + fixed) + group[i] : between(group[i], group[j]);
          if (takenBy[item] === number) return undefined;
          takenBy[item] = number;
          used.push(item);
        }
      }
    }
    return used;
  };
  const to = carriedTo(wheel, carrying);
  const moves = to.some((q, p) => q !== p);
  if (!moves && bases * (plain.length + fixed * around.length) > MOST_ROWS) return undefined;
  const groups = [...plain, ...around.flatMap((g) => Array.from({ length: fixed }, (_, j) => [...g, moving + j]))];
  const rows: Row[] = [];
  for (const group of groups) {
    const together = moves ? orbitOf(group, to) : [group];
    for (let base = 0; together.length && base < bases; base++) {
      const used = itemsOf(base, together);
      if (used) rows.push({ base, groups: together, items: used });
    }
  }
  for (const group of still ? plain : []) {
    if (group[0] !== 0 || !group.every((p, c) => Math.floor(p / turn) === c)) continue;
    const used = group.flatMap((p, i) => group.slice(i + 1).map((q) => between(p, q)));
    for (let s = 0; s < still; s++) rows.push({ base: -1, groups: [group], items: [bases * (moving + fixed) + s, ...used] });
  }
  if (rows.length > MOST_ROWS) return undefined;
  const must = places + (needed === differences.count ? differences.count : 0);
  return { rows, must, items };
}

/** Shares of what a search may spend, each beginning anew with another order of the rows. */
const BEGINNINGS = [0.2, 0.2, 0.6];

/** The rounds that are turned and the groups that are still rounds; none where none are found. */
function search(
  wheel: Wheel,
  material: Material,
  carrying: Carrying,
  most: number,
): { rounds: number[][][]; still: number[][]; work: number } {
  const there = rowsFor(wheel, material, carrying);
  let work = (there?.rows.length ?? 0) * PER_GROUP + material.plain.length * PER_BEGUN;
  if (!there) return { rounds: [], still: [], work };
  const random = seededRng(wheel.turn * 1000 + wheel.size);
  for (const share of BEGINNINGS) {
    const order = shuffled(there.rows, random);
    const cover = exactCover(
      there.must,
      there.items,
      order.map((r) => r.items),
      Math.min(SLICE, most) * share,
    );
    work += cover.work;
    if (cover.rows) {
      const taken = cover.rows.map((i) => order[i]);
      return {
        rounds: Array.from({ length: wheel.bases }, (_, base) => taken.filter((r) => r.base === base).flatMap((r) => r.groups)),
        still: taken.filter((r) => r.base < 0).map((r) => r.groups[0]),
        work,
      };
    }
    if (cover.whole) break;
  }
  return { rounds: [], still: [], work };
}

/**
 * Rounds made by turning a few, in which no two of n points meet twice: no difference between two places appears twice, and
 * a fixed point meets each circle at most once. turn · bases + still rounds, or none where none are found within `most` links.
 * Rounds that a carrying leaves as they are (see `carryings`) are looked for first: there are few to look through.
 * Source: the method of differences (R. C. Bose 1939).
 */
export function developed(n: number, size: number, wheel: Wheel, most: number): { design: number[][][]; work: number } {
  const { circles, turn, fixed, bases, still } = wheel;
  const moving = circles * turn;
  const none = { design: [], work: 0 };
  if (turn < LEAST_TURN || circles < 1 || n % size || fixed > n / size || (fixed > 0 && bases * (size - 1) > circles)) return none;
  if (still && (circles !== size || fixed)) return none;
  const shift = (p: number, r: number) => (p >= moving ? p : Math.floor(p / turn) * turn + ((p + r) % turn));
  const { material, work: spent } = materialFor(wheel);
  let work = spent;
  for (const carrying of material ? carryings(wheel) : []) {
    if (work >= most) break;
    const found = search(wheel, material!, carrying, most - work);
    work += found.work;
    if (!found.rounds.length) continue;
    const turns = Array.from({ length: turn }, (_, r) => r);
    return {
      design: [
        ...found.rounds.flatMap((base) => turns.map((r) => base.map((group) => group.map((p) => shift(p, r))))),
        ...found.still.map((group) => turns.map((r) => group.map((p) => shift(p, r)))),
      ],
      work,
    };
  }
  return { design: [], work };
}
