import { type Rng, seededRng } from '../rng.ts';
import { type Area, checkArea } from './area.ts';
import { type FreeFloor, freeFloor } from './freeFloor.ts';
import { areaOf, distance, edgesOf, type Point, type Rect } from './point.ts';
import { flat, freed, leastDistance, relax } from './relax.ts';

/** More spots than this stand in the best rows found: the search grows with the square of their number. */
export const MOST_SPOTS = 400;
const MOST_ROWS = 12;
/** Comparisons of two spots that one call may spend. */
const WORK = 1.2e7;
/** Halvings of the bracket around the largest distance. */
const HALVINGS = 12;
const STEPS = 60;

/** Points in rows over the bounds, every second row set off by half a step where `set off`, turned for columns; all made free. */
function rows(floor: FreeFloor, count: number, across: number, setOff: boolean, turned: boolean): Point[] | undefined {
  const { x, y, width, depth } = floor.bounds;
  const lines = Math.ceil(count / across);
  const points: Point[] = [];
  for (let line = 0; line < lines; line++) {
    const shift = setOff && line % 2 ? 0.5 : 0;
    for (let i = 0; i < across && points.length < count; i++) {
      const u = across === 1 ? 0.5 : (i + shift) / (across - (setOff ? 0.5 : 1));
      const v = lines === 1 ? 0.5 : line / (lines - 1);
      const p = floor.nearest(turned ? { x: x + v * width, y: y + u * depth } : { x: x + u * width, y: y + v * depth });
      if (!p) return undefined;
      points.push(p);
    }
  }
  return points;
}

/** A free point drawn at random, or undefined on a floor that has none to be found. */
export function anywhere({ bounds, nearest }: Pick<FreeFloor, 'bounds' | 'nearest'>, random: Rng): Point | undefined {
  for (let tries = 0; tries < 30; tries++) {
    const p = nearest({ x: bounds.x + random.float() * bounds.width, y: bounds.y + random.float() * bounds.depth });
    if (p) return p;
  }
  return undefined;
}

/**
 * No more than this far apart can `count` points of a convex area be: Groemer's bound from its area and rim (Mathematische
 * Zeitschrift, 1960). With a clearance: about what it is on the floor that is left, a guess and no bound.
 */
export function farthest(area: Area, count: number, clearance = 0): number {
  const whole = edgesOf(area.outline).reduce((sum, [p, q]) => sum + distance(p, q), 0);
  // n − 1 = 2A / (√3 d²) + P / (2d), solved for d.
  const a = count - 1;
  const rim = Math.max(whole - 8 * clearance, whole / 20);
  const size = Math.max(areaOf(area.outline) - whole * clearance + 4 * clearance * clearance, (rim * rim) / 400);
  const b = rim / 2;
  const c = (2 / Math.sqrt(3)) * size;
  return (b + Math.sqrt(b * b + 4 * a * c)) / (2 * a);
}

/**
 * The points with those moved that are on another: rows that are brought back onto the floor meet at its edges, and what is on
 * the same spot is never pushed apart. Each goes a `step` further out on a spiral of golden angles.
 */
function parted(points: readonly Point[], floor: FreeFloor, step: number): Point[] {
  const parts: Point[] = [];
  for (const [i, p] of points.entries()) {
    let at = p;
    for (let turn = 1; turn < 12 && parts.some((q) => distance(q, at) < 1e-9); turn++) {
      const angle = (i + turn) * 2.399963;
      at = floor.nearest({ x: p.x + step * turn * Math.cos(angle), y: p.y + step * turn * Math.sin(angle) }) ?? p;
    }
    parts.push(at);
  }
  return parts;
}

/** Free points at least as good as the start: as far apart as the neighbourhood of the start allows, and how far that is. */
function eased(start: readonly Point[], floor: FreeFloor, most: number, guess: number): { spots: Point[]; spacing: number } {
  let spots = parted(start, floor, guess / 4);
  let low = leastDistance(spots);
  let high = most;
  const at = flat(spots);
  let wanted = Math.min(high, Math.max(low * 1.3, guess * 0.93));
  for (let k = 0; k < HALVINGS && high - low > 1e-6 * high; k++) {
    relax(at, wanted, floor, STEPS);
    const free = freed(at, floor);
    const reached = free ? leastDistance(free) : 0;
    if (free && reached > low) {
      low = reached;
      spots = free;
    }
    if (reached >= wanted * (1 - 1e-7)) wanted = high - wanted > 1e-9 ? (wanted + high) / 2 : high;
    else {
      high = wanted;
      wanted = (low + high) / 2;
    }
  }
  return { spots, spacing: low };
}

