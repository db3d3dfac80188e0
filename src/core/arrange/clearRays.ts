import type { Area } from '../geometry/area.ts';
import { edgesOf, type Rect, rectPolygon } from '../geometry/point.ts';

export interface Ray {
  side: 'east' | 'west' | 'north' | 'south';
  /** Free metres from the unit's edge. */
  metres: number;
  /** What the ray meets: a wall, a fixed thing or door zone (keepOut index), or another unit (index). */
  meets: { kind: 'wall' | 'fixed' | 'unit'; index: number };
  /** Where the ray starts, on the middle of the unit's edge. */
  from: { x: number; y: number };
  to: { x: number; y: number };
}

/** Distance along a horizontal ray from (x, y) to the right at which it meets a segment, or Infinity. */
function hit(x: number, y: number, a: { x: number; y: number }, b: { x: number; y: number }): number {
  if (a.y > y === b.y > y) return Number.POSITIVE_INFINITY;
  const at = a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x);
  return at >= x - 1e-9 ? at - x : Number.POSITIVE_INFINITY;
}

const TURNS = {
  east: (p: { x: number; y: number }) => ({ x: p.x, y: p.y }),
  west: (p: { x: number; y: number }) => ({ x: -p.x, y: p.y }),
  north: (p: { x: number; y: number }) => ({ x: p.y, y: p.x }),
  south: (p: { x: number; y: number }) => ({ x: -p.y, y: p.x }),
} as const;
const BACK = {
  east: TURNS.east,
  west: TURNS.west,
  north: TURNS.north,
  south: (p: { x: number; y: number }) => ({ x: p.y, y: -p.x }),
} as const;

/** From the middle of each edge of a unit straight out: how many metres are free, and what comes then. */
export function clearRays(area: Area, unit: Rect, others: readonly Rect[]): Ray[] {
  const starts = {
    east: { x: unit.x + unit.width, y: unit.y + unit.depth / 2 },
    west: { x: unit.x, y: unit.y + unit.depth / 2 },
    north: { x: unit.x + unit.width / 2, y: unit.y + unit.depth },
    south: { x: unit.x + unit.width / 2, y: unit.y },
  };
  return (['east', 'west', 'north', 'south'] as const).map((side) => {
    const start = TURNS[side](starts[side]);
    let best: { metres: number; meets: Ray['meets'] } = { metres: Number.POSITIVE_INFINITY, meets: { kind: 'wall', index: -1 } };
    const meet = (polygon: readonly { x: number; y: number }[], meets: Ray['meets']) => {
      for (const [a, b] of edgesOf(polygon)) {
        const metres = hit(start.x, start.y + 1e-7, TURNS[side](a), TURNS[side](b));
        if (metres < best.metres) best = { metres, meets };
      }
    };
    meet(area.outline, { kind: 'wall', index: -1 });
    (area.keepOut ?? []).forEach((zone, index) => {
      meet(zone, { kind: 'fixed', index });
    });
    others.forEach((other, index) => {
      meet(rectPolygon(other), { kind: 'unit', index });
    });
    const metres = Number.isFinite(best.metres) ? best.metres : 0;
    return { side, metres, meets: best.meets, from: starts[side], to: BACK[side]({ x: start.x + metres, y: start.y }) };
  });
}
