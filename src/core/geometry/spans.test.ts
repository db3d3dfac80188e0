import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import type { Area } from './area.ts';
import { freeSpans } from './freeSpans.ts';
import { edgesOf, insidePolygon, type Point, polygonDistance, rectPolygon, segmentDistance } from './point.ts';
import { type RowReading, rowHeights } from './rowHeights.ts';

const AREAS: Area[] = [
  { outline: rectPolygon({ x: 0, y: 0, width: 20, depth: 12 }), wallClearance: 1 },
  {
    outline: rectPolygon({ x: 0, y: 0, width: 20, depth: 12 }),
    keepOut: [rectPolygon({ x: 8, y: 5, width: 0.6, depth: 0.6 })],
    wallClearance: 0.8,
  },
  {
    outline: [
      { x: 0, y: 0 },
      { x: 18, y: 2 },
      { x: 15, y: 13 },
      { x: 2, y: 10 },
    ],
    keepOut: [
      [
        { x: 6, y: 4 },
        { x: 9, y: 5 },
        { x: 7, y: 7 },
      ],
    ],
    wallClearance: 0.5,
  },
  {
    outline: [
      { x: 0, y: 0 },
      { x: 16, y: 0 },
      { x: 16, y: 6 },
      { x: 9, y: 6 },
      { x: 9, y: 14 },
      { x: 0, y: 14 },
    ],
    wallClearance: 0.3,
  },
];

/** The naive twin: may a unit stand with its corner here? Plain distances, nothing shared with the spans. */
function mayStand(area: Area, x: number, y: number, width: number, depth: number): boolean {
  const unit: Point[] = rectPolygon({ x, y, width, depth });
  const c = area.wallClearance ?? 0;
  if (!unit.every((p) => insidePolygon(area.outline, p))) return false;
  const wall = Math.min(...edgesOf(area.outline).flatMap((w) => edgesOf(unit).map((e) => segmentDistance(e, w))));
  return wall >= c && (area.keepOut ?? []).every((k) => polygonDistance(unit, k) >= c && !insidePolygon(unit, k[0]));
}

describe('free spans', () => {
  it('hold exactly the places where a unit may stand', () => {
    const random = seededRng(8);
    let inside = 0;
    let outside = 0;
    for (const area of AREAS) {
      for (let i = 0; i < 700; i++) {
        const [x, y] = [random.float() * 20, random.float() * 14];
        const spans = freeSpans(area, 2.6, 1.7, y);
        const edge = spans.some(([from, to]) => Math.abs(x - from) < 1e-4 || Math.abs(x - to) < 1e-4);
        if (edge) continue;
        const told = spans.some(([from, to]) => x > from && x < to);
        expect(told, `${x} ${y} in ${JSON.stringify(area.outline)}`).toBe(mayStand(area, x, y, 2.6, 1.7));
        told ? inside++ : outside++;
      }
    }
    expect(inside).toBeGreaterThan(400);
    expect(outside).toBeGreaterThan(400);
  });

  it('are in order, apart, and none where nothing fits', () => {
    for (const area of AREAS)
      for (let y = -1; y < 15; y += 0.37) {
        const spans = freeSpans(area, 2, 1, y);
        spans.forEach(([from, to], i) => {
          expect(to).toBeGreaterThanOrEqual(from);
          if (i) expect(from).toBeGreaterThan(spans[i - 1][1]);
        });
      }
    expect(freeSpans(AREAS[0], 30, 1, 3)).toEqual([]);
  });
});

describe('row heights', () => {
  /** A row that holds as many as fit into a triangle's width at that height. */
  const triangle = (y: number): RowReading => {
    const width = 10 - Math.abs(y - 4) * 1.7;
    return { count: Math.max(0, Math.floor(width / 2 + 1e-12)), spans: width > 0 ? [[0, width]] : [] };
  };
  it('are the very edges at which a row holds one more', () => {
    const heights = rowHeights(triangle, 0, 8, [0, 8]).sort((a, b) => a - b);
    for (const n of [2, 3, 4]) {
      const at = 4 - (10 - 2 * n) / 1.7;
      expect(
        heights.some((h) => Math.abs(h - at) < 1e-6),
        `${n} at ${at}`,
      ).toBe(true);
      expect(heights.some((h) => Math.abs(h - (8 - at)) < 1e-6)).toBe(true);
    }
    for (const h of heights) expect(triangle(h).count).toBeGreaterThan(Math.min(triangle(h - 1e-6).count, triangle(h + 1e-6).count));
  });
  it('do not step over a peak between two looks', () => {
    const needle = (y: number): RowReading => {
      const width = 4.001 - Math.abs(y - 3.01234);
      return { count: Math.floor(width), spans: [[0, Math.max(0, width)]] };
    };
    const heights = rowHeights(needle, 0, 8, []);
    expect(heights.some((h) => needle(h).count === 4)).toBe(true);
  });
  it('are none where no row has room', () => {
    expect(rowHeights(triangle, 5, 4, [])).toEqual([]);
  });
});
