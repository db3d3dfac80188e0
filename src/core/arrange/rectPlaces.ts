import type { Placement } from '../geometry/packRows.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../model/piece.ts';
import { rectShape } from '../model/shape.ts';

/** A place of equal size with others, while a layout still moves it about. */
export interface RectPlace extends Placement {
  id: string;
  number: number;
  title: string;
  pinned: boolean;
}
export type Unplaced = Pick<RectPlace, 'id' | 'number' | 'title'>;

/** The places numbered in order: each where the teacher put it, else at its spot; those beyond the spots are unplaced. */
export function rectPlaces(
  list: readonly { id: string; title: string }[],
  size: { width: number; depth: number },
  spots: readonly Point[],
  placed: Readonly<Record<string, Point>>,
): { places: RectPlace[]; unplaced: Unplaced[] } {
  const places: RectPlace[] = [];
  const unplaced: Unplaced[] = [];
  list.forEach(({ id, title }, i) => {
    const at = placed[id] ?? spots[i];
    const name = { id, number: i + 1, title };
    if (!at) unplaced.push(name);
    else places.push({ ...name, x: at.x, y: at.y, width: size.width, depth: size.depth, turned: 0, pinned: placed[id] !== undefined });
  });
  return { places, unplaced };
}

/** The place as a piece of the floor. `taped`: its own outline is. */
export const rectPiece = ({ id, number, title, pinned, ...box }: RectPlace, taped: boolean): Piece => ({
  id,
  number,
  title,
  shape: rectShape(box),
  taped,
  pinned,
});
