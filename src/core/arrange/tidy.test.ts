import { describe, expect, it } from 'vitest';
import { MILL_GYM, OLD_DINING_HALL, UPPER_YARD } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { boxed } from '../model/boxed.fixture.ts';
import { roomArea } from '../model/room.ts';
import { rectShape } from '../model/shape.ts';
import { unitsInBlock, unitsInRows } from './grid.ts';
import { lanesIn } from './lanesIn.ts';
import { validateShapes } from './validate.ts';

const court = { width: 3.6, depth: 5.4, gap: 1 };

describe('a tidy block', () => {
  it('of five courts stands in aligned rows in the middle of the yard, not in its corners', () => {
    const five = unitsInBlock(roomArea(UPPER_YARD, 1), court, 5);
    expect(five).toHaveLength(5);
    expect(new Set(five.map((c) => c.y)).size).toBe(2);
    expect(new Set(five.map((c) => c.x)).size).toBe(3);
    const width = Math.max(...five.map((c) => c.x)) - Math.min(...five.map((c) => c.x)) + court.width;
    expect(width).toBeLessThan(16);
  });

  it('is clear of walls and everything that stands there, in every room and number, or spreads out as before', () => {
    for (const room of [MILL_GYM, UPPER_YARD, OLD_DINING_HALL])
      for (let count = 1; count <= 12; count++) {
        const area = roomArea(room, 1);
        const units = unitsInBlock(area, court, count);
        const wrong = validateShapes(
          roomArea(room, 0),
          units.map(rectShape),
          units.map(() => 1),
          court.gap,
        );
        expect(wrong, `${room.name}, ${count}`).toEqual([]);
        expect(units.length).toBe(unitsInRows(area, court, count).length);
      }
  });

  it('of lanes has one direction, the one that holds more of them', () => {
    const narrow = {
      ...MILL_GYM,
      outline: [0, 1, 2, 3].map((i) => ({ x: i % 3 ? 20 : 0, y: i > 1 ? 6 : 0 })),
      doors: [],
      fixed: [],
      painted: [],
    };
    const lanes = lanesIn(roomArea(narrow, 0.5), { widthM: 1.5, lengthM: 8, gapM: 0.5 }, 4, 'close');
    expect(lanes.turnedDeg).toBe(90);
    expect(lanes.spots.every((s) => s.width === 8 && s.depth === 1.5)).toBe(true);
    expect(lanesIn(roomArea(MILL_GYM, 1), { widthM: 1.5, lengthM: 8, gapM: 0.5 }, 4, 'close').turnedDeg).toBe(0);
  });
});

describe('stations', () => {
  it('stand along the walls, or close together in rows that one voice reaches', () => {
    const boxes = (spacing: string) =>
      boxed(
        fitUnweighed(demoDesk({ lesson: lessonWith('nine-mills', { spacing }), room: UPPER_YARD })).blocks.find((b) => b.game)!.game!
          .pieces,
      );
    const reach = (spacing: string) => {
      const all = boxes(spacing);
      const [xs, ys] = [all.map((b) => b.x + b.width / 2), all.map((b) => b.y + b.depth / 2)];
      return Math.hypot(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
    };
    expect(boxes('close')).toHaveLength(9);
    expect(reach('close')).toBeLessThan(reach('wide') / 1.8);
    expect(new Set(boxes('close').map((b) => b.y)).size).toBeLessThanOrEqual(3);
  });
});
