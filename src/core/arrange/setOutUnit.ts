import type { Placement } from '../geometry/packUnits.ts';
import { edgesOf, type Point } from '../geometry/point.ts';
import { endsOf, facing, footprint, LAID_FACTS, type LaidPiece, laidName, laidThings } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import { type Corners, cornersOf } from './setOut.ts';

/** Something that is set out: what it is called, its marks, and its lines of tape. */
export interface SetOutUnit {
  /** A place's number and title; a piece's title, or its kind where it has none. */
  name: string;
  /** Which of several that are called the same, from 1. */
  nth?: number;
  marks: Corners;
  tape: [Point, Point][];
}

/** What is taped of a piece: its rectangle without the waiting line along its lower edge. */
export function tapedRect(piece: Piece): Placement {
  const line = piece.lineM ?? 0;
  return { x: piece.x, y: piece.y + line, width: piece.width, depth: piece.depth - line, turned: piece.turned };
}

/** The straight lines of tape of a piece: its four sides, and what parts a court's cells. */
export function tapeLines(piece: Piece): [Point, Point][] {
  const rect = tapedRect(piece);
  const sides = edgesOf(Object.values(cornersOf(rect)));
  if (!piece.cells) return sides;
  const rows = Math.ceil(piece.cells / 2);
  const step = rect.depth / rows;
  const across = Array.from({ length: rows - 1 }, (_, r): [Point, Point] => {
    const y = rect.y + step * (r + 1);
    return [
      { x: rect.x, y },
      { x: rect.x + rect.width, y },
    ];
  });
  const middle = rect.x + rect.width / 2;
  const top = rect.y + rect.depth - (piece.cells % 2 ? step : 0);
  return [
    ...sides,
    ...across,
    [
      { x: middle, y: rect.y },
      { x: middle, y: top },
    ],
  ];
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
  if (tape === 'outline') return edgesOf(footprint(piece));
  return tape === 'strip' ? [stripEnds(piece)] : [];
}

/** The marks by which a laid piece is put down: corners of what is taped round, ends of what is straight, the middle of what is round. */
function laidMarks(piece: LaidPiece): Corners {
  const { tape, round } = LAID_FACTS[piece.laid];
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
  const things = laidThings(laid);
  const alike = (p: LaidPiece) => things.filter((q) => laidName(q) === laidName(p));
  return [
    ...pieces.map((p) => ({
      name: `${p.number} ${p.title}`,
      marks: Object.entries(cornersOf(tapedRect(p))) as [keyof ReturnType<typeof cornersOf>, Point][],
      tape: tapeLines(p),
    })),
    ...things.map((p) => ({
      name: laidName(p),
      ...(alike(p).length > 1 && { nth: alike(p).indexOf(p) + 1 }),
      marks: laidMarks(p),
      tape: laidTape(p),
    })),
  ];
}
