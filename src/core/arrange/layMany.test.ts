import { describe, expect, it } from 'vitest';
import { fitSpots } from '../geometry/fitSpots.ts';
import { distance, insidePolygon, type Point, polygonDistance, rectPolygon } from '../geometry/point.ts';
import { generatedRoom } from '../geometry/rooms.fixture.ts';
import { endsOf, footprint, newLaid } from '../model/laidPiece.ts';
import { ARRANGEMENTS, layMany, leastGap, onCircle, widestCircle } from './layMany.ts';
import { lineUp, spaceEvenly } from './lineUp.ts';
import { wallDistance } from './validate.ts';

const hall = { outline: rectPolygon({ x: 0, y: 0, width: 26, depth: 15 }), wallClearance: 1 };
const SIZES = { widthM: 0.75, lengthM: 0.75 };

/** Corners of everything laid, as pieces of that size. */
const outlines = (laid: readonly (Point & { turnedDeg: number })[], size = SIZES) =>
  laid.map((l, i) => footprint({ ...newLaid('hoop', `h${i}`, l, l.turnedDeg), ...size }));

describe('laying out several', () => {
  it.each(ARRANGEMENTS)('%s: every one inside, clear of walls and of what is in the way, none on another', (how) => {
    for (let seed = 1; seed <= 25; seed++) {
      const room = generatedRoom(seed);
      const area = { outline: room.outline, keepOut: room.keepOut, wallClearance: 0.5 };
      const laid = layMany(area, SIZES, how, 7, how === 'side-by-side' ? 0.4 : 1.6);
      expect(laid.length).toBeLessThanOrEqual(7);
      for (const corners of outlines(laid)) {
        for (const c of corners) expect(insidePolygon(room.outline, c), `${how} ${seed}`).toBe(true);
        for (const k of room.keepOut ?? []) expect(polygonDistance(corners, k), `${how} ${seed}`).toBeGreaterThan(0.5 - 1e-6);
      }
      if (how === 'spaced' || how === 'row') expect(leastGap(laid), `${how} ${seed}`).toBeGreaterThan(1.6 - 1e-6);
    }
  });

  it('spaced: all that can be found where as many are asked for, none where the floor ends first', () => {
    const small = { outline: rectPolygon({ x: 0, y: 0, width: 9, depth: 7 }), wallClearance: 0 };
    const middles = { ...small, wallClearance: Math.hypot(0.75, 0.75) / 2 };
    const most = fitSpots(middles, 2.4).length;
    expect(most).toBeGreaterThan(8);
    for (const count of [1, most - 1, most, most + 5]) {
      const laid = layMany(small, SIZES, 'spaced', count, 2.4);
      expect(laid, `${count}`).toHaveLength(Math.min(count, most));
      if (count > 1) expect(leastGap(laid)).toBeGreaterThan(2.4 - 1e-6);
    }
  });

  it('a ring stands 2·r·sin(π/n) apart, all facing its middle', () => {
    const circle = widestCircle({ ...hall, wallClearance: 1 })!;
    expect(circle.radius).toBeCloseTo(6.5, 2);
    for (const n of [3, 8, 16]) {
      const ring = onCircle(circle, circle.radius, n);
      expect(leastGap(ring)).toBeCloseTo(2 * circle.radius * Math.sin(Math.PI / n), 6);
      for (const at of ring) {
        const [, far] = endsOf({ ...newLaid('lane', 'l', at, at.turnedDeg), lengthM: 2 * circle.radius });
        expect(distance(far, circle)).toBeLessThan(1e-6);
      }
    }
  });

  it('lanes lie side by side in one direction, the one that holds more', () => {
    const long = layMany(hall, { widthM: 1.5, lengthM: 20 }, 'side-by-side', 30, 0.5);
    expect(long.length).toBe(6);
    expect(new Set(long.map((l) => l.turnedDeg))).toEqual(new Set([90]));
    const short = layMany(hall, { widthM: 1.5, lengthM: 8 }, 'side-by-side', 6, 0.5);
    expect(short).toHaveLength(6);
    expect(new Set(short.map((l) => l.turnedDeg)).size).toBe(1);
  });

  it('spread lies further apart than a row or a ring; none where nothing is free', () => {
    const spread = layMany(hall, SIZES, 'spread', 12, 1);
    expect(spread).toHaveLength(12);
    expect(leastGap(spread)).toBeGreaterThan(leastGap(layMany(hall, SIZES, 'ring', 12, 1)));
    const tiny = { outline: rectPolygon({ x: 0, y: 0, width: 3, depth: 3 }), wallClearance: 2 };
    for (const how of ARRANGEMENTS) expect(layMany(tiny, SIZES, how, 5, 1), how).toEqual([]);
  });
});

describe('a piece', () => {
  it('turned takes the same floor turned: quarter turns swap its sides, its direction points along it', () => {
    const lane = { ...newLaid('lane', 'l', { x: 10, y: 5 }, 90), widthM: 1.5, lengthM: 8 };
    expect(footprint(lane).map((p) => [Math.round(p.x * 100) / 100, Math.round(p.y * 100) / 100])).toEqual([
      [6, 5.75],
      [6, 4.25],
      [14, 4.25],
      [14, 5.75],
    ]);
    expect(endsOf(lane)[1].x).toBeCloseTo(14, 9);
    const askew = footprint({ ...lane, turnedDeg: 30 });
    expect(distance(askew[0], askew[1])).toBeCloseTo(1.5, 9);
    expect(distance(askew[1], askew[2])).toBeCloseTo(8, 9);
    expect(wallDistance(hall, { x: 9, y: 4, width: 2, depth: 2 })).toBe(4);
  });
});

describe('several in line', () => {
  const rects = [
    { x: 1, y: 2, width: 2, depth: 1 },
    { x: 9, y: 3, width: 1, depth: 2 },
    { x: 4, y: 5, width: 3, depth: 1 },
  ].map(rectPolygon);
  const moved = (moves: Point[]) => rects.map((r, i) => ({ x: r[0].x + moves[i].x, y: r[0].y + moves[i].y }));
  it('by an edge or by their middles', () => {
    expect(moved(lineUp(rects, 'west')).map((p) => p.x)).toEqual([1, 1, 1]);
    expect(moved(lineUp(rects, 'east')).map((p) => p.x)).toEqual([8, 9, 7]);
    expect(moved(lineUp(rects, 'north')).map((p) => p.y)).toEqual([5, 4, 5]);
    const middles = moved(lineUp(rects, 'across')).map((p, i) => p.y + (rects[i][2].y - rects[i][0].y) / 2);
    for (const m of middles) expect(m).toBeCloseTo(middles[0], 9);
  });
  it('evenly: equal gaps, the outermost stay, whatever order they were chosen in', () => {
    const at = moved(spaceEvenly(rects, 'x'));
    expect([at[0].x, at[1].x]).toEqual([1, 9]);
    expect(at[2].x - (at[0].x + 2)).toBeCloseTo(at[1].x - (at[2].x + 3), 9);
    expect(at.map((p) => p.y)).toEqual([2, 3, 5]);
  });
});
