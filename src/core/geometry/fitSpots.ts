import { type Rng, seededRng } from '../rng.ts';
import { type Area, checkArea } from './area.ts';
import { type FreeFloor, freeFloor } from './freeFloor.ts';
import { areaOf, boundsOf, type Point } from './point.ts';
import { flat, freed, leastDistance, pointsOf, relax } from './relax.ts';
import { anywhere, farthest, hole, rowStarts, spreadSpots } from './spreadSpots.ts';

/** Lattices are tried at so many offsets each way. */
const OFFSETS = 32;
/** Up to so many spots the search goes beyond lattices. */
const MOST_SEARCHED = 90;
/** Comparisons of two spots that one call may spend beyond lattices. */
const WORK = 1e8;
const STEPS = 110;
/** Up to so many spots spreading is asked too. */
const MOST_SPREAD = 90;
/** Counts in a row at which spreading may fail before it is given up. */
const PASSED_OVER = 3;
/** More spots than this are not laid out at once. */
const MOST = 20_000;
const SHARP = 1e-9;

/** The spots of one lattice that are free: `dx`, `dy` the first row's start, rows `rise` apart, every second set off by `shift`. */
function lattice(floor: FreeFloor, spacing: number, rise: number, shift: number, turned: boolean, dx: number, dy: number): Point[] {
  const { x, y, width, depth } = floor.bounds;
  const [along, deep] = turned ? [depth, width] : [width, depth];
  const spots: Point[] = [];
  for (let row = 0, v = dy - 2 * rise; v <= deep + SHARP; row++, v += rise) {
    if (v < -SHARP) continue;
    const off = row % 2 ? shift : 0;
    for (let u = dx + off - 2 * spacing; u <= along + SHARP; u += spacing) {
      if (u < -SHARP) continue;
      const p = turned ? { x: x + v, y: y + u } : { x: x + u, y: y + v };
      if (floor.slack(p) >= -SHARP) spots.push(p);
    }
  }
  return spots;
}

/** The best of the square and both hexagonal lattices over 32 × 32 offsets, from the outline's corner and from the clearance within it; the first that holds `enough`. */
function bestLattice(floor: FreeFloor, spacing: number, clearance: number, enough: number): Point[] {
  const hex = (spacing * Math.sqrt(3)) / 2;
  let best: Point[] = [];
  for (const [rise, shift, turned] of [
    [spacing, 0, false],
    [hex, spacing / 2, false],
    [hex, spacing / 2, true],
  ] as const) {
    const cell = shift ? 2 * rise : rise;
    // Offsets count from the outline's corner and from the clearance within it.
    for (const from of clearance ? [0, -clearance] : [0])
      for (let i = 0; i < OFFSETS; i++)
        for (let j = 0; j < OFFSETS; j++) {
          const dx = (((from + (i * spacing) / OFFSETS) % spacing) + spacing) % spacing;
          const dy = (((from + (j * cell) / OFFSETS) % cell) + cell) % cell;
          const spots = lattice(floor, spacing, rise, shift, turned, dx, dy);
          if (spots.length > best.length) best = spots;
          if (best.length >= enough) return best;
        }
  }
  return best;
}

/**
 * As many spots as can be found with at least `spacing` between any two, all free by wallClearance (m). Never fewer than the
 * best of the square and both hexagonal lattices over 32 × 32 offsets; up to some ninety it looks for one more, and again, by
 * easing overlaps from rows, from chance and from the last with one put into a hole. A fixed amount of work; empty where
 * nothing is free. It ends as soon as it has `enough`, and may then give more. RangeError for a broken area, a spacing that is
 * not positive, or one that asks for over 20,000 spots.
 */
export function fitSpots(area: Area, spacing: number, enough = Number.POSITIVE_INFINITY): Point[] {
  checkArea(area);
  const size = areaOf(area.outline) / (spacing * spacing);
  if (!Number.isFinite(spacing) || spacing <= 0 || !(size < MOST)) throw new RangeError(`invalid spacing: ${spacing}`);
  const floor = freeFloor(area);
  const clearance = area.wallClearance ?? 0;
  const random = seededRng(Math.round(spacing * 1e4));
  let best = bestLattice(floor, spacing, clearance, enough);
  if (!best.length) {
    const one = anywhere(floor, random);
    if (!one) return [];
    best = [one];
  }
  const { width, depth } = boundsOf(area.outline);
  if (Math.hypot(width, depth) < spacing || best.length >= enough) return best;
  let work = WORK;
  while (best.length < Math.min(enough, MOST_SEARCHED) && work > 0) {
    const count = best.length + 1;
    if (floor.convex && farthest(area, count) < spacing * (1 - SHARP)) break;
    const found = oneMore(best, spacing, floor, random, () => {
      work -= ((count * count) / 2 + count * (20 + 6 * floor.edges)) * STEPS + 60_000;
      return work > 0;
    });
    if (!found) break;
    best = found;
  }
  return spreadOn(area, spacing, best, enough, floor.convex);
}

