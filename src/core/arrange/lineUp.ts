import { boundsOf, type Point, type Polygon } from '../geometry/point.ts';

/** How several pieces are brought in line. */
export const LINE_UPS = ['west', 'east', 'south', 'north', 'across', 'along'] as const;
export type LineUp = (typeof LINE_UPS)[number];

/**
 * How far each of several pieces moves to stand in line: their edges on that side, or their middles on one line across (same y)
 * or along the room's depth (same x); on what the outermost, or the mean of the middles, already stands.
 */
export function lineUp(outlines: readonly Polygon[], to: LineUp): Point[] {
  const boxes = outlines.map(boundsOf);
  const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  const west = Math.min(...boxes.map((b) => b.x));
  const east = Math.max(...boxes.map((b) => b.x + b.width));
  const south = Math.min(...boxes.map((b) => b.y));
  const north = Math.max(...boxes.map((b) => b.y + b.depth));
  const x = mean(boxes.map((b) => b.x + b.width / 2));
  const y = mean(boxes.map((b) => b.y + b.depth / 2));
  return boxes.map((b) => {
    if (to === 'west') return { x: west - b.x, y: 0 };
    if (to === 'east') return { x: east - b.x - b.width, y: 0 };
    if (to === 'south') return { x: 0, y: south - b.y };
    if (to === 'north') return { x: 0, y: north - b.y - b.depth };
    return to === 'across' ? { x: 0, y: y - b.y - b.depth / 2 } : { x: x - b.x - b.width / 2, y: 0 };
  });
}

/** How far each piece moves so that the gaps between them are equal along x or along y; the outermost two stay. */
export function spaceEvenly(outlines: readonly Polygon[], along: 'x' | 'y'): Point[] {
  const boxes = outlines.map((outline, index) => {
    const box = boundsOf(outline);
    return { index, low: along === 'x' ? box.x : box.y, size: along === 'x' ? box.width : box.depth };
  });
  const sorted = [...boxes].sort((a, b) => a.low + a.size / 2 - b.low - b.size / 2 || a.index - b.index);
  const [first, last] = [sorted[0], sorted[sorted.length - 1]];
  const inner = sorted.slice(1, -1).reduce((sum, b) => sum + b.size, 0);
  const gap = (last.low - first.low - first.size - inner) / Math.max(1, sorted.length - 1);
  const moves = outlines.map(() => ({ x: 0, y: 0 }));
  let at = first.low + first.size + gap;
  for (const box of sorted.slice(1, -1)) {
    moves[box.index] = along === 'x' ? { x: at - box.low, y: 0 } : { x: 0, y: at - box.low };
    at += box.size + gap;
  }
  return moves;
}
