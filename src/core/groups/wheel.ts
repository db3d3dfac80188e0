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
/** Differences between places, numbered; −1 for one that is its own opposite: it would come twice in one turn. */
export class Differences {
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

/** Groups, undefined where there are too many, and how many were begun to find them. */
export interface Groups {
  groups: number[][] | undefined;
  begun: number;
}

/** Every group of moving points in which no difference comes twice; `spread`: no two on one circle. */
export function groupsOf(wheel: Wheel, differences: Differences, size: number, spread: boolean): Groups {
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
  return { groups: begun > MOST_BEGUN || found.length > MOST_GROUPS ? undefined : found, begun };
}

/** Where a carrying takes each point: `times` multiplies places, `step` puts every circle in the place of one further on. */
export interface Carrying {
  times: number;
  step: number;
}

/** Carryings under which rounds may stay the same, those that leave least to look through first; the last carries nothing. */
export function carryings({ circles, turn, fixed }: Wheel): Carrying[] {
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
export function carriedTo({ circles, turn, fixed }: Wheel, { times, step }: Carrying): number[] {
  const moving = circles * turn;
  return Array.from({ length: moving + fixed }, (_, p) =>
    p < moving ? ((Math.floor(p / turn) + step) % circles) * turn + (((p % turn) * times) % turn) : moving + ((p - moving + step) % fixed),
  );
}

/** Groups that carrying makes of one; none where it is not the least of them. */
export function orbitOf(group: readonly number[], to: readonly number[]): number[][] {
  // Most are told by their first image's least point alone.
  let least = to[group[0]];
  for (const p of group) if (to[p] < least) least = to[p];
  if (least < group[0]) return [];
  const orbit = [[...group]];
  for (;;) {
    const next = orbit[orbit.length - 1].map((p) => to[p]).sort((a, b) => a - b);
    const differs = next.findIndex((p, i) => p !== group[i]);
    if (differs < 0) return orbit;
    if (next[differs] < group[differs]) return [];
    orbit.push(next);
  }
}
