import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import type { Area } from './area.ts';
import { bestGrid, broken, cornerOff, cutAgain, postAt } from './packing.fixture.ts';
import { packRows } from './packRows.ts';
import { packUnits } from './packUnits.ts';
import { type Point, rectPolygon } from './point.ts';

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

  it('keeps its promises in 200 generated rooms, row by row in all and with the search for more in thirty', () => {
    let searched = 30;
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
        for (const pack of [packRows, ...(searched-- > 0 ? [packUnits] : [])]) {
          const packed = pack(area, unit, { max });
          expect(broken(area, packed, unit.gap)).toEqual([]);
          if (max !== undefined) expect(packed.length).toBe(Math.min(max, pack(area, unit).length));
        }
      }),
      { numRuns: 200, seed: 7 },
    );
  });

  it('holds 18 and 8 in two rooms whose rows, whichever way, hold 16 and 7', () => {
    const first = { outline: cornerOff(8, 9, 3, 3), keepOut: [postAt(3, 4)] };
    const second = { outline: cornerOff(9, 8, 4, 2), keepOut: [postAt(6, 2), postAt(1, 2)] };
    for (const [area, unit, count] of [
      [first, { width: 2, depth: 1, gap: 0.5 }, 18],
      [second, { width: 3, depth: 1.5, gap: 0.5 }, 8],
    ] as const) {
      const packed = packUnits(area, unit);
      expect(packed.length).toBeGreaterThanOrEqual(count);
      expect(broken(area, packed, unit.gap)).toEqual([]);
      expect(packUnits(area, unit, { max: count - 1 })).toHaveLength(count - 1);
    }
  });

  it('is never beaten by cutting the room in two again and again, in generated rooms with corners off and posts', () => {
    const random = seededRng(15);
    for (let room = 0; room < 14; room++) {
      const half = (least: number, more: number) => least + random.below(more) / 2;
      const [w, d] = [half(6, 8), half(6, 8)];
      const outline = cornerOff(w, d, half(1, 5), half(1, 5));
      const keepOut = Array.from({ length: random.below(3) }, () => postAt(half(0.5, 2 * w - 5), half(0.5, 2 * d - 5)));
      const unit = { width: half(1.5, 4), depth: half(1, 3), gap: random.below(2) / 2 };
      for (const turn of ['any', 'never'] as const) {
        const packed = packUnits({ outline, keepOut }, unit, { turn });
        expect(broken({ outline, keepOut }, packed, unit.gap)).toEqual([]);
        expect(packed.length, `room ${room}, ${turn}`).toBeGreaterThanOrEqual(cutAgain({ outline, keepOut }, w, d, unit, turn));
      }
    }
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