/** The point moved farthest from all others but `but`, of some tried at random. */
export function hole(spots: readonly Point[], but: number, floor: FreeFloor, random: Rng): Point | undefined {
  let best: Point | undefined;
  let clear = -1;
  for (let tries = 0; tries < 24; tries++) {
    const p = anywhere(floor, random);
    if (!p) continue;
    const least = spots.reduce((d, q, i) => (i === but ? d : Math.min(d, Math.hypot(p.x - q.x, p.y - q.y))), Number.POSITIVE_INFINITY);
    if (least > clear) {
      clear = least;
      best = p;
    }
  }
  return best;
}

/** Starts in rows whose steps are not too unlike each other, lengthwise and across. */
export function rowStarts(floor: FreeFloor, count: number, most = Number.POSITIVE_INFINITY): Point[][] {
  const { width, depth } = floor.bounds;
  const starts: Point[][] = [];
  // The step that squares the floor comes first where not all are wanted.
  const middle = most < count ? Math.max(1, Math.round(Math.sqrt((count * width) / Math.max(depth, 1e-9)))) : 1;
  for (let across = middle; across <= count && starts.length < most; across++) {
    for (const turned of [false, true]) {
      const [along, deep] = turned ? [depth, width] : [width, depth];
      const lines = Math.ceil(count / across);
      const ratio = along / Math.max(1, across - 1) / (deep / Math.max(1, lines - 1));
      if (ratio < 0.45 || ratio > 2.3) continue;
      for (const setOff of [false, true]) {
        const start = rows(floor, count, across, setOff, turned);
        if (start) starts.push(start);
      }
    }
  }
  return starts;
}

/**
 * `count` spots as far apart as can be found, all free by wallClearance, and the least distance between two of them (m, Infinity
 * for one). Fewer where the floor has no room for more than one point. From rows, from chance, and from the best with spots moved
 * into holes, each eased by growing the distance until it no longer fits (after Nurmela & Östergård, Packing up to 50 equal
 * circles in a square, 1997); a fixed amount of work. RangeError for a broken area or a count that is not whole, from 0.
 */
export function spreadSpots(area: Area, count: number): { spots: Point[]; spacing: number } {
  checkArea(area);
  if (!Number.isInteger(count) || count < 0 || count > 5000) throw new RangeError(`invalid count: ${count}`);
  const floor = freeFloor(area);
  const random = seededRng(count * 7919 + 17);
  const first = anywhere(floor, random);
  if (!first || count === 0) return { spots: [], spacing: Number.POSITIVE_INFINITY };
  if (count === 1) return { spots: [roomiest(floor, random) ?? first], spacing: Number.POSITIVE_INFINITY };
  const most = farthest(area, count);
  const guess = farthest(area, count, area.wallClearance);
  let best = { spots: [first], spacing: 0 };
  const keep = (found: { spots: Point[]; spacing: number }) => {
    if (found.spacing > best.spacing * (1 + 1e-9)) best = found;
  };
  const price = (count * count) / 2 + 2 * count * (8 + floor.edges);
  if (count > MOST_SPOTS) {
    for (const start of rowStarts(floor, count, MOST_ROWS)) keep({ spots: start, spacing: leastDistance(start) });
    return best;
  }
  let left = Math.max(8, Math.min(48, Math.round(WORK / (price * HALVINGS * 25))));
  for (const start of rowStarts(floor, count)) {
    if (left-- <= 0) break;
    keep(eased(start, floor, most, guess));
  }
  for (let tries = 0; left > 0; left--, tries++) {
    const hop = tries % 3 !== 0 && best.spots.length === count;
    let start: (Point | undefined)[];
    if (hop) {
      start = [...best.spots];
      const moved = 1 + random.below(Math.max(1, Math.min(3, count >> 2)));
      for (let m = 0; m < moved; m++) {
        const i = random.below(count);
        start[i] = hole(start as Point[], i, floor, random);
      }
    } else start = Array.from({ length: count }, () => anywhere(floor, random));
    if (start.every((p) => p !== undefined)) keep(eased(start as Point[], floor, most, guess));
  }
  if (best.spacing < 1e-6) return { spots: [best.spots[0]], spacing: Number.POSITIVE_INFINITY };
  return best;
}

/** The point with the most room around it, to a centimetre or so. */
function roomiest(floor: FreeFloor, random: Rng): Point | undefined {
  const { x, y, width, depth }: Rect = floor.bounds;
  const middle = floor.nearest({ x: x + width / 2, y: y + depth / 2 });
  let best = middle ?? anywhere(floor, random);
  let room = best ? floor.slack(best) : 0;
  let step = Math.max(width, depth) / 2;
  for (let i = 0; i < 400; i++) {
    if (!best) return undefined;
    const p = { x: best.x + (random.float() - 0.5) * step, y: best.y + (random.float() - 0.5) * step };
    const slack = floor.slack(p);
    if (slack > room + 1e-9) [best, room] = [p, slack];
    else step = Math.max(0.01, step * 0.985);
  }
  return best;
}
