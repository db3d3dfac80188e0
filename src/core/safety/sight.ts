import { clearLine } from '../geometry/clearLine.ts';
import { boundsOf, distance, edgesOf, insidePolygon, type Point, type Polygon, polygonDistance } from '../geometry/point.ts';
import { type FixedThing, fixedZone, standing } from '../model/fixedThing.ts';
import { footprint, LAID_FACTS, type LaidPiece } from '../model/laidPiece.ts';

/** What is narrower than this both ways is looked round with half a step, as a post is; metres. */
const LOOKED_ROUND_M = 0.6;

/** What the teacher does not see over: standing things and solid pieces that are higher than `overM`, posts left out. */
export function inTheWay(room: { fixed: readonly FixedThing[] }, laid: readonly LaidPiece[], overM: number): Polygon[] {
  const tall = standing(room).filter((f) => f.heightM > overM && Math.max(f.widthM, f.depthM) >= LOOKED_ROUND_M);
  const walls = laid.filter((p) => LAID_FACTS[p.laid].solid && (p.heightM ?? 0) > overM);
  return [...tall.map(fixedZone), ...walls.map(footprint)];
}

/** Degrees beside a corner at which a second look goes past it. */
const PAST = 1e-5;

/** What is seen of a room from a point, as a polygon round it: everything up to the first wall or thing that is in the way. */
export function seenFrom(outline: Polygon, blockers: readonly Polygon[], at: Point): Point[] {
  const edges = [outline, ...blockers].flatMap(edgesOf);
  const angles = edges.flatMap(([p]) => {
    const angle = Math.atan2(p.y - at.y, p.x - at.x);
    return [angle - PAST, angle, angle + PAST];
  });
  return angles
    .sort((a, b) => a - b)
    .map((angle) => {
      const [fx, fy] = [Math.cos(angle), Math.sin(angle)];
      let far = Number.POSITIVE_INFINITY;
      for (const [p, q] of edges) {
        const [sx, sy] = [q.x - p.x, q.y - p.y];
        const cross = fx * sy - fy * sx;
        if (Math.abs(cross) < 1e-12) continue;
        const along = ((p.x - at.x) * sy - (p.y - at.y) * sx) / cross;
        const share = ((p.x - at.x) * fy - (p.y - at.y) * fx) / cross;
        if (along > 1e-9 && share >= -1e-9 && share <= 1 + 1e-9 && along < far) far = along;
      }
      return Number.isFinite(far) ? { x: at.x + fx * far, y: at.y + fy * far } : { x: at.x, y: at.y };
    });
}

/** Which of the points are not seen from any of the spots: a wall or a blocker is in the way. Indexes into `points`. */
export function unseen(outline: Polygon, blockers: readonly Polygon[], spots: readonly Point[], points: readonly Point[]): number[] {
  return points.flatMap((p, i) => (spots.some((s) => clearLine(s, p, outline, blockers)) ? [] : [i]));
}

const LOOK_M = 1;
/** A teacher stands this far from walls and from what stands there, metres. */
const STAND_M = 0.4;

/**
 * A spot from which most of the points are seen, the one nearest to `from` among the best; `taken` is stood clear of. Looks every
 * metre; undefined where no spot sees more than `from` does.
 */
export function betterSpot(
  outline: Polygon,
  blockers: readonly Polygon[],
  taken: readonly Polygon[],
  from: Point,
  points: readonly Point[],
): { spot: Point; seen: number } | undefined {
  const box = boundsOf(outline);
  const sees = (p: Point) => points.length - unseen(outline, blockers, [p], points).length;
  let best = { spot: from, seen: sees(from), far: 0 };
  const before = best.seen;
  for (let x = box.x + 0.5; x < box.x + box.width; x += LOOK_M)
    for (let y = box.y + 0.5; y < box.y + box.depth; y += LOOK_M) {
      const spot = { x, y };
      const far = distance(spot, from);
      if (!insidePolygon(outline, spot)) continue;
      const body = [x - STAND_M, x + STAND_M].flatMap((bx) => [y - STAND_M, y + STAND_M].map((by) => ({ x: bx, y: by })));
      if (body.some((p) => !insidePolygon(outline, p))) continue;
      if (taken.some((k) => polygonDistance([body[0], body[2], body[3], body[1]], k) < 1e-6)) continue;
      const seen = sees(spot);
      if (seen > best.seen || (seen === best.seen && seen > before && far < best.far)) best = { spot, seen, far };
    }
  return best.seen > before ? { spot: best.spot, seen: best.seen } : undefined;
}
