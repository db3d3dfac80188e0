import { chance, shuffled } from '../chance.ts';

/** Points tried in all before a search gives up; fixed, so that the answer is the same everywhere. */
const NODES = 2_000_000;
/** A search that has tried so many points without success begins again with another order of them. */
const PATIENCE = 40_000;

/** The places of `circles` circles of `turn` places each, then `fixed` points that stay: n = circles · turn + fixed. */
interface Wheel {
  circles: number;
  turn: number;
  fixed: number;
  size: number;
}

/**
 * Rounds made by turning a few: points are `turn` places on several circles and some fixed ones; adding 1 to every place gives
 * the next round. No two meet twice if in those few rounds no difference between two circles appears twice, and a fixed point
 * meets each circle at most once. turn · bases rounds of n / size groups, or none where none are found.
 * Source: the method of differences (R. C. Bose 1939).
 */
export function developed(n: number, size: number, turn: number, bases = 1): number[][][] {
  const circles = Math.floor(n / turn);
  const fixed = n - circles * turn;
  if (turn < 2 || circles < 1 || n % size || fixed > n / size || (fixed > 0 && bases * (size - 1) > circles)) return [];
  const found = new BaseSearch({ circles, turn, fixed, size }, bases).run();
  const shift = (p: number, r: number) => (p >= circles * turn ? p : Math.floor(p / turn) * turn + ((p + r) % turn));
  return found.flatMap((base) => Array.from({ length: turn }, (_, r) => base.map((group) => group.map((p) => shift(p, r)))));
}

/** Depth first over the points, in an order that is drawn anew whenever patience is at its end. Holds what is used so far. */
class BaseSearch {
  private readonly wheel: Wheel;
  private readonly bases: number;
  private readonly moving: number;
  /** used[(circle · circles + other) · turn + difference]; after those, used by a fixed point: [fixed · circles + circle]. */
  private readonly used: Uint8Array;
  private readonly free: Uint8Array;
  private rounds: number[][][] = [];
  private order: number[] = [];
  private nodes = 0;
  private limit = 0;

  constructor(wheel: Wheel, bases: number) {
    this.wheel = wheel;
    this.bases = bases;
    this.moving = wheel.circles * wheel.turn;
    this.used = new Uint8Array(wheel.circles * wheel.circles * wheel.turn + wheel.fixed * wheel.circles);
    this.free = new Uint8Array(this.moving);
  }

  run(): number[][][] {
    const random = chance(this.wheel.turn * 1000 + this.wheel.size);
    while (this.nodes < NODES) {
      this.order = shuffled(
        Array.from({ length: this.moving }, (_, p) => p),
        random,
      );
      this.used.fill(0);
      this.rounds = [];
      this.limit = this.nodes + PATIENCE;
      if (this.begin()) return this.rounds;
      if (this.nodes <= this.limit) return [];
    }
    return [];
  }

  private slot(p: number, q: number): [number, number] {
    const { circles, turn } = this.wheel;
    const mine = Math.floor(p / turn);
    if (q >= this.moving) {
      const at = circles * circles * turn + (q - this.moving) * circles + mine;
      return [at, at];
    }
    const other = Math.floor(q / turn);
    const d = (p - q + turn * circles) % turn;
    return [(mine * circles + other) * turn + d, (other * circles + mine) * turn + ((turn - d) % turn)];
  }

  private unmark(group: readonly number[], p: number, count: number): void {
    for (let i = 0; i < count; i++) for (const at of this.slot(p, group[i])) this.used[at] = 0;
  }

  /** Marks what p has with each of the group; false, with nothing marked, where something of it is used. */
  private joins(group: readonly number[], p: number): boolean {
    for (let i = 0; i < group.length; i++) {
      const [there, back] = this.slot(p, group[i]);
      // A difference that is its own opposite comes twice in one turn.
      if (this.used[there] || (there === back && group[i] < this.moving)) {
        this.unmark(group, p, i);
        return false;
      }
      this.used[there] = 1;
      this.used[back] = 1;
    }
    return true;
  }

  private begin(): boolean {
    const before = this.free.slice();
    this.free.fill(1);
    this.rounds.push([]);
    if (this.open()) return true;
    this.rounds.pop();
    this.free.set(before);
    return false;
  }

  /** Opens the next group: a fixed point's first, then the first free point's; a full round begins the next one. */
  private open(): boolean {
    const { fixed } = this.wheel;
    const groups = this.rounds[this.rounds.length - 1];
    if (groups.length < fixed) {
      groups.push([this.moving + groups.length]);
      if (this.fill(0)) return true;
    } else {
      const k = this.order.findIndex((p) => this.free[p]);
      if (k < 0) return this.rounds.length === this.bases || this.begin();
      groups.push([this.order[k]]);
      this.free[this.order[k]] = 0;
      if (this.fill(k + 1)) return true;
      this.free[this.order[k]] = 1;
    }
    groups.pop();
    return false;
  }

  /** Fills the last group with points from place `from` of the order on, then the next groups. */
  private fill(from: number): boolean {
    const groups = this.rounds[this.rounds.length - 1];
    const group = groups[groups.length - 1];
    if (group.length === this.wheel.size) return this.open();
    for (let k = from; k < this.moving; k++) {
      const p = this.order[k];
      if (!this.free[p]) continue;
      if (++this.nodes > this.limit) return false;
      if (!this.joins(group, p)) continue;
      this.free[p] = 0;
      group.push(p);
      if (this.fill(k + 1)) return true;
      group.pop();
      this.free[p] = 1;
      this.unmark(group, p, group.length);
      if (this.nodes > this.limit) return false;
    }
    return false;
  }
}
