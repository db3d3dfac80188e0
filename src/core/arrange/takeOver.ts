import { boundsOf, millimetres, type Point } from '../geometry/point.ts';
import type { Edit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import type { Piece } from '../model/piece.ts';
import { boxOf } from '../model/shape.ts';
import { type FloorThing, floorChange, onOldTape } from './floorChange.ts';

/** Places put on tape that is on the floor already: the edits, and the metres of tape that need not be laid. */
export interface TakenOver {
  edits: Edit[];
  savedM: number;
}

/**
 * The edits that put a block's places on tape of the floor before, each to the place of its size that is nearest in all;
 * undefined if there is none. `after`: the things of the block as it is, for which `tapeInM` of tape are laid.
 */
export function takeOver(
  block: { id: string; pieces: readonly Piece[] },
  before: readonly FloorThing[],
  after: readonly FloorThing[],
  { door, tapeInM }: { door: Point; tapeInM: number },
): TakenOver | undefined {
  const pieceOf = (thing: FloorThing) => block.pieces.find((p) => p.id === (thing.of ?? thing.id));
  // Of a place that is several things of tape the first one leads, and the rest goes with it.
  const moves = onOldTape(before, after).filter((m, i, all) => {
    const piece = pieceOf(after[m.after]);
    return piece && all.findIndex((o) => pieceOf(after[o.after]) === piece) === i;
  });
  if (!moves.length) return undefined;
  const shift = (move: { before: number; after: number }) => {
    const [to, was] = [boundsOf(before[move.before].outline), boundsOf(after[move.after].outline)];
    return { dx: to.x - was.x, dy: to.y - was.y };
  };
  const edits = moves.map((move): Edit => {
    const piece = pieceOf(after[move.after])!;
    const corner = boxOf(piece.shape);
    const { dx, dy } = shift(move);
    const value = { x: millimetres(corner.x + dx), y: millimetres(corner.y + dy) };
    return { kind: 'place', blockId: block.id as BlockId, pieceId: piece.id, at: { value, by: 'teacher', pinned: true } };
  });
  const moved = after.map((thing) => {
    const move = moves.find((m) => pieceOf(after[m.after]) === pieceOf(thing));
    if (!move) return thing;
    const { dx, dy } = shift(move);
    return { ...thing, outline: thing.outline.map((p) => ({ x: p.x + dx, y: p.y + dy })) };
  });
  return { edits, savedM: tapeInM - floorChange(before, moved, door).tapeInM };
}
