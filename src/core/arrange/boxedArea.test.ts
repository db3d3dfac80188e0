import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../content/demo.ts';
import { insidePolygon } from '../geometry/point.ts';
import { roomArea } from '../model/room.ts';
import { boxBetween, boxedArea } from './boxedArea.ts';
import { layMany } from './layMany.ts';

const area = roomArea(MILL_GYM, 0.2);

describe('a box on the floor', () => {
  it('is drawn from any corner, in whole 10 cm', () => {
    expect(boxBetween({ x: 5.04, y: 2 }, { x: 1, y: 6.26 })).toEqual({ x: 1, y: 2, width: 4, depth: 4.3 });
  });

  it('is cut at the walls, and is none outside or over a corner of the outline', () => {
    expect(boxedArea(area, { x: -5, y: -5, width: 8, depth: 9 })?.outline).toEqual([
      { x: 0, y: 0 },
      { x: 3, y: 0 },
      { x: 3, y: 4 },
      { x: 0, y: 4 },
    ]);
    expect(boxedArea(area, { x: 30, y: 0, width: 2, depth: 2 })).toBeUndefined();
    const l = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 4 },
      { x: 4, y: 4 },
      { x: 4, y: 10 },
      { x: 0, y: 10 },
    ];
    expect(boxedArea({ ...area, outline: l }, { x: 1, y: 1, width: 6, depth: 6 })).toBeUndefined();
    expect(boxedArea({ ...area, outline: l }, { x: 1, y: 1, width: 2, depth: 6 })).toBeDefined();
  });

  it('holds everything that is laid out in it', () => {
    const box = boxedArea(area, { x: 12, y: 6, width: 6, depth: 5 })!;
    const laid = layMany(box, { widthM: 0.25, lengthM: 0.25 }, 'spread', 8, 1.5);
    expect(laid).toHaveLength(8);
    for (const at of laid) expect(insidePolygon(box.outline, at)).toBe(true);
  });
});
