import { describe, expect, it } from 'vitest';
import { areaOf, insidePolygon, type Point, rectPolygon } from '../geometry/point.ts';
import { generatedRoom } from '../geometry/rooms.fixture.ts';
import { newLaid } from '../model/laidPiece.ts';
import { freeAhead } from './lanes.ts';
import { widestRoutes } from './routes.ts';
import { betterSpot, seenFrom, unseen } from './sight.ts';

const hall = rectPolygon({ x: 0, y: 0, width: 20, depth: 10 });
const box = (x: number, y: number, width: number, depth: number) => rectPolygon({ x, y, width, depth });

describe('sight', () => {
  it('of an empty convex room is all of it; a thing hides what is behind it', () => {
    expect(areaOf(seenFrom(hall, [], { x: 7, y: 3 }))).toBeCloseTo(200, 3);
    // From the middle of the west wall a wall of 2 m at half way hides a trapezoid of (2 + 4) / 2 × 10 m behind it.
    const seen = seenFrom(hall, [box(10, 4, 0.001, 2)], { x: 0.0001, y: 5 });
    expect(areaOf(seen)).toBeCloseTo(200 - 30, 1);
  });
  it('and the list of what is hidden agree in generated rooms', () => {
    let looked = 0;
    for (let seed = 1; seed <= 40; seed++) {
      const room = generatedRoom(seed);
      const { x, y } = room.outline[0];
      const points = Array.from(
        { length: 40 },
        (_, i): Point => ({ x: x + ((i * 7.31) % 24) + 0.123, y: y + ((i * 3.77) % 13) + 0.217 }),
      ).filter((p) => insidePolygon(room.outline, p) && !room.keepOut?.some((k) => insidePolygon(k, p)));
      const [at, ...others] = points;
      if (!at) continue;
      const seen = seenFrom(room.outline, room.keepOut ?? [], at);
      const hidden = new Set(unseen(room.outline, room.keepOut ?? [], [at], others));
      others.forEach((p, i) => {
        looked += 1;
        expect(insidePolygon(seen, p), `seed ${seed}, point ${i}`).toBe(!hidden.has(i));
      });
    }
    expect(looked).toBeGreaterThan(400);
  });
  it('a better spot sees what is asked, stands free, and none is told where all is seen', () => {
    const wall = box(10, 3, 0.2, 7);
    const points = [
      { x: 15, y: 8 },
      { x: 5, y: 8 },
    ];
    const better = betterSpot(hall, [wall], [wall], { x: 4, y: 8 }, points)!;
    expect(better.seen).toBe(2);
    expect(unseen(hall, [wall], [better.spot], points)).toEqual([]);
    expect(betterSpot(hall, [], [], { x: 4, y: 8 }, points)).toBeUndefined();
  });
});

describe('ways', () => {
  it.each([0.7, 0.915, 1.2, 1.4])('a gap of %d m between two walls is that wide, wherever it lies', (gap) => {
    for (const off of [0, 0.07, 0.13, 0.2]) {
      const solids = [box(10, -1, 0.3, 5 + off), box(10, 4 + off + gap, 0.3, 12)];
      const ways = widestRoutes(hall, solids, { x: 2, y: 5 }, 1.7);
      expect(Math.abs(ways.widthTo({ x: 15, y: 5 }) - gap), `${gap} at ${off}`).toBeLessThan(0.06);
      expect(ways.widthTo({ x: 4, y: 5 })).toBeCloseTo(1.7, 2);
    }
  });
  it('none leads to what is shut in', () => {
    const ways = widestRoutes(hall, [box(10, -1, 0.3, 12)], { x: 2, y: 5 }, 1.7);
    expect(ways.widthTo({ x: 15, y: 5 })).toBeLessThan(0.06);
    expect(ways.widthToArea(box(14, 3, 2, 2))).toBeLessThan(0.06);
  });
  it('takes the wider of two', () => {
    const solids = [box(10, -1, 0.3, 3), box(10, 2.9, 0.3, 3), box(10, 7.2, 0.3, 5)];
    expect(Math.abs(widestRoutes(hall, solids, { x: 2, y: 2.4 }, 1.7).widthTo({ x: 15, y: 2.4 }) - 1.3)).toBeLessThan(0.06);
  });
});

describe('ahead of a lane', () => {
  it('is the nearest of walls and things over its whole breadth', () => {
    const lane = { ...newLaid('lane', 'l', { x: 5, y: 3 }), widthM: 2, lengthM: 4 };
    expect(freeAhead(lane, hall, [])).toMatchObject({ metres: 5, wall: 2 });
    expect(freeAhead(lane, hall, [box(5.8, 7, 1, 1)])).toMatchObject({ metres: 2, thing: 0 });
    expect(freeAhead(lane, hall, [box(6.1, 7, 1, 1)])).toMatchObject({ metres: 5, wall: 2 });
    expect(freeAhead({ ...lane, turnedDeg: 90 }, hall, []).metres).toBeCloseTo(13, 9);
  });
});
