import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Area } from './area.ts';
import { type Placement, packUnits } from './packUnits.ts';
import { edgesOf, insidePolygon, type Point, polygonDistance, rectPolygon, segmentDistance } from './point.ts';

const rect = (w: number, d: number): Point[] => rectPolygon({ x: 0, y: 0, width: w, depth: d });
const L: Point[] = [
  { x: 0, y: 0 },
  { x: 18, y: 0 },
  { x: 18, y: 8 },
  { x: 10, y: 8 },
  { x: 10, y: 16 },
  { x: 0, y: 16 },
];
const SLANTED: Point[] = [
  { x: 0, y: 0 },
  { x: 22, y: 1 },
  { x: 20, y: 13 },
  { x: 3, y: 15 },
];

/** Plain distances, nothing shared with the packer: inside, clear, apart. */
function broken(area: Area, units: readonly Placement[], gap: number): string[] {
  const wrong: string[] = [];
  const c = area.wallClearance ?? 0;
  units.forEach((u, i) => {
    const corners = rectPolygon(u);
    const middle = { x: u.x + u.width / 2, y: u.y + u.depth / 2 };
    if (!insidePolygon(area.outline, middle)) wrong.push(`${i} outside`);
    const wall = Math.min(...edgesOf(area.outline).flatMap((w) => edgesOf(corners).map((e) => segmentDistance(e, w))));
    if (wall < c - 1e-6) wrong.push(`${i} wall ${wall}`);
    for (const k of area.keepOut ?? []) if (c > 0 && polygonDistance(corners, k) < c - 1e-6) wrong.push(`${i} keepOut`);
    units.slice(i + 1).forEach((v, j) => {
      const dx = Math.max(v.x - (u.x + u.width), u.x - (v.x + v.width));
      const dy = Math.max(v.y - (u.y + u.depth), u.y - (v.y + v.depth));
      if (Math.max(dx, dy) < gap - 1e-6) wrong.push(`${i} and ${i + j + 1} ${Math.max(dx, dy)}`);
    });
  });
  return wrong;
}

/** The naive twin: whole grids of one orientation at 24 × 24 offsets. */
function bestGrid(area: Area, unit: { width: number; depth: number; gap: number }, turns: boolean): number {
  const c = area.wallClearance ?? 0;
  const box = { w: Math.max(...area.outline.map((p) => p.x)), d: Math.max(...area.outline.map((p) => p.y)) };
  // Shrunk by a hair, so that touching is allowed and cutting is not.
  const fits = (x: number, y: number, w: number, d: number) => {
    const corners = rectPolygon({ x: x + 1e-7, y: y + 1e-7, width: w - 2e-7, depth: d - 2e-7 });
    const near = (polygon: readonly Point[]) =>
      edgesOf(polygon).some((wall) => edgesOf(corners).some((e) => segmentDistance(e, wall) <= Math.max(0, c - 1e-6)));
    if (corners.some((p) => !insidePolygon(area.outline, p)) || near(area.outline)) return false;
    return !(area.keepOut ?? []).some((k) => near(k) || insidePolygon(k, corners[0]) || insidePolygon(corners, k[0]));
  };
  let best = 0;
  for (const [w, d] of turns
    ? [
        [unit.width, unit.depth],
        [unit.depth, unit.width],
      ]
    : [[unit.width, unit.depth]]) {
    for (let i = 0; i < 24; i++) {
      for (let j = 0; j < 24; j++) {
        let count = 0;
        for (let x = (i / 24) * (w + unit.gap); x + w <= box.w; x += w + unit.gap)
          for (let y = (j / 24) * (d + unit.gap); y + d <= box.d; y += d + unit.gap) if (fits(x, y, w, d)) count++;
        best = Math.max(best, count);
      }
    }
  }
  return best;
}

