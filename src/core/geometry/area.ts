import { areaOf, checkPolygon, type Point, type Polygon } from './point.ts';

/** A floor to arrange on: the room's outline, what is kept free, and how far everything stays from both. */
export interface Area {
  outline: Polygon;
  /** Door swings, posts, bleachers. */
  keepOut?: readonly Polygon[];
  /** Metres from walls and from keepOut; 0 where not given. */
  wallClearance?: number;
}

/** Throws RangeError where the area breaks its shape. */
export function checkArea(area: Area): void {
  checkPolygon('outline', area?.outline);
  for (const polygon of area.keepOut ?? []) checkPolygon('keepOut', polygon);
  const clearance = area.wallClearance ?? 0;
  if (!Number.isFinite(clearance) || clearance < 0) throw new RangeError(`invalid wallClearance: ${clearance}`);
}

/** Square metres of a floor that nothing keeps; clearances left out. */
export function freeM2(area: Area): number {
  return areaOf(area.outline) - (area.keepOut ?? []).reduce((sum, k) => sum + areaOf(k), 0);
}

/** The same floor mirrored at the diagonal: x and y change places. */
export function transposeArea(area: Area): Area {
  const swap = (p: Point): Point => ({ x: p.y, y: p.x });
  return { outline: area.outline.map(swap), keepOut: area.keepOut?.map((k) => k.map(swap)), wallClearance: area.wallClearance };
}
