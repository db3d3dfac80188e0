import { describe, expect, it } from 'vitest';
import { areaOf, crossingEdges, distanceToSegment, edgesOf } from '../geometry/point.ts';
import { type Door, doorZone } from './door.ts';
import { addCorner, asRectangle, cutCorner, isRectangle, moveCorner, removeCorner } from './outline.ts';
import { rectangleOutline, type WallKind } from './room.ts';

const door = (wall: number, atM: number, id = 'd'): Door => ({
  id,
  name: id,
  wall,
  atM,
  widthM: 2,
  clearM: 1,
  swing: 'outwards',
  exit: true,
});
/** Every wall of its own kind: the test sees which wall is which. */
const walls: WallKind[] = ['padded', 'glass', 'bare', 'open side'];
const hall = { outline: rectangleOutline(20, 12), walls, doors: [door(0, 15), door(1, 1, 'e'), door(3, 8, 'w')] };

/** Where a door's middle stands in the room. */
const middle = (shape: { outline: { x: number; y: number }[]; doors: Door[] }, id: string) => {
  const d = shape.doors.find((x) => x.id === id)!;
  const [a, b] = doorZone(shape, { ...d, clearM: 0 });
  return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
};

describe('an outline', () => {
  it('is a rectangle or not', () => {
    expect(isRectangle(hall.outline)).toBe(true);
    expect(isRectangle(moveCorner(hall, 2, { x: 20, y: 11 }).outline)).toBe(false);
    expect(isRectangle(addCorner(hall, 0).outline)).toBe(false);
  });

  it('gains a corner: every door stays where it stood', () => {
    for (let corner = 0; corner < 4; corner++) {
      const more = addCorner(hall, corner);
      expect(more.outline).toHaveLength(5);
      expect(areaOf(more.outline)).toBeCloseTo(240, 9);
      expect(more.walls).toEqual(walls.toSpliced(corner, 0, walls[corner]));
      for (const { id } of hall.doors) {
        expect(middle(more, id).x, `${id} after ${corner}`).toBeCloseTo(middle(hall, id).x, 6);
        expect(middle(more, id).y, `${id} after ${corner}`).toBeCloseTo(middle(hall, id).y, 6);
      }
    }
  });

  it('loses it again, and is as before', () => {
    for (let corner = 0; corner < 4; corner++) {
      const back = removeCorner(addCorner(hall, corner), corner + 1);
      expect(back.outline).toEqual(hall.outline);
      expect(back.walls).toEqual(walls);
      for (const d of back.doors) expect(d.wall).toBe(hall.doors.find((x) => x.id === d.id)!.wall);
    }
    expect(() => removeCorner({ outline: hall.outline.slice(0, 3), walls: walls.slice(0, 3), doors: [] }, 1)).toThrowError(
      'three corners are the least',
    );
  });

  it('is cut to an L at any corner: its area less the cut, no wall crossing, doors not on the cut where they stood', () => {
    for (let corner = 0; corner < 4; corner++) {
      const cut = cutCorner(hall, corner, 4, 3)!;
      expect(cut.outline).toHaveLength(6);
      expect(areaOf(cut.outline)).toBeCloseTo(240 - 12, 6);
      expect(crossingEdges(cut.outline)).toBeUndefined();
      expect(cut.walls.filter((kind) => kind !== 'bare')).toHaveLength(3);
      edgesOf(cut.outline).forEach(([a], wall) => {
        // A wall of its own kind still begins on the line of the wall that it was.
        const was = walls.indexOf(cut.walls[wall]);
        if (cut.walls[wall] !== 'bare') expect(distanceToSegment(a, edgesOf(hall.outline)[was])).toBeCloseTo(0, 6);
      });
      const walls2 = edgesOf(cut.outline);
      for (const d of cut.doors) {
        const [a, b] = walls2[d.wall];
        expect(d.atM + d.widthM).toBeLessThanOrEqual(Math.hypot(b.x - a.x, b.y - a.y) + 1e-6);
      }
    }
    const north = cutCorner(hall, 2, 4, 3)!;
    for (const id of ['d', 'e', 'w']) expect(middle(north, id)).toEqual(middle(hall, id));
    expect(cutCorner(hall, 1, 25, 3)).toBeUndefined();
    expect(cutCorner(hall, 1, 4, 0)).toBeUndefined();
  });

  it('keeps the main door wall first when its own corner is cut', () => {
    const cut = cutCorner(hall, 0, 4, 3)!;
    expect(cut.outline[0]).toEqual({ x: 3, y: 0 });
    expect(cut.outline[1]).toEqual({ x: 20, y: 0 });
    expect(middle(cut, 'd')).toEqual(middle(hall, 'd'));
  });

  it('moves doors with a wall that grows shorter, narrows them, and drops one that has no room left', () => {
    const small = asRectangle(hall, 9, 12);
    expect(small.doors.find((d) => d.id === 'd')).toMatchObject({ atM: 7, widthM: 2 });
    const tiny = moveCorner({ outline: rectangleOutline(20, 3), walls, doors: [door(1, 0.5)] }, 2, { x: 20, y: 1 });
    expect(tiny.doors[0]).toMatchObject({ atM: 0, widthM: 1 });
    expect(moveCorner({ outline: rectangleOutline(20, 3), walls, doors: [door(1, 0.5)] }, 2, { x: 20, y: 0.3 }).doors).toEqual([]);
  });
});