describe('packUnits', () => {
  it('fills a hall exactly as counted by hand', () => {
    expect(packUnits({ outline: rect(26, 15), wallClearance: 1 }, { width: 4, depth: 3, gap: 1 }, { turn: 'never' })).toHaveLength(15);
    expect(packUnits({ outline: rect(10, 10) }, { width: 5, depth: 5, gap: 0 })).toHaveLength(4);
    expect(packUnits({ outline: rect(7, 4) }, { width: 4, depth: 3, gap: 0 })).toHaveLength(2);
    expect(packUnits({ outline: rect(3, 3) }, { width: 4, depth: 3, gap: 0 })).toEqual([]);
  });

  it('mixes orientations where one alone holds fewer', () => {
    const area = { outline: rect(7, 7) };
    const unit = { width: 4, depth: 3, gap: 0 };
    const mixed = packUnits({ outline: rect(8, 7) }, unit);
    expect(mixed.length).toBeGreaterThanOrEqual(4);
    expect(new Set(packUnits({ outline: rect(12, 7) }, unit).map((p) => p.turned)).size).toBe(2);
    expect(packUnits(area, unit).length).toBeGreaterThanOrEqual(bestGrid(area, unit, true));
  });

  it('is never beaten by a plain grid anchored anywhere', () => {
    const post = rectPolygon({ x: 9, y: 6, width: 0.5, depth: 0.5 });
    const areas: Area[] = [
      { outline: rect(26, 15), keepOut: [post], wallClearance: 1 },
      { outline: L, wallClearance: 0.5 },
      { outline: L, keepOut: [post], wallClearance: 0 },
      { outline: SLANTED, wallClearance: 0.7 },
      { outline: SLANTED, keepOut: [post], wallClearance: 0 },
    ];
    for (const area of areas) {
      for (const unit of [
        { width: 4, depth: 3, gap: 1 },
        { width: 2.2, depth: 1.3, gap: 0.4 },
      ]) {
        const packed = packUnits(area, unit);
        expect(broken(area, packed, unit.gap)).toEqual([]);
        expect(packed.length).toBeGreaterThanOrEqual(bestGrid(area, unit, true));
        expect(packUnits(area, unit, { turn: 'never' }).length).toBeGreaterThanOrEqual(bestGrid(area, unit, false));
      }
    }
  });

  it('keeps its promises in 200 generated rooms', () => {
    const room = fc.record({
      w: fc.integer({ min: 60, max: 300 }),
      d: fc.integer({ min: 60, max: 200 }),
      cut: fc.integer({ min: 0, max: 40 }),
      keep: fc.array(
        fc.record({
          x: fc.integer({ min: 0, max: 250 }),
          y: fc.integer({ min: 0, max: 150 }),
          w: fc.integer({ min: 3, max: 40 }),
          d: fc.integer({ min: 3, max: 40 }),
        }),
        { maxLength: 3 },
      ),
      clear: fc.integer({ min: 0, max: 15 }),
      gap: fc.integer({ min: 0, max: 15 }),
      max: fc.option(fc.integer({ min: 1, max: 12 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(room, ({ w, d, cut, keep, clear, gap, max }) => {
        const [W, D, C] = [w / 10, d / 10, cut / 10];
        const outline = [
          { x: 0, y: 0 },
          { x: W, y: 0 },
          { x: W, y: D - C - 0.5 },
          { x: W - C - 0.5, y: D },
          { x: 0, y: D },
        ];
        const area = {
          outline,
          keepOut: keep.map((k) => rectPolygon({ x: k.x / 10, y: k.y / 10, width: k.w / 10, depth: k.d / 10 })),
          wallClearance: clear / 10,
        };
        const unit = { width: 2.6, depth: 1.7, gap: gap / 10 };
        const packed = packUnits(area, unit, { max });
        expect(broken(area, packed, unit.gap)).toEqual([]);
        if (max !== undefined) expect(packed.length).toBe(Math.min(max, packUnits(area, unit).length));
      }),
      { numRuns: 200, seed: 7 },
    );
  });

  it('spreads fewer units wider than the gap asks', () => {
    const area = { outline: rect(26, 15), wallClearance: 1 };
    const four = packUnits(area, { width: 4, depth: 3, gap: 1 }, { max: 4 });
    expect(four).toHaveLength(4);
    expect(broken(area, four, 4)).toEqual([]);
  });

  it('gives the same answer again and leaves its arguments alone', () => {
    const area = Object.freeze({ outline: Object.freeze(L.map((p) => Object.freeze(p))), wallClearance: 0.5 });
    const unit = Object.freeze({ width: 3, depth: 2, gap: 0.5 });
    expect(packUnits(area, unit)).toEqual(packUnits(area, unit));
  });

  it.each([
    [{ outline: rect(5, 5) }, { width: 0, depth: 1, gap: 0 }, {}, 'width'],
    [{ outline: rect(5, 5) }, { width: 1, depth: Number.NaN, gap: 0 }, {}, 'depth'],
    [{ outline: rect(5, 5) }, { width: 1, depth: 1, gap: -1 }, {}, 'gap'],
    [{ outline: rect(5, 5), wallClearance: -1 }, { width: 1, depth: 1, gap: 0 }, {}, 'wallClearance'],
    [{ outline: [{ x: 0, y: 0 }] }, { width: 1, depth: 1, gap: 0 }, {}, 'outline'],
    [
      {
        outline: [
          { x: 0, y: 0 },
          { x: 4, y: 4 },
          { x: 4, y: 0 },
          { x: 0, y: 3 },
        ],
      },
      { width: 1, depth: 1, gap: 0 },
      {},
      'cross',
    ],
    [{ outline: rect(5, 5) }, { width: 1, depth: 1, gap: 0 }, { max: 1.5 }, 'max'],
  ] as [Area, { width: number; depth: number; gap: number }, { max?: number }, string][])(
    'refuses broken arguments by name (%#)',
    (area, unit, options, name) => {
      expect(() => packUnits(area, unit, options)).toThrowError(RangeError);
      expect(() => packUnits(area, unit, options)).toThrowError(name);
    },
  );
});
