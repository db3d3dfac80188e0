import { seededRng } from '../rng.ts';
import type { Area } from './area.ts';
import { crossingEdges, insidePolygon, type Point, type Polygon, rectPolygon } from './point.ts';

/** Rooms for property tests, the same ones for a seed: rectangles, L- and T-shapes, rooms with slanting walls; posts and benches in them. */
export function generatedRoom(seed: number): Area & { keepOut: Polygon[]; wallClearance: number } {
  const random = seededRng(seed * 2654435 + 7);
  const between = (low: number, high: number) => low + (high - low) * random.float();
  const w = between(8, 30);
  const d = between(7, 22);
  const shapes: (() => Point[])[] = [
    () => rectPolygon({ x: 0, y: 0, width: w, depth: d }),
    () => {
      const [cx, cy] = [between(0.3, 0.7) * w, between(0.3, 0.7) * d];
      return [
        { x: 0, y: 0 },
        { x: w, y: 0 },
        { x: w, y: cy },
        { x: cx, y: cy },
        { x: cx, y: d },
        { x: 0, y: d },
      ];
    },
    () => {
      const [a, b, c] = [between(0.15, 0.35) * w, between(0.65, 0.85) * w, between(0.35, 0.6) * d];
      return [
        { x: a, y: 0 },
        { x: b, y: 0 },
        { x: b, y: c },
        { x: w, y: c },
        { x: w, y: d },
        { x: 0, y: d },
        { x: 0, y: c },
        { x: a, y: c },
      ];
    },
    () => [
      { x: between(0, 0.15) * w, y: between(0, 0.1) * d },
      { x: w, y: between(0, 0.2) * d },
      { x: between(0.85, 1) * w, y: d },
      { x: between(0.4, 0.6) * w, y: between(0.9, 1.1) * d },
      { x: 0, y: between(0.8, 1) * d },
    ],
  ];
  const outline = shapes[random.below(shapes.length)]();
  if (crossingEdges(outline)) throw new Error(`room ${seed} crosses itself`);
  const keepOut: Polygon[] = [];
  for (let i = random.below(4); i > 0; i--) {
    const at = { x: between(0, w), y: between(0, d) };
    if (!insidePolygon(outline, at)) continue;
    const size = random.below(2) ? 0.4 : between(0.6, 2.5);
    keepOut.push(
      random.below(3)
        ? rectPolygon({ ...at, width: size, depth: 0.4 + size / 3 })
        : [at, { x: at.x + size, y: at.y + 0.3 }, { x: at.x + 0.2, y: at.y + size }],
    );
  }
  return { outline, keepOut, wallClearance: random.below(3) ? between(0, 1.2) : 0 };
}
