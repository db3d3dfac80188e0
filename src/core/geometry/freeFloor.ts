import type { Area } from './area.ts';
import { boundsOf, EPS, edgesOf, type Point, type Polygon, type Rect, turnsLeft } from './point.ts';

/** Where a point may lie: inside the outline and outside every keepOut, wallClearance from both. */
export interface FreeFloor {
  /** A rectangle along the axes that holds all free points: the outline's, less the clearance. */
  bounds: Rect;
  /** True where the outline is convex and nothing is kept out. */
  convex: boolean;
  /** Edges that a point is held against: what a look at the floor costs. */
  edges: number;
  /** Metres by which the point keeps more than it must; negative where it lies too near or outside. */
  slack(p: Point): number;
  /** A free point near p (p itself where it is free), or undefined where none was found. */
  nearest(p: Point): Point | undefined;
  /** Adds the square of what is missing of every clearance, times `weight`, and its gradient into `slope` at 2·index. */
  penalty(x: number, y: number, weight: number, slope: Float64Array, index: number): number;
}

/** One boundary: signed distance (positive on the free side) and the direction in which it grows. */
interface Side {
  reach(x: number, y: number): number;
  /** Direction of the last reach. */
  dx: number;
  dy: number;
}

/**
 * Signed distance to a whole polygon's boundary; `free` 1 where its inside is free, −1 where its outside is. Edges lie flat in
 * one array, five numbers each (from x, y, along x, y, one over length²): this is the innermost loop of every search for spots.
 */
function boundary(polygon: Polygon, free: 1 | -1): Side {
  const left = turnsLeft(polygon) ? 1 : -1;
  const edges = new Float64Array(
    edgesOf(polygon).flatMap(([a, b]) => [a.x, a.y, b.x - a.x, b.y - a.y, 1 / ((b.x - a.x) ** 2 + (b.y - a.y) ** 2)]),
  );
  const side: Side = {
    dx: 0,
    dy: 0,
    reach(x, y) {
      let best = Number.POSITIVE_INFINITY;
      let nx = 0;
      let ny = 0;
      let at = 0;
      let inside = false;
      for (let e = 0; e < edges.length; e += 5) {
        const px = x - edges[e];
        const py = y - edges[e + 1];
        const ex = edges[e + 2];
        const ey = edges[e + 3];
        const along = (px * ex + py * ey) * edges[e + 4];
        const t = Math.max(0, Math.min(1, along));
        const qx = px - t * ex;
        const qy = py - t * ey;
        const d2 = qx * qx + qy * qy;
        if (d2 < best) {
          best = d2;
          nx = qx;
          ny = qy;
          at = e;
        }
        // The edge spans the point's height, and the point lies to its left: even-odd rule.
        if (py < 0 !== py < ey && px < (py / ey) * ex) inside = !inside;
      }
      if (best < EPS * EPS) {
        const length = Math.sqrt(1 / edges[at + 4]) * left * free;
        side.dx = -edges[at + 3] / length;
        side.dy = edges[at + 2] / length;
        return 0;
      }
      const d = Math.sqrt(best);
      const sign = inside === free > 0 ? 1 : -1;
      side.dx = (sign * nx) / d;
      side.dy = (sign * ny) / d;
      return sign * d;
    },
  };
  return side;
}

/** The half-plane left of an edge. */
function halfPlane([a, b]: readonly [Point, Point]): Side {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const dx = -(b.y - a.y) / length;
  const dy = (b.x - a.x) / length;
  const offset = dx * a.x + dy * a.y;
  return { dx, dy, reach: (x, y) => dx * x + dy * y - offset };
}

const isConvex = (polygon: Polygon) => {
  const edges = edgesOf(polygon);
  return edges.every(([a, b], i) => {
    const c = edges[(i + 1) % edges.length][1];
    return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) >= -EPS;
  });
};

/** Off by less than this, in metres, a point still counts as free. */
const NEAR = 1e-9;
const PUSHES = 80;

/** What a floor leaves free for points; convex outlines as half-planes, others by their nearest boundary point. */
export function freeFloor(area: Area): FreeFloor {
  const clearance = area.wallClearance ?? 0;
  const outline = turnsLeft(area.outline) ? area.outline : [...area.outline].reverse();
  const convex = isConvex(outline);
  const sides: Side[] = convex ? edgesOf(outline).map(halfPlane) : [boundary(outline, 1)];
  for (const keepOut of area.keepOut ?? []) sides.push(boundary(keepOut, -1));
  const { x, y, width, depth } = boundsOf(outline);
  return {
    bounds: {
      x: x + clearance,
      y: y + clearance,
      width: Math.max(0, width - 2 * clearance),
      depth: Math.max(0, depth - 2 * clearance),
    },
    edges: area.outline.length + (area.keepOut ?? []).reduce((sum, k) => sum + 3 * k.length, 0),
    convex: !area.keepOut?.length && convex,
    slack({ x, y }) {
      let least = Number.POSITIVE_INFINITY;
      for (const side of sides) least = Math.min(least, side.reach(x, y) - clearance);
      return least;
    },
    nearest(p) {
      let { x, y } = p;
      for (let i = 0; i < PUSHES; i++) {
        let missing = -NEAR;
        let [dx, dy] = [0, 0];
        for (const side of sides) {
          const over = side.reach(x, y) - clearance;
          if (over < missing) {
            missing = over;
            [dx, dy] = [side.dx, side.dy];
          }
        }
        if (dx === 0 && dy === 0) return { x, y };
        x -= dx * missing;
        y -= dy * missing;
      }
      return undefined;
    },
    penalty(x, y, weight, slope, index) {
      let sum = 0;
      for (const side of sides) {
        const over = side.reach(x, y) - clearance;
        if (over >= 0) continue;
        sum += weight * over * over;
        slope[2 * index] += 2 * weight * over * side.dx;
        slope[2 * index + 1] += 2 * weight * over * side.dy;
      }
      return sum;
    },
  };
}
