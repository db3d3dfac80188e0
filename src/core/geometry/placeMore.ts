import { type Rng, seededRng } from '../rng.ts';
import type { Span } from './freeSpans.ts';
import { EPS } from './point.ts';

/** A rectangle as placed: lower left corner, size and orientation. */
interface Placed {
  x: number;
  y: number;
  width: number;
  depth: number;
  turned: 0 | 90;
}
type Kind = Pick<Placed, 'width' | 'depth' | 'turned'>;

export interface PlaceRequest {
  kinds: readonly Kind[];
  gap: number;
  /** Where left edges of a kind may be at a height. */
  spansAt(kind: Kind, y: number): readonly Span[];
  /** Where walls and things begin or end, the clearance included: a left or lower edge may touch `low`, a right or upper one `high`. */
  xs: { low: number[]; high: number[] };
  ys: { low: number[]; high: number[] };
  start: readonly Placed[];
  /** Units that are enough. */
  most: number;
}

/** More places than this are not compared with one another. */
const MOST_PLACES = 3_600;
/** Steps of one unit or the other away from a thing in the room, and from an outer wall. */
const STEPS_INSIDE = 2;
const STEPS_OUTSIDE = 40;
/** Comparisons that the search may spend for each unit there is, and at most: some half a second. */
const WORK_EACH = 600_000;
const MOST_WORK = 24_000_000;

/** Sums of up to `steps` unit lengths, each with its gap, no longer than `length`. */
function sums(lengths: readonly number[], gap: number, steps: number, length: number): number[] {
  const found = new Set<number>([0]);
  let last = [0];
  for (let i = 0; i < steps && last.length; i++) {
    const next = new Set<number>();
    for (const sum of last)
      for (const l of lengths) {
        const longer = Math.round((sum + l + gap) * 1e6) / 1e6;
        if (longer <= length && !found.has(longer)) next.add(longer);
      }
    for (const sum of next) found.add(sum);
    last = [...next];
  }
  return [...found];
}

/** Lower ends at which a unit of this length touches a wall, a thing, or units in a row that do. */
function touching(ends: { low: number[]; high: number[] }, own: number, lengths: readonly number[], gap: number, inside: number): number[] {
  const least = Math.min(...ends.low);
  const most = Math.max(...ends.high);
  const found = new Map<number, number>();
  const add = (at: number) => {
    if (at >= least - EPS && at + own <= most + EPS) found.set(Math.round(at * 1e6), at);
  };
  const far = sums(lengths, gap, STEPS_OUTSIDE, most - least);
  const near = sums(lengths, gap, inside, most - least);
  for (const low of ends.low) for (const sum of low === least ? far : near) add(low + sum);
  for (const high of ends.high) for (const sum of high === most ? far : near) add(high - own - sum);
  return [...found.values()].sort((a, b) => a - b);
}

/** Places worth trying, those of the start first: units that touch walls, things or rows of units that do. */
function placesFor({ kinds, gap, spansAt, xs, ys, start }: PlaceRequest): Placed[] {
  const lengths = [...new Set(kinds.flatMap((k) => [k.width, k.depth]))];
  for (let inside = STEPS_INSIDE; inside >= 0; inside--) {
    const places: Placed[] = start.map((p) => ({ ...p }));
    for (const kind of kinds) {
      const columns = touching(xs, kind.width, lengths, gap, inside);
      for (const y of touching(ys, kind.depth, lengths, gap, inside)) {
        const spans = spansAt(kind, y);
        for (const x of columns) {
          if (spans.some(([from, to]) => x >= from - EPS && x <= to + EPS)) places.push({ ...kind, x, y });
        }
        if (places.length > MOST_PLACES) break;
      }
    }
    if (places.length <= MOST_PLACES) return places;
  }
  return [];
}

/** For each place those that cannot be taken beside it; places are looked at from left to right, so that only near ones are compared. */
function clashesOf(places: readonly Placed[], gap: number): Int32Array[] {
  const near = gap - 1e-7;
  const order = places.map((_, i) => i).sort((i, j) => places[i].x - places[j].x);
  const lists = places.map((): number[] => []);
  for (let k = 0; k < order.length; k++) {
    const i = order[k];
    const { x, y, width, depth } = places[i];
    const [right, far, low] = [x + width + near, y + depth + near, y - near];
    for (let m = k + 1; m < order.length; m++) {
      const j = order[m];
      const other = places[j];
      if (other.x >= right) break;
      if (other.y >= far || other.y + other.depth <= low) continue;
      lists[i].push(j);
      lists[j].push(i);
    }
  }
  return lists.map((list) => Int32Array.from(list));
}

/**
 * Units placed so that one more fits than before, and again: a largest set of places that do not clash, by exchanging one for
 * two and, when that ends, forcing one in (D. V. Andrade, M. G. C. Resende, R. F. Werneck, Fast local search for the maximum
 * independent set problem, 2012). A fixed amount of work; never fewer than the start.
 */
