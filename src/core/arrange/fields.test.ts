import { describe, expect, it } from 'vitest';
import { ROOMS } from '../../content/demo.ts';
import { roomArea } from '../model/room.ts';
import { lengthOf, rectShape, type Shape } from '../model/shape.ts';
import { seededRng } from '../rng.ts';
import { fieldIn } from './fieldIn.ts';
import { loopInside } from './loopInside.ts';
import { sidesOf } from './sidesOf.ts';
import { validateShapes } from './validate.ts';

/** Rooms with a few things more in them, by a seed. */
const crowded = (seed: number) => {
  const random = seededRng(seed);
  const room = ROOMS[seed % ROOMS.length];
  const taken = Array.from({ length: random.below(4) }, () => {
    const at = { x: 3 + random.below(18), y: 2 + random.below(9) };
    return [at, { x: at.x + 1.5, y: at.y }, { x: at.x + 1.5, y: at.y + 1.5 }, { x: at.x, y: at.y + 1.5 }];
  });
  return { room, taken };
};

describe('a loop inside a room', () => {
  it('keeps clear with its whole width, is as long as asked, and closes', () => {
    let found = 0;
    for (let seed = 0; seed < 24; seed++) {
      const { room, taken } = crowded(seed);
      for (const spacing of ['close', 'wide'] as const) {
        const points = loopInside(roomArea(room, 1, taken), 1.4, 18, spacing);
        if (!points) continue;
        found += 1;
        const shape: Shape = { shape: 'path', points, widthM: 1.4, closed: true };
        expect(lengthOf(shape)).toBeGreaterThanOrEqual(18 - 1e-9);
        expect(validateShapes(roomArea(room, 0, taken), [shape], [0.6], 0), `seed ${seed} ${spacing}`).toEqual([]);
      }
    }
    expect(found).toBeGreaterThan(30);
  });

  it('is short and near if close, long if wide, and is none if there is no floor for it', () => {
    const area = roomArea(ROOMS[1], 1);
    const length = (spacing: 'close' | 'wide') => lengthOf({ points: loopInside(area, 1.4, 30, spacing)!, closed: true });
    expect(length('close')).toBeLessThan(34);
    expect(length('wide')).toBeGreaterThan(80);
    expect(loopInside(area, 1.4, 500, 'wide')).toBeUndefined();
  });
});

describe('a field in a room', () => {
  it('is free of everything, and of no more square metres than asked', () => {
    for (let seed = 0; seed < 24; seed++) {
      const { room, taken } = crowded(seed);
      const field = fieldIn(roomArea(room, 1.5, taken))!;
      expect(validateShapes(roomArea(room, 0, taken), [rectShape(field)], [1.5 - 1e-6], 0), `seed ${seed}`).toEqual([]);
      const small = fieldIn(roomArea(room, 1.5, taken), 60)!;
      expect(small.width * small.depth).toBeLessThan(60 + 5);
      expect(Math.max(small.width, small.depth) / Math.min(small.width, small.depth)).toBeLessThan(3);
    }
  });

  it('is parted among two to four sides of one size, apart by the neutral strip, inside it', () => {
    const field = { x: 2, y: 1, width: 18, depth: 12 };
    for (const count of [2, 3, 4]) {
      const sides = sidesOf(field, count, 2);
      expect(new Set(sides.map((s) => (s.width * s.depth).toFixed(6))).size).toBe(1);
      expect(
        validateShapes(
          { outline: [0, 1, 2, 3].map((i) => ({ x: i % 3 ? 20 : 2, y: i > 1 ? 13 : 1 })) },
          sides.map(rectShape),
          sides.map(() => 0),
          2,
        ),
      ).toEqual([]);
    }
    expect(sidesOf(field, 2, 2).map((s) => s.facesDeg)).toEqual([90, 270]);
    expect(sidesOf({ ...field, width: 8 }, 2, 2).map((s) => s.facesDeg)).toEqual([0, 180]);
  });
});
