import { describe, expect, it } from 'vitest';
import type { Area } from './area.ts';
import { fitSpots } from './fitSpots.ts';
import { freeFloor } from './freeFloor.ts';
import { distance, distanceToSegment, edgesOf, insidePolygon, type Point, rectPolygon } from './point.ts';
import { generatedRoom } from './rooms.fixture.ts';
import { spreadSpots } from './spreadSpots.ts';

const rectangle = (width: number, depth: number, more: Partial<Area> = {}): Area => ({
  outline: rectPolygon({ x: 0, y: 0, width, depth }),
  ...more,
});
/** Metres that a spot lacks of what the area asks, by the plain way: nothing is shared with the search. */
function lacking(area: Area, p: Point): number {
  const near = (polygon: readonly Point[]) => Math.min(...edgesOf(polygon).map((e) => distanceToSegment(p, e)));
  const wall = near(area.outline) * (insidePolygon(area.outline, p) || near(area.outline) < 1e-9 ? 1 : -1);
  const things = (area.keepOut ?? []).map((k) => near(k) * (insidePolygon(k, p) ? -1 : 1));
  return (area.wallClearance ?? 0) - Math.min(wall, ...things);
}
function closest(spots: readonly Point[]): number {
  let least = Number.POSITIVE_INFINITY;
  spots.forEach((p, i) => {
    for (const q of spots.slice(i + 1)) least = Math.min(least, distance(p, q));
  });
  return least;
}

/** Best known least distances of n points in the unit square, n from 2. Source: published tables of packings of equal circles in a square. */
const BEST_KNOWN = [
  Math.SQRT2,
  1.03527618,
  1,
  Math.SQRT1_2,
  0.60092521,
  0.53589838,
  0.51763809,
  0.5,
  0.42127954,
  0.39820731,
  0.38873013,
  0.36609601,
  0.34891526,
  0.34108138,
  0.33333333,
  0.30615399,
  0.3004626,
  0.28954199,
  0.28661165,
  0.27181226,
  0.2679584,
  0.25881905,
  0.2543331,
  0.25,
  0.23873475,
  0.23584953,
  0.23053549,
  0.2268829,
  0.22450296,
  0.2175473,
  0.21308235,
  0.21132838,
  0.20560465,
  0.2027636,
  0.2,
  0.1962381,
  0.1953423,
  0.19436506,
  0.18817552,
];

