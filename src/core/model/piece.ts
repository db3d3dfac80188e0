import { z } from 'zod';
import { metres } from './text.ts';

/** What can stand on a floor. Lower left corner, width along x, depth along y, as placed; metres. */
export const Piece = z.object({
  id: z.string().min(1).max(64),
  piece: z.enum(['station', 'court'], { message: 'choice' }),
  /** A court: how many ranked cells it is divided into, and the depth of its waiting line (m), which lies along its lower edge. */
  cells: z.number().int().min(2).max(6).optional(),
  lineM: metres(0, 10).optional(),
  number: z.number().int().min(1),
  title: z.string(),
  x: metres(-100, 200),
  y: metres(-100, 200),
  width: metres(0.1, 100),
  depth: metres(0.1, 100),
  turned: z.union([z.literal(0), z.literal(90)]),
  /** Stuck down by the teacher: a re-fit leaves it where it is. */
  pinned: z.boolean(),
});
export type Piece = z.infer<typeof Piece>;