export function placeMore(request: PlaceRequest): Placed[] {
  const { start, most } = request;
  const places = placesFor(request);
  if (places.length <= start.length) return [...start];
  const clashes = clashesOf(places, request.gap);
  const search = new IndependentSet(clashes, seededRng(places.length));
  search.begin(start.map((_, i) => i));
  return search
    .improve(most)
    .slice(0, Math.max(most, start.length))
    .map((i) => places[i]);
}

/** A set of places that do not clash, and for each other place how many of the set it clashes with. */
class IndependentSet {
  private readonly clashes: readonly Int32Array[];
  private readonly random: Rng;
  private readonly members: number[] = [];
  /** Where in `members` a place is; −1 for those that are out. */
  private readonly at: Int32Array;
  private readonly tight: Int32Array;
  /** Turn at which a place was last taken out: one that has been out for long is forced in first. */
  private readonly left: Int32Array;
  /** Marks of one look: equal to `look` for whatever clashes with the place looked at. */
  private readonly mark: Int32Array;
  private look = 0;
  private work = 0;
  private allowed = 0;

  constructor(clashes: readonly Int32Array[], random: Rng) {
    this.clashes = clashes;
    this.random = random;
    this.at = new Int32Array(clashes.length).fill(-1);
    this.tight = new Int32Array(clashes.length);
    this.left = new Int32Array(clashes.length);
    this.mark = new Int32Array(clashes.length);
  }

  begin(members: readonly number[]): void {
    for (const v of members) this.put(v);
    this.fill(this.tight.map((_, v) => v));
    this.allowed = Math.min(MOST_WORK, WORK_EACH * this.members.length);
  }

  private put(v: number): void {
    this.at[v] = this.members.length;
    this.members.push(v);
    this.work += this.clashes[v].length;
    for (const u of this.clashes[v]) this.tight[u] += 1;
  }

  private take(v: number, turn: number): void {
    const last = this.members.pop()!;
    if (last !== v) {
      this.members[this.at[v]] = last;
      this.at[last] = this.at[v];
    }
    this.at[v] = -1;
    this.left[v] = turn;
    this.work += this.clashes[v].length;
    for (const u of this.clashes[v]) this.tight[u] -= 1;
  }

  /** Puts in whatever of these clashes with nothing. */
  private fill(among: Int32Array): void {
    this.work += among.length;
    for (const v of among) if (this.at[v] < 0 && !this.tight[v]) this.put(v);
  }

  /** Two places that one member alone keeps out and that do not clash with one another. */
  private twoFor(member: number): [number, number] | undefined {
    const loose: number[] = [];
    for (const u of this.clashes[member]) if (this.tight[u] === 1) loose.push(u);
    this.work += this.clashes[member].length;
    for (const first of loose) {
      this.look += 1;
      for (const u of this.clashes[first]) this.mark[u] = this.look;
      this.work += this.clashes[first].length + loose.length;
      for (const second of loose) if (second !== first && this.mark[second] !== this.look) return [first, second];
    }
    return undefined;
  }

  private exchangeAll(around: readonly number[], turn: number): void {
    const waiting = [...around];
    for (let member = waiting.pop(); member !== undefined && this.work < this.allowed; member = waiting.pop()) {
      if (this.at[member] < 0) continue;
      const two = this.twoFor(member);
      if (!two) continue;
      this.take(member, turn);
      for (const v of two) this.put(v);
      this.fill(this.clashes[member]);
      waiting.push(...two);
    }
  }

  /** One that is out and has been so the longest, of four drawn by chance. */
  private longestOut(): number {
    let best = -1;
    for (let tries = 0; tries < 4 || (best < 0 && tries < 50); tries++) {
      const v = this.random.below(this.clashes.length);
      if (this.at[v] < 0 && (best < 0 || this.left[v] < this.left[best])) best = v;
    }
    return best;
  }

  improve(most: number): number[] {
    this.exchangeAll(this.members, 0);
    let best = [...this.members];
    for (let turn = 1; this.work < this.allowed && best.length < most; turn++) {
      const kept = [...this.members];
      const forced = this.longestOut();
      if (forced < 0) break;
      const out = [...this.clashes[forced]].filter((u) => this.at[u] >= 0);
      for (const u of out) this.take(u, turn);
      this.put(forced);
      const around = new Set([forced]);
      for (const u of out) {
        this.fill(this.clashes[u]);
        for (const w of this.clashes[u]) if (this.at[w] >= 0) around.add(w);
      }
      this.exchangeAll([...around], turn);
      if (this.members.length > best.length) best = [...this.members];
      // Mostly back to where it was if that was better; now and then it goes on from the worse one.
      if (this.members.length < kept.length && this.random.below(8)) this.restore(kept, turn);
    }
    return best;
  }

  private restore(kept: readonly number[], turn: number): void {
    const wanted = new Set(kept);
    for (const v of [...this.members]) if (!wanted.has(v)) this.take(v, turn);
    for (const v of kept) if (this.at[v] < 0) this.put(v);
  }
}
