import { type LineUp, lineUp, spaceEvenly } from '../../../core/arrange/lineUp.ts';
import type { FittedBlock } from '../../../core/fit/fitted.ts';
import { millimetres, type Point } from '../../../core/geometry/point.ts';
import { type Edit, gesture } from '../../../core/model/edit.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import { footprint, type LaidPiece } from '../../../core/model/laidPiece.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { type Piece, pieceMoved } from '../../../core/model/piece.ts';
import { boxOf, outlineOf } from '../../../core/model/shape.ts';

export interface FloorEdits {
  places: Piece[];
  /** What fit put inside places and around them. */
  things: LaidPiece[];
  /** True if the teacher put the place or the thing where it is. */
  isPlaced(id: string): boolean;
  laid: LaidPiece[];
  /** A place to a new lower left corner, or a thing of a place to a new middle; null unpins it. */
  place(id: string, to: Point | null): void;
  /** All of them by so much: one gesture, one edit. */
  move(ids: readonly string[], dx: number, dy: number): void;
  put(pieces: LaidPiece[], name?: string): void;
  takeUp(ids: readonly string[]): void;
  turn(id: string, byDeg: number): void;
  align(ids: readonly string[], to: LineUp): void;
  space(ids: readonly string[], along: 'x' | 'y'): void;
}

const NOTHING: LaidPiece[] = [];

/**
 * What is done on a block's floor, as edits: places of the game and pieces laid beside them alike. Where they lie is read from the
 * lesson, not from its fit: a fit comes later, and a quick second change must not put back what the first one changed.
 */
export function floorEdits(lesson: Lesson, block: FittedBlock | undefined, perform: (edit: Edit, name?: string) => void): FloorEdits {
  const stored = lesson.blocks.find((b) => b.id === block?.id);
  const places = (block?.game?.pieces ?? []).map((p) => {
    const put = stored?.game?.placed[p.id]?.value;
    const box = boxOf(p.shape);
    return put && (put.x !== box.x || put.y !== box.y) ? pieceMoved(p, put.x - box.x, put.y - box.y) : p;
  });
  const things = (block?.game?.things ?? []).map((t) => ({ ...t, ...stored?.game?.placed[t.id]?.value }));
  const laid = stored?.laid ?? NOTHING;
  const blockId = block?.id as BlockId;
  const placeEdit = (pieceId: string, to: Point | null): Edit => ({
    kind: 'place',
    blockId,
    pieceId,
    at: to && { value: { x: millimetres(to.x), y: millimetres(to.y) }, by: 'teacher', pinned: true },
  });
  const layEdit = (put: LaidPiece[], take: string[] = []): Edit => ({
    kind: 'lay',
    blockId,
    put: put.map((p) => ({ ...p, x: millimetres(p.x), y: millimetres(p.y) })),
    take,
  });
  const send = (edits: Edit[], name?: string) => {
    if (edits.length) perform(gesture(edits), name);
  };
  /** Every one of them by its own way, in one edit. */
  const shift = (ids: readonly string[], by: (index: number) => Point, name?: string) => {
    const moved = ids.map((id, i) => ({ id, ...by(i) })).filter((m) => Math.abs(m.x) > 1e-4 || Math.abs(m.y) > 1e-4);
    const put = moved.flatMap((m) => {
      const piece = laid.find((p) => p.id === m.id);
      return piece && !piece.locked ? [{ ...piece, x: piece.x + m.x, y: piece.y + m.y }] : [];
    });
    const edits = moved.flatMap((m) => {
      const piece = places.find((p) => p.id === m.id);
      const at = piece ? boxOf(piece.shape) : things.find((t) => t.id === m.id);
      return at ? [placeEdit(m.id, { x: at.x + m.x, y: at.y + m.y })] : [];
    });
    send([...edits, ...(put.length ? [layEdit(put)] : [])], name);
  };
  const outlines = (ids: readonly string[]) =>
    ids.flatMap((id) => {
      const piece = places.find((p) => p.id === id);
      if (piece) return [outlineOf(piece.shape)];
      return [...things, ...laid].filter((p) => p.id === id).map(footprint);
    });
  return {
    places,
    things,
    isPlaced: (id) => stored?.game?.placed[id] !== undefined,
    laid,
    place: (id, to) => block && send([placeEdit(id, to)]),
    move: (ids, dx, dy) => shift(ids, () => ({ x: dx, y: dy }), ids.length > 1 ? `move ${ids.length} pieces` : undefined),
    put: (pieces, name) => block && send([layEdit(pieces)], name),
    takeUp: (ids) => {
      const take = ids.filter((id) => laid.some((p) => p.id === id));
      if (take.length) send([layEdit([], take)]);
    },
    turn: (id, byDeg) => {
      const piece = laid.find((p) => p.id === id);
      if (piece && !piece.locked) send([layEdit([{ ...piece, turnedDeg: (piece.turnedDeg + byDeg) % 360 }])], 'turn a piece');
    },
    align: (ids, to) => {
      const moves = lineUp(outlines(ids), to);
      shift(ids, (i) => moves[i], `bring ${ids.length} pieces in line`);
    },
    space: (ids, along) => {
      const moves = spaceEvenly(outlines(ids), along);
      shift(ids, (i) => moves[i], `space ${ids.length} pieces evenly`);
    },
  };
}
