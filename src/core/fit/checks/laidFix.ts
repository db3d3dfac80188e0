import { insidePolygon, polygonsMeet } from '../../geometry/point.ts';
import type { Edit } from '../../model/edit.ts';
import type { FixCode, Idea } from '../../model/findingCodes.ts';
import { fixedZone, standing } from '../../model/fixedThing.ts';
import type { BlockId } from '../../model/ids.ts';
import { footprint, type LaidPiece, laidName } from '../../model/laidPiece.ts';
import { type BlockInput, laidIn, type StandingBlock } from '../fitted.ts';

/** Edits that put pieces of a block differently: the teacher's as they are now, those of fit in their new place. */
export function putEdits(block: Pick<StandingBlock, 'id'>, put: readonly LaidPiece[]): Edit[] {
  const blockId = block.id as BlockId;
  const laid = put.filter((p) => p.by !== 'fit');
  const placed = put.filter((p) => p.by === 'fit');
  return [
    ...(laid.length ? [{ kind: 'lay' as const, blockId, put: laid, take: [] }] : []),
    ...placed.map(({ id, x, y }): Edit => ({ kind: 'place', blockId, pieceId: id, at: { value: { x, y }, by: 'teacher', pinned: true } })),
  ];
}

/** Pieces of a block put differently, as a fix. */
export function putIdea(block: StandingBlock, put: LaidPiece[], code: FixCode, data: Record<string, unknown>): Idea {
  return { code, data, edits: putEdits(block, put) };
}

/** True where the piece lies inside the room and on nothing that stands there. */
export function fitsRoom(input: BlockInput, piece: LaidPiece): boolean {
  const corners = footprint(piece);
  return (
    corners.every((c) => insidePolygon(input.room.outline, c)) &&
    standing(input.room).every((thing) => !polygonsMeet(corners, fixedZone(thing)))
  );
}

const STEP_M = 0.25;
const FAR_M = 9;
const DIRECTIONS = 16;
const toCentimetre = (v: number) => Math.round(v * 100) / 100;

/** The piece moved by as little as makes everything right, as a fix; nothing where no place within nine metres does. Stuck down, it stays. */
export function moveIdea(input: BlockInput, block: StandingBlock, piece: LaidPiece, right: (moved: LaidPiece) => boolean): Idea[] {
  if (piece.locked) return [];
  for (let far = STEP_M; far <= FAR_M; far += STEP_M)
    for (let k = 0; k < DIRECTIONS; k++) {
      const angle = (k * 2 * Math.PI) / DIRECTIONS;
      const moved = { ...piece, x: toCentimetre(piece.x + far * Math.cos(angle)), y: toCentimetre(piece.y + far * Math.sin(angle)) };
      if (!fitsRoom(input, moved) || !right(moved)) continue;
      const [dx, dy] = [moved.x - piece.x, moved.y - piece.y];
      return [putIdea(block, [moved], 'move-piece', { title: laidName(piece), dx, dy, metres: Math.hypot(dx, dy) })];
    }
  return [];
}

/** The piece turned as told, as a fix, where that is right. */
export function turnIdea(
  input: BlockInput,
  block: StandingBlock,
  piece: LaidPiece,
  degs: readonly number[],
  right: (t: LaidPiece) => boolean,
): Idea[] {
  // A piece that fit put there can be moved by an edit, but not turned.
  if (piece.locked || piece.by === 'fit') return [];
  const turned = degs
    .map((deg) => ({ ...piece, turnedDeg: (((piece.turnedDeg + deg) % 360) + 360) % 360 }))
    .find((t) => fitsRoom(input, t) && right(t));
  return turned ? [putIdea(block, [turned], 'turn-piece', { title: laidName(piece), degrees: turned.turnedDeg })] : [];
}

/** The block's pieces of some kinds. */
export const laidOf = (block: StandingBlock, ...kinds: LaidPiece['laid'][]): LaidPiece[] =>
  laidIn(block).filter((p) => kinds.includes(p.laid));
