import type { Area } from '../geometry/area.ts';
import {
  boxDistance,
  distanceToSegment,
  edgesOf,
  insidePolygon,
  type Polygon,
  polygonDistance,
  type Rect,
  rectPolygon,
  segmentDistance,
} from '../geometry/point.ts';
import { partsOf, type Shape } from '../model/shape.ts';

const isPlainRect = (shape: Shape): shape is Extract<Shape, { shape: 'rect' }> => shape.shape === 'rect' && shape.turnedDeg === 0;

export interface Trouble {
  kind: 'outside' | 'near' | 'close';
  unit: number;
  /** The other unit (close), or the index of the keepOut (near; −1 for a wall). */
  other: number;
  /** Metres found and metres wanted. */
  found: number;
  wanted: number;
}

/** Shortest distance from a rectangle's edges to a wall of the outline, metres; it may stand on either side of it. */
export function wallDistance(area: Area, unit: Rect): number {
  const corners = rectPolygon(unit);
  const edges = edgesOf(corners);
  let least = Number.POSITIVE_INFINITY;
  for (const wall of edgesOf(area.outline)) {
    if (boxDistance(corners, wall) >= least) continue;
    for (const edge of edges) least = Math.min(least, segmentDistance(edge, wall));
  }
  return least;
}

/** True where a corner lies outside the outline by more than `slack` metres. */
const strays = (area: Area, unit: Rect, slack: number) =>
  rectPolygon(unit).some(
    (c) => !insidePolygon(area.outline, c) && edgesOf(area.outline).every((wall) => distanceToSegment(c, wall) > slack),
  );

/** Metres that a rectangle inside the room has free to the nearest wall or keepOut. */
export function roomAround(area: Area, unit: Rect): number {
  const corners = rectPolygon(unit);
  return (area.keepOut ?? []).reduce(
    (least, zone) => (boxDistance(corners, zone) >= least ? least : Math.min(least, polygonDistance(corners, zone))),
    wallDistance(area, unit),
  );
}

/** Free metres between two rectangles: the larger of the gaps along x and along y; negative where they overlap. */
export function gapBetween(a: Rect, b: Rect): number {
  const along = (p: number, w: number, q: number, v: number) => Math.max(q - (p + w), p - (q + v));
  return Math.max(along(a.x, a.width, b.x, b.width), along(a.y, a.depth, b.y, b.depth));
}

/** Shortest distance between two shapes, metres; two rectangles that are not turned: the larger of their gaps along x and along y. */
export function shapesApart(a: Shape, b: Shape): number {
  if (isPlainRect(a) && isPlainRect(b)) return gapBetween(a, b);
  let least = Number.POSITIVE_INFINITY;
  for (const p of partsOf(a)) for (const q of partsOf(b)) least = Math.min(least, polygonDistance(p, q));
  return least;
}

/** Faults of one polygon of a place: it leaves the area, or comes too near to a wall or to a keepOut. */
function partTroubles(area: Area, part: Polygon, unit: number, wanted: number, slack: number): Trouble[] {
  const walls = edgesOf(area.outline);
  const near = (kind: 'outside' | 'near', other: number, found: number): Trouble => ({ kind, unit, other, found, wanted });
  const out = part.some((c) => !insidePolygon(area.outline, c) && walls.every((wall) => distanceToSegment(c, wall) > slack));
  if (out) return [near('outside', -1, 0)];
  const edges = edgesOf(part);
  const wall = Math.min(...walls.map((w) => Math.min(...edges.map((e) => segmentDistance(e, w)))));
  const things = (area.keepOut ?? []).flatMap((zone, z) => {
    if (boxDistance(part, zone) >= wanted - slack && wanted > slack) return [];
    const found = polygonDistance(part, zone);
    return found < wanted - slack ? [near('near', z, found)] : [];
  });
  return wall < wanted - slack ? [near('near', -1, wall), ...things] : things;
}

/**
 * Everything that is wrong with a layout of any shapes, as `validateLayout` says it of rectangles. A path is right if each of its
 * stretches is; of several troubles with one thing the worst is given.
 */
export function validateShapes(area: Area, shapes: readonly Shape[], clearance: readonly number[], gap: number, slack = 1e-4): Trouble[] {
  if (shapes.every(isPlainRect)) return validateLayout(area, shapes, clearance, gap, slack);
  return shapes.flatMap((shape, i): Trouble[] => {
    const found = partsOf(shape).flatMap((part) => partTroubles(area, part, i, clearance[i], slack));
    const worst = found.filter((t, k) =>
      found.every((o, j) => j === k || o.kind !== t.kind || o.other !== t.other || o.found > t.found || (o.found === t.found && j > k)),
    );
    const outside = worst.find((t) => t.kind === 'outside');
    const close = shapes.slice(i + 1).flatMap((other, k): Trouble[] => {
      const apart = shapesApart(shape, other);
      return apart < gap - slack ? [{ kind: 'close', unit: i, other: i + 1 + k, found: apart, wanted: gap }] : [];
    });
    return [...(outside ? [outside] : worst), ...close];
  });
}

/**
 * Everything that is wrong with a layout: the one validator, and the tests' oracle. `clearance[i]` is what unit i wants from
 * walls and keepOut, `gap` what any two want between them; a tenth of a millimetre is forgiven to the teacher's fingers.
 */
export function validateLayout(area: Area, units: readonly Rect[], clearance: readonly number[], gap: number, slack = 1e-4): Trouble[] {
  const troubles: Trouble[] = [];
  units.forEach((unit, i) => {
    const wall = wallDistance(area, unit);
    if (strays(area, unit, slack)) troubles.push({ kind: 'outside', unit: i, other: -1, found: 0, wanted: clearance[i] });
    else if (wall < clearance[i] - slack) troubles.push({ kind: 'near', unit: i, other: -1, found: wall, wanted: clearance[i] });
    (area.keepOut ?? []).forEach((zone, z) => {
      // Most zones are far away, which their bounds tell at once.
      if (boxDistance(rectPolygon(unit), zone) >= clearance[i] - slack && clearance[i] > slack) return;
      const found = polygonDistance(rectPolygon(unit), zone);
      if (found < clearance[i] - slack) troubles.push({ kind: 'near', unit: i, other: z, found, wanted: clearance[i] });
    });
    for (let j = i + 1; j < units.length; j++) {
      const found = gapBetween(unit, units[j]);
      if (found < gap - slack) troubles.push({ kind: 'close', unit: i, other: j, found, wanted: gap });
    }
  });
  return troubles;
}
