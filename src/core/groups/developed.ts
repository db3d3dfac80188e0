import { chance, shuffled } from '../chance.ts';
import { exactCover } from './exactCover.ts';

/**
 * How rounds are turned: `circles` circles of `turn` places each and `fixed` points that stay, n = circles · turn + fixed.
 * Adding 1 to every place gives the next round. `bases` rounds are turned; `still` more are rounds that turning leaves as they
 * are, each one group turned (then size = circles and nothing is fixed).
 */
export interface Wheel {
  circles: number;
  turn: number;
  fixed: number;
  size: number;
  bases: number;
  still: number;
}

/** More groups than this are not looked through, nor more beginnings of groups. */
const MOST_GROUPS = 100_000;
const MOST_BEGUN = 600_000;
const MOST_ROWS = 45_000;
/** What one search may spend, in links of its cover. */
const SLICE = 4_000_000;

const choose = (n: number, k: number) => Array.from({ length: k }, (_, i) => (n - i) / (i + 1)).reduce((a, b) => a * b, 1);

/** Differences between places, numbered; −1 for one that is its own opposite: it would come twice in one turn. */
class Differences {
  readonly count: number;
  private readonly ids: Int32Array;
  private readonly moving: number;

  constructor({ circles, turn }: Wheel) {
    this.moving = circles * turn;
    this.ids = new Int32Array(this.moving * this.moving).fill(-1);
    const known = new Map<number, number>();
    for (let p = 0; p < this.moving; p++)
      for (let q = 0; q < p; q++) {
        const [a, b] = [Math.floor(p / turn), Math.floor(q / turn)];
        const d = (p - q + turn * circles) % turn;
        if (a === b && 2 * d === turn) continue;
        const key = (a * circles + b) * turn + (a === b ? Math.min(d, turn - d) : d);
        if (!known.has(key)) known.set(key, known.size);
        this.ids[p * this.moving + q] = known.get(key)!;
        this.ids[q * this.moving + p] = known.get(key)!;
      }
    this.count = known.size;
  }

  between(p: number, q: number): number {
    return this.ids[p * this.moving + q];
  }
}

/** Every group of moving points in which no difference comes twice, or undefined where there are too many; `spread`: no two on one circle. */
function groupsOf(wheel: Wheel, differences: Differences, size: number, spread: boolean): number[][] | undefined {
  const moving = wheel.circles * wheel.turn;
  const found: number[][] = [];
  const circleOf = Array.from({ length: moving }, (_, p) => Math.floor(p / wheel.turn));
  const used = new Uint8Array(differences.count);
  const group: number[] = [];
  let begun = 0;
  /** Marks the differences between p and the group; how many it marked, short of the group's length where p does not fit. */
  const mark = (p: number) => {
    for (let i = 0; i < group.length; i++) {
      const d = differences.between(p, group[i]);
      if (d < 0 || used[d] || (spread && circleOf[p] === circleOf[group[i]])) return i;
      used[d] = 1;
    }
    return group.length;
  };
  const grow = (from: number) => {
    if (group.length === size) {
      found.push([...group]);
      return;
    }
    for (let p = from; p < moving && begun <= MOST_BEGUN && found.length <= MOST_GROUPS; p++) {
      begun++;
      const marked = mark(p);
      if (marked === group.length) {
        group.push(p);
        grow(p + 1);
        group.pop();
      }
      for (let i = 0; i < marked; i++) used[differences.between(p, group[i])] = 0;
    }
  };
  grow(0);
  return begun > MOST_BEGUN || found.length > MOST_GROUPS ? undefined : found;
}

/** One row of the cover: groups that stand in a round together, and what they use up. */
interface Row {
  /** The round that is turned, or −1 for a group that is a still round by itself. */
  base: number;
  groups: number[][];
  items: number[];
}

/** Where a carrying takes each point: `times` multiplies places, `step` puts every circle in the place of one further on. */
interface Carrying {
  times: number;
  step: number;
}

/** Carryings under which rounds may stay the same, those that leave least to look through first; the last carries nothing. */
function carryings({ circles, turn, fixed }: Wheel): Carrying[] {
  const third = Array.from({ length: turn }, (_, m) => m).find((m) => m > 1 && (m * m * m) % turn === 1);
  const around = circles > 1 && (fixed < 2 || fixed === circles);
  return [
    ...(third ? [{ times: third, step: 0 }] : []),
    ...(third && around ? [{ times: third, step: 1 }] : []),
    ...(around ? [{ times: 1, step: 1 }] : []),
    { times: 1, step: 0 },
  ];
}