describe('spreadSpots', () => {
  it('comes near the best known spacing in a square for 2 to 40 spots: 97 % of each, 99 % on average', () => {
    const shares = BEST_KNOWN.map((best, i) => {
      const { spots, spacing } = spreadSpots(rectangle(12, 12, { wallClearance: 1 }), i + 2);
      expect(spots).toHaveLength(i + 2);
      return spacing / (10 * best);
    });
    expect(Math.min(...shares)).toBeGreaterThanOrEqual(0.97);
    expect(Math.max(...shares)).toBeLessThanOrEqual(1 + 1e-6);
    expect(shares.reduce((a, b) => a + b, 0) / shares.length).toBeGreaterThanOrEqual(0.99);
  });

  it('in halls of every shape: never less than rows and columns, nor than rows set off', () => {
    for (const [width, depth] of [
      [26, 15],
      [40, 24],
      [30, 6],
      [18, 17],
    ])
      for (const count of [3, 6, 9, 14, 23, 31, 40]) {
        const { spacing } = spreadSpots(rectangle(width, depth), count);
        let plain = 0;
        for (let rows = 1; rows <= count; rows++) {
          const across = Math.ceil(count / rows);
          const [u, v] = [width / Math.max(1, across - 1), depth / Math.max(1, rows - 1)];
          if (rows > 1 && across > 1) plain = Math.max(plain, Math.min(u, v));
          const half = width / (across - 0.5);
          const rowsApart = Math.min(Math.hypot(half / 2, v), rows > 2 ? 2 * v : Number.POSITIVE_INFINITY);
          if (rows > 1) plain = Math.max(plain, Math.min(across > 1 ? half : rowsApart, rowsApart));
        }
        expect(spacing, `${count} in ${width} × ${depth}`).toBeGreaterThanOrEqual(plain - 1e-6);
      }
  });

  it('keeps every clearance exactly in generated rooms and tells the true spacing', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const area = generatedRoom(seed);
      const count = 2 + (seed % 11);
      const { spots, spacing } = spreadSpots(area, count);
      expect(spots, `room ${seed}`).toHaveLength(count);
      for (const p of spots) expect(lacking(area, p), `room ${seed}`).toBeLessThanOrEqual(1e-6);
      expect(closest(spots)).toBeCloseTo(spacing, 9);
    }
  });

  it('answers the edges: none, one, no room, room for one alone, a corridor', () => {
    expect(spreadSpots(rectangle(10, 10), 0)).toEqual({ spots: [], spacing: Number.POSITIVE_INFINITY });
    const one = spreadSpots(rectangle(10, 10), 1);
    expect(one.spacing).toBe(Number.POSITIVE_INFINITY);
    expect(distance(one.spots[0], { x: 5, y: 5 })).toBeLessThan(0.2);
    expect(spreadSpots(rectangle(10, 2, { wallClearance: 1.2 }), 4).spots).toEqual([]);
    expect(spreadSpots(rectangle(2, 2, { wallClearance: 1 }), 4).spots).toHaveLength(1);
    const corridor = spreadSpots(rectangle(10, 2, { wallClearance: 1 }), 5);
    expect(corridor.spacing).toBeCloseTo(2, 4);
  });

  it('lays out hundreds and thousands in rows, none nearer than the walls allow', () => {
    for (const count of [200, 401, 2000]) {
      const { spots, spacing } = spreadSpots(rectangle(40, 24, { wallClearance: 0.5 }), count);
      expect(spots).toHaveLength(count);
      expect(spacing, `${count}`).toBeGreaterThan(0.75 * Math.sqrt((39 * 23) / count));
      expect(Math.max(...spots.map((p) => lacking(rectangle(40, 24, { wallClearance: 0.5 }), p)))).toBeLessThanOrEqual(1e-6);
    }
  });

  it('gives the same answer again and leaves its argument alone', () => {
    const area = Object.freeze(generatedRoom(5));
    expect(spreadSpots(area, 12)).toEqual(spreadSpots(area, 12));
  });

  it.each([-1, 1.5, Number.NaN, 6000])('refuses a count of %d', (count) => {
    expect(() => spreadSpots(rectangle(9, 9), count)).toThrowError(`invalid count: ${count}`);
  });
});

