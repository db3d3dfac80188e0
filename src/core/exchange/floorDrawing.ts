import { laidTape, tapeLines } from '../arrange/setOutUnit.ts';
import { boundsOf, byWall, type Point, type Rect } from '../geometry/point.ts';
import { clearDepth, doorZone } from '../model/door.ts';
import { fixedZone } from '../model/fixedThing.ts';
import { footprint, LAID_FACTS, type LaidPiece, laidName, laidThings } from '../model/laidPiece.ts';
import { paintedPaths } from '../model/painted.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import { boxOf, meetingPoint } from '../model/shape.ts';

/** The layers of an exported floor, in drawing order. */
export const LAYERS = ['room', 'doors', 'fixed', 'painted', 'tape', 'pieces', 'marks', 'names'] as const;
export type LayerName = (typeof LAYERS)[number];

/** A run of straight lines in metres, closed where it comes back. */
export interface DrawnPath {
  layer: LayerName;
  points: readonly Point[];
  closed: boolean;
}
export interface DrawnText {
  layer: LayerName;
  at: Point;
  text: string;
  /** Height of its letters, metres. */
  sizeM: number;
}
/** A floor as lines and words in room metres, ready for any file: nothing private can enter it. */
export interface FloorDrawing {
  name: string;
  bounds: Rect;
  paths: DrawnPath[];
  texts: DrawnText[];
}

const MARK_M = 0.12;

/** Where a place's name begins: just below its label point if it has one, else left of its middle. */
function nameAt({ label, shape }: Piece): Point {
  if (label) return { x: label.x, y: label.y - 0.4 };
  const at = meetingPoint(shape);
  return { x: at.x - boxOf(shape).width * 0.4, y: at.y };
}

/** The room with what is planned on it: outline, doors, fixed things, paint, tape, numbered marks, names of places. */
export function floorDrawing(
  room: Room,
  pieces: readonly Piece[],
  marks: readonly { number: number; at: Point }[],
  laid: readonly LaidPiece[] = [],
): FloorDrawing {
  const things = laidThings(laid);
  const doors = room.doors.map((door): DrawnPath => {
    const at = byWall(room.outline, door.wall);
    const closed = clearDepth(door) > 0;
    return { layer: 'doors', points: closed ? doorZone(room, door) : [at(door.atM, 0), at(door.atM + door.widthM, 0)], closed };
  });
  const cross = (p: Point): DrawnPath[] =>
    [1, -1].map((s) => ({
      layer: 'marks',
      points: [
        { x: p.x - MARK_M, y: p.y - s * MARK_M },
        { x: p.x + MARK_M, y: p.y + s * MARK_M },
      ],
      closed: false,
    }));
  return {
    name: room.name,
    bounds: boundsOf(room.outline),
    paths: [
      { layer: 'room', points: room.outline, closed: true },
      ...doors,
      ...room.fixed.map((thing): DrawnPath => ({ layer: 'fixed', points: fixedZone(thing), closed: true })),
      ...room.painted.flatMap(paintedPaths).map((points): DrawnPath => ({ layer: 'painted', points, closed: false })),
      ...pieces.flatMap(tapeLines).map((points): DrawnPath => ({ layer: 'tape', points, closed: false })),
      ...things.flatMap(laidTape).map((points): DrawnPath => ({ layer: 'tape', points, closed: false })),
      ...things
        .filter((p) => LAID_FACTS[p.laid].tape === 'none' && p.laid !== 'position')
        .map((p): DrawnPath => ({ layer: 'pieces', points: footprint(p), closed: true })),
      ...marks.flatMap((m) => cross(m.at)),
    ],
    texts: [
      ...room.fixed.map((t): DrawnText => ({ layer: 'names', at: { x: t.xM, y: t.yM + t.depthM + 0.1 }, text: t.name, sizeM: 0.3 })),
      ...pieces.map(
        (p): DrawnText => ({
          layer: 'names',
          at: nameAt(p),
          text: `${p.number} ${p.title}`,
          sizeM: 0.4,
        }),
      ),
      ...things
        .filter((p) => !LAID_FACTS[p.laid].part || p.laid === 'position')
        .map(
          (p): DrawnText => ({
            layer: 'names',
            at: { x: p.x - p.widthM / 2, y: p.y + p.lengthM / 2 + 0.1 },
            text: laidName(p),
            sizeM: 0.2,
          }),
        ),
      ...marks.map((m): DrawnText => ({ layer: 'marks', at: { x: m.at.x + 0.15, y: m.at.y + 0.15 }, text: String(m.number), sizeM: 0.25 })),
    ],
  };
}