/** Point by point where a carrying takes it; fixed points go round among themselves where circles do. */
function carriedTo({ circles, turn, fixed }: Wheel, { times, step }: Carrying): number[] {
  const moving = circles * turn;
  return Array.from({ length: moving + fixed }, (_, p) =>
    p < moving ? ((Math.floor(p / turn) + step) % circles) * turn + (((p % turn) * times) % turn) : moving + ((p - moving + step) % fixed),
  );
}

/** Groups that carrying makes of one; none where it is not the least of them. */
function orbitOf(group: readonly number[], to: readonly number[]): number[][] {
  const orbit = [[...group]];
  for (;;) {
    const next = orbit[orbit.length - 1].map((p) => to[p]).sort((a, b) => a - b);
    const differs = next.findIndex((p, i) => p !== group[i]);
    if (differs < 0) return orbit;
    if (next[differs] < group[differs]) return [];
    orbit.push(next);
  }
}

/** The rounds that are turned and the still ones, as a cover of every place and, where all are needed, every difference. */
function search(wheel: Wheel, carrying: Carrying, most: number): { rounds: number[][][]; still: number[][]; work: number } | undefined {
  const { circles, turn, fixed, size, bases, still } = wheel;
  const moving = circles * turn;
  const differences = new Differences(wheel);
  const places = bases * (moving + fixed) + still;
  const needed = bases * (fixed * choose(size - 1, 2) + ((moving - fixed * (size - 1)) / size) * choose(size, 2)) + still * choose(size, 2);
  if (needed > differences.count) return undefined;
  const must = places + (needed === differences.count ? differences.count : 0);
  const plain = groupsOf(wheel, differences, size, false);
  const around = fixed ? groupsOf(wheel, differences, size - 1, true) : [];
  if (!plain || !around) return undefined;
  const itemsOf = (base: number, groups: readonly number[][]): number[] | undefined => {
    const items = new Set<number>();
    let wanted = 0;
    const add = (item: number) => {
      wanted++;
      items.add(item);
    };
    for (const group of groups)
      group.forEach((p, i) => {
        add(base * (moving + fixed) + p);
        for (const q of group.slice(i + 1)) {
          if (q < moving) add(places + differences.between(p, q));
          else if (p < moving) add(places + differences.count + (q - moving) * circles + Math.floor(p / turn));
        }
      });
    return items.size === wanted ? [...items] : undefined;
  };
  const groups = [...plain, ...around.flatMap((g) => Array.from({ length: fixed }, (_, j) => [...g, moving + j]))];
  const to = carriedTo(wheel, carrying);
  const together = groups.map((g) => orbitOf(g, to)).filter((orbit) => orbit.length);
  const rows: Row[] = [];
  for (const set of together)
    for (let base = 0; base < bases; base++) {
      const items = itemsOf(base, set);
      if (items) rows.push({ base, groups: set, items });
    }
  if (still)
    for (const group of plain) {
      if (group[0] !== 0 || !group.every((p, c) => Math.floor(p / turn) === c)) continue;
      const used = group.flatMap((p, i) => group.slice(i + 1).map((q) => places + differences.between(p, q)));
      for (let s = 0; s < still; s++) rows.push({ base: -1, groups: [group], items: [bases * (moving + fixed) + s, ...used] });
    }
  if (rows.length > MOST_ROWS) return undefined;
  const random = chance(turn * 1000 + size);
  let work = 0;
  for (const share of [0.2, 0.2, 0.6]) {
    const order = shuffled(rows, random);
    const cover = exactCover(
      must,
      places + differences.count + fixed * circles,
      order.map((r) => r.items),
      Math.min(SLICE, most) * share,
    );
    work += cover.work;
    if (cover.rows) {
      const taken = cover.rows.map((i) => order[i]);
      return {
        rounds: Array.from({ length: bases }, (_, base) => taken.filter((r) => r.base === base).flatMap((r) => r.groups)),
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
  if (turn < 2 || circles < 1 || n % size || fixed > n / size || (fixed > 0 && bases * (size - 1) > circles)) return none;
  if (still && (circles !== size || fixed)) return none;
  const shift = (p: number, r: number) => (p >= moving ? p : Math.floor(p / turn) * turn + ((p + r) % turn));
  let work = 0;
  for (const carrying of carryings(wheel)) {
    const found = search(wheel, carrying, most - work);
    if (!found) continue;
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
