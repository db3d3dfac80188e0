import type { Piece } from '../../core/model/piece.ts';
import { boxOf } from '../../core/model/shape.ts';
import { ShapeDrawing } from './ShapeDrawing.tsx';
import type { Scale } from './scale.ts';
import { NumberedTape } from './Tape.tsx';

/** A place without any hand on it: its tape with its number, or its floor. `size`: of the number, px; without one its outline alone. */
export function PieceTape({ piece, scale, seed, size }: { piece: Piece; scale: Scale; seed: number; size: number | null }) {
  const { shape, taped, number } = piece;
  if (size !== null && taped && shape.shape === 'rect') return <NumberedTape rect={boxOf(shape)} {...{ number, scale, seed, size }} />;
  return <ShapeDrawing {...{ shape, taped, scale, seed }} small={size === null} />;
}
