import { type FittedLesson, laidIn } from '../../../core/fit/fitted.ts';
import { boundsOf, rectPolygon } from '../../../core/geometry/point.ts';
import { doorsKeptClear, doorZone } from '../../../core/model/door.ts';
import type { Finding } from '../../../core/model/finding.ts';
import { standing, standsOn } from '../../../core/model/fixedThing.ts';
import { footprint } from '../../../core/model/laidPiece.ts';
import type { Room } from '../../../core/model/room.ts';
import { boxOf } from '../../../core/model/shape.ts';
import type { FloorRing } from '../../floor/Floor.tsx';

/** Where a finding is on the floor: between the piece and what it is too near to, else on the piece; nothing where it is not about a place. */
function placeOf(finding: Finding, fitted: FittedLesson, room: Room): { x: number; y: number } | null {
  const block = fitted.blocks.find((b) => b.id === finding.at.block);
  const boxes = [
    ...(block?.game?.pieces ?? []).map((p) => ({ id: p.id, ...boxOf(p.shape) })),
    ...(block ? laidIn(block) : []).map((p) => ({ id: p.id, ...boundsOf(footprint(p)) })),
  ];
  const piece = boxes.find((p) => p.id === finding.at.piece);
  if (!piece) return null;
  const other = boxes.find((p) => p.id === finding.at.other);
  const things = [
    ...doorsKeptClear(room).map((d) => ({ name: d.name, corners: doorZone(room, d) })),
    ...standing(room).map((f) => ({
      name: f.name,
      corners: [rectPolygon(standsOn(f))[0], rectPolygon(standsOn(f))[2]],
    })),
  ];
  const near = things.find((t) => t.name !== '' && t.name === finding.data.name);
  const target = other
    ? { x: other.x + other.width / 2, y: other.y + other.depth / 2 }
    : near
      ? {
          x: (near.corners[0].x + near.corners[near.corners.length - 1].x) / 2,
          y: (near.corners[0].y + near.corners[near.corners.length - 1].y) / 2,
        }
      : null;
  if (!target) return { x: piece.x + piece.width - 0.3, y: piece.y + piece.depth - 0.3 };
  return {
    x: Math.min(piece.x + piece.width, Math.max(piece.x, target.x)),
    y: Math.min(piece.y + piece.depth, Math.max(piece.y, target.y)),
  };
}

/** Chalk rings for the findings of one block, numbered as the list numbers them. */
export function ringsFor(findings: readonly Finding[], fitted: FittedLesson, room: Room, blockId: string | null): FloorRing[] {
  return findings.flatMap((finding, i) => {
    if (finding.weight === 'note' || finding.at.block !== blockId) return [];
    const at = placeOf(finding, fitted, room);
    return at ? [{ number: i + 1, weight: finding.weight, ...at }] : [];
  });
}
