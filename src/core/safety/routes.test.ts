import { describe, expect, it } from 'vitest';
import { type Point, type Rect, rectPolygon } from '../geometry/point.ts';
import { seededRng } from '../rng.ts';
import { routesAround, widestRoutes } from './routes.ts';

const hall = rectPolygon({ x: 0, y: 0, width: 16, depth: 10 });
const START = { x: 1, y: 0.5 };
const MOST = 1.7;

/** The naive twin: a field of its own for each place, made with all the others as solids. */
const oneByOne = (outline: readonly Point[], solids: readonly (readonly Point[])[], places: readonly Rect[]) =>
  places.map((place, i) =>
    widestRoutes(outline, [...solids, ...places.toSpliced(i, 1).map((p) => rectPolygon(p))], START, MOST).widthToArea(rectPolygon(place)),
  );

/** Places at random, some on one another, some with gaps of half a meter between them. */
function crowd(seed: number): { places: Rect[]; solids: Point[][] } {
  const random = seededRng(seed);
  const at = (least: number, more: number) => least + random.below(more * 20) / 20;
  const rect = (most: number): Rect => ({ x: at(0, 13), y: at(1.2, 7), width: at(0.8, most), depth: at(0.8, most) });
  return {
    places: Array.from({ length: 3 + random.below(9) }, () => rect(3)),
    solids: Array.from({ length: random.below(3) }, () => rectPolygon(rect(1))),
  };
}

describe('routes to every place around the others', () => {
  it('are as wide as if each were asked for alone, in crowded halls', () => {
    let narrow = 0;
    for (let seed = 1; seed <= 30; seed++) {
      const { places, solids } = crowd(seed);
      const found = routesAround(hall, solids, places, START, MOST);
      oneByOne(hall, solids, places).forEach((width, i) => void expect(found[i], `seed ${seed}, place ${i}`).toBeCloseTo(width, 4));
      narrow += found.filter((w) => w > 0.1 && w < 1.5).length;
    }
    expect(narrow, 'many are really narrow').toBeGreaterThan(30);
  });

  it('lead through the gap that another place leaves, and nowhere through a wall of places', () => {
    const wall = [0, 1, 2, 3, 4].map((k): Rect => ({ x: 6, y: 2 * k, width: 2, depth: 2 }));
    const far: Rect = { x: 12, y: 4, width: 2, depth: 2 };
    expect(routesAround(hall, [], [...wall, far], START, MOST)[5]).toBeLessThan(0.06);
    const gap = wall.map((p, k) => (k === 2 ? { ...p, y: 4.9, depth: 1.1 } : p));
    expect(Math.abs(routesAround(hall, [], [...gap, far], START, MOST)[5] - 0.9)).toBeLessThan(0.07);
  });

  it('start at the door even if a place was put over it', () => {
    const over: Rect = { x: 0, y: 0, width: 3, depth: 2 };
    const [at, beyond] = routesAround(hall, [], [over, { x: 10, y: 5, width: 2, depth: 2 }], START, MOST);
    expect(at).toBeCloseTo(MOST, 2);
    expect(beyond).toBeCloseTo(MOST, 2);
  });
});