/**
 * `best`, or as many spots as spreading finds at this spacing: what spreading n spots reaches, n spots must fit. Some layouts are
 * tighter than those just below them, so a few counts without one are passed over.
 */
function spreadOn(area: Area, spacing: number, best: Point[], enough: number, convex: boolean): Point[] {
  let most = best;
  for (let count = best.length + 1; count <= MOST_SPREAD && count <= most.length + PASSED_OVER && most.length < enough; count++) {
    if (convex && farthest(area, count) < spacing * (1 - SHARP)) break;
    const spread = spreadSpots(area, count);
    if (spread.spots.length === count && spread.spacing >= spacing * (1 - SHARP)) most = spread.spots;
  }
  return most;
}

/** A layout with its overlap. */
interface Tried {
  at: Float64Array;
  overlap: number;
}

/** The spots where all are free and apart, else undefined. */
function settled({ at }: Tried, spacing: number, floor: FreeFloor): Point[] | undefined {
  const free = freed(at, floor);
  return free && leastDistance(free) >= spacing * (1 - SHARP) ? free : undefined;
}

/** The spot that is pressed most: by neighbours nearer than the spacing, by what is missing of clearances. */
function mostPressed(spots: readonly Point[], spacing: number, floor: FreeFloor, random: Rng): number {
  let worst = 0;
  let press = -1;
  spots.forEach((p, i) => {
    const lack = spots.reduce((sum, q, j) => (i === j ? sum : sum + Math.max(0, spacing - Math.hypot(p.x - q.x, p.y - q.y))), 0);
    const pressed = (lack + Math.max(0, -floor.slack(p))) * (0.7 + 0.6 * random.float());
    if (pressed > press) [worst, press] = [i, pressed];
  });
  return worst;
}

/**
 * One spot more than `from` has, or undefined where the work ends first. The least overlapping of layouts in rows, `from` with
 * one in a hole and a few by chance is taken; then again and again its most pressed spot goes into a hole and all give way,
 * kept where they overlap hardly more than before (monotonic basin hopping, Leary, J. Global Optimization, 2000).
 */
function oneMore(from: readonly Point[], spacing: number, floor: FreeFloor, random: Rng, goOn: () => boolean): Point[] | undefined {
  const count = from.length + 1;
  const ease = (start: readonly (Point | undefined)[]): Tried | undefined => {
    if (start.some((p) => p === undefined)) return undefined;
    const at = flat(start as Point[]);
    return { at, overlap: relax(at, spacing * (1 + SHARP), floor, STEPS) };
  };
  let now: Tried | undefined;
  const better = (tried: Tried | undefined): Point[] | undefined => {
    if (!tried) return undefined;
    if (!now || tried.overlap < now.overlap) now = tried;
    return tried.overlap < spacing * spacing * 1e-12 ? settled(tried, spacing, floor) : undefined;
  };
  const starts: (() => (Point | undefined)[])[] = [
    () => [...from, hole(from, -1, floor, random)],
    ...rowStarts(floor, count).map((rows) => () => rows),
    ...Array.from({ length: 6 }, () => () => Array.from({ length: count }, () => anywhere(floor, random))),
  ];
  for (const start of starts) {
    if (!goOn()) return undefined;
    const found = better(ease(start()));
    if (found) return found;
  }
  let stuck = 0;
  while (now && goOn()) {
    const spots = pointsOf(now.at);
    const moved = stuck > 12 ? 2 + random.below(2) : 1;
    for (let m = 0; m < moved; m++) {
      const i = random.below(4) ? mostPressed(spots, spacing, floor, random) : random.below(count);
      spots[i] = hole(spots, i, floor, random) ?? spots[i];
    }
    const tried = ease(spots);
    if (!tried) continue;
    if (tried.overlap < now.overlap * (1 - 1e-6)) stuck = 0;
    else stuck += 1;
    if (tried.overlap <= now.overlap * 1.03) now = tried;
    if (tried.overlap < spacing * spacing * 1e-12) {
      const found = settled(tried, spacing, floor);
      if (found) return found;
    }
  }
  return undefined;
}
