import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../content/demo.ts';
import { areaOf, boundsOf, crossingEdges, distance, edgesOf } from '../geometry/point.ts';
import { generatedRoom } from '../geometry/rooms.fixture.ts';
import { parted } from './curtain.ts';
import { fixedZone, usualThing } from './fixedThing.ts';
import { paintedLines } from './painted.ts';
import { clippedLine, partRoom } from './partRoom.ts';
import { newHeader } from './record.ts';
import { Room, rectangleOutline } from './room.ts';

const line = (ax: number, ay: number, bx: number, by: number) => ({ a: { x: ax, y: ay }, b: { x: bx, y: by } });

describe('a curtain', () => {
  const hall = rectangleOutline(20, 12);
  it('parts a hall in two whose areas make the whole, the left one first', () => {
    const [left, right] = parted(hall, line(8, 0, 8, 12))!;
    expect(areaOf(left.outline)).toBeCloseTo(96, 9);
    expect(areaOf(right.outline)).toBeCloseTo(144, 9);
    expect(left.wallOf.filter((w) => w === -1)).toHaveLength(1);
    const [north] = parted(hall, line(0, 4, 20, 4))!;
    expect(areaOf(north.outline)).toBeCloseTo(160, 9);
  });

  it('may hang in corners', () => {
    const parts = parted(hall, line(0, 0, 20, 12))!;
    expect(parts.map((p) => areaOf(p.outline))).toEqual([120, 120]);
    expect(parts.map((p) => p.outline.length)).toEqual([3, 3]);
  });

  it('must reach from wall to wall through the room', () => {
    expect(parted(hall, line(8, 0, 8, 11))).toBeUndefined();
    expect(parted(hall, line(2, 0, 9, 0))).toBeUndefined();
    const ell = [
      { x: 0, y: 0 },
      { x: 18, y: 0 },
      { x: 18, y: 7 },
      { x: 10, y: 7 },
      { x: 10, y: 13 },
      { x: 0, y: 13 },
    ];
    expect(parted(ell, line(18, 5, 10, 12))).toBeUndefined();
    expect(parted(ell, line(10, 7, 10, 0))!.map((p) => areaOf(p.outline))).toEqual([56, 130]);
  });

  it('parts generated rooms without losing or crossing anything', () => {
    let tried = 0;
    for (let seed = 1; seed <= 60; seed++) {
      const { outline } = generatedRoom(seed);
      const walls = edgesOf(outline);
      for (let j = 1; j < walls.length; j++) {
        const middle = ([p, q]: (typeof walls)[number]) => ({ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 });
        const parts = parted(outline, { a: middle(walls[0]), b: middle(walls[j]) });
        if (!parts) continue;
        tried += 1;
        expect(areaOf(parts[0].outline) + areaOf(parts[1].outline), `seed ${seed}`).toBeCloseTo(areaOf(outline), 6);
        for (const p of parts) expect(crossingEdges(p.outline)).toBeUndefined();
      }
    }
    expect(tried).toBeGreaterThan(60);
  });
});

describe('a part of a room', () => {
  const [curtain] = MILL_GYM.curtains;
  const made = ([0, 1] as const).map((side) =>
    Room.parse({ ...newHeader('room', 3), id: `part-${side}`, ...partRoom(MILL_GYM, curtain, side)! }),
  );
  it('is a sound room of its own at the origin, the curtain one of its walls', () => {
    for (const part of made) {
      expect(boundsOf(part.outline)).toMatchObject({ x: 0, y: 0, depth: 15 });
      expect(part.walls.filter((w) => w === 'curtain')).toHaveLength(1);
      const length = edgesOf(part.outline).find((_, i) => part.walls[i] === 'curtain')!;
      expect(distance(...length)).toBeCloseTo(15, 6);
      expect(part.partOf).toBe('mill-gym');
    }
    expect(made.map((p) => boundsOf(p.outline).width)).toEqual([14, 12]);
    expect(made[0].name).toBe('Mill Gym, the half by the stage');
    expect(made[0].outline[0]).toEqual({ x: 0, y: 0 });
    expect(made.map((p) => p.walls)).toEqual([
      ['padded', 'curtain', 'bare', 'bare'],
      ['padded', 'bare', 'bare', 'curtain'],
    ]);
  });

  it('has the doors, things and paint that lie in it, where they lie', () => {
    expect(made[0].doors.map((d) => d.id)).toEqual(['south']);
    expect(made[1].doors.map((d) => d.id)).toEqual(['north']);
    expect(made[0].fixed.map((f) => f.id)).toEqual(['stage', 'bleacher']);
    expect(made[1].fixed.find((f) => f.id === 'bleacher')).toMatchObject({ xM: 0, widthM: 2.6 });
    expect(made[1].fixed.find((f) => f.id === 'post')).toMatchObject({ xM: 5.4, yM: 7.3 });
    const metres = (room: Pick<Room, 'painted'>) => room.painted.flatMap(paintedLines).reduce((sum, l) => sum + distance(...l), 0);
    expect(metres(made[0]) + metres(made[1])).toBeCloseTo(metres(MILL_GYM), 0);
    for (const part of made)
      for (const [a, b] of part.painted.flatMap(paintedLines))
        for (const p of [a, b]) {
          expect(p.x).toBeGreaterThan(-0.002);
          expect(p.x).toBeLessThan(boundsOf(part.outline).width + 0.002);
        }
  });

  it('keeps of a line what lies inside', () => {
    const square = rectangleOutline(4, 4);
    expect(
      clippedLine(
        [
          { x: -2, y: 1 },
          { x: 6, y: 1 },
        ],
        square,
      ),
    ).toEqual([
      [
        { x: 0, y: 1 },
        { x: 4, y: 1 },
      ],
    ]);
    expect(
      clippedLine(
        [
          { x: 1, y: 1 },
          { x: 3, y: 3 },
        ],
        square,
      ),
    ).toHaveLength(1);
    expect(
      clippedLine(
        [
          { x: 5, y: 1 },
          { x: 6, y: 3 },
        ],
        square,
      ),
    ).toEqual([]);
  });
});

describe('a fixed thing', () => {
  it('takes more floor drawn out, and all round what is round', () => {
    const bleacher = usualThing({ id: 'b', name: 'b', thing: 'bleacher', xM: 4, yM: 0, widthM: 6, depthM: 0.8, undersideM: 0 });
    const drawn = { ...bleacher, opens: { to: 'north' as const, byM: 2.2, open: true } };
    expect(areaOf(fixedZone(bleacher))).toBeCloseTo(4.8, 9);
    expect(areaOf(fixedZone(drawn))).toBeCloseTo(18, 9);
    expect(areaOf(fixedZone({ ...drawn, opens: { ...drawn.opens, open: false } }))).toBeCloseTo(4.8, 9);
    const tree = usualThing({ id: 't', name: 't', thing: 'tree', xM: 4, yM: 4, widthM: 1, depthM: 1, undersideM: 0 });
    expect(areaOf(fixedZone(tree))).toBeGreaterThan(Math.PI / 4);
    expect(areaOf(fixedZone(tree))).toBeLessThan(Math.PI / 4 + 0.03);
  });
});