/** The slow, plain twin: a lattice's free points over 32 × 32 offsets from the outline's corner. */
function latticeTwin(area: Area, spacing: number): number {
  const xs = area.outline.map((p) => p.x);
  const ys = area.outline.map((p) => p.y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  let best = 0;
  const hex = (spacing * Math.sqrt(3)) / 2;
  for (const kind of ['square', 'rows', 'columns']) {
    const rise = kind === 'square' ? spacing : hex;
    for (let i = 0; i < 32; i++)
      for (let j = 0; j < 32; j++) {
        let count = 0;
        const [u0, u1, v0, v1] = kind === 'columns' ? [y0, y1, x0, x1] : [x0, x1, y0, y1];
        for (let r = -2; v0 + r * rise <= v1 + 2 * rise; r++) {
          const v = v0 + (j * rise) / 32 + r * rise;
          const shift = kind !== 'square' && ((r % 2) + 2) % 2 ? spacing / 2 : 0;
          for (let k = -2; u0 + k * spacing <= u1 + 2 * spacing; k++) {
            const u = u0 + (i * spacing) / 32 + shift + k * spacing;
            const p = kind === 'columns' ? { x: v, y: u } : { x: u, y: v };
            if (lacking(area, p) <= 1e-12) count++;
          }
        }
        best = Math.max(best, count);
      }
  }
  return best;
}

describe('spreadSpots around a corner', () => {
  it('finds a spread for every count, though rows over the notch are brought back onto one spot', () => {
    const outline = [0, 0, 12, 0, 12, 6, 6, 6, 6, 10, 0, 10];
    const area = {
      outline: outline.flatMap((x, i) => (i % 2 ? [] : [{ x, y: outline[i + 1] }])),
      wallClearance: 0.5,
      keepOut: [rectangle(1, 1).outline.map((p) => ({ x: p.x + 3, y: p.y + 3 }))],
    };
    for (const count of [38, 39, 40, 49, 57]) {
      const { spots, spacing } = spreadSpots(area, count);
      expect(spots, `${count}`).toHaveLength(count);
      expect(spacing).toBeGreaterThan(0.7);
      expect(closest(spots)).toBeCloseTo(spacing, 9);
    }
  });
});

describe('fitSpots', () => {
  it('finds as many as are known to fit in a square, or one fewer', () => {
    for (const count of [5, 13, 20, 27, 30, 39, 40]) {
      const spacing = 10 * BEST_KNOWN[count - 2] * (1 - 1e-5);
      const spots = fitSpots(rectangle(10, 10), spacing);
      expect(spots.length, `${count} known`).toBeGreaterThanOrEqual(count - 1);
      expect(spots.length).toBeLessThanOrEqual(count);
      expect(closest(spots)).toBeGreaterThanOrEqual(spacing - 1e-6);
    }
  });

  it('holds whatever number a spread reaches at that spacing', () => {
    for (const area of [rectangle(10, 10), rectangle(26, 15, { wallClearance: 1 })])
      for (const count of [8, 17, 29, 38]) {
        const { spacing } = spreadSpots(area, count);
        for (const asked of [spacing]) expect(fitSpots(area, asked).length, `${count}`).toBeGreaterThanOrEqual(count);
      }
  });

  it('is never behind a lattice at any of 32 × 32 offsets, and keeps spacing and clearances, in generated rooms', () => {
    for (let seed = 100; seed < 103; seed++) {
      const area = generatedRoom(seed);
      const spacing = 2.2 + (seed % 5) * 0.6;
      const spots = fitSpots(area, spacing);
      expect(spots.length, `room ${seed}`).toBeGreaterThanOrEqual(latticeTwin(area, spacing));
      expect(closest(spots), `room ${seed}`).toBeGreaterThanOrEqual(spacing - 1e-6);
      for (const p of spots) expect(lacking(area, p), `room ${seed}`).toBeLessThanOrEqual(1e-6);
    }
  });

  it('lays out a whole yard, and answers where there is no room or room for one', () => {
    expect(fitSpots(rectangle(40, 24), 1).length).toBeGreaterThanOrEqual(41 * 25);
    expect(fitSpots(rectangle(10, 2, { wallClearance: 1.2 }), 1)).toEqual([]);
    expect(fitSpots(rectangle(10, 10), 50)).toHaveLength(1);
    expect(fitSpots(rectangle(12, 2, { wallClearance: 1 }), 2)).toHaveLength(6);
  });

  it.each([0, -2, Number.NaN, Number.POSITIVE_INFINITY, 0.01])('refuses a spacing of %d', (spacing) => {
    expect(() => fitSpots(rectangle(9, 9), spacing)).toThrowError(`invalid spacing: ${spacing}`);
  });
});

describe('the free floor', () => {
  it('measures slack as the plain way does, and what is pushed out lands free and near', () => {
    for (let seed = 200; seed < 260; seed++) {
      const area = generatedRoom(seed);
      const floor = freeFloor(area);
      for (let i = 0; i < 40; i++) {
        const p = { x: ((i * 7919 + seed * 31) % 350) / 10 - 2, y: ((i * 104729 + seed * 17) % 260) / 10 - 2 };
        const missing = lacking(area, p);
        if (missing <= 0) expect(floor.slack(p)).toBeCloseTo(-missing, 6);
        else expect(floor.slack(p)).toBeLessThan(1e-9);
        const free = floor.nearest(p);
        if (free) expect(lacking(area, free)).toBeLessThanOrEqual(1e-8);
      }
    }
  });
});
