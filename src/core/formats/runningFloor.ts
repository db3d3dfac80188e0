import { rectPolygon } from '../geometry/point.ts';
import { memoize } from '../memoize.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import { outlineOf } from '../model/shape.ts';
import { type Bodies, bodiesOf, PLAY_SHARE, USUAL_SPRINT } from '../simulate/bodies.ts';
import { type Field, fieldOf } from '../simulate/runFloor.ts';
import type { FloorValue } from './sharedSetup.ts';

const fieldOnce = memoize((outline: FloorValue['outline']) => fieldOf({ outline }));

/** A place of a block as the floor of its play; what of it stands there is named without the place's own id. */
export function floorAt(piece: Piece | undefined, things: readonly LaidPiece[], sprint: number): { floor?: FloorValue } {
  if (!piece) return {};
  const mark = `${piece.id}:`;
  const spots = things.filter((t) => t.id.startsWith(mark)).map(({ id, x, y }) => [id.slice(mark.length), { x, y }] as const);
  return { floor: { outline: [...outlineOf(piece.shape)], ...(spots.length ? { spots: Object.fromEntries(spots) } : {}), sprint } };
}

/** The floor to run on, and so many students on it, all as fast as their band. */
export function runnersOn({ outline, sprint }: FloorValue, count: number): { field: Field; bodies: Bodies } {
  return { field: fieldOnce(outline), bodies: bodiesOf(Array.from({ length: count }, () => sprint * PLAY_SHARE)) };
}

/** A floor for a play that has none: 25 m² for each, as wide as deep. */
export function bareFloor(players: number): FloorValue {
  const side = Math.sqrt(25 * Math.max(4, players));
  return { outline: rectPolygon({ x: 0, y: 0, width: side, depth: side }), sprint: USUAL_SPRINT };
}
