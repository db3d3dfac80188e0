import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../content/demo.ts';
import { polygonsMeet } from '../geometry/point.ts';
import { doorZone } from './door.ts';
import { fixedZone, usualThing } from './fixedThing.ts';
import { Room } from './room.ts';
import { freeDoor, freeSpot, moveDoor, moveFixed, withDiameter } from './roomMoves.ts';

const [door] = MILL_GYM.doors;
const post = usualThing({ id: 'new', name: 'post', thing: 'post', undersideM: 0, xM: 0, yM: 0, widthM: 0.4, depthM: 0.4 });

describe('what stands in a room is moved', () => {
  it('a door to the nearest wall, held on it', () => {
    expect(moveDoor(MILL_GYM, door, { x: 12, y: -1 })).toMatchObject({ wall: 0, atM: 12 - door.widthM / 2 });
    const east = moveDoor(MILL_GYM, door, { x: 27, y: 7 });
    expect(east.wall).toBe(1);
    expect(east.atM).toBeCloseTo(7 - door.widthM / 2, 1);
    expect(moveDoor(MILL_GYM, door, { x: 0.1, y: -0.2 }).atM).toBe(0);
    expect(Room.safeParse({ ...MILL_GYM, doors: [moveDoor(MILL_GYM, door, { x: 99, y: 99 })] }).success).toBe(true);
    expect(
      moveDoor(
        {
          outline: [
            { x: 0, y: 0 },
            { x: 1, y: 0 },
            { x: 0, y: 1 },
          ],
        },
        door,
        { x: 5, y: 5 },
      ),
    ).toBe(door);
  });

  it('a thing by its middle, held inside', () => {
    expect(moveFixed(MILL_GYM, post, { x: 10.02, y: 5 })).toMatchObject({ xM: 9.8, yM: 4.8 });
    expect(moveFixed(MILL_GYM, post, { x: -3, y: 99 })).toMatchObject({ xM: 0, yM: 14.6 });
  });

  it('new things lie in free space, near where they were meant', () => {
    const zones = [...MILL_GYM.doors.map((d) => doorZone(MILL_GYM, d)), ...MILL_GYM.fixed.map(fixedZone)];
    for (const meant of [
      ...MILL_GYM.fixed.map((f) => ({ ...post, xM: f.xM, yM: f.yM })),
      { ...post, xM: 20, yM: 10, widthM: 4, depthM: 2 },
    ]) {
      const placed = freeSpot(MILL_GYM, meant);
      expect(
        zones.some((zone) => polygonsMeet(zone, fixedZone(placed))),
        placed.name,
      ).toBe(false);
      expect(Room.safeParse({ ...MILL_GYM, fixed: [...MILL_GYM.fixed, placed] }).success).toBe(true);
    }
    expect(freeSpot(MILL_GYM, { ...post, xM: 20, yM: 10 })).toMatchObject({ xM: 20, yM: 10 });
    const full = { ...post, widthM: 25.9, depthM: 14.9 };
    expect(freeSpot(MILL_GYM, full)).toEqual(full);
  });

  it('a new door is on a stretch of wall without one', () => {
    const doors = [door];
    for (let i = 0; i < 10; i++) doors.push(freeDoor({ ...MILL_GYM, doors }, { ...door, id: `d${i}` }));
    for (const [i, a] of doors.entries())
      for (const b of doors.slice(i + 1)) expect(a.wall !== b.wall || a.atM + a.widthM <= b.atM || b.atM + b.widthM <= a.atM).toBe(true);
    expect(Room.safeParse({ ...MILL_GYM, doors }).success).toBe(true);
  });

  it('a round thing has one diameter, its middle stays', () => {
    expect(withDiameter({ ...post, xM: 10, yM: 5 }, 1)).toMatchObject({ xM: 9.7, yM: 4.7, widthM: 1, depthM: 1 });
  });
});
