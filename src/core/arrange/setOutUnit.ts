import type { Placement } from '../geometry/packUnits.ts';
import { boundsOf, distance, edgesOf, type Point, type Rect } from '../geometry/point.ts';
import { endsOf, facing, footprint, LAID_FACTS, type LaidPiece, laidName, laidThings } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import { boxOf, outlineOf, stretchesOf } from '../model/shape.ts';
import { paintedMetres } from './paintedMetres.ts';
import type { Corners } from './setOut.ts';

/** Something that is set out: what it is called, its marks, and its lines of tape. */
export interface SetOutUnit {
  /** A place's number and title; a piece's title, or its kind where it has none. */
  name: string;
  /** Which of several that are called the same, from 1. */
  nth?: number;
  marks: Corners;
  tape: [Point, Point][];
}

/** Lines of tape in metres: what is painted there already needs none. */
export function tapeNeeded(lines: readonly (readonly [Point, Point])[], room: Pick<Room, 'painted'>): { tapeM: number; paintedM: number } {
  const paintedM = paintedMetres(lines, room);
  return { paintedM, tapeM: lines.reduce((sum, [a, b]) => sum + distance(a, b), 0) - paintedM };
}

/** The straight lines of tape of a place's own outline; none if only what lies inside it marks it. */
export const tapeLines = ({ shape, taped }: Pick<Piece, 'shape' | 'taped'>): [Point, Point][] =>
  !taped ? [] : shape.shape === 'path' ? stretchesOf(shape) : edgesOf(outlineOf(shape));

/** The box that a place is lined up by: its taped outline's, else that of the largest thing taped around inside it, else its own. */
export function tapedBox(piece: Pick<Piece, 'id' | 'shape' | 'taped'>, things: readonly LaidPiece[]): Placement {
  const around = things.filter((t) => t.of === piece.id && !t.bare && LAID_FACTS[t.laid].tape === 'outline');
  const boxes = piece.taped ? [] : around.map((t) => boundsOf(footprint(t)));
  const box = boxes.reduce<Rect | undefined>((best, b) => (best && best.width * best.depth >= b.width * b.depth ? best : b), undefined);
  return { ...(box ?? boxOf(piece.shape)), turned: 0 };
}

/** The marks by which a place is put down: the corners of its outline, four of them if it has four; of a circle its middle and one point of its edge. */
function pieceMarks({ shape, taped }: Piece): Corners {
  if (!taped) return [];
  if (shape.shape === 'circle')
    return [
      ['A', { x: shape.x, y: shape.y }],
      ['B', { x: shape.x + shape.radiusM, y: shape.y }],
    ];
  const letters = ['A', 'B', 'C', 'D'] as const;
  return outlineOf(shape).map((p, i) => [letters[i % 4], p] as const);
}

/** The two ends of what is straight: a waiting line lies along its direction, everything else across it. */
function stripEnds(piece: LaidPiece): [Point, Point] {
  if (piece.laid === 'waiting-line') return endsOf(piece);
  const { x, y } = facing(piece);
  const half = piece.widthM / 2;
  return [
    { x: piece.x - y * half, y: piece.y + x * half },
    { x: piece.x + y * half, y: piece.y - x * half },
  ];
}

/** What is taped of a laid piece: its sides, a strip, or nothing. */
export function laidTape(piece: LaidPiece): [Point, Point][] {
  const { tape } = LAID_FACTS[piece.laid];
  if (piece.bare) return [];
  if (tape === 'outline') return edgesOf(footprint(piece));
  return tape === 'strip' ? [stripEnds(piece)] : [];
}

/** The marks by which a laid piece is put down: corners of what is taped round, ends of what is straight, the middle of what is round. */
export function laidMarks(piece: LaidPiece): Corners {
  const { tape, round } = LAID_FACTS[piece.laid];
  if (piece.bare || piece.laid === 'position') return [];
  if (round) return [['A', { x: piece.x, y: piece.y }]];
  if (tape === 'outline') {
    const [a, b, c, d] = footprint(piece);
    return [
      ['A', a],
      ['B', b],
      ['C', c],
      ['D', d],
    ];
  }
  const [a, b] = stripEnds(piece);
  return [
    ['A', a],
    ['B', b],
  ];
}

/** Everything of a block that is set out: its places, then what is laid beside them; people are not. */
export function setOutUnits(pieces: readonly Piece[], laid: readonly LaidPiece[]): SetOutUnit[] {
  const things = laidThings(laid).filter((p) => laidMarks(p).length || laidTape(p).length);
  /** A thing without a title is named after its place as well. */
  const nameOf = (p: LaidPiece) => {
    const owner = p.title ? undefined : pieces.find((piece) => piece.id === p.of);
    return owner ? `${owner.number} ${owner.title}, ${laidName(p)}` : laidName(p);
  };
  const alike = (p: LaidPiece) => things.filter((q) => nameOf(q) === nameOf(p));
  return [
    ...pieces.filter((p) => p.taped).map((p) => ({ name: `${p.number} ${p.title}`, marks: pieceMarks(p), tape: tapeLines(p) })),
    ...things.map((p) => ({
      name: nameOf(p),
      ...(alike(p).length > 1 && { nth: alike(p).indexOf(p) + 1 }),
      marks: laidMarks(p),
      tape: laidTape(p),
    })),
  ];
}
