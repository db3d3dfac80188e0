import type { PlannedBlock } from '../formats/format.ts';
import { kindOfLaid } from '../gear/laidNeeds.ts';
import { distance, type Point } from '../geometry/point.ts';
import type { Gear } from '../model/gear.ts';
import { endsOf, footprint, LAID_FACTS, type LaidPiece, piecesOf } from '../model/laidPiece.ts';
import { outlineOf } from '../model/shape.ts';

/** Corners nearer than this share a cone, metres. */
const SAME_M = 0.4;

const isTaped = (thing: LaidPiece) => LAID_FACTS[thing.laid].tape !== 'none';

/** The points that show where a place's things are: corners of outlines; where there are none, the ends of its strips. A strip inside an outline has no cone: nobody runs into one in the middle of a court. */
function shown(things: readonly LaidPiece[]): Point[] {
  const outlines = things.filter((t) => LAID_FACTS[t.laid].tape === 'outline');
  return outlines.length ? outlines.flatMap(footprint) : things.filter(isTaped).flatMap(endsOf);
}

/**
 * The same game on the same floor with a cone at each corner where there would be tape: quick to put down, quick to carry to the
 * next game. The cones are gear that it needs.
 */
export function conesForTape<P extends Pick<PlannedBlock, 'pieces' | 'things' | 'needs'>>(plan: P, cupboard: readonly Gear[]): P {
  const { gearKind } = kindOfLaid('cone', cupboard)!;
  const cones = plan.pieces.flatMap((piece) => {
    const inside = plan.things.filter((t) => t.of === piece.id && !t.bare);
    const corners = [...(piece.taped ? outlineOf(piece.shape) : []), ...shown(inside)];
    const apart = corners.filter((c, i) => corners.slice(0, i).every((o) => distance(c, o) > SAME_M));
    return apart.map((at, i) => piecesOf(piece.id)('cone', `corner-${i + 1}`, at));
  });
  const needs = plan.pieces.flatMap((piece) => {
    const count = cones.filter((c) => c.of === piece.id).length;
    return count ? [{ pieceId: piece.id, title: piece.title, gearKind, count, use: 'stays' as const, where: 'at its corners' }] : [];
  });
  return {
    ...plan,
    pieces: plan.pieces.map((p) => (p.taped ? { ...p, taped: false } : p)),
    things: [...plan.things.map((t) => (isTaped(t) ? { ...t, bare: true } : t)), ...cones],
    needs: [...plan.needs, ...needs],
  };
}
