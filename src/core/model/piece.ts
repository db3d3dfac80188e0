import { z } from 'zod';
import { movedBy, Shape } from './shape.ts';
import { metres } from './text.ts';

/** A place where people are during a game. What lies inside it (lines, targets, a waiting line) are laid pieces with its id as `of`. */
export const Piece = z.object({
  id: z.string().min(1).max(64),
  number: z.number().int().min(1),
  title: z.string(),
  shape: Shape,
  /** Its outline is taped; otherwise only what lies inside it marks it. */
  taped: z.boolean(),
  /** Upper left corner of its number and title, metres; in its own upper left corner if absent. */
  label: z.object({ x: metres(-100, 200), y: metres(-100, 200) }).optional(),
  /** Pinned by the teacher: a re-fit leaves it where it is. */
  pinned: z.boolean(),
});
export type Piece = z.infer<typeof Piece>;

/** A copy of a place, moved with its label. */
export const pieceMoved = (piece: Piece, dx: number, dy: number): Piece => ({
  ...piece,
  shape: movedBy(piece.shape, dx, dy),
  ...(piece.label && { label: { x: piece.label.x + dx, y: piece.label.y + dy } }),
});
