import type { Piece } from './piece.ts';
import { boxOf } from './shape.ts';

/** Places with the figures of their boxes beside their shapes, as tests compare them. */
export const boxed = (pieces: readonly Piece[]) => pieces.map((p) => ({ ...p, ...boxOf(p.shape), turned: 0 as const }));
